/** Heating a parcel: how its centre, and the coldest of a load, approach the limit. */
import { type Composition } from '../food/composition';
import { Body } from './conduction';
import { convective, type State } from './problem';
import { crossing, stateAt } from './states';
import { foodMaterial } from './material';

export interface ParcelBody {
  /** 1 slab to 3 sphere */
  dimension: number;
  /** Half the filling's thickness, mm. */
  fillingMm: number;
  /** The wrapper's thickness once it has risen, mm. */
  wrapperMm: number;
  filling: Composition;
  wrapper: Composition;
  /** kg/m³ of the wrapper as it cooks: less than compact where it has risen. */
  wrapperDensity: number;
  /** Steam condensing inwards carries heat through a risen crumb: factor on the compact dough's conductivity. */
  wrapperConductivity: number;
}

export interface CookingPlan {
  parcel: ParcelBody;
  startC: number;
  mediumC: number;
  h: number;
  boilingC: number;
}

export interface CookingSample {
  minute: number;
  centreC: number;
  wrapperC: number;
  surfaceC: number;
}

/** What must get hot: the filling's centre, or the wrapper where it meets the filling. */
export interface CookingTarget {
  at: 'centre' | 'wrapper';
  c: number;
}

export interface CookingCurve {
  samples: CookingSample[];
  /** Minutes until the target's place has reached a temperature; null where it does not within three hours. */
  minutesTo(c: number): number | null;
}

/** The longest cooking computed, minutes. */
const LONGEST = 180;

/**
 * Heats until the target is reached, or for three hours.
 * @param atLeast minutes that the curve goes on for in any case
 */
export function cookingCurve(plan: CookingPlan, target: CookingTarget, atLeast = 0, refinement = 1): CookingCurve {
  const { parcel } = plan;
  const place = target.at === 'centre' ? 'centreC' : 'wrapperC';
  const body = new Body({
    dimension: parcel.dimension,
    layers: [
      { thickness: parcel.fillingMm / 1000, material: foodMaterial(parcel.filling) },
      {
        thickness: parcel.wrapperMm / 1000,
        material: foodMaterial(parcel.wrapper, {
          density: parcel.wrapperDensity,
          conductivityFactor: parcel.wrapperConductivity,
        }),
      },
    ],
    startC: plan.startC,
    outer: convective(plan.h, plan.mediumC),
    capC: plan.boilingC,
    refinement,
  });
  const states: State[] = [body.state()];
  for (let now = states[0]; now[place] < target.c || now.seconds < atLeast * 60; states.push(now)) {
    if (now.seconds >= LONGEST * 60) break;
    now = body.advance(LONGEST * 60 - now.seconds);
  }
  const minutesTo = (c: number) => crossing(states, place, c, 'up');
  const end = states[states.length - 1].seconds;
  const samples = Array.from({ length: INTERVALS + 1 }, (_, i) => toSample(stateAt(states, (end * i) / INTERVALS)));
  return { samples, minutesTo };
}

const INTERVALS = 60;

const toSample = ({ seconds, centreC, wrapperC, surfaceC }: State): CookingSample => ({
  minute: seconds / 60,
  centreC,
  wrapperC,
  surfaceC,
});
