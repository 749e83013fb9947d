/** A day never hides a red check: it takes a way of cooling that keeps the rules, or says at its task what is wrong. */
import { account, type Accounts } from '../checks/account';
import { type CheckId, type Judgements } from '../checks/check';
import { easiestFirst } from '../checks/cooling-fixes';
import { type HeatForecast, workOutHeat } from '../forecast/heat';
import { judge } from '../checks/judge';
import { type Kitchen } from '../stored/kitchen-schema';
import { apply, type Operation } from '../stored/operations';
import { type Batch } from '../stored/schema';
import { type TaskKind } from '../vocabulary/task-kinds';

/** A way to cool it that keeps the rules, where the one planned does not. */
export interface Mended {
  label: string;
  change: readonly Operation[];
  batch: Batch;
  heat: HeatForecast;
}

/** So many ways are tried on the whole batch. */
const TRIED = 4;
/** Halving a batch is another plan, not another vessel. */
const NOT_BY_ITSELF = ['half'];

/** @returns null where its cooling keeps the rules, is under way already, or nothing there mends it */
export function mendedCooling(batch: Batch, kitchen: Kitchen, heat: HeatForecast): Mended | null {
  if (batch.cool.run !== null || batch.cool.earlierRuns.length > 0) return null;
  if (heat.cooling === null || judge(account(batch, kitchen, heat)).cooling.state !== 'fix') return null;
  const ways = (workOutHeat(batch, kitchen).withAlternatives(0).cooling?.alternatives ?? [])
    .filter((w) => w.minutes !== null && !w.isShort && !NOT_BY_ITSELF.includes(w.id) && w.stages.every(({ ok }) => ok))
    .sort(easiestFirst)
    .slice(0, TRIED);
  for (const { label, change } of ways) {
    const changed = change.reduce(apply, batch);
    const then = workOutHeat(changed, kitchen).heat;
    if (judge(account(changed, kitchen, then)).cooling.state !== 'fix')
      return { label, change, batch: changed, heat: then };
  }
  return null;
}

/** At which work a check is said. */
const SAID_AT: Readonly<Record<CheckId, readonly TaskKind[]>> = {
  moisture: ['mix', 'fry'],
  salt: ['mix', 'fry'],
  cooling: ['cool', 'fry'],
  fit: ['wrap'],
  core: ['load', 'load-in'],
};

/** What has stood out too long is said at all that is still to be done with it; so is what never cools, having no such work. */
const FROM_THE_BOARD_ON: readonly TaskKind[] = ['wrap', 'load', 'load-in'];

export type Warnings = Partial<Record<TaskKind, string>>;

/** What is red, by the work at which it is said; the gravest first where two meet. */
export function warningsOf(accounts: Accounts): Warnings {
  const judged: Judgements = judge(accounts);
  const warnings: Warnings = {};
  for (const id of ['cooling', 'core', 'fit', 'moisture', 'salt'] as const) {
    const { state, headline, sentence, isEmpty, pending, isPast = false } = judged[id];
    const isSaidOn = id === 'cooling' && (isPast || accounts.coolTarget === null);
    if (state !== 'fix' || isEmpty || pending) continue;
    const words = `${headline}. ${sentence.replaceAll('*', '')}`;
    for (const kind of isSaidOn ? [...SAID_AT[id], ...FROM_THE_BOARD_ON] : SAID_AT[id])
      warnings[kind] = warnings[kind] === undefined ? words : `${warnings[kind]} ${words}`;
  }
  return warnings;
}
