/** Two dozen faults, one to a batch: what is done to it, or what is really so in its kitchen, and what the true cause is called. */
import { lanternSupper } from '@/data/demo';
import { batchInWords } from '@/core/recipe/to-batch';
import { type Operation } from '@/core/stored/operations';
import { type Batch } from '@/core/stored/schema';
import { AS_IT_SEEMS, type Truth } from '@/core/rehearsal/truth';

export interface Fault {
  name: string;
  /** What is true, by any of its names. */
  is: readonly string[];
  /** Which of the batches it can happen to. */
  fits: (batch: Batch) => boolean;
  truth?: (much: number) => Partial<Truth>;
  /** How the batch is spoilt as it is planned. @param much 0 to 1 */
  spoil?: (batch: Batch, much: number) => Operation[];
}

const between = (low: number, high: number, much: number): number => low + (high - low) * much;
const isBaked = (b: Batch): boolean => b.cook.method === 'bake';
const isFried = (b: Batch): boolean => b.cook.method === 'fry';
const anything = (): boolean => true;
const isHot = (b: Batch): boolean => b.lines.some((l) => ['cook-first', 'simmer', 'off-heat'].includes(l.stage));
const saltLines = (b: Batch) => b.lines.filter((l) => /^(salt|soy-sauce|fine-salt|sea-salt)/.test(l.ingredientId));
const steps = (b: Batch, to: Partial<Batch['cook']['steps'][number]>): Operation => ({
  do: 'setCook',
  to: { steps: b.cook.steps.map((s) => ({ ...s, ...to, minutes: to.minutes ?? s.minutes })) as Batch['cook']['steps'] },
});

export const FAULTS: readonly Fault[] = [
  { name: 'oven cold', is: ['oven-cold'], fits: isBaked, truth: (m) => ({ biasK: -between(25, 45, m) }) },
  {
    name: 'oven hot',
    is: ['oven-hot', 'brown-before-hot'],
    fits: isBaked,
    truth: (m) => ({ biasK: between(35, 55, m) }),
  },
  {
    name: 'steam weak',
    is: ['oven-cold'],
    fits: (b) => b.cook.method === 'steam',
    // With a third of the usual heat it shows in one of twelve such batches only, by a tenth of a degree.
    truth: (m) => ({ heatFactor: between(0.28, 0.2, m) }),
  },
  {
    name: 'wet food',
    is: ['wetter-than-counted'],
    fits: (b) => !isFried(b),
    truth: (m) => ({ extraFree: between(14, 22, m) }),
  },
  {
    name: 'water poured in',
    is: ['wet-filling', 'wet-at-board'],
    fits: anything,
    spoil: (b, m) => [addLine(b, 'water', between(0.45, 0.6, m))],
  },
  {
    name: 'spoon too large',
    is: ['portions-heavy', 'overfilled'],
    fits: anything,
    truth: (m) => ({ portionFactor: between(1.45, 1.7, m) }),
  },
  {
    name: 'spoon too small',
    is: ['portions-light', 'slack'],
    fits: anything,
    truth: (m) => ({ portionFactor: between(0.72, 0.6, m) }),
  },
  {
    name: 'portions by eye',
    is: ['unequal-portions'],
    fits: anything,
    truth: (m) => ({ spreadPercent: between(22, 30, m) }),
  },
  {
    name: 'strong salt',
    is: ['salt-by-spoon', 'saltier-than-counted', 'much-salt'],
    fits: (b) => saltLines(b).some((l) => ['tsp', 'tbsp'].includes(l.unit)),
    truth: (m) => ({ saltFactor: between(1.7, 2.1, m) }),
  },
  {
    name: 'salt twice',
    is: ['much-salt'],
    fits: anything,
    spoil: (b, m) => [addLine(b, 'salt', between(0.016, 0.022, m))],
  },
  {
    name: 'salt left out',
    is: ['little-salt'],
    fits: (b) => saltLines(b).length > 0,
    spoil: (b) => saltLines(b).map((l) => ({ do: 'removeLine', id: l.id })),
  },
  {
    name: 'taken out too soon',
    is: ['too-short'],
    fits: (b) => b.cook.method !== 'fry',
    truth: (m) => ({ heatShare: between(0.5, 0.4, m) }),
  },
  {
    name: 'left in',
    is: ['too-long', 'brown-before-hot'],
    fits: isBaked,
    truth: (m) => ({ heatShare: between(1.9, 2.4, m) }),
  },
  {
    name: 'oven set too low',
    is: ['too-mild'],
    fits: isBaked,
    spoil: (b, m) => [steps(b, { mediumC: Math.round(between(145, 135, m)) })],
  },
  {
    name: 'probe beside it',
    is: ['probe-slipped'],
    fits: (b) => b.cook.method !== 'fry',
    truth: (m) => ({ heatShare: 0.55, probeErrorK: between(32, 40, m) }),
  },
  { name: 'cut at once', is: ['cut-soon'], fits: isBaked, truth: () => ({ cutAfterMinutes: 1 }) },
  { name: 'wrapped hot', is: ['wrapped-warm'], fits: isHot, truth: (m) => ({ coolShare: between(0.3, 0.2, m) }) },
  {
    name: 'slow fridge',
    is: ['cools-slowly-here', 'deep'],
    fits: isHot,
    truth: (m) => ({ coolingFactor: between(0.5, 0.4, m) }),
  },
  {
    name: 'long at the board',
    is: ['long-on-bench'],
    fits: anything,
    truth: (m) => ({ benchMinutes: between(100, 140, m) }),
  },
  {
    name: 'starch by the cup',
    is: ['overbound'],
    fits: (b) => b.lines.length > 0,
    spoil: (b, m) => [addLine(b, 'cornflour', between(0.14, 0.2, m))],
  },
  {
    name: 'too many in the oil',
    is: ['pot-fell'],
    fits: isFried,
    spoil: () => [{ do: 'setCook', to: { load: 16, flame: 'left' } }],
  },
  {
    name: 'thyme by the spoon',
    is: ['strong-dose'],
    fits: anything,
    spoil: (b, m) => [addLine(b, 'black-pepper', between(0.02, 0.03, m))],
  },
  {
    name: 'a line never went in',
    is: ['forgotten-line'],
    fits: (b) => b.lines.length > 3,
    truth: () => ({ forgottenLine: '*' }),
  },
  {
    name: 'rolled thick',
    is: ['thick-dough'],
    fits: isBaked,
    spoil: (b) => [{ do: 'setWrap', to: { thicknessMm: b.wrap.thicknessMm * 2.1 } }],
  },
  {
    name: 'dough by guess',
    is: ['much-dough'],
    fits: (b) => b.wrap.dough !== 'bought-skin',
    spoil: (_b, m) => [{ do: 'setWrap', to: { spareShare: between(0.35, 0.5, m) } }],
  },
  {
    name: 'lid lifted',
    is: ['lid-off-soon'],
    fits: (b) => b.cook.method === 'steam',
    truth: () => ({ isLidLifted: true }),
  },
];

