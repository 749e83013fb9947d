/** Raw filling, yeasted dough, steamed. In order as it opens: what celeriac and turkey let go of is what a bun wants. */
import { lasting } from '@/core/stored/cooking';
import { beginBatch } from '@/core/stored/create';
import { type Batch } from '@/core/stored/schema';
import { demoLine as line } from './line';

export function turkeyPurses(at: string): Batch {
  const batch = beginBatch({
    id: 'demo-turkey-purses',
    title: 'Turkey and celeriac purses',
    form: 'purse',
    count: 24,
    school: 'raw',
    at,
  });
  return {
    ...batch,
    lines: [
      line('leek', 'leek', 60, 'g', 'cook-first', 'sweated', 'finely sliced, soft but not brown'),
      line('turkey', 'turkey-thigh-mince', 420, 'g', 'raw-mix', 'worked', 'one direction until sticky'),
      line('celeriac', 'celeriac', 180, 'g', 'raw-mix', 'raw', 'finely grated'),
      line('soy', 'soy-sauce', 1, 'tbsp', 'raw-mix'),
      line('ginger', 'ginger', 8, 'g', 'raw-mix', 'raw', 'shaved'),
      line('sesame', 'sesame-oil', 1.5, 'tsp', 'raw-mix'),
      line('salt', 'salt', 4, 'g', 'raw-mix'),
      line('pepper', 'black-pepper', 0.5, 'tsp', 'raw-mix'),
    ],
    cool: {
      ...batch.cool,
      vessel: { kind: 'tray', areaCm2: null },
      startC: 85,
      depthMm: 12,
      base: 'rack',
      place: 'fridge',
    },
    wrap: { ...batch.wrap, portionG: 28 },
    cook: { ...batch.cook, steps: lasting(batch.cook.steps, 28), startC: -18 },
  };
}
