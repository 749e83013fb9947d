/** What would mend a day that collides: each a change of one tap, tried out on the whole day before it is offered. */
import { workOutHeat } from '../forecast/heat';
import { applyToDay, type DayOperation } from '../stored/day-operations';
import { applyToKitchen, type KitchenOperation } from '../stored/kitchen-operations';
import { apply, type Operation } from '../stored/operations';
import { type Batch } from '../stored/schema';
import { APPLIANCES } from '../vocabulary/appliances';
import { DOUGHS, type DoughId } from '../vocabulary/doughs';
import { formatMinutes, formatTemperature } from '../units/format';
import { WARM_RISE_C } from '../wrapper/rise';
import { plan } from '../schedule/schedule';
import { dayPlan, type DayPlan } from './day-plan';
import { HELPER_IDS } from './remedy-ids';
import { formatClock } from './clock-words';
import { minuteOf, timeOf } from './moments';
import { troubleOf } from './trouble';
import { keptStarts } from './kept-plan';
import { type Remembered, workOutDay, type WorkedOutDay } from './work-out';

/** Changes to all documents that a remedy makes. */
export interface DayChange {
  day: DayOperation[];
  batches: { batchId: string; operations: Operation[] }[];
  kitchen: KitchenOperation[];
  /** What takes the kitchen's changes back. */
  kitchenBack: KitchenOperation[];
}

export interface Candidate {
  id: string;
  label: string;
  change: DayChange;
}

export interface Remedy extends Candidate {
  /** What there would be then. */
  mends: 'all' | 'some';
  /** Minutes of all that would still collide; 0 where nothing would. */
  leftMinutes: number;
  /** Epoch minute at which it would begin. */
  startMinute: number;
}

const NOTHING: DayChange = { day: [], batches: [], kitchen: [], kitchenBack: [] };
const ofDay = (...day: DayOperation[]): DayChange => ({ ...NOTHING, day });

/** Bought in the place of a dough: thin for thin. */
const BOUGHT: Partial<Record<DoughId, DoughId>> = {
  noodle: 'bought-skin',
  'hot-water': 'bought-skin',
  'thin-sheets': 'bought-sheets',
};
/** A helper comes for an hour, two or three, before serving. */
const HELPS = [
  { hours: 1, before: 2 },
  { hours: 2, before: 3 },
  { hours: 4, before: 5 },
] as const;
/** Serving is put off by a quarter of an hour at a time, up to this, minutes. */
const MOST_LATER = 240;
/** Served so soon after a night it is for the morning, minutes. */
const MORNING = 5 * 60;
/** Cooling that is quicker by less is not worth the ice, minutes. */
const QUICKER = 15;

/** Everything worth trying, what changes least first. */
export function candidates(worked: WorkedOutDay, planned: DayPlan, id: (n: number) => string): Candidate[] {
  const { day, batches, kitchen, now } = worked;
  const late = planned.lateBy;
  const serve = minuteOf(day.serveAt);
  const from = minuteOf(day.from);
  const list: Candidate[] = [];
  const add = (name: string, label: string, change: DayChange): void => void list.push({ id: name, label, change });

  const earlier = from - Math.ceil((late + 15) / 15) * 15;
  if (late > 0 && day.run === null && earlier >= now.minute)
    add(
      'begin-earlier',
      `Begin ${formatMinutes(from - earlier)} earlier`,
      ofDay({ do: 'setDay', to: { from: timeOf(earlier) } }),
    );
  if (day.pins.length > 0)
    add(
      'unpin',
      'Unpin what is pinned',
      ofDay(...day.pins.map((p): DayOperation => ({ do: 'pin', taskId: p.taskId, at: null }))),
    );
  // Who is served in the morning gets up for it; else the evening is longer.
  if (worked.of.rests.some(({ why, to }) => why === 'night' && to <= serve)) {
    const isMorning = worked.of.rests.some((r) => r.why === 'night' && serve - r.to <= MORNING);
    add(
      'nights',
      isMorning ? 'Begin before seven in the morning' : 'Work past nine in the evening',
      ofDay({ do: 'setDay', to: { nights: false } }),
    );
  }
  list.push(...trays(worked));
  list.push(...secondPot(worked, id));
  list.push(...colder(worked));
  list.push(...warmer(worked));
  for (const made of day.batches) {
    const batch = batches.find((b) => b.id === made.batchId);
    if (!batch || isBegun(worked, batch)) continue;
    if (made.serve !== 'frozen-ahead' && serve - from > 12 * 60)
      add(
        `freeze ${batch.id}`,
        `Freeze ${batch.title} the day before`,
        ofDay({ do: 'setServing', batchId: batch.id, to: { serve: 'frozen-ahead' } }),
      );
    const bought = BOUGHT[batch.wrap.dough];
    if (bought && batch.wrap.ownDough === null)
      add(`buy ${batch.id}`, `Buy ${DOUGHS[bought].label.replace('bought ', '')} for ${batch.title}`, {
        ...NOTHING,
        batches: [{ batchId: batch.id, operations: [{ do: 'setDough', dough: bought, own: null }] }],
      });
  }
  [...HELPS, ...wholeDay(serve - Math.max(from, now.minute))].forEach(({ hours, before }, i) => {
    const [start, end] = [serve - before * 60, serve - (before - hours) * 60];
    if (start < now.minute) return;
    const helper = { id: id(i), name: 'Helper', from: timeOf(start), to: timeOf(end) };
    add(
      `helper ${hours} ${before}`,
      `A helper from ${formatClock(start, now.zone, kitchen.hours)} to ${formatClock(end, now.zone, kitchen.hours)}`,
      ofDay({ do: 'addHelper', helper }),
    );
  });
  const later = Math.ceil(late / 15) * 15;
  if (late > 0 && later <= MOST_LATER)
    add(
      'serve-later',
      `Serve ${formatMinutes(later)} later`,
      ofDay({ do: 'setDay', to: { serveAt: timeOf(serve + later) } }),
    );
  return list;
}

