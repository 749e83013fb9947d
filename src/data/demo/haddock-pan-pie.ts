/** White sauce under thin sheets. Too wet as it opens: the leek is only sweated and the sauce is thin. */
import { stepsOf } from '@/core/stored/ways-to-cook';
import { beginBatch } from '@/core/stored/create';
import { type Batch } from '@/core/stored/schema';
import { demoLine as line } from './line';

export function haddockPanPie(at: string): Batch {
  const batch = beginBatch({
    id: 'demo-haddock-pan-pie',
    title: 'Smoked haddock and leek pan pie',
    form: 'pan-pie',
    count: 2,
    school: 'cooked',
    at,
  });
  return {
    ...batch,
    lines: [
      line('leek', 'leek', 750, 'g', 'cook-first', 'sweated', 'in rings'),
      line('butter', 'butter', 60, 'g', 'cook-first'),
      line('flour', 'wheat-flour', 30, 'g', 'cook-first', 'raw', 'stirred into the butter, cooked 2 minutes'),
      line('milk', 'milk', 900, 'ml', 'simmer', 'raw', 'the haddock was poached in it'),
      line('haddock', 'haddock-smoked', 900, 'g', 'off-heat', 'flaked', 'large flakes'),
      line('potato', 'potato', 400, 'g', 'off-heat', 'boiled-mash', 'from cold water, in dice'),
      line('parsley', 'parsley', 45, 'g', 'when-cool', 'raw', 'chopped'),
      line('salt', 'salt', 4, 'g', 'simmer'),
      line('nutmeg', 'nutmeg', 0.5, 'tsp', 'simmer'),
      line('pepper', 'white-pepper', 1, 'tsp', 'simmer'),
    ],
    water: { ...batch.water, panG: 1180 },
    cool: {
      ...batch.cool,
      vessel: { kind: 'tray', areaCm2: null },
      startC: 88,
      depthMm: 20,
      base: 'rack',
      place: 'counter',
    },
    wrap: { ...batch.wrap, portionG: 1450 },
    cook: { ...batch.cook, steps: stepsOf('bake-two', batch.wrap.form), startC: 18 },
  };
}
