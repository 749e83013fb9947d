/** What a plan of cooling is, and its stretches: where it stands one after the other, what is around it, and when it is stirred. */
import { type Composition } from '../food/composition';
import { convective, type Exchange } from '../heat/problem';
import { wetFace } from '../heat/surfaces';
import { type Base, BASES } from '../vocabulary/bases';
import { type Place, PLACES } from '../vocabulary/places';
import { airOf } from './air';

/** In a plan that is stirred only in some of its legs, stirring is mixing this often, minutes. */
const STIRRED_EVERY = 1;
/** After so many stirs the next ones are taken half as often, and so on: by then there is little left to mix. */
export const STIRS_AS_SAID = 24;

/** Where it stands, and how, for a while. */
interface CoolingSurroundings {
  base: Base;
  place: Place;
  /** Where it differs from the place's usual temperature, °C. */
  ambientC?: number;
  covered: boolean;
  /** Stirred or pourable: one temperature throughout. */
  stirred: boolean;
  /** Stirred every so many minutes; each stir mixes. */
  stirEveryMinutes?: number | null;
}

export interface CoolingLeg extends CoolingSurroundings {
  minutes: number;
  /** Depth in this leg, mm, where it differs from the plan's: spread later, it mixes and lies shallower from then on. */
  depthMm?: number | null;
}

export interface CoolingPlan extends CoolingSurroundings {
  massG: number;
  composition: Composition;
  startC: number;
  depthMm: number;
  /** A round vessel of that depth: its wall gives off heat. Spread in a later leg, it lies in something flat. */
  isRound?: boolean;
  /** What comes before it stands as the plan itself says. */
  legs?: readonly CoolingLeg[];
  /** Multiplies every surface coefficient but the ice bath's: fitted from readings, 1 where nothing is known. */
  factor?: number;
}

/** A leg with its end, s from the start; the last one has none. */
export interface Stretch extends CoolingSurroundings {
  endS: number;
  depthMm: number;
}

/** A plan's legs and then the plan itself, each with its end. */
export function stretchesOf({ legs = [], ...plan }: CoolingPlan): Stretch[] {
  let endS = 0;
  const before = legs.map((leg) => {
    endS += leg.minutes * 60;
    return { ...leg, depthMm: leg.depthMm ?? plan.depthMm, endS };
  });
  return [...before, { ...plan, endS: Infinity }];
}

/** The faces of a stretch: air above, what it stands on below. */
export interface Faces {
  outer: (surfaceC: number) => Exchange;
  inner: Exchange;
}

/** @param factor multiplies every surface coefficient but the ice bath's */
export function facesOf(s: Stretch, factor: number): Faces {
  const airC = airOf(s);
  const h = PLACES[s.place].h * factor;
  const underneath = BASES[s.base];
  // Ice and water in touch with metal do not depend on the kitchen's air.
  const below = underneath.mediumC === null ? underneath.h * factor : underneath.h;
  const dry = convective(h, airC);
  return {
    outer: s.covered ? (surfaceC) => dry(surfaceC, 0) : wetFace(h, airC),
    inner: { h: below, mediumC: underneath.mediumC ?? airC },
  };
}

/** When it is stirred next, s; never where nothing is stirred, or where stirring is in the material already. */
export function nextStir(
  { stirred, stirEveryMinutes }: Stretch,
  seconds: number,
  allStirred: boolean,
  stirs: number,
): number {
  if (allStirred) return Infinity;
  const every = stirred ? STIRRED_EVERY : (stirEveryMinutes ?? Infinity);
  return every > 0 ? seconds + every * 60 * 2 ** Math.floor(stirs / STIRS_AS_SAID) : Infinity;
}
