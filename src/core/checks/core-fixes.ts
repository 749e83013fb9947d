/** What may mend Core: a longer time. */
import { lasting, plannedMinutes } from '../document/cooking';
import { METHODS } from '../document/vocabulary/methods';
import { formatNumber } from '../units/amount';
import { type Accounts } from './account';
import { type Candidate, type Judgement } from './check';
import { type Mending } from './rule';

/** A longer time, where the planned one does not do for the least-done parcel. */
function candidates({ batch, limit, heat }: Accounts, { value, unit }: Judgement): Candidate[] {
  const least = heat?.core?.leastDoneMinutes ?? null;
  if (least === null || unit !== 'min' || value === null || value >= least) return [];
  const minutes = Math.ceil(least + limit.holdMinutes);
  return [
    {
      id: 'longer',
      label: `${METHODS[batch.cook.method].imperative} ${minutes} min instead of ${formatNumber(plannedMinutes(batch.cook))}`,
      change: [{ do: 'setCook', to: { steps: lasting(batch.cook.steps, minutes) } }],
    },
  ];
}

export const coreFixes: Mending = {
  candidates,
  choose: (tried) => [...tried],
  effect: (now, then) => `${formatNumber(now.value ?? 0)} → ${formatNumber(then.value ?? 0)} min`,
};
