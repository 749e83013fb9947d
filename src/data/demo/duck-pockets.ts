/** Braised, flour-bound, in short pastry, baked. Cooling too slowly as it opens: it stands covered in its pot on a cold porch. */
import { stepsSaid } from '@/core/stored/cooking';
import { beginBatch } from '@/core/stored/create';
import { type Batch } from '@/core/stored/schema';
import { demoLine as line } from './line';

export function duckPockets(at: string): Batch {
  const batch = beginBatch({
    id: 'demo-duck-pockets',
    title: 'Duck and prune pockets',
    form: 'pocket',
    count: 20,
    school: 'cooked',
    at,
  });
  return {
    ...batch,
    lines: [
      line('onion', 'onion', 300, 'g', 'cook-first', 'browned', 'diced, in the duck fat'),
      line('duck', 'duck-leg-braised', 900, 'g', 'simmer', 'shredded'),
      line('stock', 'stock', 260, 'ml', 'simmer', 'raw', 'its braising liquid, skimmed'),
      line('flour', 'wheat-flour', 18, 'g', 'cook-first', 'raw', 'sprinkled over the onion, cooked out 2 minutes'),
      line('prunes', 'prunes', 180, 'g', 'off-heat', 'raw', 'stoned, quartered'),
      line('thyme', 'thyme', 5, 'g', 'simmer'),
      line('juniper', 'juniper', 2, 'g', 'cook-first', 'raw', 'crushed'),
      line('salt', 'salt', 15, 'g', 'simmer'),
      line('pepper', 'black-pepper', 1.5, 'tsp', 'simmer'),
    ],
    water: { ...batch.water, panG: 1420, estimate: { by: 'grams', grams: 90 } },
    cool: {
      ...batch.cool,
      vessel: { kind: 'pot', areaCm2: null },
      startC: 92,
      depthMm: 85,
      base: 'board',
      place: 'counter',
      ambientC: 8,
      covered: true,
    },
    wrap: { ...batch.wrap, skin: { shape: 'round', diameterMm: 150 }, portionG: 78, glaze: 'egg' },
    cook: { ...batch.cook, steps: stepsSaid('bake', batch.wrap.form, { mediumC: 190, minutes: 34 }), startC: 14 },
  };
}
