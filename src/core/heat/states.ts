/** Reading between the solver's steps, which are short enough for a straight line. */
import { type State } from './problem';

/** A state part of the way (0 to 1) from one step to the next. */
export function interpolate(a: State, b: State, part: number): State {
  const between = (key: keyof State): number => a[key] + (b[key] - a[key]) * part;
  return {
    seconds: between('seconds'),
    centreC: between('centreC'),
    surfaceC: between('surfaceC'),
    meanC: between('meanC'),
    warmestC: between('warmestC'),
    warmestAt: between('warmestAt'),
    wrapperC: between('wrapperC'),
    coldestC: between('coldestC'),
    vapour: between('vapour'),
    innerC: between('innerC'),
    boiledOuter: between('boiledOuter'),
    boiledInner: between('boiledInner'),
    heatLost: between('heatLost'),
    heatLeft: between('heatLeft'),
  };
}

/** The state at a time; the first before the start, the last after the end. */
export function stateAt(states: readonly State[], seconds: number): State {
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
