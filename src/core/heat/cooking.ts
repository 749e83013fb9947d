/** Cooking a parcel by a plan of steps: how its coldest part approaches the limit, and how its faces brown. */
import { type Composition } from '../food/composition';
import { browningRate, type Dose, IN_FAT } from './crust';
import { foodMaterialOf } from './material';
import { type HeatedParcel, type ParcelInput, type ParcelState, type Surroundings } from './parcel';
import { type Layer } from './problem';
import { crossing, stateAt } from './states';
import { type HeatingRun, heatingRun, type HeatStep, type SteppedPlan } from './stepped';
import { walled } from './walled';

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

/** A step of the plan, as the parcel meets it. */
export interface CookingStep {
  minutes: number;
  above: Surroundings;
  below: Surroundings;
  turn: boolean;
  /** Heat goes in; else it rests. */
  heats: boolean;
  /** What it takes until the faces above and below are brown; without it as in fat. */
  browns?: { above: Dose; below: Dose };
  /** A finish, such as a grill: where more time is needed, another step goes on. */
  isFinish?: boolean;
  /** How hot it is so many seconds after the step began, where the parcels themselves cool it: all round the same. */
  path?: (seconds: number) => number;
}

export interface CookingPlan {
  parcel: ParcelBody;
  startC: number;
  steps: readonly [CookingStep, ...CookingStep[]];
  boilingC: number;
  /** Of a round pan, mm: its wall heats, too. */
  wallRadiusMm?: number;
}

export interface CookingSample {
  minute: number;
  centreC: number;
  wrapperC: number;
  /** The face that was above at the start, crust included, and the one below; where there is one face, the same. */
  surfaceC: number;
  bottomC: number;
}

/** What must get hot: the coldest of the filling, or the wrapper where it meets the filling. */
export interface CookingTarget {
  at: 'centre' | 'wrapper';
  c: number;
}

/** When a face is brown, and when it is too brown; null where it is not within what was computed. */
export interface Browning {
  brownAt: number | null;
  burntAt: number | null;
}

/** Temperatures inside at some minutes: at each depth of `shares`, from the centre (of a slab, from what lay below) outwards, °C. */
export interface Profile {
  shares: readonly number[];
  at: readonly { minute: number; c: readonly number[] }[];
}

interface CookingCurve {
  samples: CookingSample[];
  /** Inside, as the minutes pass; empty where it was not asked for. */
  profile: Profile;
  /** Minutes until the target is reached, the last step that heats going on as long as it takes; null where not within three hours. */
  minutesTo(c: number): number | null;
  /** Of each face, as long as it is computed. */
  above: Browning;
  below: Browning;
  /** Share of the heat taken in that is not accounted for. */
  residual: number;
}

/** The longest cooking computed, minutes. */
const LONGEST = 180;
/** Of a ball or bar so much of the surface lies on what is below it. House estimate. */
const LYING = 0.3;

/** One coefficient for what is round: its faces by their share of the surface, each with its own medium. */
export function averaged(above: Surroundings, below: Surroundings): Surroundings {
  const [a, b] = [(1 - LYING) * above.h, LYING * below.h];
  const dry = (1 - LYING) * (above.hDry ?? above.h) + LYING * (below.hDry ?? below.h);
  return { h: a + b, hDry: dry, mediumC: (a * above.mediumC + b * below.mediumC) / (a + b) };
}

const stepFor = ({ minutes, above, below, turn, path }: CookingStep, isSlab: boolean): HeatStep =>
  isSlab ? { minutes, outer: above, inner: below, turn, path } : { minutes, outer: averaged(above, below), path };

/** From the middle outward: half the filling, and the wrapper round it. */
function layersOf({ parcel, boilingC }: Pick<CookingPlan, 'parcel' | 'boilingC'>): [filling: Layer, wrapper: Layer] {
  return [
    { thickness: parcel.fillingMm / 1000, material: foodMaterialOf(parcel.filling), capC: boilingC },
    {
      thickness: parcel.wrapperMm / 1000,
      material: foodMaterialOf(parcel.wrapper, {
        density: parcel.wrapperDensity,
        conductivityFactor: parcel.wrapperConductivity,
      }),
      capC: boilingC,
    },
  ];
}

/** The parcel as it swims: the same all round. */
export const swimming = (plan: Pick<CookingPlan, 'parcel' | 'boilingC' | 'startC'>): Omit<ParcelInput, 'around'> => ({
  dimension: plan.parcel.dimension,
  layers: layersOf(plan),
  startC: plan.startC,
  crustWater: plan.parcel.wrapperDensity * plan.parcel.wrapper.water,
});

function steppedFrom(plan: CookingPlan): SteppedPlan {
  const { parcel, startC, steps } = plan;
  const isSlab = parcel.dimension === 1;
  const [half, wrapper] = layersOf(plan);
  const filling = isSlab ? { ...half, thickness: 2 * half.thickness } : half;
  const [first, ...rest] = steps.map((step) => stepFor(step, isSlab));
  return {
    dimension: parcel.dimension,
    layers: isSlab ? [wrapper, filling, wrapper] : [filling, wrapper],
    startC,
    steps: [first, ...rest],
    crustWater: parcel.wrapperDensity * parcel.wrapper.water,
  };
}

