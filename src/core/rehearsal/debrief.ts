/** After a rehearsal: what happened inside, what each decision did, what could have been known. */
import { applianceFor } from '../cooking/appliance';
import { mainStep, plannedMinutes } from '../stored/cooking';
import { type Outcome } from '../stored/note-schema';
import { type Batch } from '../stored/schema';
import { MEDIA } from '../vocabulary/media';
import { formatNumber } from '../units/amount';
import { formatGrams, formatTemperature } from '../units/format';
import { outline } from '../forecast/outline';
import { differences } from '../notebook/compare';
import { hiddenOf } from './hidden';
import { type Inside, insideOf, lastOut, type Situation } from './inside';
import { later } from '../stored/moments';
import { type Told, toldOf } from './told';

interface Debrief {
  /** Safe or not, and in time or not, in a sentence each. */
  verdicts: { good: boolean; text: string }[];
  outcomes: Outcome[];
  /** What was really so, and beside it what it seemed, or what was known of it. */
  inside: { what: string; really: string; beside: string }[];
  decisions: Decision[];
  told: Told[];
}

interface Decision {
  what: string;
  /** What it did, against leaving it; empty where nothing that is counted. */
  did: string[];
}

/** From the heat to the table, minutes. House estimate. */
const TO_TABLE = 5;
const minutesBetween = (from: string, to: string): number => (Date.parse(to) - Date.parse(from)) / 60_000;

/** Debriefs a rehearsal as it stands. */
export function debrief(situation: Situation): Debrief {
  const inside = insideOf(situation);
  return {
    verdicts: verdictsOf(situation, inside),
    outcomes: inside.outcomes ?? [],
    inside: figuresOf(situation, inside),
    decisions: decisionsOf(situation, inside),
    told: toldOf(situation),
  };
}

function verdictsOf(situation: Situation, inside: Inside): Debrief['verdicts'] {
  const { rehearsal, batch, kitchen } = situation;
  const { lowestC } = inside;
  const { limit } = outline(batch, kitchen);
  const t = (c: number): string => formatTemperature(c, kitchen.temperature);
  const out = lastOut(batch);
  if (lowestC === null || out === null)
    return [{ good: false, text: 'Nothing has been cooked: nobody has eaten yet.' }];
  const isHot = lowestC >= limit.c;
  const { earlyMinutes } = hiddenOf(rehearsal);
  const come = Date.parse(rehearsal.serveAt) - earlyMinutes * 60_000;
  const late = Math.round((Date.parse(out) + TO_TABLE * 60_000 - come) / 60_000);
  const whether = earlyMinutes > 0 ? `people came ${Math.round(earlyMinutes)} min early; ` : '';
  const safe = limit.kind === 'safety';
  const isWorthIt = isHot && late > 0 && late <= neededMore(situation, inside, limit.c);
  return [
    {
      good: isHot,
      text: isHot
        ? `The coldest middle was ${t(lowestC)}; ${t(limit.c)} is ${safe ? 'the rule' : 'where it is done'}.`
        : `The coldest middle was only ${t(lowestC)}; ${safe ? 'the rule is' : 'it is done at'} ${t(limit.c)}.${safe ? ' In a real kitchen, don’t eat this.' : ''}`,
    },
    {
      good: late <= 0 || isWorthIt,
      text: `${whether === '' ? '' : `P${whether.slice(1)}`}${whether === '' ? 'On' : 'on'} the table ${late <= 0 ? 'in time' : `${late} min late`}${isWorthIt ? ', and rightly: the middle needed the extra minutes' : ''}.`,
    },
  ];
}

/** Minutes beyond those planned that the middle needed; 0 where the planned ones were enough: nobody is blamed for waiting for those. */
function neededMore(situation: Situation, { heatMinutes }: Inside, limitC: number): number {
  const planned = plannedMinutes(situation.rehearsal.begun.cook);
  if (heatMinutes === null || heatMinutes <= planned) return 0;
  const asPlanned = insideOf({ ...situation, batch: lasted(situation.batch, planned) });
  return asPlanned.lowestC !== null && asPlanned.lowestC < limitC ? Math.ceil(heatMinutes - planned) : 0;
}

