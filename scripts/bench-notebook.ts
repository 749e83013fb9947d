/** A Notebook of 500 batches: how long it takes to list them and to find one, and how much of the store they take. */
import { DEFAULT_KITCHEN } from '@/core/stored/kitchen';
import { forecastHeat } from '@/core/forecast/heat';
import { findCauses } from '@/core/notebook/find-causes';
import { notedBatches, searchBatches } from '@/core/notebook/search';
import { numbersOf } from '@/core/notebook/numbers';
import { demo } from '@/data/demo';

const COUNT = 500;
/** A browser’s store, letters. */
const STORE = 5_000_000;
const { batches } = demo('2026-12-05T10:00:00.000Z');
const many = Array.from({ length: COUNT }, (_, i) => ({
  ...batches[i % batches.length],
  id: `many-${i}`,
  title: `${batches[i % batches.length].title} ${i}`,
  doneAt: new Date(Date.parse('2026-01-01') + i * 3_600_000).toISOString(),
}));
const say = (ms: number, what: string): void => console.log(`        ${ms.toFixed(1).padStart(7)} ms  ${what}`);
function timed<Result>(run: () => Result): [Result, number] {
  const began = performance.now();
  const result = run();
  return [result, performance.now() - began];
}

const [noted, listed] = timed(() => notedBatches(many));
say(listed, `a Notebook of ${COUNT}, listed`);
const [, first] = timed(() => searchBatches(noted, 'haddock'));
say(first, 'its first search: what is said of each is drawn up');
const [found, next] = timed(() => searchBatches(noted, 'leek haddock'));
say(next, `every search after that (${found.length} found)`);
const letters = many.reduce((sum, batch) => sum + JSON.stringify(batch).length, 0);
console.log(
  `        ${((100 * letters) / STORE).toFixed(0).padStart(7)} %   of a browser’s store, for ${COUNT} batches`,
);
const done = noted[0];
const n = numbersOf(done, DEFAULT_KITCHEN, forecastHeat(done, DEFAULT_KITCHEN, 'first'));
const [, caused] = timed(() => findCauses(n));
say(caused, 'causes of one batch, its forecast apart');