/** Once work on it has begun it stays what it is. */
const isBegun = ({ day, tasks }: WorkedOutDay, { id }: Batch): boolean =>
  (day.run?.did ?? []).some((d) => tasks.some((t) => t.id === d.taskId && t.batchIds.includes(id)));

/** One more tray in the oven, one more tier in the steamer. */
function trays({ kitchen, facts }: WorkedOutDay): Candidate[] {
  return (['oven', 'steamer'] as const).flatMap((kind): Candidate[] => {
    const using = facts.flatMap(({ loads }) => (loads?.appliance.kind === kind ? [loads] : []));
    // One load alone has room enough.
    if (using.reduce((sum, { loads }) => sum + loads, 0) < 2) return [];
    const owned = kitchen.appliances.find((a) => a.id === using[0].appliance.id);
    if (!owned || owned.tiers >= 4 || !APPLIANCES[kind].hasTiers) return [];
    const what = kind === 'oven' ? ['A second tray', 'One more tray'] : ['A second tier', 'One more tier'];
    const label = `${owned.tiers === 1 ? what[0] : what[1]} in the ${kind}`;
    return [
      {
        id: `tray ${kind}`,
        label,
        change: {
          ...NOTHING,
          kitchen: [{ do: 'keepAppliance', appliance: { ...owned, tiers: owned.tiers + 1 } }],
          kitchenBack: [{ do: 'keepAppliance', appliance: owned }],
        },
      },
    ];
  });
}

/** On a short day a helper may come for all of it, by the quarter of an hour. @param minutes until it is served */
const wholeDay = (minutes: number): readonly { hours: number; before: number }[] => {
  const hours = Math.floor(minutes / 15) / 4;
  return hours > HELPS[0].hours && hours < HELPS[2].before ? [{ hours, before: hours }] : [];
};

/** A dough that rises at the kitchen's pace, put where it is warm. */
const warmer = (worked: WorkedOutDay): Candidate[] =>
  worked.facts.flatMap(({ batch, wrapPlan }): Candidate[] =>
    wrapPlan.rise === null || wrapPlan.rise.c >= WARM_RISE_C - 1 || isBegun(worked, batch)
      ? []
      : [
          {
            id: `rise ${batch.id}`,
            label: `Let the dough of ${batch.title} rise at ${formatTemperature(WARM_RISE_C, worked.kitchen.temperature)}, in the oven with its light on`,
            change: {
              ...NOTHING,
              batches: [{ batchId: batch.id, operations: [{ do: 'setWrap', to: { riseC: WARM_RISE_C } }] }],
            },
          },
        ],
  );

/** A second pot or pan, where two batches want the one there is. */
function secondPot({ kitchen, facts }: WorkedOutDay, idFor: (n: number) => string): Candidate[] {
  return (['pot', 'pan'] as const).flatMap((kind, n): Candidate[] => {
    const using = facts.filter(({ loads }) => loads?.appliance.kind === kind);
    const owned = kitchen.appliances.filter((a) => a.kind === kind);
    if (using.length < 2 || owned.length !== 1) return [];
    const another = { ...owned[0], id: `${kind}-${idFor(HELPER_IDS + n)}`, name: `second ${kind}`, heats: [] };
    return [
      {
        id: `second ${kind}`,
        label: `A second ${kind}`,
        change: {
          ...NOTHING,
          kitchen: [{ do: 'keepAppliance', appliance: another }],
          kitchenBack: [{ do: 'dropAppliance', id: another.id }],
        },
      },
    ];
  });
}

