/** Meatless: roasted pumpkin and drained curd in noodle dough, boiled. */
import { lasting } from '@/core/stored/cooking';
import { beginBatch } from '@/core/stored/create';
import { type Batch } from '@/core/stored/schema';
import { demoLine as line } from './line';

export function pumpkinHalfMoons(at: string): Batch {
  const batch = beginBatch({
    id: 'demo-pumpkin-half-moons',
    title: 'Pumpkin and drained-curd half-moons',
    form: 'half-moon',
    count: 52,
    school: 'cooked',
    at,
  });
  return {
    ...batch,
    lines: [
      line('pumpkin', 'pumpkin', 500, 'g', 'cook-first', 'roasted-mash', 'until the edges catch'),
      line('curd', 'curd-cheese', 250, 'g', 'when-cool', 'drained-overnight'),
      line('grating', 'grating-cheese', 18, 'g', 'when-cool'),
      line('thyme', 'thyme-dried', 1, 'tsp', 'cook-first'),
      line('nutmeg', 'nutmeg', 0.25, 'tsp', 'when-cool', 'raw', 'freshly grated'),
      line('salt', 'salt', 7, 'g', 'when-cool'),
    ],
    cool: {
      ...batch.cool,
      vessel: { kind: 'tray', areaCm2: null },
      startC: 85,
      depthMm: 18,
      base: 'rack',
      place: 'counter',
    },
    wrap: { ...batch.wrap, portionG: 14 },
    cook: { ...batch.cook, steps: lasting(batch.cook.steps, 6), startC: 18 },
  };
}
