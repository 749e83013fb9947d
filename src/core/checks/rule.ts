/** What a check knows: how it is judged; and apart from it, because screens need only the first, what may mend it. */
import { type Accounts } from './account';
import { type Candidate, type Judgement } from './check';

/** A candidate tried out: the accounts after it, their heat a guess from the present forecast, and the check as it then stands. */
export interface Tried {
  candidate: Candidate;
  guessed: Accounts;
  then: Judgement;
}

export interface CheckRule {
  /** The check in a word: `Moisture`. */
  label: string;
  judge(accounts: Accounts): Judgement;
}

export interface Mending {
  /** What may mend it; nothing where nothing is to be mended. */
  candidates(accounts: Accounts, now: Judgement): Candidate[];
  /** Those worth offering, best first. */
  choose(tried: readonly Tried[], now: Judgement): Tried[];
  /** A change that stays first even where another check then asks for something. */
  staysFirst?(candidate: Candidate): boolean;
  /** Whether it helps after all, once heat has been worked out for it; without this, everything does. */
  helps?(now: Judgement, then: Judgement): boolean;
  /** What the deciding number does. */
  effect(now: Judgement, then: Judgement, accounts: Accounts): string;
}
