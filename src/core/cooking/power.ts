/** What a hob gives to a pot, from two timed readings of it with nothing in it but its oil or water. */
import { OIL_HEAT_CAPACITY, WATER_HEAT_CAPACITY } from '../heat/liquids';
import { type Appliance } from '../stored/kitchen-schema';
import { LIMITS } from '../vocabulary/limits';
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

/**
 * m c ΔT/Δt and what the pot loses half-way, W. The flame must be full and the same all the time.
 * @returns the power, or why these readings give none
 */
export function fitPower(
  pot: Appliance,
  { medium, liquidG, fromC, toC, minutes, roomC }: Heating,
): { ok: true; powerW: number } | { ok: false; problem: string } {
  if (minutes < LEAST_MINUTES) return { ok: false, problem: 'At least half a minute lies between the two readings.' };
  if (toC - fromC < LEAST_K) {
    return { ok: false, problem: `The second is at least ${LEAST_K} °C above the first: heat on, or wait longer.` };
  }
  if (medium === 'water' && toC > 95)
    return { ok: false, problem: 'Water near the boil no longer says it: read it below 95 °C.' };
  const capacity = (liquidG / 1000) * (medium === 'oil' ? OIL_HEAT_CAPACITY : WATER_HEAT_CAPACITY);
  const loss = lossOf(pot, highIn(pot, medium, liquidG)) * ((fromC + toC) / 2 - roomC);
  const powerW = Math.round((capacity * (toC - fromC)) / (minutes * 60) + loss);
  const { least, most } = LIMITS.powerW;
  return powerW < least || powerW > most
    ? { ok: false, problem: `That would be ${powerW} W, more or less than any hob gives. Check the grams and minutes.` }
    : { ok: true, powerW };
}
