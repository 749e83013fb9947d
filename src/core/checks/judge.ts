/** Second step of three: the accounts as five checks, each a state with its sentence. */
import { countsNothing, uncountedSentence } from '../filling/uncounted';
import { type Accounts } from './account';
import { endsOf, isNextToNothing } from './bounds';
import { CHECK_IDS, type CheckId, type Judgement, type Judgements, ORDER } from './check';
import { cooling } from './cooling';
import { core } from './core';
import { fit } from './fit';
import { moisture } from './moisture';
import { type CheckRule } from './rule';
import { salt } from './salt';

/** The checks, in the order in which they are shown. */
export const CHECKS: Readonly<Record<CheckId, CheckRule>> = { moisture, salt, cooling, fit, core };

/** Judges the accounts. */
export function judge(accounts: Accounts): Judgements {
  const ends = endsOf(accounts);
  return Object.fromEntries(
    CHECK_IDS.map((id): [CheckId, Judgement] => [id, withoutIgnorance(CHECKS[id].judge(accounts), accounts, ends)]),
  ) as Judgements;
}

/** What a line that counts nothing bears on. A reading is a reading whatever was in it. */
const bearsOn = ({ id, unit }: Judgement): boolean => id !== 'fit' && !(id === 'core' && unit === '°C');

/** Nothing is good, and nothing is wrong, by not knowing: it is judged at the ends of what is open. */
function withoutIgnorance(judgement: Judgement, accounts: Accounts, ends: readonly Accounts[]): Judgement {
  const { uncounted } = accounts;
  if (uncounted.length === 0 || judgement.pending || !bearsOn(judgement)) return judgement;
  if (judgement.isEmpty && ends.length === 0) return judgement;
  const sentence = `${judgement.sentence} ${uncountedSentence(uncounted)}`;
  if (ends.length === 0) return unlessGood({ ...judgement, sentence }, uncounted[0].name);
  if (judgement.id === 'moisture' || judgement.id === 'salt') return between(judgement, accounts, ends);
  // How hot and how soon is judged by the strictest that it may be; its weight is not known.
  return isNextToNothing(accounts, ends) ? judgement : unlessGood({ ...judgement, sentence }, uncounted[0].name);
}

const unlessGood = (judgement: Judgement, name: string): Judgement =>
  judgement.state === 'good'
    ? {
        ...judgement,
        state: 'watch',
        headline: `${CHECKS[judgement.id].label}: open until “${name}” is known`,
        isOpen: true,
      }
    : judgement;

/** Where it lies on its line: what is still wanted, or pasty, lies on the dry side. */
const along = ({ value, figures }: Judgement): number => {
  const isDry = figures?.decides === 'dry' || figures?.decides === 'paste';
  return (isDry ? -1 : 1) * (value ?? 0);
};

/** Judged at the ends: what they agree on, or what it is open between. */
function between(judgement: Judgement, accounts: Accounts, ends: readonly Accounts[]): Judgement {
  const { label, judge: judgeAlone } = CHECKS[judgement.id];
  const [{ name }, ...others] = accounts.uncounted.filter(countsNothing);
  const more = others.length === 0 ? '' : ` and ${others.length} more`;
  const judged = ends.map(judgeAlone).sort((a, b) => along(a) - along(b));
  const [low, high] = [judged[0], judged[judged.length - 1]];
  const word = ({ headline }: Judgement): string => headline.replace(`${label}: `, '');
  const isOpen = !isNextToNothing(accounts, ends);
  if (judged.every((one) => one.state === low.state && one.headline === low.headline)) {
    const shown = judgement.state === low.state && judgement.headline === low.headline ? judgement : low;
    return {
      ...shown,
      why: judgement.why,
      sentence: `${shown.sentence} That holds whatever “${name}”${more} may be.`,
      isOpen,
    };
  }
  const worst = [...judged].sort((a, b) => ORDER[b.state] - ORDER[a.state])[0];
  return {
    ...judgement,
    figures: undefined,
    isEmpty: false,
    state: 'watch',
    value: worst.value,
    headline: `${label}: open between ${word(low)} and ${word(high)}`,
    sentence: `Between *${low.figure}* and *${high.figure}*${judgement.unit === '%' ? '' : ` ${judgement.unit}`}: say what “${name}”${more} is.`,
    figure: '?',
    isOpen: true,
  };
}
