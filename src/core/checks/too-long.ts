/** Longer than anything needs: thin skins go ragged in rolling water, lean raw fillings dry out in the oven. */
import { goesInRaw } from '../filling/raw';
import { mainStep, plannedMinutes } from '../stored/cooking';
import { type Batch } from '../stored/schema';
import { MEDIA } from '../vocabulary/media';
import { formatMinutes } from '../units/format';
import { type Accounts } from './account';
import { type Verdict } from './finding';
import { GOLDEN_MOST } from './pale';
import { type CoreForecast } from '../forecast/heat';

/** A skin of flour and water is cooked through after so long, min for each mm of it; its seam is two of them. House estimate. */
const SKIN_MIN_PER_MM = 2.5;
/** In rolling water: ragged after so many times what it needs, burst after so many. House estimates. */
const RAGGED = 3;
const BURST = 5;
/** A thicker wrapper bears it, mm. House estimate. */
const THIN_MM = 3;

/** In the oven a lean filling is dry after so many times what filling and crust need, and so many minutes more. House estimates. */
const DRY = 2;
const DRY_MORE_MIN = 15;
/** Less fat than this is lean, g in 100 g of filling. House estimate. */
const LEAN_PER_100 = 6;

export const BOILED_TOO_LONG = 'Core: boiled too long';
export const DRY_BY_THEN = 'Core: dry by then';

/** In rolling water skin and filling need so many minutes; null where the wrapper is none that boils to rags. */
export const boiledEnough = ({ wrap }: Pick<Batch, 'wrap'>, leastDoneMinutes: number): number | null =>
  wrap.thicknessMm > THIN_MM ? null : Math.ceil(Math.max(leastDoneMinutes, SKIN_MIN_PER_MM * wrap.thicknessMm));

/** What is too long, and what would be enough; null where nothing is. */
export function tooLong(
  { batch, fat, lines }: Pick<Accounts, 'batch' | 'fat' | 'lines'>,
  { leastDoneMinutes, above }: Pick<CoreForecast, 'leastDoneMinutes' | 'above'>,
): (Verdict & { enough: number }) | null {
  if (leastDoneMinutes === null) return null;
  const planned = plannedMinutes(batch.cook);
  const { medium } = mainStep(batch.cook);
  if (medium === 'water') {
    const enough = boiledEnough(batch, leastDoneMinutes);
    if (enough === null) return null;
    if (planned < RAGGED * enough) return null;
    return {
      state: planned < BURST * enough ? 'watch' : 'fix',
      headline: BOILED_TOO_LONG,
      sentence: `*${formatMinutes(planned)}* in rolling water; ${formatMinutes(enough)} ${enough === 1 ? 'is' : 'are'} enough. A thin skin goes ragged, and bursts.`,
      enough,
    };
  }
  if (MEDIA[medium].appliance !== 'oven' || !lines.some(goesInRaw) || fat.per100 >= LEAN_PER_100) return null;
  // A bare crust is not waited for until it is golden.
  const golden = Math.min(above.brownAt ?? 0, GOLDEN_MOST * leastDoneMinutes);
  const enough = Math.ceil(Math.max(leastDoneMinutes, golden));
  if (planned < DRY * enough || planned < enough + DRY_MORE_MIN) return null;
  return {
    state: 'watch',
    headline: DRY_BY_THEN,
    sentence: `*${formatMinutes(planned)}* in the oven; hot and golden after ${formatMinutes(enough)}. A lean filling dries out (our estimate).`,
    enough,
  };
}
