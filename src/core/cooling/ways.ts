/** What the cook could do instead: at least six ways to cool quicker, each with what it needs and what it costs. */
import { formatDifference } from '../units/format';
import { formatArea, formatLength } from '../units/lengths';
import { iceFor, RISE_THAT_MATTERS } from './fridge';
import { formatNumber } from '../units/amount';
import { type CoolingAlternative, fridgeRiseOf, type Judged } from './judged';
import { type HotPart } from './hot-part';
import { type Cool, heatBetween } from './plan';
import { type Kitchen } from '../stored/kitchen';
import { type Operation } from '../stored/operations';
import { type CoolingPlanFields } from '../stored/runs';
import { bestTrays } from './own-trays';
import { areaFor, depthIn } from './vessels';
import { LIMITS } from '../vocabulary/limits';
import { VESSELS } from '../vocabulary/vessels';

interface Way {
  id: string;
  label: string;
  to: Partial<CoolingPlanFields>;
  /** What it asks of the cook besides room and ice. */
  hands: string;
  /** Worked out already. */
  known?: Judged;
}

/** Thinner than this is not sensible on a tray, mm; what is thinner already stays so. House estimate. */
const THIN_MM = 20;
/** A filling this hot does not go into the fridge, °C (usual advice of food authorities: let the steam off first). */
const FRIDGE_C = 60;
const STIR_MINUTES = 5;
/** So far into a rule's time the filling goes into the cold at the latest. */
const IN_TIME = 0.8;
/** What ice is to bring a filling down to, °C. */
const COOLED_C = 20;
/** Points of the thin line that a curve is drawn with. */
const POINTS = 24;

type Unmoved = Pick<Cool, 'ambientC' | 'covered' | 'stirred' | 'stirEveryMinutes'>;
const STILL: Unmoved = { ambientC: null, covered: false, stirred: false, stirEveryMinutes: null };

/** Working them all out may take so many steps of the solver; an ordinary one takes about a hundred. */
const MOST_STEPS = 6000;

/**
 * All ways, the quickest first. Where they are worked out too slowly (many legs, many stirs) only the first of them are.
 * @returns the ways, and how many were left out
 */
export function coolingWays(
  cool: Cool,
  part: HotPart,
  kitchen: Kitchen,
  judge: (cool: Cool) => Judged,
  past: { history: Cool['legs']; rest: Cool['legs'] },
): { ways: CoolingAlternative[]; leftOut: number } {
  const { history, rest } = past;
  let steps = 0;
  const all = waysFor(cool, part, kitchen, judge);
  const ways = all
    .flatMap(({ to: later, hands, known, ...way }): CoolingAlternative[] => {
      if (steps > MOST_STEPS) return [];
      // What is done now changes only what comes after.
      const to = history.length === 0 ? later : { ...later, legs: later.legs ?? rest };
      const planned: Cool = {
        ...cool,
        ...to,
        ...(cool.run !== null && history.length > 0 ? { run: { ...cool.run, past: history } } : {}),
      };
      const change: Operation[] = [
        ...(history.length > 0 ? [{ do: 'setPastLegs' as const, past: history }] : []),
        { do: 'setCool', to },
      ];
      const judged = (history.length === 0 ? known : undefined) ?? judge(planned);
      steps += judged.curve.steps;
      return [
        {
          ...way,
          change,
          ...needsOf(planned, judged, part, kitchen, hands),
          minutes: judged.minutes,
          evaporatedG: judged.evaporatedG,
          stages: judged.stages,
          samples: thin(judged),
        },
      ];
    })
    .sort((a, b) => (a.minutes ?? Infinity) - (b.minutes ?? Infinity));
  return { ways, leftOut: all.length - ways.length };
}

/** What the ways are made from. */
interface Asked {
  cool: Cool;
  part: HotPart;
  kitchen: Kitchen;
  judge: (cool: Cool) => Judged;
  /** Depth on a tray, mm. */
  depthMm: number;
  /** Spread on a tray on the counter, and how it cools there. */
  onTray: Omit<CoolingPlanFields, 'startC'>;
  counter: Judged;
}

function askedOf(cool: Cool, part: HotPart, kitchen: Kitchen, judge: (cool: Cool) => Judged): Asked {
  const lies = Math.round(depthIn(cool, part.massG * cool.share, part.density));
  const depthMm = Math.min(THIN_MM, Math.max(LIMITS.depthMm.least, lies));
  const onTray: Asked['onTray'] = {
    ...STILL,
    vessel: { kind: 'tray', areaCm2: null },
    depthMm,
    share: cool.share,
    legs: [],
    base: 'rack',
    place: 'counter',
  };
  return { cool, part, kitchen, judge, depthMm, onTray, counter: judge({ ...cool, ...onTray }) };
}

/** As it is until it no longer steams and the rule still has time, then the fridge. */
function lastStretch({ cool, judge }: Asked): Way | null {
  const { stall, stages, curve } = judge(cool);
  if (stall?.minutes == null || cool.legs.length > 0) return null;
  // Into the cold before the rule's time is up.
  const after = Math.min(stall.minutes, ...stages.map((stage) => stage.limitMinutes * IN_TIME));
  if (curve.at(after).centreC > FRIDGE_C) return null;
  const { base, place, ambientC, covered, stirred, stirEveryMinutes } = cool;
  const here = { depthMm: null, base, place, ambientC, covered, stirred, stirEveryMinutes };
  return {
    id: 'last-stretch',
    label: `Here for ${Math.ceil(after)} min, then the fridge for the last stretch`,
    to: {
      legs: [{ ...here, minutes: Math.max(1, Math.ceil(after)) }],
      base: 'rack',
      place: 'fridge',
      ambientC: null,
    },
    hands: 'a free shelf',
  };
}

