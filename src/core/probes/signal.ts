/**
 * The signals of a thermometer, judged over a window of time: lost ones, and changes that no filling can make, are named
 * and never taken for a cold filling, however many of them come.
 */
import { FALL, mayFall } from '../safety/evidence';

export interface Signal {
  /** When it arrived, by the clock of whoever judges, minutes from any beginning. */
  minute: number;
  /** °C; null where nothing came. */
  c: number | null;
}

export type SignalState = 'good' | 'lost' | 'nonsense';

export interface JudgedSignal extends Signal {
  state: SignalState;
  /** In words, where it is not good. */
  why: string | null;
}

interface Known {
  minute: number;
  c: number;
}

/** What has been heard so far. */
interface Heard {
  /** Good signals of the last half hour, the latest in any case. */
  good: readonly Known[];
  /** Signals that rose too quickly, as long as they agree with each other. */
  warmer: readonly Known[];
}
export const NOTHING_HEARD: Heard = { good: [], warmer: [] };

/** A kitchen thermometer shows nothing outside of this, °C. */
const LEAST_C = -30;
const MOST_C = 110;
/** A probe's middle does not rise faster than this, °C/min, on top of the noise, °C. House estimates. */
const FASTEST_RISE = 3;
const NOISE_C = FALL.noiseC;
/** Judged against what was heard in the last minutes. */
const WINDOW = 30;
/** A probe put from the air into the food rises at once and then stays: so long, so often, and it is believed. */
const STEADY_MINUTES = 1;
const STEADY_SIGNALS = 4;

const mayRise = (minutes: number): number => NOISE_C + FASTEST_RISE * minutes;

/**
 * Judges a signal against all that was heard before: a fall in small steps within two seconds is the same fall.
 * Only a rise is ever believed against what was heard, and only once it is steady: warmer is the safe side.
 */
export function judgeSignal(signal: Signal, heard: Heard): { judged: JudgedSignal; heard: Heard } {
  const { c, minute } = signal;
  const refuse = (state: SignalState, why: string, then = heard) => ({
    judged: { ...signal, c: state === 'lost' ? null : c, state, why },
    heard: then,
  });
  if (c === null || !Number.isFinite(c)) return refuse('lost', 'No signal from the thermometer.');
  if (c < LEAST_C || c > MOST_C) return refuse('nonsense', 'That can’t be the filling’s temperature. Check the probe.');
  const reading: Known = { minute, c };
  const fell = Math.max(0, ...heard.good.map((b) => b.c - c - mayFall(minute - b.minute)));
  if (fell > 0) {
    return refuse('nonsense', 'It fell all at once: the probe has slipped out, or touches the air.', {
      ...heard,
      warmer: [],
    });
  }
  const last = heard.good[heard.good.length - 1];
  if (last && c - last.c > mayRise(minute - last.minute)) {
    const agree = heard.warmer.every(
      (b) => Math.abs(c - b.c) <= NOISE_C + FASTEST_RISE * (minute - b.minute) && minute >= b.minute,
    );
    const warmer = agree ? [...heard.warmer, reading] : [reading];
    const isSteady = warmer.length >= STEADY_SIGNALS && minute - warmer[0].minute >= STEADY_MINUTES;
    if (!isSteady) {
      const why = 'It rose while it should cool: look at the probe. If it stays there for a minute, we’ll believe it.';
      return refuse('nonsense', why, { ...heard, warmer });
    }
    return { judged: { ...signal, state: 'good', why: null }, heard: { good: [reading], warmer: [] } };
  }
  const good = [...heard.good.filter((b) => minute - b.minute <= WINDOW), reading];
  return { judged: { ...signal, state: 'good', why: null }, heard: { good, warmer: [] } };
}
