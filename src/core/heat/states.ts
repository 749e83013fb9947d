/** Reading between the solver's steps, which are short enough for a straight line. */
import { type State } from './problem';

type Numbers<T> = State & Record<keyof T, number>;

/** A state part of the way (0 to 1) from one step to the next. */
export function interpolate<T extends Numbers<T>>(a: T, b: T, part: number): T {
  const keys = Object.keys(a) as (keyof T)[];
  return Object.assign({ ...a }, Object.fromEntries(keys.map((key) => [key, a[key] + (b[key] - a[key]) * part])));
}

/** The state at a time; the first before the start, the last after the end. */
export function stateAt<T extends Numbers<T>>(states: readonly T[], seconds: number): T {
  const after = states.findIndex((state) => state.seconds >= seconds);
  if (after < 0) return states[states.length - 1];
  if (after === 0) return states[0];
  const a = states[after - 1];
  const b = states[after];
  return interpolate(a, b, (seconds - a.seconds) / (b.seconds - a.seconds));
}

/** Minutes until a temperature is first reached, rising or falling; null where it is not. */
export function crossing(
  states: readonly State[],
  place: 'centreC' | 'coldestC' | 'wrapperC' | 'warmestC',
  c: number,
  direction: 'up' | 'down',
): number | null {
  const after = states.findIndex((state) => (direction === 'up' ? state[place] >= c : state[place] <= c));
  if (after < 0) return null;
  if (after === 0) return 0;
  const a = states[after - 1];
  const b = states[after];
  return (a.seconds + ((b.seconds - a.seconds) * (c - a[place])) / (b[place] - a[place])) / 60;
}
