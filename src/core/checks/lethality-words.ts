/** What the readings of a load add up to in minutes at 70 °C: beside the rule, never instead of it. */
import { lethality } from '../safety/lethality';
import { formatNumber } from '../units/amount';
import { formatDifference, formatTemperature } from '../units/format';

/** The UK guidance and its equivalents: 70 °C, z ≈ 7.5 °C, two minutes. */
const REFERENCE = { c: 70, zC: 7.5, minutes: 2 };
/** Below it nothing adds up, °C. */
const WORTH_C = 55;

/**
 * Of each moment the lowest reading.
 * @param readings of one load, against its clock
 * @returns null with less than two moments, or where nothing was warm enough
 */
export function lethalityWords(readings: readonly { minute: number; c: number }[], scale: 'C' | 'F'): string | null {
  const lowest = new Map<number, number>();
  for (const { minute, c } of readings) lowest.set(minute, Math.min(c, lowest.get(minute) ?? Infinity));
  const curve = [...lowest].map(([minute, c]) => ({ minute, c })).sort((a, b) => a.minute - b.minute);
  if (curve.length < 2 || curve[0].minute < 0 || Math.max(...curve.map(({ c }) => c)) < WORTH_C) return null;
  const { equivalentMinutes } = lethality({ readings: curve, reference: REFERENCE });
  const much = equivalentMinutes < 0.1 ? 'less than 0.1' : formatNumber(equivalentMinutes, 1);
  return `By the readings so far, the lowest of each moment, as much heat as ${much}\u00a0min at ${formatTemperature(REFERENCE.c, scale)} (z ${formatDifference(REFERENCE.zC, scale)}; the guidance asks for ${REFERENCE.minutes}). It stands beside the rule: only the rule decides.`;
}