function figuresOf({ rehearsal, batch, kitchen }: Situation, inside: Inside): Debrief['inside'] {
  const hidden = hiddenOf(rehearsal);
  const t = (c: number): string => formatTemperature(Math.round(c), kitchen.temperature);
  const seemed = (what: string, really: string, thought: string) => ({
    what,
    really,
    beside: really === thought ? 'as it seemed' : `it seemed ${thought}`,
  });
  const measured = lastReading(batch);
  const { medium, mediumC } = mainStep(batch.cook);
  const list: (Debrief['inside'][number] | null)[] = [
    seemed('Loose liquid in 100 g', ...grams(inside.freePer100, inside.freePer100 - hidden.extraFree)),
    seemed(
      'Salt of the filling',
      `${formatNumber(inside.saltPercent, 2)} %`,
      `${formatNumber(inside.saltPercent / hidden.saltFactor, 2)} %`,
    ),
    seemed('Filling in each', formatGrams(Math.round(inside.portionG)), formatGrams(Math.round(batch.wrap.portionG))),
    mediumC === null || applianceFor(batch.cook, kitchen) === null
      ? null
      : seemed(`What heated: ${MEDIA[medium].label}`, t(mediumC + hidden.biasK), t(mediumC)),
    hidden.fridgeC === null ? null : seemed('In the fridge', t(hidden.fridgeC), t(kitchen.fridgeC)),
    inside.wrappedC === null
      ? null
      : {
          what: 'Wrapped at',
          really: t(inside.wrappedC),
          beside: inside.coolMinutes === null ? 'its clock never ran' : `after ${Math.round(inside.coolMinutes)} min`,
        },
    inside.lowestC === null
      ? null
      : {
          what: 'Coldest middle as it came out',
          really: t(inside.lowestC),
          beside: measured === null ? 'nobody measured' : `the lowest reading was ${t(measured)}`,
        },
  ];
  return list.filter((line) => line !== null);
}

const grams = (...list: [number, number]): [string, string] => [
  `${formatNumber(Math.max(0, list[0]), 1)} g`,
  `${formatNumber(Math.max(0, list[1]), 1)} g`,
];

const lastReading = ({ cook }: Batch): number | null =>
  cook.readings.length === 0 ? null : Math.min(...cook.readings.map(({ c }) => c));

/** A thing that was decided, and the batch as if it had been left as it was. */
interface Aspect {
  what: string;
  without: Batch;
}

function aspectsOf({ rehearsal, batch, kitchen }: Situation): Aspect[] {
  const { begun } = rehearsal;
  const say = differences(begun, batch, kitchen).filter(({ what }) => what !== 'Came out');
  const words = (names: readonly string[]): string =>
    say
      .filter(({ what }) => names.includes(what))
      .map(({ what, one, other }) => `${what}: ${one === '' ? 'nothing' : one} → ${other === '' ? 'nothing' : other}`)
      .join('; ');
  const own = new Set(KNOWN.flatMap(({ names }) => names));
  const lines = words(say.map(({ what }) => what).filter((what) => !own.has(what)));
  const list: Aspect[] = KNOWN.map(({ names, without }) => ({ what: words(names), without: without(batch, begun) }));
  return [{ what: lines, without: { ...batch, lines: begun.lines } }, ...list].filter(({ what }) => what !== '');
}

/** Aspects by what they are called side by side. */
const KNOWN: readonly { names: readonly string[]; without: (batch: Batch, begun: Batch) => Batch }[] = [
  { names: ['Boiled off', 'Drained'], without: (b, begun) => ({ ...b, water: begun.water }) },
  { names: ['Pieces'], without: (b, begun) => ({ ...b, count: begun.count }) },
  {
    names: ['Filling in each', 'Dough', 'Skin', 'Rolled to', 'Edge', 'Vent'],
    without: (b, { wrap }) => ({
      ...b,
      wrap: { ...wrap, weighed: b.wrap.weighed, board: b.wrap.board, earlierBoards: b.wrap.earlierBoards },
    }),
  },
  {
    names: ['Cooled'],
    without: (b, { cool }) => ({
      ...b,
      cool: { ...cool, run: b.cool.run, earlierRuns: b.cool.earlierRuns.map((r) => ({ ...r, past: [] })) },
    }),
  },
  {
    names: ['Cooked', 'Heat', 'Minutes', 'At once'],
    without: (b, { cook }) => ({
      ...b,
      cook: { ...cook, readings: b.cook.readings, run: b.cook.run, earlierRuns: b.cook.earlierRuns },
    }),
  },
];

