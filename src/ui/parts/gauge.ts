/** A gauge of zones with fixed widths, so that their words always fit: where a value stands on it. Edges carry their numbers. */

export interface Zone {
  word: string;
  /** Share of the gauge's width; all of a gauge's add up to 1. */
  share: number;
  /** Where it ends, in the gauge's unit; the last one is open. */
  to: number;
  tone: 'good' | 'watch' | 'fix';
}

/** The share of an open zone is half used up when a value lies this many times its inner edge beyond it. */
const HALF_AT_EDGES = 1;
/** An open zone's scale is never finer than this, in the gauge's unit. */
const LEAST_SCALE = 4;

/** How much of an open zone lies between its edge and a value, 0 to below 1. */
const into = (beyond: number, edge: number): number => {
  const scale = HALF_AT_EDGES * Math.max(LEAST_SCALE, Math.abs(edge));
  return beyond / (beyond + scale);
};

/**
 * Where a value stands, as a share of the width, 0 to 1: linear inside a zone, closer and closer to the end in an open one.
 * @param from where the first zone begins; null where it is open, too
 */
export function placeOf(value: number, zones: readonly Zone[], from: number | null): number {
  let begins = 0;
  for (const [i, { share, to }] of zones.entries()) {
    const low = i === 0 ? from : zones[i - 1].to;
    const isLast = i === zones.length - 1;
    if (value < to || isLast) {
      if (low === null) return begins + share * (1 - into(to - value, to));
      const within = isLast ? into(Math.max(0, value - low), low) : Math.max(0, (value - low) / (to - low));
      return begins + share * within;
    }
    begins += share;
  }
  return 1;
}

/** Half of the last figure that is shown: on its edge a value is still right, as the check judges it. */
const UNSEEN = 0.05;

/** The zone that a value is said to be in: on the edge of what is right it is right. */
export function zoneOf(value: number, zones: readonly Zone[]): Zone {
  const right = zones.findIndex(({ tone }) => tone === 'good');
  const from = right > 0 ? zones[right - 1].to : -Infinity;
  if (right >= 0 && value >= from - UNSEEN && value <= zones[right].to + UNSEEN) return zones[right];
  return zones.find(({ to }) => value <= to) ?? zones[zones.length - 1];
}