/** The quickest way to cool what takes longest. */
function colder({ facts, kitchen }: WorkedOutDay): Candidate[] {
  const slow = [...facts].sort((a, b) => (b.coolMinutes ?? Infinity) - (a.coolMinutes ?? Infinity))[0];
  if (!slow || slow.coolMinutes === 0 || slow.batch.cool.run !== null) return [];
  const ways = workOutHeat(slow.batch, kitchen).withAlternatives(0).cooling?.alternatives ?? [];
  const quick = ways
    .filter((w) => w.minutes !== null && w.stages.every(({ ok }) => ok))
    .sort((a, b) => (a.minutes ?? Infinity) - (b.minutes ?? Infinity))[0];
  if (!quick || quick.minutes === null || quick.minutes > (slow.coolMinutes ?? Infinity) - QUICKER) return [];
  return [
    {
      id: `cool ${slow.batch.id}`,
      label: `${slow.batch.title}: ${quick.label.charAt(0).toLowerCase()}${quick.label.slice(1)}`,
      change: { ...NOTHING, batches: [{ batchId: slow.batch.id, operations: [...quick.change] }] },
    },
  ];
}

/** The documents with a change made. */
export function withChange({ day, batches, kitchen, now }: WorkedOutDay, change: DayChange) {
  return {
    day: change.day.reduce(applyToDay, day),
    batches: batches.map((b) =>
      change.batches
        .filter(({ batchId }) => batchId === b.id)
        .flatMap(({ operations }) => operations)
        .reduce(apply, b),
    ),
    kitchen: change.kitchen.reduce(applyToKitchen, kitchen),
    now,
  };
}

/** What does not mend all must mend so much of what collides to be offered. House estimate. */
const WORTH_IT = 0.5;

export const isWorthIt = ({ leftMinutes }: Remedy, planned: DayPlan): boolean =>
  leftMinutes <= WORTH_IT * troubleOf(planned.conflicts);

/**
 * Tries a candidate on the whole day.
 * @param patience begins when the day is worked out, and is asked after every step of the solver: what the forecasts took is none of it
 * @returns null where it mends nothing
 */
export function tried(
  worked: WorkedOutDay,
  planned: DayPlan,
  candidate: Candidate,
  remembered: Remembered,
  patience: () => (steps: number) => boolean,
): Remedy | null {
  const then = workOutDay(withChange(worked, candidate.change), remembered);
  const like = keptStarts(then.day);
  const isTimeUp = patience();
  const { schedule } = plan(then.of.problem, (steps) => isFree(steps) || isTimeUp(steps), { like });
  const after = dayPlan(then.day, then.tasks, then.of, schedule, false);
  const left = troubleOf(after.conflicts);
  if (left >= troubleOf(planned.conflicts)) return null;
  return { ...candidate, mends: left === 0 ? 'all' : 'some', leftMinutes: left, startMinute: after.startMinute };
}

/** What leaves least first; of equals what changes least. */
export const bestFirst = (remedies: readonly Remedy[]): Remedy[] =>
  [...remedies].sort((a, b) => a.leftMinutes - b.leftMinutes);

/** Two changes together, for where none mends it alone. */
const both = (one: Candidate, other: Candidate): Candidate => ({
  id: `${one.id} + ${other.id}`,
  label: `${one.label}; ${other.label.charAt(0).toLowerCase()}${other.label.slice(1)}`,
  change: {
    day: [...one.change.day, ...other.change.day],
    batches: [...one.change.batches, ...other.change.batches],
    kitchen: [...one.change.kitchen, ...other.change.kitchen],
    kitchenBack: [...other.change.kitchenBack, ...one.change.kitchenBack],
  },
});

/** The first words of an id say what kind of change it is: two of one kind are not put together. */
const kindOf = ({ id }: Candidate): string => id.split(' ')[0];

/** So many of the best single changes are put together with others. House estimate. */
const PAIRED = 3;

/** What is worth trying in pairs, where single changes mend only a part: the best of them with each other candidate. */
export function pairs(all: readonly Candidate[], some: readonly Remedy[]): Candidate[] {
  const best = [...some].sort((a, b) => a.leftMinutes - b.leftMinutes).slice(0, PAIRED);
  const seen = new Set<string>();
  return best.flatMap((one) =>
    all.flatMap((other) => {
      const key = [one.id, other.id].sort().join('+');
      if (kindOf(one) === kindOf(other) || seen.has(key)) return [];
      seen.add(key);
      return [both(one, other)];
    }),
  );
}

const isFree = (steps: number): boolean => steps > MOST_STEPS;
/** More steps of the solver no candidate is given. */
const MOST_STEPS = 400;
