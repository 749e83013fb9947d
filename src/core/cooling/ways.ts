/** What the cook could do instead: at least six ways to cool quicker, each with what it needs and what it costs. */
import { iceFor, RISE_THAT_MATTERS } from './fridge';
import { formatNumber } from '../units/amount';
import { type CoolingAlternative, fridgeRiseOf, type Judged } from './judged';
import { type HotPart } from './hot-part';
import { type Cool, heatBetween } from './plan';
import { type Kitchen } from '../stored/kitchen';
import { type Operation } from '../stored/operations';
import { type CoolingPlanFields } from '../stored/runs';
import { bestSpread } from './spread';
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

function waysFor(cool: Cool, part: HotPart, kitchen: Kitchen, judge: (cool: Cool) => Judged): Way[] {
  const depthMm = Math.min(
    THIN_MM,
    Math.max(LIMITS.depthMm.least, Math.round(depthIn(cool, part.massG * cool.share, part.density))),
  );
  const spread = bestSpread(part.massG * cool.share, part.density, kitchen.vessels);
  const onCounter: Omit<CoolingPlanFields, 'startC'> = {
    ...STILL,
    vessel: { kind: 'tray', areaCm2: null },
    depthMm,
    share: cool.share,
    legs: [],
    base: 'rack',
    place: 'counter',
  };
  const counter = judge({ ...cool, ...onCounter });
  const steamOff = Math.max(1, Math.ceil(counter.curve.minutesTo(FRIDGE_C) ?? 20));
  const leg: Cool['legs'][number] = { ...STILL, depthMm: null, minutes: steamOff, base: 'rack', place: 'counter' };
  const asItIs = judge(cool);
  const limits = asItIs.stages.map((stage) => stage.limitMinutes);
  // Into the cold before the rule's time is up.
  const stretchAfter =
    asItIs.stall?.minutes == null ? null : Math.min(asItIs.stall.minutes, ...limits.map((limit) => limit * IN_TIME));
  const ways: (Way | null)[] = [
    stretchAfter !== null && cool.legs.length === 0 && asItIs.curve.at(stretchAfter).centreC <= FRIDGE_C
      ? {
          id: 'last-stretch',
          label: `Here for ${Math.ceil(stretchAfter)} min, then the fridge for the last stretch`,
          to: {
            legs: [
              {
                minutes: Math.max(1, Math.ceil(stretchAfter)),
                depthMm: null,
                base: cool.base,
                place: cool.place,
                ambientC: cool.ambientC,
                covered: cool.covered,
                stirred: cool.stirred,
                stirEveryMinutes: cool.stirEveryMinutes,
              },
            ],
            base: 'rack',
            place: 'fridge',
            ambientC: null,
          },
          hands: 'a free shelf',
        }
      : null,
    spread && {
      id: 'own-trays',
      label: `Spread to ${Math.round(spread.depthMm)} mm over ${spread.names}`,
      to: {
        ...STILL,
        legs: [],
        vessel: { kind: spread.kind, areaCm2: Math.round(spread.areaCm2) },
        base: 'rack',
        place: 'counter',
        depthMm: spread.depthMm,
      },
      hands: 'what your kitchen has',
    },
    { id: 'tray', label: `Spread to ${depthMm} mm on a tray`, to: onCounter, hands: 'on a rack', known: counter },
    {
      id: 'tray-fan',
      label: `Spread to ${depthMm} mm, by a fan`,
      to: { ...onCounter, place: 'fan' },
      hands: 'a table fan',
    },
    {
      id: 'tray-fridge',
      label: `Spread to ${depthMm} mm: ${steamOff} min on the counter, then the fridge`,
      to: { ...onCounter, legs: [leg], place: 'fridge' },
      hands: 'a free shelf',
    },
    {
      id: 'tray-ice',
      label: `Spread to ${depthMm} mm, over ice`,
      to: { ...onCounter, base: 'ice' },
      hands: 'a metal tray in ice and water',
    },
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
    {
      id: 'porch',
      label: `Spread to ${depthMm} mm, on the cold porch`,
      to: { ...onCounter, place: 'porch' },
      hands: 'out of reach of animals',
    },
    cool.covered
      ? { id: 'uncover', label: 'Take the lid off', to: { covered: false }, hands: 'nothing but the lid' }
      : null,
    cool.share === 1
      ? {
          id: 'half',
          label: 'Half of it now, the rest later',
          to: {
            share: 0.5,
            ...(cool.vessel.areaCm2 === null && !VESSELS[cool.vessel.kind].followsMass
              ? { depthMm: cool.depthMm / 2 }
              : {}),
          },
          hands: 'the rest stays hot until then',
        }
      : null,
  ];
  return ways.filter((way) => way !== null);
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
  const room = `${formatNumber(Math.round(area / 10) * 10, 0)} cm²`;
  const parts = [`${room}, ${hands}`];
  let isShort = false;
  if (cool.base === 'ice') {
    const kg = iceFor(heatBetween(plan, plan.startC, COOLED_C));
    isShort = kg > kitchen.iceKg;
    const short = isShort ? `; you have ${formatNumber(kitchen.iceKg)}` : '';
    parts.push(`${formatNumber(kg, 1)} kg of ice${short}`);
  }
  const rise = fridgeRiseOf(judged, kitchen);
  if (rise >= RISE_THAT_MATTERS) parts.push(`warms the fridge by about ${formatNumber(rise, 0)} °C`);
  return { needs: parts.join('; '), isShort };
}

function thin({ curve, minutes }: Judged): CoolingAlternative['samples'] {
  const end = minutes ?? curve.samples[curve.samples.length - 1].minute;
  return Array.from({ length: POINTS + 1 }, (_, i) => {
    const minute = (end * i) / POINTS;
    return { minute, c: curve.at(minute).centreC };
  });
}
