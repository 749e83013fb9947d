/** Second step of three: the accounts as five checks, each a state with its sentence. */
import { type Accounts } from './account';
import { CHECK_IDS, type CheckId, type Judgement, type Judgements } from './check';
import { cooling } from './cooling';
import { core } from './core';
import { fit } from './fit';
import { moisture } from './moisture';
import { type CheckRule } from './rule';
import { salt } from './salt';

/** The checks, in the order in which they are shown. */
export const CHECKS: Readonly<Record<CheckId, CheckRule>> = { moisture, salt, cooling, fit, core };

/** Judges the accounts. */
export const judge = (accounts: Accounts): Judgements =>
  Object.fromEntries(CHECK_IDS.map((id): [CheckId, Judgement] => [id, CHECKS[id].judge(accounts)])) as Judgements;
