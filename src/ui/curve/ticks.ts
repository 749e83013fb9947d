/** Where the marks of a time scale stand: at round minutes and hours, or at round times of the day. */

/** Steps that are read at a glance, min. */
const STEPS = [1, 2, 5, 10, 15, 30, 60, 120, 180, 240, 360, 720, 1440];
/** Times of the day are marked at full quarters, min. */
const QUARTER = 15;

/**
 * @param end of the scale, min
 * @param most so many marks at most
 * @param startMs the time of the day at its beginning; null where it counts from nought
 * @returns minutes from the beginning of the scale
 */
export function roundTicks(end: number, most: number, startMs: number | null): number[] {
  const steps = startMs === null ? STEPS : STEPS.filter((step) => step >= QUARTER);
  const step = steps.find((s) => end / s <= most) ?? steps[steps.length - 1];
  const first = startMs === null ? 0 : untilRound(startMs, step);
  return Array.from({ length: Math.max(0, Math.floor((end - first) / step + 1e-9) + 1) }, (_, i) => first + i * step);
}

/** Minutes until the clock next stands at a multiple of a step since midnight, here. */
function untilRound(startMs: number, step: number): number {
  const start = new Date(startMs);
  const sinceMidnight = start.getHours() * 60 + start.getMinutes() + start.getSeconds() / 60;
  return Math.ceil(sinceMidnight / step - 1e-9) * step - sinceMidnight;
}

/** A minute of a scale that counts from nought: `30 min`, `1 h`, `1 h 30`. */
export function tickLabel(minute: number): string {
  if (minute < 60) return `${minute} min`;
  const rest = minute % 60;
  return rest === 0 ? `${minute / 60} h` : `${Math.floor(minute / 60)} h ${rest}`;
}
