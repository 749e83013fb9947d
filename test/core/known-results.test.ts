/** What was found, and what it came from: the cause that one who has made hundreds would name comes first. */
import { forecastHeat } from '@/core/forecast/heat';
import { findCauses } from '@/core/notebook/find-causes';
import { numbersOf } from '@/core/notebook/numbers';
import { batchInWords } from '@/core/recipe/to-batch';
import { DEFAULT_KITCHEN } from '@/core/stored/kitchen';
import { apply } from '@/core/stored/operations';
import { type Result, RESULTS } from '../known-results/hands';

const AT = '2026-12-05T15:00:00Z';
function firstCauses({ words, changes = [], found, where = null }: Result): string[] {
  const { batch } = batchInWords({ title: 'Known', ...words }, { id: 'known', at: AT });
  const cooked = changes.reduce(apply, batch);
  const noted = apply(cooked, { do: 'noteOutcome', outcome: { what: found, much: 'clearly', where }, at: AT });
  const [explained] = findCauses(numbersOf(noted, DEFAULT_KITCHEN, forecastHeat(noted, DEFAULT_KITCHEN, 'first')));
  return explained.causes.map(({ id }) => id);
}

it.each(RESULTS.map((result) => [result.name, result.found, result] as const))('%s: %s', (_name, _found, result) => {
  const [first] = firstCauses(result);
  expect(result.because).toContain(first);
});
