/** What is hidden in a rehearsal's kitchen, drawn from its name and its seed: the same seed is always the same kitchen. */
import { type Rehearsal } from '../stored/rehearsal';
import { type Batch } from '../stored/schema';
import { MEDIA } from '../vocabulary/media';
import { type RehearsalKitchen } from '../vocabulary/rehearsals';
import { STAGES } from '../vocabulary/stages';
import { mainStep } from '../stored/cooking';
import { SALT_ID } from '../food/ingredient';
import { hash01 } from '../random/hash';
import { AS_IT_SEEMS, type Truth } from './truth';

/** What a cook does is none of it; when people really come is. */
export type Hidden = Omit<
  Truth,
  'coolShare' | 'benchMinutes' | 'heatShare' | 'cutAfterMinutes' | 'isLidLifted' | 'forgottenLine'
> & { /** They come so much sooner than they said, minutes. */ earlyMinutes: number };

type Range = readonly [from: number, to: number];
type Ranges = Partial<Record<keyof Hidden, Range>>;

/** How far each kitchen is from what it seems; where between, the seed decides. House choices for practice. */
const FAULTS = {
  'strong-salt': { saltFactor: [1.55, 1.8] },
  'wet-leaves': { extraFree: [8, 12] },
  'small-spoon': { portionFactor: [0.62, 0.72] },
  'cold-oven': { biasK: [-45, -30] },
  'warm-fridge': { fridgeC: [11, 13], coolingFactor: [0.7, 0.8] },
  'slipped-probe': { probeErrorK: [14, 20] },
  'early-guests': { earlyMinutes: [25, 40] },
} as const satisfies Record<string, Ranges>;
export type FaultId = keyof typeof FAULTS;

const IN: Readonly<Record<Exclude<RehearsalKitchen, 'drawn'>, readonly FaultId[]>> = {
  'as-it-seems': [],
  'blue-jar': ['strong-salt'],
  'after-rain': ['wet-leaves'],
  'their-spoon': ['small-spoon'],
  'old-oven': ['cold-oven'],
  'full-fridge': ['warm-fridge'],
  'early-guests': ['slipped-probe', 'early-guests', 'cold-oven'],
};

/** Which faults can be noticed in a batch at all. */
function possible(batch: Batch): FaultId[] {
  const isHot = batch.lines.some((l) => STAGES[l.stage].isHot);
  return (Object.keys(FAULTS) as FaultId[]).filter((fault) => {
    if (fault === 'strong-salt') return batch.lines.some((l) => l.ingredientId === SALT_ID);
    // One that is measured alone cannot be told from the others.
    if (fault === 'slipped-probe') return batch.count >= 3;
    if (fault === 'cold-oven') return MEDIA[mainStep(batch.cook).medium].isSet;
    return fault !== 'warm-fridge' || (isHot && batch.cool.place === 'fridge');
  });
}

/** What is wrong in a rehearsal's kitchen. */
export function faultsOf({ kitchen, seed, begun }: Pick<Rehearsal, 'kitchen' | 'seed' | 'begun'>): readonly FaultId[] {
  if (kitchen !== 'drawn') return IN[kitchen];
  const list = possible(begun);
  return [list[Math.floor(hash01(seed, 1) * list.length)]];
}

/** What is really so. */
export function hiddenOf(rehearsal: Pick<Rehearsal, 'kitchen' | 'seed' | 'begun'>): Hidden {
  const {
    coolShare: _c,
    benchMinutes: _b,
    heatShare: _h,
    cutAfterMinutes: _t,
    isLidLifted: _l,
    ...seems
  } = AS_IT_SEEMS;
  const { forgottenLine: _f, ...as } = seems;
  const drawn = faultsOf(rehearsal).flatMap((fault, i) =>
    Object.entries(FAULTS[fault] as Ranges).map(([what, [from, to]], j): [string, number] => [
      what,
      from + (to - from) * hash01(rehearsal.seed, 10 + 10 * i + j),
    ]),
  );
  return { ...as, earlyMinutes: 0, ...Object.fromEntries(drawn) };
}
