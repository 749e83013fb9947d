/** The signals of a thermometer, judged: lost ones and jumps are named, and never taken for a cold filling. */

export interface Signal {
  /** Minutes since it came off the heat. */
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

/** A kitchen thermometer shows nothing outside of this, °C. */
const LEAST_C = -30;
const MOST_C = 110;
/** Food does not change faster than this in its middle, °C/min, on top of the noise, °C. House estimates. */
const FASTEST_FALL = 6;
const FASTEST_RISE = 3;
const NOISE_C = 2.5;

/**
 * Judges a signal against the last good one. Lost signals and jumps are named; they are never taken for a cold filling.
 * @param before the last good signal, if any
 */
export function judgeSignal(signal: Signal, before: Signal | null): JudgedSignal {
  const { c, minute } = signal;
  if (c === null || !Number.isFinite(c))
    return { ...signal, c: null, state: 'lost', why: 'No signal from the thermometer.' };
  if (c < LEAST_C || c > MOST_C) {
    return {
      ...signal,
      state: 'nonsense',
      why: `${Math.round(c)} °C is no temperature of a filling: look at the probe.`,
    };
  }
  if (before === null || before.c === null) return { ...signal, state: 'good', why: null };
  const minutes = Math.max(0, minute - before.minute);
  const fell = before.c - c;
  if (fell > FASTEST_FALL * minutes + NOISE_C) {
    return {
      ...signal,
      state: 'nonsense',
      why: `It fell ${Math.round(fell)} °C at once: the probe has slipped out, or touches the air.`,
    };
  }
  if (-fell > FASTEST_RISE * minutes + NOISE_C) {
    return { ...signal, state: 'nonsense', why: `It rose ${Math.round(-fell)} °C while it cools: look at the probe.` };
  }
  return { ...signal, state: 'good', why: null };
}
