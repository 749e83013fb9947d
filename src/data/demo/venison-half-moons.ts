/** Part-cooked: raw venison with browned onion and mash, in oil-and-egg dough, deep-fried. Filling for too few as it opens. */
import { stepsSaid } from '@/core/stored/cooking';
import { beginBatch } from '@/core/stored/create';
import { type Batch } from '@/core/stored/schema';
import { demoLine as line } from './line';

export function venisonHalfMoons(at: string): Batch {
  const batch = beginBatch({
    id: 'demo-venison-half-moons',
    title: 'Venison and juniper half-moons',
    form: 'half-moon',
    count: 48,
    school: 'part-cooked',
    at,
  });
  return {
    ...batch,
    lines: [
      line('onion', 'onion', 120, 'g', 'cook-first', 'browned', 'finely diced'),
      line('juniper', 'juniper', 2, 'g', 'cook-first', 'raw', 'crushed'),
      line('potato', 'potato', 120, 'g', 'cook-first', 'boiled-mash', 'for a looser crumb'),
      line('venison', 'venison-mince', 360, 'g', 'raw-mix', 'worked', 'cold, one direction until sticky'),
      line('thyme', 'thyme', 4, 'g', 'raw-mix'),
      line('salt', 'salt', 6, 'g', 'raw-mix'),
      line('pepper', 'black-pepper', 0.5, 'tsp', 'raw-mix'),
    ],
    cool: {
      ...batch.cool,
      vessel: { kind: 'tray', areaCm2: null },
      startC: 88,
      depthMm: 12,
      base: 'rack',
      place: 'counter',
    },
    wrap: {
      ...batch.wrap,
      dough: 'oil-egg',
      skin: { shape: 'round', diameterMm: 95 },
      thicknessMm: 2,
      portionG: 16,
      edge: 'fork',
    },
    cook: {
      ...batch.cook,
      method: 'fry',
      steps: stepsSaid('fry', batch.wrap.form, { mediumC: 170, minutes: 6 }),
      startC: 10,
      // More than lie side by side, and more than the oil bears.
      load: 12,
      flame: 'left',
    },
  };
}