function ownTrays({ cool, part, kitchen }: Asked): Way | null {
  const spread = bestTrays(part.massG * cool.share, part.density, kitchen.vessels);
  return (
    spread && {
      id: 'own-trays',
      label: `Spread to ${formatLength(spread.depthMm, kitchen.lengths, 0)} over ${spread.names}`,
      to: {
        ...STILL,
        legs: [],
        vessel: { kind: spread.kind, areaCm2: Math.round(spread.areaCm2) },
        base: 'rack',
        place: 'counter',
        depthMm: spread.depthMm,
      },
      hands: 'what your kitchen has',
    }
  );
}

/** Spread on a tray, here and there. */
function onTrays({ depthMm, kitchen, onTray, counter }: Asked): Way[] {
  const steamOff = Math.max(1, Math.ceil(counter.curve.minutesTo(FRIDGE_C) ?? 20));
  const leg: Cool['legs'][number] = { ...STILL, depthMm: null, minutes: steamOff, base: 'rack', place: 'counter' };
  const spread = `Spread to ${formatLength(depthMm, kitchen.lengths, 0)}`;
  return [
    { id: 'tray', label: `${spread} on a tray`, to: onTray, hands: 'on a rack', known: counter },
    { id: 'tray-fan', label: `${spread}, by a fan`, to: { ...onTray, place: 'fan' }, hands: 'a table fan' },
    {
      id: 'tray-fridge',
      label: `${spread}: ${steamOff} min on the counter, then the fridge`,
      to: { ...onTray, legs: [leg], place: 'fridge' },
      hands: 'a free shelf',
    },
    {
      id: 'tray-ice',
      label: `${spread}, over ice`,
      to: { ...onTray, base: 'ice' },
      hands: 'a metal tray in ice and water',
    },
    {
      id: 'porch',
      label: `${spread}, on the cold porch`,
      to: { ...onTray, place: 'porch' },
      hands: 'out of reach of animals',
    },
  ];
}

/** As it lies, colder. */
const AS_IT_IS: readonly Way[] = [
  {
    id: 'ice-stir',
    label: `Over ice as it is, stirred every ${STIR_MINUTES} min`,
    to: { ...STILL, legs: [], base: 'ice', place: 'counter', stirEveryMinutes: STIR_MINUTES },
    hands: 'a hand every few minutes',
  },
  {
    id: 'fridge',
    label: 'As it is, in the fridge',
    to: { place: 'fridge', base: 'rack', ambientC: null, legs: [] },
    hands: 'a free shelf',
  },
];

const uncovered = ({ cool }: Asked): Way | null =>
  cool.covered
    ? { id: 'uncover', label: 'Take the lid off', to: { covered: false }, hands: 'nothing but the lid' }
    : null;

function halfOfIt({ cool }: Asked): Way | null {
  if (cool.share !== 1) return null;
  const keepsArea = cool.vessel.areaCm2 === null && !VESSELS[cool.vessel.kind].followsMass;
  return {
    id: 'half',
    label: 'Half of it now, the rest later',
    to: { share: 0.5, ...(keepsArea ? { depthMm: cool.depthMm / 2 } : {}) },
    hands: 'the rest stays hot until then',
  };
}

/** All ways, in the order in which they are worked out: what is left out where that takes too long comes last. */
function waysFor(...args: Parameters<typeof askedOf>): Way[] {
  const asked = askedOf(...args);
  const trays = onTrays(asked);
  const porch = trays.slice(-1);
  return [
    lastStretch(asked),
    ownTrays(asked),
    ...trays.slice(0, -1),
    ...AS_IT_IS,
    ...porch,
    uncovered(asked),
    halfOfIt(asked),
  ].filter((way) => way !== null);
}

/** Room, ice and what else it needs, in figures. */
function needsOf(
  cool: Cool,
  judged: Judged,
  part: HotPart,
  kitchen: Kitchen,
  hands: string,
): Pick<CoolingAlternative, 'needs' | 'isShort'> {
  const { plan } = judged;
  const area = areaFor(plan.massG, part.density, plan.depthMm);
  const room = formatArea(area, kitchen.lengths, 10);
  const parts = [`${room}, ${hands}`];
  let isShort = false;
  if (cool.base === 'ice') {
    const kg = iceFor(heatBetween(plan, plan.startC, COOLED_C));
    isShort = kg > kitchen.iceKg;
    const short = isShort ? `; you have ${formatNumber(kitchen.iceKg)}` : '';
    parts.push(`${formatNumber(kg, 1)} kg of ice${short}`);
  }
  const rise = fridgeRiseOf(judged, kitchen);
  if (rise >= RISE_THAT_MATTERS) parts.push(`warms the fridge by about ${formatDifference(rise, kitchen.temperature)}`);
  return { needs: parts.join('; '), isShort };
}

function thin({ curve, minutes }: Judged): CoolingAlternative['samples'] {
  const end = minutes ?? curve.samples[curve.samples.length - 1].minute;
  return Array.from({ length: POINTS + 1 }, (_, i) => {
    const minute = (end * i) / POINTS;
    return { minute, c: curve.at(minute).centreC };
  });
}
