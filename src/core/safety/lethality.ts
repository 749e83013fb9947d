/** Equivalent minutes at a reference temperature of a recorded curve: shown beside the rule, never instead of it. */
/** Readings in order of time, and what a minute is counted at. */
interface LethalityInput {
  readings: readonly { minute: number; c: number }[];
  reference: { c: number; zC: number; minutes: number };
}

interface LethalityResult {
  equivalentMinutes: number;
  reached: boolean;
  /** When the equivalent minutes were complete; null where they were not. */
  atMinute: number | null;
}

/**
 * ∫ 10^((T − T_ref)/z) dt, with straight lines between readings, for which the integral is exact.
 * Source: Bigelow's model of thermal death time.
 */
export function lethality({ readings, reference }: LethalityInput): LethalityResult {
  let total = 0;
  let atMinute: number | null = null;
  for (let i = 1; i < readings.length; i++) {
    const a = readings[i - 1];
    const b = readings[i];
    const span = b.minute - a.minute;
    const rateA = 10 ** ((a.c - reference.c) / reference.zC);
    const slope = (Math.LN10 * (b.c - a.c)) / (reference.zC * span);
    const dose = (minutes: number): number =>
      Math.abs(slope) < 1e-12 ? rateA * minutes : (rateA * Math.expm1(slope * minutes)) / slope;
    const missing = reference.minutes - total;
    const gained = dose(span);
    if (atMinute === null && gained >= missing) {
      const needed = Math.abs(slope) < 1e-12 ? missing / rateA : Math.log1p((missing * slope) / rateA) / slope;
      atMinute = a.minute + needed;
    }
    total += gained;
  }
  return { equivalentMinutes: total, reached: atMinute !== null, atMinute };
}
