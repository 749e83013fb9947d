/** What is made in the six kitchens to practise in. Ordinary plans: what is wrong is in the kitchen. */
import { stepsSaid } from '../stored/cooking';
import { beginBatch, changeDough } from '../stored/create';
import { type Batch, type Line } from '../stored/schema';
import { type FormId } from '../forms';
import { REHEARSALS } from '../vocabulary/rehearsals';
import { type School } from '../vocabulary/schools';
import { type Stage } from '../vocabulary/stages';
import { type KitchenWithBatch } from './kitchens-with-a-batch';

type Said = readonly [ingredientId: string, amount: number, unit: Line['unit'], stage: Stage, preparation?: string];

interface Plan {
  title: string;
  form: FormId;
  count: number;
  school: School;
  lines: readonly Said[];
  /** From the beginning until people are said to come, minutes. */
  minutes: number;
  more?: (batch: Batch) => Batch;
}

const BATCHES: Readonly<Record<KitchenWithBatch, Plan>> = {
  'blue-jar': {
    title: 'Pork and spring onion purses',
    form: 'purse',
    count: 17,
    school: 'raw',
    minutes: 150,
    lines: [
      ['pork-mince', 400, 'g', 'raw-mix'],
      ['spring-onion', 40, 'g', 'raw-mix'],
      ['ginger', 8, 'g', 'raw-mix'],
      ['soy-sauce', 10, 'ml', 'raw-mix'],
      ['salt', 0.75, 'tsp', 'raw-mix'],
      ['cornflour', 5, 'g', 'raw-mix'],
    ],
  },
  'after-rain': {
    title: 'Pork and cabbage half-moons',
    form: 'half-moon',
    count: 36,
    school: 'raw',
    minutes: 150,
    lines: [
      ['pork-mince', 370, 'g', 'raw-mix'],
      ['white-cabbage', 140, 'g', 'raw-mix', 'salted-squeezed'],
      ['garlic', 8, 'g', 'raw-mix'],
      ['soy-sauce', 12, 'ml', 'raw-mix'],
      ['salt', 2.5, 'g', 'raw-mix'],
    ],
  },
  'their-spoon': {
    title: 'Beef and olive half-moons',
    form: 'half-moon',
    count: 22,
    school: 'cooked',
    minutes: 210,
    lines: [
      ['onion', 220, 'g', 'cook-first', 'browned'],
      ['beef-mince', 420, 'g', 'cook-first', 'browned'],
      ['stock', 60, 'ml', 'simmer'],
      ['cumin', 2, 'g', 'cook-first'],
      ['olives', 70, 'g', 'off-heat'],
      ['salt', 5, 'g', 'simmer'],
    ],
    more: (b) => ({
      ...b,
      cool: { ...b.cool, vessel: { kind: 'tray', areaCm2: null }, depthMm: 15, base: 'rack' },
      wrap: {
        ...b.wrap,
        ...changeDough('short', b.wrap),
        skin: { shape: 'round', diameterMm: 120 },
        portionG: 34,
        glaze: 'egg',
      },
      cook: { ...b.cook, method: 'bake', steps: stepsSaid('bake', 'half-moon', { mediumC: 200, minutes: 24 }) },
    }),
  },
  'old-oven': {
    title: 'Chicken and leek pockets',
    form: 'pocket',
    count: 12,
    school: 'raw',
    minutes: 180,
    lines: [
      ['chicken-thigh-mince', 430, 'g', 'raw-mix'],
      ['leek', 140, 'g', 'raw-mix', 'sweated'],
      ['potato-flakes', 12, 'g', 'raw-mix'],
      ['thyme', 3, 'g', 'raw-mix'],
      ['salt', 6, 'g', 'raw-mix'],
    ],
    more: (b) => ({ ...b, wrap: { ...b.wrap, skin: { shape: 'round', diameterMm: 130 }, portionG: 48, glaze: 'egg' } }),
  },
  'full-fridge': {
    title: 'Braised beef and carrot pockets',
    form: 'pocket',
    count: 15,
    school: 'cooked',
    minutes: 330,
    lines: [
      ['onion', 200, 'g', 'cook-first', 'browned'],
      ['beef-braised', 620, 'g', 'simmer'],
      ['carrot', 150, 'g', 'simmer'],
      ['wheat-flour', 12, 'g', 'cook-first'],
      ['stock', 190, 'ml', 'simmer'],
      ['salt', 10, 'g', 'simmer'],
    ],
    more: (b) => ({
      ...b,
      water: { ...b.water, estimate: { by: 'grams', grams: 60 } },
      cool: {
        ...b.cool,
        vessel: { kind: 'dish', areaCm2: null },
        startC: 90,
        depthMm: 32,
        base: 'rack',
        place: 'fridge',
      },
      wrap: { ...b.wrap, portionG: 74, glaze: 'egg' },
    }),
  },
  'early-guests': {
    title: 'Turkey and leek pockets',
    form: 'pocket',
    count: 12,
    school: 'raw',
    minutes: 180,
    lines: [
      ['turkey-thigh-mince', 425, 'g', 'raw-mix'],
      ['leek', 140, 'g', 'raw-mix', 'sweated'],
      ['potato-flakes', 12, 'g', 'raw-mix'],
      ['mustard', 8, 'g', 'raw-mix'],
      ['salt', 6, 'g', 'raw-mix'],
    ],
    more: (b) => ({ ...b, wrap: { ...b.wrap, skin: { shape: 'round', diameterMm: 130 }, portionG: 48, glaze: 'egg' } }),
  },
};

/** The batch that is made in such a kitchen, and how long there is until people come, minutes. */
export function batchIn(
  kitchen: KitchenWithBatch,
  { id, at }: { id: string; at: string },
): { batch: Batch; minutes: number } {
  const { title, form, count, school, lines, minutes, more } = BATCHES[kitchen];
  const begun = beginBatch({ id, title, form, count, school, at });
  const batch: Batch = {
    ...begun,
    lines: lines.map(([ingredientId, amount, unit, stage, preparation = 'raw'], i) => ({
      id: `${ingredientId}-${i + 1}`,
      ingredientId,
      amount,
      unit,
      preparation,
      weighed: 'ready',
      stage,
      cut: null,
      ticked: false,
      note: '',
    })),
    note: { ...begun.note, words: REHEARSALS[kitchen].told },
  };
  return { batch: more ? more(batch) : batch, minutes };
}