/** A plan as it is cooked, the wall of its pan counted in. */
function runOf(
  plan: CookingPlan,
  options: { refinement?: number; cells?: number },
  watch?: (body: HeatedParcel, now: ParcelState) => void,
): HeatingRun {
  const run = heatingRun({ ...steppedFrom(plan), ...options }, watch);
  return (...until) => {
    const states = run(...until);
    if (plan.wallRadiusMm === undefined) return states;
    return walled(states, {
      radius: plan.wallRadiusMm / 1000,
      material: layersOf(plan)[0].material,
      boilingC: plan.boilingC,
      steps: plan.steps.map(({ minutes, below, heats }) => ({ minutes, heats, mediumC: below.mediumC, h: below.h })),
    });
  };
}

/** The plan with its last step that heats, a finish apart, going on for as long as anything is computed, and nothing after it. */
function goingOn(plan: CookingPlan): CookingPlan {
  const goesOn = plan.steps.map(({ heats, isFinish = false }) => heats && !isFinish).lastIndexOf(true);
  const last = goesOn >= 0 ? goesOn : plan.steps.map(({ heats }) => heats).lastIndexOf(true);
  const index = last < 0 ? plan.steps.length - 1 : last;
  const [first, ...rest] = plan.steps
    .slice(0, index + 1)
    .map((step, i) => (i === index ? { ...step, minutes: Math.max(step.minutes, LONGEST) } : step));
  return { ...plan, steps: [first, ...rest] };
}

const placeOf = ({ at }: CookingTarget): 'coldestC' | 'wrapperC' => (at === 'centre' ? 'coldestC' : 'wrapperC');

/** Minutes until the target is reached, and nothing else: by the plan, or its last step that heats going on; null where never. */
export function minutesUntilDone(plan: CookingPlan, target: CookingTarget, cells?: number): number | null {
  const place = placeOf(target);
  const whole = goingOn(plan);
  const isThere = (now: ParcelState): boolean => now[place] >= target.c;
  const isOver = (now: ParcelState): boolean => isThere(now) || now.seconds >= LONGEST * 60;
  // Where nothing follows the step that goes on, the plan as it is is the beginning of that: solved once.
  const isBeginning = whole.steps.length === plan.steps.length && minutesOf(plan) <= LONGEST;
  const planned = isBeginning ? null : crossing(runOf(plan, { cells })(isThere), place, target.c, 'up');
  return planned ?? crossing(runOf(whole, { cells })(isOver), place, target.c, 'up');
}

const minutesOf = ({ steps }: CookingPlan): number => steps.reduce((sum, step) => sum + step.minutes, 0);

/** The coldest of the filling at some minutes, °C, the last step that heats going on where the plan is over by then. */
export function coreAt(plan: CookingPlan, minutes: readonly number[], cells?: number): number[] {
  const until = Math.min(LONGEST, Math.max(...minutes)) * 60;
  const whole = minutesOf(plan) * 60 >= until ? plan : goingOn(plan);
  const states = runOf(whole, { cells })(undefined, until);
  return minutes.map((minute) => stateAt(states, Math.min(minute * 60, until)).coldestC);
}

/**
 * Cooks by the plan, and on until the target is reached where the plan does not reach it.
 * @param options `atLeast`: minutes that it goes on for in any case; `inside`: with the temperatures inside; `brownsBy`: a face
 *   that is still pale is looked after for so many minutes
 */
export function cookingCurve(
  plan: CookingPlan,
  target: CookingTarget,
  {
    refinement = 1,
    atLeast = 0,
    inside = false,
    brownsBy = 0,
  }: { refinement?: number; atLeast?: number; inside?: boolean; brownsBy?: number } = {},
): CookingCurve {
  const place = placeOf(target);
  const isSlab = plan.parcel.dimension === 1;
  const seen: { minute: number; c: readonly number[] }[] = [];
  const watch = (body: HeatedParcel, now: ParcelState): void => {
    if (inside) seen.push({ minute: now.seconds / 60, c: body.profile(SHARES) });
  };
  // Where nothing follows the step that goes on, more time only makes the plan longer: it is not cooked a second time.
  const whole = goingOn(plan);
  const isOnlyLonger = whole.steps.length === plan.steps.length;
  const onward = runOf(whole, { refinement }, watch);
  const run = isOnlyLonger ? onward : runOf(plan, { refinement }, watch);
  const plannedS = minutesOf(plan) * 60;
  const planned = run(undefined, plannedS);
  const isThere = planned.some((now) => now[place] >= target.c) && plannedS >= atLeast * 60;
  if (!isThere && !isOnlyLonger) seen.length = 0;
  const shown = isThere
    ? planned
    : onward((now) => (now[place] >= target.c && now.seconds >= atLeast * 60) || now.seconds >= LONGEST * 60);
  const profile = { shares: SHARES, at: evenly(seen, plan.startC) };
  const end = shown[shown.length - 1];
  return {
    samples: Array.from({ length: INTERVALS + 1 }, (_, i) => sampleAt(shown, (end.seconds * i) / INTERVALS, isSlab)),
    profile,
    minutesTo: (c) => crossing(shown, place, c, 'up'),
    ...facesOf(plan, shown, isSlab, brownsBy, onward),
    residual: end.residual,
  };
}