const AT = '2026-12-05T10:00:00.000Z';

/** Batches as ordinary cooks write them, beside those of the demo: nothing measured of any yet. */
export const ORDINARY: readonly Batch[] = [
  ...lanternSupper(AT).filter((b) => !/venison/.test(b.id)),
  ...(
    [
      [
        'Beef turnovers',
        'half-moon',
        16,
        'cooked',
        'bake',
        ['500 g minced beef', '200 g onion, fried', '80 g olives', '7 g salt'],
      ],
      [
        'Pork buns',
        'purse',
        16,
        'raw',
        'steam',
        ['400 g minced pork', '120 g white cabbage', '1 tbsp soy sauce', '1/2 tsp salt'],
      ],
      [
        'Potato samosas',
        'triangle',
        20,
        'cooked',
        'fry',
        ['500 g potatoes, boiled', '150 g peas', '100 g onion, fried', '8 g salt'],
      ],
      [
        'Prawn wontons',
        'triangle',
        30,
        'raw',
        'boil',
        ['250 g prawns', '100 g minced pork', '5 g sesame oil', '3 g salt'],
      ],
      [
        'Sausage rolls',
        'roll',
        24,
        'raw',
        'bake',
        ['500 g minced pork', '50 g breadcrumbs', '100 g onion, fried', '7 g salt'],
      ],
    ] as const
  ).map(
    ([title, form, count, school, method, lines]) =>
      batchInWords({ title, form, count, school, lines: [...lines], cook: { method } }, { id: title, at: AT }).batch,
  ),
].map((b) => ({
  ...b,
  wrap: { ...b.wrap, earlierBoards: [], board: null, weighed: [] },
  cook: { ...b.cook, readings: [], earlierRuns: [], run: null },
}));

/** A line of something that makes so much of the filling. */
function addLine(batch: Batch, ingredientId: string, share: number): Operation {
  const grams = batch.lines.reduce((sum, l) => sum + (l.unit === 'g' || l.unit === 'ml' ? l.amount : 0), 0);
  const [like] = batch.lines;
  return {
    do: 'addLine',
    line: {
      ...like,
      id: `spoilt-${ingredientId}`,
      ingredientId,
      amount: Math.round(grams * share * 10) / 10,
      unit: 'g',
      preparation: 'raw',
      cut: null,
      stage: 'raw-mix',
      note: '',
    },
  };
}

export const truthOf = (fault: Fault, batch: Batch, much: number): Truth => {
  const truth = { ...AS_IT_SEEMS, ...fault.truth?.(much) };
  return truth.forgottenLine === '*' ? { ...truth, forgottenLine: batch.lines[1].id } : truth;
};
