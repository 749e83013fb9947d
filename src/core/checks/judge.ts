/** Second step of three: the accounts as five checks, each a state with its sentence. */
import { type Accounts } from './account';
import { CHECK_IDS, type CheckId, type Judgement, type Judgements } from './check';
import { cooling } from './cooling';
import { core } from './core';
import { fit } from './fit';
import { moisture } from './moisture';
import { type CheckRule } from './rule';
import { salt } from './salt';
import { uncountedSentence } from '../filling/uncounted';

/** The checks, in the order in which they are shown. */
export const CHECKS: Readonly<Record<CheckId, CheckRule>> = { moisture, salt, cooling, fit, core };

/** Judges the accounts. */
export const judge = (accounts: Accounts): Judgements =>
  Object.fromEntries(
    CHECK_IDS.map((id): [CheckId, Judgement] => [id, withoutIgnorance(CHECKS[id].judge(accounts), accounts)]),
  ) as Judgements;

/** What a line that counts nothing bears on. A reading is a reading whatever was in it. */
const bearsOn = ({ id, unit }: Judgement): boolean => id !== 'fit' && !(id === 'core' && unit === '°C');

/** Nothing is good by not knowing: at most Watch, and the line is named. */
function withoutIgnorance(judgement: Judgement, { uncounted }: Accounts): Judgement {
  if (uncounted.length === 0 || judgement.isEmpty || judgement.pending || !bearsOn(judgement)) return judgement;
  const sentence = `${judgement.sentence} ${uncountedSentence(uncounted)}`;
  return judgement.state === 'good'
    ? {
        ...judgement,
        state: 'watch',
        headline: `${CHECKS[judgement.id].label}: as far as it is known`,
        sentence,
      }
    : { ...judgement, sentence };
}
