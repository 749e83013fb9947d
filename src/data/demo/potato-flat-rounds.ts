/** Meatless: mash with chives and brined cheese, rolled out in a soft dough and griddled. In order as it opens. */
import { lasting } from '@/core/stored/cooking';
import { beginBatch } from '@/core/stored/create';
import { type Batch } from '@/core/stored/schema';
import { demoLine as line } from './line';

export function potatoFlatRounds(at: string): Batch {
  const batch = beginBatch({
    id: 'demo-potato-flat-rounds',
    title: 'Potato and chive flat rounds',
    form: 'flat-round',
    count: 8,
    school: 'cooked',
    at,
  });
  return {
    ...batch,
    lines: [
      line('potato', 'potato', 700, 'g', 'cook-first', 'boiled-mash', 'steamed off in the dry pan'),
      line('cheese', 'brined-cheese', 180, 'g', 'when-cool', 'raw', 'crumbled'),
      line('chives', 'chives', 25, 'g', 'when-cool', 'raw', 'snipped'),
      line('salt', 'salt', 5, 'g', 'cook-first'),
      line('pepper', 'white-pepper', 0.5, 'tsp', 'cook-first'),
    ],
    cool: {
      ...batch.cool,
      vessel: { kind: 'tray', areaCm2: null },
      startC: 85,
      depthMm: 20,
      base: 'rack',
      place: 'counter',
    },
    wrap: { ...batch.wrap, skin: { shape: 'round', diameterMm: 170 }, portionG: 110 },
    cook: { ...batch.cook, steps: lasting(batch.cook.steps, 9), startC: 20 },
  };
}
