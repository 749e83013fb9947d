/** Times of the core, as medians in ms and as ratios to a fixed piece of arithmetic on this machine. */
import { assess } from '@/core/batch/assess';
import { forecastCooling } from '@/core/batch/cooling';
import { forecastHeat } from '@/core/batch/heat';
import { DEFAULT_KITCHEN } from '@/core/batch/kitchen';
import { outline } from '@/core/batch/outline';
import { coolingCurve } from '@/core/heat/cooling';
import { conduct } from '@/core/heat/conduct';
import { CATALOGUE } from '@/core/food/catalogue';
import { searchIngredients } from '@/core/food/search';
import { lanternSupper } from '@/data/demo';

function median(run: () => void, times = 41): number {
  for (let i = 0; i < 10; i++) run();
  const taken = Array.from({ length: times }, () => {
    const start = performance.now();
    run();
    return performance.now() - start;
  });
  return taken.sort((a, b) => a - b)[Math.floor(times / 2)];
}

/** A million multiplications and additions: what this machine does in one unit of time. */
const unit = median(() => {
  let x = 1;
  for (let i = 0; i < 1e6; i++) x = x * 1.0000001 + 1e-9;
  if (x < 0) throw new Error('never');
});

const largest = lanternSupper('2026-12-05T15:00:00Z').reduce((a, b) => (b.lines.length > a.lines.length ? b : a));
const heat = forecastHeat(largest, DEFAULT_KITCHEN);
/** Sixty lines: every ingredient of a long day. */
const sixty = {
  ...largest,
  lines: Array.from({ length: 60 }, (_, i) => ({
    ...largest.lines[i % largest.lines.length],
    id: `l${i}`,
    ingredientId: CATALOGUE[i * 6].id,
    unit: 'g' as const,
    preparation: 'raw',
  })),
};
const pot = {
  massG: 1800,
  composition: { water: 0.72, protein: 0.12, fat: 0.08, carbohydrate: 0.06, fibre: 0.01, ash: 0.01 },
  startC: 90,
  depthMm: 52,
  base: 'board' as const,
  place: 'porch' as const,
  covered: true,
  stirred: false,
};
const duck = lanternSupper('2026-12-05T15:00:00Z')[2];
const coolingForecast = (depth: 'first' | 'all') =>
  forecastCooling(duck, DEFAULT_KITCHEN, outline(duck, DEFAULT_KITCHEN), depth);
const layers = [{ thicknessMm: 28, k: 0.5, density: 1040, heatCapacity: 3500 }];
const figures: [what: string, ms: number, most: number | null][] = [
  ['assess, without the heat forecast', median(() => assess(largest, DEFAULT_KITCHEN, heat)), 5],
  [
    'one conduction forecast',
    median(() =>
      conduct({ dimension: 3, layers, startC: 5, surface: { mediumC: 100, h: 300 }, until: { centreC: 74 } }),
    ),
    10,
  ],
  [
    'both heat forecasts of a batch, six alternatives included',
    median(() => forecastHeat(largest, DEFAULT_KITCHEN), 11),
    null,
  ],
  ['a cooling of 8 hours: a covered pot on a board', median(() => coolingCurve(pot, 20)), 10],
  [
    'all alternatives of a cooling',
    median(() => coolingForecast('all'), 11) - median(() => coolingForecast('first'), 11),
    150,
  ],
  ['assess of a batch of 60 lines', median(() => assess(sixty, DEFAULT_KITCHEN, null)), 5],
  ['one search of the larder', median(() => searchIngredients('celleriac')), null],
];
for (const [what, ms, most] of figures) {
  const budget = most === null ? '' : ms <= most ? `, within ${most} ms` : `, OVER ${most} ms`;
  console.log(`${ms.toFixed(2).padStart(8)} ms  ${(ms / unit).toFixed(2).padStart(7)} units  ${what}${budget}`);
}