const INTERVALS = 60;
/** Depths that are looked at inside, and minutes. */
const SHARES = Array.from({ length: 17 }, (_, i) => i / 16);
const PROFILES = 48;

/** Of all that was seen some, evenly over the time, the beginning among them. */
function evenly(seen: readonly Profile['at'][number][], startC: number): Profile['at'] {
  if (seen.length === 0) return [];
  const end = seen[seen.length - 1].minute;
  const wanted = Array.from({ length: PROFILES }, (_, i) => ((i + 1) * end) / PROFILES);
  const chosen = new Set(wanted.map((minute) => seen.find((s) => s.minute >= minute - 1e-9) ?? seen[seen.length - 1]));
  return [{ minute: 0, c: SHARES.map(() => startC) }, ...chosen];
}

function sampleAt(states: readonly ParcelState[], seconds: number, isSlab: boolean): CookingSample {
  const now = stateAt(states, seconds);
  return {
    minute: seconds / 60,
    centreC: now.coldestC,
    wrapperC: now.wrapperC,
    surfaceC: now.outerFaceC,
    bottomC: isSlab ? now.innerFaceC : now.outerFaceC,
  };
}

/** What a face needs at a second: by the step it is in; past the end as in the last. */
function dosesOf({ steps }: CookingPlan, face: 'above' | 'below'): (seconds: number) => Dose {
  let end = 0;
  const until = steps.map(({ minutes, browns }) => ({ end: (end += minutes * 60), dose: browns?.[face] ?? IN_FAT }));
  return (seconds) => (until.find((step) => seconds <= step.end + 1e-6) ?? until[until.length - 1]).dose;
}

/** Whether anything could be brown after so many minutes: no face gets hotter than the hottest that it meets. */
function couldBrown({ steps, startC }: CookingPlan, minutes: number): boolean {
  const hottest = Math.max(startC, ...steps.flatMap(({ above, below }) => [above.mediumC, below.mediumC]));
  const least = Math.min(
    ...steps.flatMap(({ browns }) => [browns?.above ?? IN_FAT, browns?.below ?? IN_FAT]).map((d) => d.brown),
  );
  return minutes * browningRate(hottest) >= least;
}

/** When each face is brown; one that is pale to the end, when it would be if the heat went on. Too brown is only what is seen. */
function facesOf(
  plan: CookingPlan,
  shown: readonly ParcelState[],
  isSlab: boolean,
  brownsBy: number,
  onward: HeatingRun,
): { above: Browning; below: Browning } {
  const seenIn = (states: readonly ParcelState[]): { above: Browning; below: Browning } => {
    const top = browningOf(states, 'outerFaceC', dosesOf(plan, 'above'));
    return { above: top, below: isSlab ? browningOf(states, 'innerFaceC', dosesOf(plan, 'below')) : top };
  };
  const faces = seenIn(shown);
  const isLonger = shown[shown.length - 1].seconds < brownsBy * 60;
  if (!isLonger || (faces.above.brownAt !== null && faces.below.brownAt !== null)) return faces;
  // In water or steam nothing browns however long it goes on: it is not worked out.
  if (!couldBrown(plan, brownsBy)) return faces;
  const on = seenIn(onward(undefined, brownsBy * 60));
  const later = (face: 'above' | 'below'): Browning => ({
    ...faces[face],
    brownAt: faces[face].brownAt ?? on[face].brownAt,
  });
  return { above: later('above'), below: later('below') };
}

/** How far a face has browned, step by step of the solver: each minute's share of what it needs there. */
function browningOf(
  states: readonly ParcelState[],
  face: 'outerFaceC' | 'innerFaceC',
  doseAt: (seconds: number) => Dose,
): Browning {
  let [brown, burnt] = [0, 0];
  let [brownAt, burntAt]: [number | null, number | null] = [null, null];
  for (let i = 1; i < states.length; i++) {
    const minutes = (states[i].seconds - states[i - 1].seconds) / 60;
    const counted = minutes * browningRate((states[i][face] + states[i - 1][face]) / 2);
    const dose = doseAt(states[i].seconds);
    brown += counted / dose.brown;
    burnt += counted / dose.burnt;
    if (brownAt === null && brown >= 1) brownAt = states[i].seconds / 60;
    if (burntAt === null && burnt >= 1) burntAt = states[i].seconds / 60;
  }
  return { brownAt, burntAt };
}
