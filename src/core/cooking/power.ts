/** What a hob gives to a pot, from two timed readings of it with nothing in it but its oil or water. */
import { OIL_HEAT_CAPACITY, WATER_HEAT_CAPACITY } from '../heat/liquids';
import { type Appliance } from '../stored/kitchen-schema';
import { LIMITS } from '../vocabulary/limits';
import { formatDifference, formatTemperature } from '../units/format';
import { highIn, lossOf } from './pot-size';

interface Heating {
  medium: 'oil' | 'water';
  liquidG: number;
  fromC: number;
  toC: number;
  minutes: number;
  roomC: number;
}

/** Less than this between two readings says nothing, K and minutes. House estimates. */
const LEAST_K = 8;
const LEAST_MINUTES = 0.5;
/** Above this water takes up heat as steam, too, °C. House estimate. */
const HIGHEST_WATER_C = 95;

/**
 * m c ΔT/Δt and what the pot loses half-way, W. The flame must be full and the same all the time.
 * @returns the power, or why these readings give none
 */
export function fitPower(
  pot: Appliance,
  { medium, liquidG, fromC, toC, minutes, roomC }: Heating,
  scale: 'C' | 'F',
): { ok: true; powerW: number } | { ok: false; problem: string } {
  if (minutes < LEAST_MINUTES) return { ok: false, problem: 'Leave at least half a minute between the two readings.' };
  if (toC - fromC < LEAST_K) {
    return {
      ok: false,
      problem: `The second must be at least ${formatDifference(LEAST_K, scale)} above the first. Wait longer, with the heat on.`,
    };
  }
  if (medium === 'water' && toC > HIGHEST_WATER_C)
    return {
      ok: false,
      problem: `Near the boil this doesn’t work: take the second reading below ${formatTemperature(HIGHEST_WATER_C, scale)}.`,
    };
  const capacity = (liquidG / 1000) * (medium === 'oil' ? OIL_HEAT_CAPACITY : WATER_HEAT_CAPACITY);
  const loss = lossOf(pot, highIn(pot, medium, liquidG)) * ((fromC + toC) / 2 - roomC);
  const powerW = Math.round((capacity * (toC - fromC)) / (minutes * 60) + loss);
  const { least, most } = LIMITS.powerW;
  return powerW < least || powerW > most
    ? { ok: false, problem: `That would be ${powerW} W, and no hob gives that. Check the grams and minutes.` }
    : { ok: true, powerW };
}
