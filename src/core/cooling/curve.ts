/**
 * Cooling of a filling in its vessel: a slab of the vessel's depth, losing heat above and below, in one or several legs
 * ("20 minutes on the counter, then the fridge"), stirred now and then or not at all.
 */
import { type State } from '../heat/problem';
import { crossing, stateAt } from '../heat/states';
import { type Track } from '../safety/exposure';
import { Cooling } from './simulation';
import { type CoolingPlan } from './stretches';

export interface CoolingSample {
  minute: number;
  /** The warmest place inside, which is what must be cold enough. */
  centreC: number;
  /** Where that is: 0 the floor of the vessel, 1 the top. */
  warmestAt: number;
  meanC: number;
  surfaceC: number;
}

/** How the warmest place falls within the time computed. */
export interface CoolingCurve {
  samples: CoolingSample[];
  /** The warmest place at every step. */
  track: Track;
  /** Minutes until the warmest place has fallen to a temperature; null where it does not. */
  minutesTo(c: number): number | null;
  /** So many samples at even times up to a minute, the first and the last included. */
  samplesTo(minute: number): CoolingSample[];
  /** The warmest place, and the one nearest the surface, at a minute. */
  at(minute: number): CoolingSample;
  /** g of water lost as steam by a minute. */
  evaporatedAt(minute: number): number;
  /** Heat lost as a share of the heat given up, 1 where the energy balance closes. */
  energyBalance: number;
  /** Steps that it took: what it cost. */
  steps: number;
  /** So many stirs and moves that it was worked out with fewer stirs, or with coarser steps. */
  isCoarse: boolean;
}

/**
 * Cools until the warmest place is at `untilC`, °C, or for a day.
 * @param refinement so many times as many cells, for tests
 */
export function coolingCurve(plan: CoolingPlan, untilC: number, refinement = 1): CoolingCurve {
  const cooling = new Cooling(plan, refinement);
  cooling.coolTo(untilC);
  const { states, isCoarse } = cooling;
  const last = states[states.length - 1];
  const minutesTo = (c: number) => crossing(states, 'warmestC', c, 'down');
  return {
    samples: spaced(states).map(toSample),
    track: states.map(({ seconds, warmestC }) => ({ minute: seconds / 60, c: warmestC })),
    minutesTo,
    samplesTo: (minute) => spaced(states, Math.min(last.seconds, minute * 60)).map(toSample),
    at: (minute) => toSample(stateAt(states, minute * 60)),
    evaporatedAt: (minute) => stateAt(states, minute * 60).vapour * 1000,
    energyBalance: last.heatLost / Math.max(1e-9, states[0].heatLeft - last.heatLeft),
    steps: states.length,
    isCoarse,
  };
}

const toSample = ({ seconds, warmestC, warmestAt, meanC, surfaceC }: State): CoolingSample => ({
  minute: seconds / 60,
  centreC: warmestC,
  warmestAt,
  meanC,
  surfaceC,
});

/** About a hundred samples at even times, the first and the last included. */
function spaced(states: readonly State[], end = states[states.length - 1].seconds): State[] {
  if (end === 0) return [states[0]];
  const intervals = 96;
  return Array.from({ length: intervals + 1 }, (_, i) => stateAt(states, (end * i) / intervals));
}
