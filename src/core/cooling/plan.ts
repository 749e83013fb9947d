/** The cooling of a batch as the solver takes it: what is hot, in which vessel, where. Without the solver: screens use it too. */
import { thermalProperties } from '../food/thermal';
import { airOf } from './air';
import { type CoolingPlan } from './stretches';
import { type Kitchen } from '../stored/kitchen';
import { type Batch } from '../stored/schema';
import { PLACES } from '../vocabulary/places';
import { VESSELS } from '../vocabulary/vessels';
import { type HotPart } from './hot-part';
import { learnedFactor } from './learned';
import { MOST } from '../vocabulary/limits';
import { depthIn } from './vessels';

export type Cool = Batch['cool'];
type Surroundings = Pick<Cool, 'base' | 'place' | 'ambientC' | 'covered' | 'stirred' | 'stirEveryMinutes'>;

/** The plan as the solver takes it. */
export function coolingPlan(cool: Cool, part: HotPart, kitchen: Kitchen): CoolingPlan {
  const surroundings = (s: Surroundings) => ({
    base: s.base,
    place: s.place,
    covered: s.covered,
    stirEveryMinutes: s.stirEveryMinutes,
    ambientC: airOf(s, kitchen),
    stirred: s.stirred || part.isPourable,
  });
  const massG = part.massG * cool.share;
  return {
    ...surroundings(cool),
    massG,
    composition: part.composition,
    startC: cool.startC,
    depthMm: depthIn(cool, massG, part.density),
    isRound: VESSELS[cool.vessel.kind].isRound,
    // Where it has stood is past changing; the plan follows.
    legs: [...(cool.run?.past ?? []), ...cool.legs].map((leg) => ({
      ...surroundings(leg),
      minutes: leg.minutes,
      depthMm: leg.depthMm,
    })),
    factor: learnedFactor(cool, kitchen),
  };
}

type Leg = Cool['legs'][number];

/**
 * What has happened to it by a minute, as legs: what is changed then changes only what comes after.
 * @param depthMm how deep it lies as it stands
 */
export function historyOf(cool: Cool, elapsed: number, depthMm: number): Leg[] {
  const { base, place, ambientC, covered, stirred, stirEveryMinutes } = cool;
  const history: Leg[] = [];
  let left = elapsed;
  for (const leg of [...(cool.run?.past ?? []), ...cool.legs]) {
    if (left <= 0) break;
    history.push({ ...leg, minutes: Math.min(leg.minutes, left), depthMm: leg.depthMm ?? depthMm });
    left -= leg.minutes;
  }
  // The document takes a day a leg.
  for (; left > 0; left -= DAY) {
    history.push({
      minutes: Math.min(DAY, left),
      depthMm,
      base,
      place,
      ambientC,
      covered,
      stirred,
      stirEveryMinutes,
    });
  }
  return coarsened(history.filter((leg) => leg.minutes >= 1));
}

const DAY = 24 * 60;

/** Of more legs than the document holds the earliest two become one, at the place of the longer: no minute is lost. */
function coarsened(legs: Leg[]): Leg[] {
  if (legs.length <= MOST.pastLegs) return legs;
  const [a, b, ...rest] = legs;
  return coarsened([{ ...(a.minutes >= b.minutes ? a : b), minutes: Math.min(DAY, a.minutes + b.minutes) }, ...rest]);
}

/** What is still to come of the plan's legs after a minute. */
export function legsAfter(cool: Cool, elapsed: number): Leg[] {
  let before = (cool.run?.past ?? []).reduce((sum, leg) => sum + leg.minutes, 0);
  return cool.legs.flatMap((leg) => {
    const minutes = Math.min(leg.minutes, before + leg.minutes - elapsed);
    before += leg.minutes;
    return minutes >= 1 ? [{ ...leg, minutes }] : [];
  });
}

/** Heat that so much filling gives off between two temperatures, kJ. */
export function heatBetween({ massG, composition }: CoolingPlan, fromC: number, toC: number): number {
  const { heatCapacity } = thermalProperties(composition, 40);
  return (massG / 1000) * (heatCapacity / 1000) * Math.max(0, fromC - toC);
}

/** Colder than any room: what is only in the fridge meets no warm air. */
const NO_ROOM_C = -50;

/** The warmest air it stands in outside of fridge and freezer, °C. */
export const warmestRoom = ({ legs = [], ...last }: CoolingPlan): number =>
  Math.max(NO_ROOM_C, ...[...legs, last].filter((leg) => !PLACES[leg.place].isCold).map((leg) => airOf(leg)));

/** When it goes into the cold, min from the start; null where it does not. */
export function inTheColdAt({ legs = [], place }: CoolingPlan): number | null {
  let minute = 0;
  for (const leg of [...legs, { place, minutes: 0 }]) {
    if (PLACES[leg.place].isCold) return minute;
    minute += leg.minutes;
  }
  return null;
}
