/** What is cold and stands on the bench warms: a filling in its bowl, a butter dough rolled out. The conduction solver with a cold start. */
import { type Composition } from '../food/composition';
import { Body } from '../heat/conduction';
import { foodMaterialOf } from '../heat/material';
import { convective, type State } from '../heat/problem';
import { stateAt } from '../heat/states';

interface WarmingPlan {
  composition: Composition;
  /** How thick it lies, mm. */
  thicknessMm: number;
  startC: number;
  airC: number;
  /** Coefficients above and below, W/m²·K. */
  above: number;
  below: number;
}

export interface Warmth {
  minute: number;
  /** In the middle of its thickness, at its warmest face, and on average, °C. */
  middleC: number;
  surfaceC: number;
  meanC: number;
}

interface WarmingCurve {
  samples: Warmth[];
  at(minute: number): Warmth;
  /** When its middle passes a temperature, minutes; null where not within the time computed. */
  minutesTo(c: number): number | null;
}

/** A bowl or a sheet on a board: air above, wood below. House estimates. */
export const BENCH = { filling: { above: 9, below: 7 }, dough: { above: 12, below: 12 } } as const;

const CELLS = 24;
const SAMPLES = 24;

/** Both halves are computed as one slab from face to face, so that its middle is where it is coldest. */
export function warmingCurve(plan: WarmingPlan, minutes: number): WarmingCurve {
  const { thicknessMm, composition, startC, airC, above, below } = plan;
  // Half a slab with the mean of both faces: the middle is the plane of symmetry, which is where the solver looks.
  const body = new Body({
    dimension: 1,
    layers: [{ thickness: thicknessMm / 2000, material: foodMaterialOf(composition) }],
    startC,
    outer: convective((above + below) / 2, airC),
    cells: CELLS,
  });
  const states: State[] = [body.state()];
  for (let now = states[0]; now.seconds < minutes * 60; states.push(now)) {
    now = body.advance(minutes * 60 - now.seconds);
  }
  const toWarmth = ({ seconds, centreC, surfaceC, meanC }: State): Warmth => ({
    minute: seconds / 60,
    middleC: centreC,
    surfaceC,
    meanC,
  });
  return {
    samples: Array.from({ length: SAMPLES + 1 }, (_, i) => toWarmth(stateAt(states, (minutes * 60 * i) / SAMPLES))),
    at: (minute) => toWarmth(stateAt(states, minute * 60)),
    minutesTo: (c) => {
      const after = states.findIndex((s) => s.centreC >= c);
      if (after < 0) return null;
      if (after === 0) return 0;
      const [a, b] = [states[after - 1], states[after]];
      return (a.seconds + ((b.seconds - a.seconds) * (c - a.centreC)) / (b.centreC - a.centreC)) / 60;
    },
  };
}
