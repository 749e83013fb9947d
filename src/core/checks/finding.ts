/** A check's rules as a list: the first that has something to say is the verdict. */
import { type Judgement } from './check';

/** What a rule says; what it leaves out stands as the check has it. */
export type Verdict = Pick<Judgement, 'state' | 'headline' | 'sentence'> & Partial<Omit<Judgement, 'id'>>;

/** One rule: what it says of what is seen, or null where it does not apply. */
export type Finding<Seen> = (seen: Seen) => Verdict | null;

/** What the first rule says that applies; null where none does. */
export function firstOf<Seen>(findings: readonly Finding<Seen>[], seen: Seen): Verdict | null {
  for (const finding of findings) {
    const verdict = finding(seen);
    if (verdict !== null) return verdict;
  }
  return null;
}
