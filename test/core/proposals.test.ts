/** What is proposed, and in which order; the judgement does not wait for it. */
import { lasting } from '@/core/stored/cooking';
import { assess } from '@/core/checks/assess';
import { CHECK_IDS } from '@/core/checks/check';
import { forecastHeat } from '@/core/forecast/heat';
import { judgement } from '@/core/checks/judgement';
import { DEFAULT_KITCHEN } from '@/core/stored/kitchen';
import { apply, type Operation } from '@/core/stored/operations';
import { type Batch } from '@/core/stored/schema';
import { lanternSupper } from '@/data/demo';

const [turkey, , duck] = lanternSupper('2026-12-05T15:00:00Z');
const changed = (batch: Batch, ...changes: Operation[]): Batch => changes.reduce(apply, batch);
const first = (batch: Batch) => forecastHeat(batch, DEFAULT_KITCHEN, 'first');

it('what makes something else worse comes last, and says so', () => {
  // A larger skin than the time was planned for: the portion mends the fit, the skin makes the core late.
  const full = changed(
    turkey,
    { do: 'setWrap', to: { portionG: 44 } },
    { do: 'setCook', to: { steps: lasting(turkey.cook.steps, 13) } },
  );
  const { fixes } = assess(full, DEFAULT_KITCHEN, first(full)).checks.fit;
  const buts = fixes.map((fix) => fix.but);
  expect(buts.indexOf(null)).toBeLessThanOrEqual(0);
  expect([...buts].sort((a, b) => Number(a !== null) - Number(b !== null))).toEqual(buts);
});

it('typing waits for the judgement only: it is the same with and without proposals', () => {
  const heat = forecastHeat(duck, DEFAULT_KITCHEN);
  const with_ = assess(duck, DEFAULT_KITCHEN, heat);
  const without = judgement(duck, DEFAULT_KITCHEN, heat);
  expect(CHECK_IDS.flatMap((id) => without.checks[id].fixes)).toEqual([]);
  const states = (a: typeof with_) => CHECK_IDS.map((id) => [a.checks[id].state, a.checks[id].sentence]);
  expect(states(without)).toEqual(states(with_));
});
