/**
 * Evidence: readings that count. A verdict, a fit and a learned figure take nothing else, and this file alone can make it,
 * so that no other reading can be handed to them: what was practised never becomes one, nor what was measured before the
 * food went in, after it had stood, or faster than food can change.
 */
import { isPractice, type Source } from '../vocabulary/sources';

/** A reading as it was taken, against the clock of what was measured. */
export interface Reading {
  /** Minutes since it came off the heat, or went into it. */
  minute: number;
  /** °C */
  c: number;
  source: Source;
}

declare const COUNTS: unique symbol;
/** A reading that counts. Only this file makes one. */
export type Counted<R extends Reading = Reading> = R & { readonly [COUNTS]: true };

/** A reading that does not count, and why, in a sentence. */
export interface LeftOut<R extends Reading = Reading> {
  reading: R;
  why: string;
}

export interface Evidence<R extends Reading = Reading> {
  /** In the order of time. */
  counted: readonly Counted<R>[];
  left: readonly LeftOut<R>[];
}

/** Whose kitchen it is: a rehearsal's own believes its practice probe, and nobody else does. */
export interface World {
  isRehearsal: boolean;
}

/** Why a reading does not count, or null where nothing stands against it. */
type Objection<R extends Reading> = (reading: R, all: readonly R[]) => string | null;

const byTime = <R extends Reading>(readings: readonly R[]): R[] => [...readings].sort((a, b) => a.minute - b.minute);

function sift<R extends Reading>(
  readings: readonly R[],
  world: World,
  objections: readonly Objection<R>[],
): Evidence<R> {
  const real = byTime(readings).filter((r) => world.isRehearsal || !isPractice(r.source));
  const left: LeftOut<R>[] = byTime(readings)
    .filter((r) => !real.includes(r))
    .map((reading) => ({ reading, why: 'Practice: not a measurement.' }));
  const counted: Counted<R>[] = [];
  for (const reading of real) {
    const why = objections.reduce<string | null>((found, object) => found ?? object(reading, real), null);
    if (why === null) counted.push(reading as Counted<R>);
    else left.push({ reading, why });
  }
  return { counted, left: left.sort((a, b) => a.reading.minute - b.reading.minute) };
}

/** Food does not fall faster than this in its warmest place: at once, then more slowly. °C/min, °C, minutes. House estimates. */
export const FALL = { noiseC: 2.5, fastest: 6, fastMinutes: 5, slower: 1.5 } as const;
/** Nor does it rise faster than this while it cools: 3 °C is a probe and where it is stuck. House estimates. */
const RISE = { noiseC: 3, perMinute: 0.1 } as const;

/** The most that it can have fallen in so many minutes, °C. */
export const mayFall = (minutes: number): number =>
  FALL.noiseC +
  FALL.fastest * Math.min(minutes, FALL.fastMinutes) +
  FALL.slower * Math.max(0, minutes - FALL.fastMinutes);

/** Readings of the warmest place of what cools, against its own clock. */
export function coolingEvidence<R extends Reading>(readings: readonly R[], world: World): Evidence<R> {
  return sift<R>(readings, world, [
    ({ minute }) => (minute < 0 ? 'Taken before it came off the heat.' : null),
    (reading, all) => {
      const fell = Math.max(
        0,
        ...all
          .filter((before) => before.minute >= 0 && before.minute < reading.minute)
          .map((before) => before.c - reading.c - mayFall(reading.minute - before.minute)),
      );
      return fell > 0 ? 'No filling falls so fast: the probe had slipped, or was somewhere else.' : null;
    },
    (reading, all) =>
      all.some((later) => {
        const minutes = later.minute - reading.minute;
        return minutes >= 0 && later.c - reading.c > RISE.noiseC + RISE.perMinute * minutes;
      })
        ? 'A later reading is warmer: this one wasn’t from the warmest place.'
        : null,
  ]);
}

/** What a load has been through, and how fast it can heat. */
export interface InHeat {
  /** When it went in and came out, in the readings' minutes: null while it is in; empty where no clock was started. */
  stays: readonly { inMinute: number; outMinute: number | null }[];
  /** Before this minute it cannot have been cooked; null where nobody knows. Used where no clock was started. */
  notBefore: number | null;
  /** Minutes in the heat after which the middle can have a temperature at the earliest; null where nobody has worked it out. */
  soonest: ((c: number) => number) | null;
}

/** So long after it came out a reading still says how it came out, minutes: while it rests. House estimate. */
export const RESTS_MINUTES = 15;
/** A load that has been in for longer was forgotten, minutes. House estimate. */
const LONGEST_MINUTES = 6 * 60;

/** Core readings of one load. */
export function coreEvidence<R extends Reading>(
  readings: readonly R[],
  { stays, notBefore, soonest }: InHeat,
  world: World,
): Evidence<R> {
  const stayOf = ({ minute }: Reading) => [...stays].reverse().find(({ inMinute }) => inMinute <= minute);
  return sift<R>(readings, world, [
    (reading) => {
      if (stays.length === 0)
        return notBefore !== null && reading.minute < notBefore ? 'Taken before it can have been cooked.' : null;
      const stay = stayOf(reading);
      if (stay === undefined) return 'Taken before this load began to cook.';
      if (stay.outMinute !== null && reading.minute > stay.outMinute + RESTS_MINUTES)
        return `Taken more than ${RESTS_MINUTES} minutes after this load came out.`;
      return reading.minute - stay.inMinute > LONGEST_MINUTES ? 'Taken hours after this load went in.' : null;
    },
    (reading) => {
      const stay = stayOf(reading);
      // Put back into the heat it was warm already.
      if (stay === undefined || stay !== stays[0] || soonest === null) return null;
      const end = Math.min(reading.minute, stay.outMinute ?? Infinity);
      return end - stay.inMinute < soonest(reading.c)
        ? 'Hotter than the middle can be so soon: the tip was not in the middle, or the clock was started late.'
        : null;
    },
  ]);
}
