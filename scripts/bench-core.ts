/** Times of the core, as medians in ms and as ratios to a fixed piece of arithmetic on this machine. */
import { spawnSync } from 'node:child_process';
import { assess } from '@/core/checks/assess';
import { judgement } from '@/core/checks/judgement';
import { forecastHeat, workOutHeat } from '@/core/forecast/heat';
import { DEFAULT_KITCHEN } from '@/core/stored/kitchen';
import { coolingCurve } from '@/core/cooling/curve';
import { conduct } from '@/core/heat/conduct';
import { cook, planFor } from '@/core/forecast/cooked';
import { outline } from '@/core/forecast/outline';
import { apply } from '@/core/stored/operations';
import { stepsOf } from '@/core/stored/ways-to-cook';
import { drawLedger } from '@/core/filling/ledger';
import { cookingCurve } from '@/core/heat/cooking';
import { catalogue } from '@/core/food/catalogue';
import { searchIngredients } from '@/core/food/search';
import { lanternSupper } from '@/data/demo';

/** Run so long before it is measured, ms: what is measured is the program in use, not the compiler's first guesses at it. */
const WARM_MS = 400;
/** The compiler has done its work when so many rounds in a row are no quicker than the best before by so much. */
const QUICKER = 0.95;
const QUIET_ROUNDS = 3;
const MOST_ROUNDS = 16;

function medianOfRound(run: () => void, times: number): number {
  const taken = Array.from({ length: times }, () => {
    const start = performance.now();
    run();
    return performance.now() - start;
  });
  return taken.sort((a, b) => a - b)[Math.floor(times / 2)];
}

/** The median time of a run, once rounds no longer become quicker, ms. */
function median(run: () => void, times = 41): number {
  for (const start = performance.now(); performance.now() - start < WARM_MS;) run();
  let best = medianOfRound(run, times);
  for (let round = 1, quiet = 0; round < MOST_ROUNDS && quiet < QUIET_ROUNDS; round++) {
    const next = medianOfRound(run, times);
    quiet = next > best * QUICKER ? quiet + 1 : 0;
    best = Math.min(best, next);
  }
  return best;
}

/** A million multiplications and additions: what this machine does in one unit of time. */
const unit = median(() => {
  let x = 1;
  for (let i = 0; i < 1e6; i++) x = x * 1.0000001 + 1e-9;
  if (x < 0) throw new Error('never');
});

const largest = lanternSupper('2026-12-05T15:00:00Z').reduce((a, b) => (b.lines.length > a.lines.length ? b : a));
const heat = forecastHeat(largest, DEFAULT_KITCHEN, 'all');
/** Sixty lines: every ingredient of a long day. */
const sixty = {
  ...largest,
  lines: Array.from({ length: 60 }, (_, i) => ({
    ...largest.lines[i % largest.lines.length],
    id: `l${i}`,
    ingredientId: catalogue()[i * 6].id,
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
const worked = workOutHeat(duck, DEFAULT_KITCHEN);
const layers = [{ thicknessMm: 28, k: 0.5, density: 1040, heatCapacity: 3500 }];
const figures: [what: string, ms: number, most: number | null][] = [
  ['the judgement, which typing waits for', median(() => judgement(largest, DEFAULT_KITCHEN, heat)), 5],
  ['assess, proposals included, without the heat forecast', median(() => assess(largest, DEFAULT_KITCHEN, null)), 5],
  [
    'one conduction forecast',
    median(() =>
      conduct({ dimension: 3, layers, startC: 5, surface: { mediumC: 100, h: 300 }, until: { centreC: 74 } }),
    ),
    10,
  ],
  [
    'both heat forecasts of a batch, six alternatives included',
    median(() => forecastHeat(largest, DEFAULT_KITCHEN, 'all'), 11),
    null,
  ],
  ['a cooling of 8 hours: a covered pot on a board', median(() => coolingCurve(pot, 20)), 10],
  ['all alternatives of a cooling', median(() => worked.withAlternatives(0), 11), 150],
  ['the judgement of 60 lines', median(() => judgement(sixty, DEFAULT_KITCHEN, null)), 5],
  ['one search of the larder', median(() => searchIngredients('celleriac')), null],
];
const [, , , pie, , flat] = lanternSupper('2026-12-05T15:00:00Z');
const planOf = (batch: typeof pie) => {
  const o = outline(batch, DEFAULT_KITCHEN);
  const cooked = cook(batch, DEFAULT_KITCHEN, o, drawLedger(o.lines, batch.water, 0));
  return { plan: planFor(cooked), target: cooked.target };
};
/** Turned three times: four steps, two faces. */
const often = planOf(apply(flat, { do: 'setCook', to: { steps: stepsOf('griddle-often', 'flat-round') } }));
const pocket = planOf(duck);
figures.push(
  ['one cooking forecast of one step', median(() => cookingCurve(pocket.plan, pocket.target)), 10],
  ['one cooking forecast of four steps, two faces', median(() => cookingCurve(often.plan, often.target)), 40],
  [
    'all parcels together, by 27 solves and 100 000 draws',
    median(() => forecastHeat(pie, DEFAULT_KITCHEN, 'all'), 5),
    null,
  ],
);
let over = 0;
for (const [what, ms, most] of figures) {
  const isWithin = most === null || ms <= most;
  if (!isWithin) over += 1;
  const budget = most === null ? '' : `, at most ${most} ms`;
  console.log(
    `${isWithin ? 'within' : 'OVER  '}  ${ms.toFixed(2).padStart(7)} ms  ${(ms / unit).toFixed(2).padStart(6)} units  ${what}${budget}`,
  );
}
interface Measured {
  cells: number;
  steps: number;
  bare: number;
  library: { ratio: number; how: string };
}

function besideOnce(kind: 'constant' | 'food'): Measured {
  const { stdout, status } = spawnSync(process.execPath, ['--import', 'tsx', 'scripts/bench-solver.ts', kind], {
    encoding: 'utf8',
  });
  if (status !== 0) throw new Error(`bench-solver.ts ${kind} failed`);
  return JSON.parse(stdout) as Measured;
}

/** The compiler decides otherwise from process to process: the median of three. */
function beside(kind: 'constant' | 'food'): Measured {
  const all = Array.from({ length: 3 }, () => besideOnce(kind));
  const [bare, library] = [(m: Measured) => m.bare, (m: Measured) => m.library.ratio].map(
    (by) => all.toSorted((a, b) => by(a) - by(b))[1],
  );
  return { ...all[0], bare: bare.bare, library: library.library };
}

function ratio(value: number, what: string, isWithin: boolean | null): void {
  if (isWithin === false) over += 1;
  const verdict = isWithin === null ? '      ' : isWithin ? 'within' : 'OVER  ';
  console.log(`${verdict}  ${value.toFixed(1).padStart(7)} ×  ${what}`);
}
const constant = beside('constant');
const food = beside('food');
const size = ({ cells, steps }: Measured): string => `${cells} cells, ${steps} steps`;
ratio(constant.bare, `a bare tridiagonal loop, constant properties, ${size(constant)}, at most 5`, constant.bare <= 5);
ratio(food.bare, `the same with the properties of a food, ${size(food)}, at most 10`, food.bare <= 10);
ratio(
  constant.library.ratio,
  `as fast as a general library at equal accuracy, constant properties (${constant.library.how}), at least 30`,
  constant.library.ratio >= 30,
);
ratio(food.library.ratio, `as fast as the same with the properties of a food (${food.library.how})`, null);
process.exit(over === 0 ? 0 : 1);
