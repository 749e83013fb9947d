/**
 * Cooling of a filling in its vessel: a slab of the vessel's depth, losing heat above and below, in one or several legs
 * ("20 minutes on the counter, then the fridge"), stirred now and then or not at all.
 */
import { type Composition } from '../food/composition';
import { thermalProperties } from '../food/thermal';
import { type Track } from '../safety/exposure';
import { airOf } from './air';
import { Body } from '../heat/conduction';
import { convective, type Exchange, type State } from '../heat/problem';
import { crossing, stateAt } from '../heat/states';
import { foodMaterialOf, wellMixed } from '../heat/material';
import { type Place, PLACES } from '../vocabulary/places';
import { type Base, BASES } from '../vocabulary/bases';
import { Sides } from './sides';
import { wetFace } from '../heat/surfaces';

/** Where it stands, and how, for a while. */
export interface CoolingSurroundings {
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

/** The longest cooling computed: a day, minutes. */
export const LONGEST_COOLING = 24 * 60;
/** Enough for a slab: three times as many change a cooling by less than 1 % (test). */
const CELLS = 30;
/** A stirred pot is one temperature: a conductivity so large that no gradient is left, W/m·K. */
const WELL_MIXED_K = 1e4;
/** In a plan that is stirred only in some of its legs, stirring is mixing this often, minutes. */
const STIRRED_EVERY = 1;
/** After so many stirs the next ones are taken half as often, and so on: by then there is little left to mix. */
const STIRS_AS_SAID = 24;
/** An ordinary cooling takes some hundred steps. After so many they are taken twice as coarse, and so on. */
const STEPS_AS_FINE = 600;
/** Falling more slowly than 0.02 °C in an hour counts as rest, °C/s. */
const RESTING_C_PER_S = 0.02 / 3600;

/** Heat through the wall is taken at least this often, s. */
const WALL_STEP_S = 120;
/** The temperature at which a pot's own figures are taken, °C: the middle of its way. */
const MIDDLE_C = 50;

function sidesOf({ composition }: CoolingPlan, areaM2: number, isStirred: boolean): Sides {
  const { k, density, heatCapacity } = thermalProperties(composition, MIDDLE_C);
  return new Sides(Math.sqrt(areaM2 / Math.PI), isStirred ? WELL_MIXED_K : k, density * heatCapacity);
}

/** A leg with its end, s from the start; the last one has none. */
interface Stretch extends CoolingSurroundings {
  endS: number;
  depthMm: number;
}

function stretchesOf({ legs = [], ...plan }: CoolingPlan): Stretch[] {
  let endS = 0;
  const before = legs.map((leg) => {
    endS += leg.minutes * 60;
    return { ...leg, depthMm: leg.depthMm ?? plan.depthMm, endS };
  });
  return [...before, { ...plan, endS: Infinity }];
}

/** Cools until the warmest place is at `untilC`, or for a day. */
export function coolingCurve(plan: CoolingPlan, untilC: number, refinement = 1): CoolingCurve {
  const food = foodMaterialOf(plan.composition);
  const stretches = stretchesOf(plan);
  const allStirred = stretches.every((s) => s.stirred);
  const material = allStirred ? wellMixed(food, WELL_MIXED_K) : food;
  const factor = plan.factor ?? 1;
  const faces = stretches.map((s) => facesOf(s, factor));
  const density = thermalProperties(plan.composition, 20).density;
  const areaOf = (stretch: Stretch): number => plan.massG / 1000 / density / (stretch.depthMm / 1000);
  const now = { stretch: 0 };
  const lay = (startC: number): Body =>
    new Body({
      dimension: 1,
      layers: [{ thickness: stretches[now.stretch].depthMm / 1000, material }],
      startC,
      outer: (surfaceC) => faces[now.stretch].outer(surfaceC),
      inner: () => faces[now.stretch].inner,
      capC: 100,
      cells: CELLS,
      refinement,
    });
  const sides = plan.isRound === true ? sidesOf(plan, areaOf(stretches[stretches.length - 1]), allStirred) : null;
  /** The wall belongs to the vessel that is planned; a leg at another depth lies in another. */
  const hasWall = (stretch: Stretch): boolean => sides !== null && stretch.depthMm === plan.depthMm;
  let body = lay(plan.startC);
  /** What the bodies before have seen: a filling that is spread is a new body with an old past. */
  let past = { seconds: 0, vapour: 0, heatLost: 0 };
  const whole = (s: State): State => {
    const area = areaOf(stretches[now.stretch]);
    const stretch = stretches[now.stretch];
    // The warmest place of a pot is on its axis.
    const warmestC =
      sides && hasWall(stretch) ? Math.max(s.warmestC, sides.atAxis(s.warmestC, airOf(stretch))) : s.warmestC;
    return {
      ...s,
      warmestC: Math.min(plan.startC, warmestC),
      seconds: past.seconds + s.seconds,
      vapour: past.vapour + s.vapour * area,
      heatLost: past.heatLost + s.heatLost * area,
      heatLeft: s.heatLeft * area,
    };
  };
  const states: State[] = [whole(body.state())];
  let state = states[0];
  let stirs = 0;
  let timesCoarse = 0;
  let stirAt = nextStir(stretches[0], 0, allStirred, stirs);
  while (state.warmestC > untilC && state.seconds < LONGEST_COOLING * 60) {
    const { endS, depthMm } = stretches[now.stretch];
    const event = Math.min(endS, stirAt, LONGEST_COOLING * 60);
    if (states.length >= STEPS_AS_FINE * (timesCoarse + 1)) {
      timesCoarse += 1;
      body.coarsen();
    }
    const stretch = stretches[now.stretch];
    const longest = hasWall(stretch) ? WALL_STEP_S : Infinity;
    body.advance(Math.min(longest, event - state.seconds));
    if (sides && hasWall(stretch)) {
      const h = PLACES[stretch.place].h * factor;
      const seconds = past.seconds + body.state().seconds - state.seconds;
      body.loseAside(airOf(stretch), sides.pass(seconds, h));
    }
    const then = whole(body.state());
    states.push(then);
    const heat = (state.heatLeft - then.heatLeft) / (then.seconds - state.seconds);
    // Counted in heat, not degrees: while it freezes, the temperature hardly moves.
    const resting = RESTING_C_PER_S * food.slope(untilC) * (depthMm / 1000) * areaOf(stretches[now.stretch]);
    const isLast = now.stretch === stretches.length - 1;
    state = then;
    if (then.seconds >= event - 1e-6 && event < LONGEST_COOLING * 60) {
      if (then.seconds >= stirAt - 1e-6) {
        body.mix();
        sides?.mix();
        stirs += 1;
      }
      if (then.seconds >= endS - 1e-6) {
        const next = stretches[now.stretch + 1];
        if (next.depthMm === depthMm) body.restart();
        else {
          // Spreading mixes it.
          body.mix();
          sides?.mix();
          const { meanC } = body.state();
          past = { seconds: then.seconds, vapour: then.vapour, heatLost: then.heatLost };
          now.stretch += 1;
          body = lay(meanC);
          for (let i = 0; i < timesCoarse; i++) body.coarsen();
          now.stretch -= 1;
        }
        now.stretch += 1;
      }
      stirAt = nextStir(stretches[now.stretch], then.seconds, allStirred, stirs);
      state = whole(body.state());
      states.push(state);
    } else if (isLast && heat < resting) {
      // It has come to rest warmer than that: a day more would not change it.
      break;
    }
  }
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
    isCoarse: stirs > STIRS_AS_SAID || timesCoarse > 0,
  };
}

const toSample = ({ seconds, warmestC, warmestAt, meanC, surfaceC }: State): CoolingSample => ({
  minute: seconds / 60,
  centreC: warmestC,
  warmestAt,
  meanC,
  surfaceC,
});

/** The faces of a stretch: air above, what it stands on below. */
function facesOf(s: Stretch, factor: number): { outer: (surfaceC: number) => Exchange; inner: Exchange } {
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
function nextStir({ stirred, stirEveryMinutes }: Stretch, seconds: number, allStirred: boolean, stirs: number): number {
  if (allStirred) return Infinity;
  const every = stirred ? STIRRED_EVERY : (stirEveryMinutes ?? Infinity);
  return every > 0 ? seconds + every * 60 * 2 ** Math.floor(stirs / STIRS_AS_SAID) : Infinity;
}

/** About a hundred samples at even times, the first and the last included. */
function spaced(states: readonly State[], end = states[states.length - 1].seconds): State[] {
  if (end === 0) return [states[0]];
  const intervals = 96;
  return Array.from({ length: intervals + 1 }, (_, i) => stateAt(states, (end * i) / intervals));
}
