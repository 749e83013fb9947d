/** Cooling of a filling in its vessel: a slab of the vessel's depth, losing heat above and below. */
import { type Composition } from '../food/composition';
import { thermalProperties } from '../food/thermal';
import { Body, convective, type State } from './conduction';
import { crossing, stateAt } from './states';
import { foodMaterial } from './material';
import { AIR, type Base, type Place, UNDERNEATH, wetFace } from './surfaces';

export interface CoolingPlan {
  massG: number;
  composition: Composition;
  startC: number;
  depthMm: number;
  base: Base;
  place: Place;
  /** Where it differs from the place's usual temperature, °C. */
  ambientC?: number;
  covered: boolean;
  /** Stirred or pourable: one temperature throughout. */
  stirred: boolean;
}

export interface CoolingSample {
  minute: number;
  /** The warmest place inside, which is what must be cold enough. */
  centreC: number;
  meanC: number;
  surfaceC: number;
}

export interface CoolingCurve {
  samples: CoolingSample[];
  /** Minutes until the warmest place has fallen to a temperature; null where it does not within the time computed. */
  minutesTo(c: number): number | null;
  /** Minutes from one temperature down to another; null where the second is not reached. */
  minutesBetween(fromC: number, toC: number): number | null;
  /** g of water lost as steam by a minute. */
  evaporatedAt(minute: number): number;
  /** Heat lost as a share of the heat given up, 1 where the energy balance closes. */
  energyBalance: number;
}

/** A stirred pot is one temperature: a conductivity so large that no gradient is left, W/m·K. */
const WELL_MIXED_K = 1e4;
/** The longest cooling computed: a day, minutes. */
export const LONGEST_COOLING = 24 * 60;

/** Falling more slowly than 0.02 °C in an hour counts as rest, °C/s. */
const RESTING_C_PER_S = 0.02 / 3600;

/** Cools until the warmest place is at `untilC`, or for a day. */
export function coolingCurve(plan: CoolingPlan, untilC: number, refinement = 1): CoolingCurve {
  const food = foodMaterial(plan.composition);
  const material = plan.stirred ? { ...food, k: () => WELL_MIXED_K } : food;
  const air = AIR[plan.place];
  const airC = plan.ambientC ?? air.ambientC;
  const underneath = UNDERNEATH[plan.base];
  const body = new Body({
    dimension: 1,
    layers: [{ thickness: plan.depthMm / 1000, material }],
    startC: plan.startC,
    outer: plan.covered ? convective(air.h, airC) : wetFace(air.h, airC),
    inner: convective(underneath.h, underneath.mediumC ?? airC),
    capC: 100,
    refinement,
  });
  const states: State[] = [body.state()];
  // Counted in heat, not degrees: while it freezes, the temperature hardly moves.
  const restingHeat = RESTING_C_PER_S * food.slope(untilC) * (plan.depthMm / 1000);
  for (let now = states[0]; now.warmestC > untilC && now.seconds < LONGEST_COOLING * 60;) {
    const then = body.advance(LONGEST_COOLING * 60 - now.seconds);
    states.push(then);
    // It has come to rest warmer than that: a day more would not change it.
    if ((now.heatLeft - then.heatLeft) / (then.seconds - now.seconds) < restingHeat) break;
    now = then;
  }
  const last = states[states.length - 1];
  const areaM2 = plan.massG / 1000 / thermalProperties(plan.composition, 20).density / (plan.depthMm / 1000);
  const minutesTo = (c: number) => crossing(states, 'warmestC', c, 'down');
  return {
    samples: spaced(states).map(({ seconds, warmestC, meanC, surfaceC }) => ({
      minute: seconds / 60,
      centreC: warmestC,
      meanC,
      surfaceC,
    })),
    minutesTo,
    minutesBetween: (fromC, toC) => {
      const to = minutesTo(toC);
      return to === null ? null : to - (minutesTo(fromC) ?? 0);
    },
    evaporatedAt: (minute) => stateAt(states, minute * 60).vapour * areaM2 * 1000,
    energyBalance: last.heatLost / Math.max(1e-9, states[0].heatLeft - last.heatLeft),
  };
}

/** About a hundred samples at even times, the first and the last included. */
function spaced(states: readonly State[]): State[] {
  const end = states[states.length - 1].seconds;
  if (end === 0) return [states[0]];
  const intervals = 96;
  return Array.from({ length: intervals + 1 }, (_, i) => stateAt(states, (end * i) / intervals));
}