function decisionsOf(situation: Situation, inside: Inside): Decision[] {
  const { rehearsal, batch } = situation;
  const hidden = hiddenOf(rehearsal);
  const against = (without: Partial<Situation>): string[] =>
    effects(insideOf({ ...situation, ...without }, hidden), inside, situation);
  const planned = plannedMinutes(rehearsal.begun.cook);
  const ran = inside.heatMinutes;
  return [
    ...aspectsOf(situation).map(({ what, without }) => ({ what, did: against({ batch: without }) })),
    ...(rehearsal.hands === 'scale'
      ? [
          {
            what: 'Portions by the scale',
            did: against({ rehearsal: { ...rehearsal, hands: 'spoon' } }),
          },
        ]
      : []),
    ...(ran !== null && Math.abs(ran - planned) >= 1
      ? [
          {
            what: `Cooked for ${Math.round(ran)} min, planned ${Math.round(planned)}`,
            did: against({ batch: lasted(batch, planned) }),
          },
        ]
      : []),
  ];
}

/** The same, had every load been in for so long. */
const lasted = (batch: Batch, minutes: number): Batch => ({
  ...batch,
  cook: {
    ...batch.cook,
    earlierRuns: batch.cook.earlierRuns.map((run) => ({
      ...run,
      outAt: later(run.inAt, minutes),
    })),
  },
});

/** What is different, where it is worth a word. */
function effects(without: Inside, withIt: Inside, { kitchen }: Situation): string[] {
  const t = (c: number): string => formatTemperature(Math.round(c), kitchen.temperature);
  const list: string[] = [];
  const differs = (a: number | null, b: number | null, by: number): a is number =>
    a !== null && b !== null && Math.abs(a - b) >= by;
  if (differs(without.freePer100, withIt.freePer100, 0.3))
    list.push(
      `loose liquid ${formatNumber(Math.max(0, without.freePer100), 1)} → ${formatNumber(Math.max(0, withIt.freePer100), 1)} g`,
    );
  if (differs(without.saltPercent, withIt.saltPercent, 0.04))
    list.push(`salt ${formatNumber(without.saltPercent, 2)} → ${formatNumber(withIt.saltPercent, 2)} %`);
  if (differs(without.portionG, withIt.portionG, 1))
    list.push(`filling in each ${Math.round(without.portionG)} → ${Math.round(withIt.portionG)} g`);
  if (differs(without.wrappedC, withIt.wrappedC, 1) && withIt.wrappedC !== null)
    list.push(`wrapped at ${t(without.wrappedC)} → ${t(withIt.wrappedC)}`);
  if (differs(without.lowestC, withIt.lowestC, 1) && withIt.lowestC !== null)
    list.push(`coldest middle ${t(without.lowestC)} → ${t(withIt.lowestC)}`);
  return list;
}

/** When it is heard that people are on their way; null where they come as they said. ISO 8601. */
export function heardAt({ rehearsal }: Pick<Situation, 'rehearsal'>): string | null {
  const { earlyMinutes } = hiddenOf(rehearsal);
  if (earlyMinutes === 0) return null;
  const before = Math.min(HEARD_BEFORE, minutesBetween(rehearsal.startedAt, rehearsal.serveAt) / 2);
  return later(rehearsal.serveAt, -(earlyMinutes + before));
}
/** They ring so long before they come, minutes. House choice for practice. */
const HEARD_BEFORE = 60;

/** When people really come, ISO 8601. */
export const comeAt = ({ rehearsal }: Pick<Situation, 'rehearsal'>): string =>
  later(rehearsal.serveAt, -hiddenOf(rehearsal).earlyMinutes);
