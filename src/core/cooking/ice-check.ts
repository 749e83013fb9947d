/** The thermometer in ice water: what it shows there is its error, and is taken off every reading. */
import { type Kitchen } from '../stored/kitchen-schema';
import { formatDifference } from '../units/format';

/** Ice water is 0 °C (by definition of the scale); a thermometer further off than this belongs in the bin, K. House estimate. */
export const WORST_OFFSET_K = 3;
/** A thermometer this near is as good as right, K: makers promise no better. */
const NOTHING_K = 0.2;
/** It is tried again after so many days. House estimate. */
const AGAIN_DAYS = 90;

type Thermometer = Pick<Kitchen, 'thermometer'>;

/** What a reading really is, °C, by what the thermometer showed in ice water. */
export const corrected = (shownC: number, { thermometer }: Thermometer): number =>
  Math.round((shownC - (thermometer?.offsetK ?? 0)) * 10) / 10;

/** What is done to a reading, in words; null where nothing is. */
export function correctionWords({
  thermometer,
  temperature,
}: Pick<Kitchen, 'thermometer' | 'temperature'>): string | null {
  if (thermometer === null || Math.abs(thermometer.offsetK) < NOTHING_K) return null;
  const by = formatDifference(Math.abs(thermometer.offsetK), temperature, 1);
  return `In ice water your thermometer showed ${by} too ${thermometer.offsetK > 0 ? 'much' : 'little'}: that’s ${thermometer.offsetK > 0 ? 'taken off' : 'added to'} what you type.`;
}

/** Whether it is time to try it again. @param nowMs ms */
export const isDue = ({ thermometer }: Thermometer, nowMs: number): boolean =>
  thermometer === null || nowMs - Date.parse(thermometer.at) > AGAIN_DAYS * 86_400_000;
