/** What is done from the open parcel to the table: filled and closed, risen or frozen, cooked in loads, packed. */
import { CHANGE_MINUTES } from '../cooking/loads-to-cook';
import { PAN_MINUTES, paceOfBatch } from '../cooling/board-clock';
import { mainStep, plannedMinutes } from '../stored/cooking';
import { type ApplianceKind } from '../vocabulary/appliances';
import { type TaskKind } from '../vocabulary/task-kinds';
import { wrapSeconds } from '../learning/learned';
import { FORMS } from '../forms';
import { MEDIA } from '../vocabulary/media';
import { SERVINGS } from '../vocabulary/servings';
import { SHAPES } from '../forms/skins';
import { written } from '../safety/threshold';
import { capital } from '../units/letters';
import { formatGrams, formatMinutes, formatTemperature } from '../units/format';
import { LOAD_IN, LOAD_OUT, MAY_WAIT, OVEN_UP, PACK, WATER_UP } from './estimates';
import { type BatchFacts } from './facts';
import { keepsGood } from './keeps';
import { type Made, makeTask } from './make';
import { type DayTask, type Follows, type PlaceOfWork } from './task';

/** In an oven or a steamer up to so many loads are seen one by one; more of them keep the hands at it. */
const MOST_SEEN = 5;
/** Watched loads are seen in so many parts. */
const MOST_CHUNKS = 4;

/** Where an appliance stands, so that two do not meet there. */
const STANDS: Readonly<Record<ApplianceKind, PlaceOfWork>> = {
  oven: 'oven',
  steamer: 'steamer',
  pan: 'hob',
  pot: 'hob',
};

/** Nobody stands longer than this at one thing without a chance to see to another, minutes. House estimate. */
const AT_A_TIME = 25;

/** Rolling, filling and closing, in parts: so many are rolled and filled, so that no skin dries. */
export function wrapTasks(facts: BatchFacts, rollMinutes: number, after: readonly Follows[]): DayTask[] {
  const { batch, accounts } = facts;
  const { wrap, count } = batch;
  const isPan = SHAPES[wrap.skin.shape].isPan;
  const pace = paceOfBatch(wrap);
  const seconds = pace ?? wrapSeconds(wrap.edge, facts.kitchen);
  const minutes = rollMinutes + (isPan ? PAN_MINUTES * count : (count * seconds) / 60);
  const parts = Math.min(count, Math.max(1, Math.ceil(minutes / AT_A_TIME)));
  const each = isPan ? '' : `, ${Math.round(seconds)} s each${pace === null ? '' : ', as you did'}; cover the skins`;
  const isBought = accounts.dough.parts.length === 0;
  const thawed =
    isBought && wrap.isThawed ? `; ${accounts.dough.label.replace('bought ', '')} thawed, from the fridge` : '';
  const what = isBought || rollMinutes === 0 ? 'Fill and close' : 'Roll, fill and close';
  const tasks: DayTask[] = [];
  for (let k = 0; k < parts; k++) {
    const [from, to] = [Math.round((k * count) / parts) + 1, Math.round(((k + 1) * count) / parts)];
    const before = tasks[k - 1];
    tasks.push(
      makeTask(
        facts,
        'wrap',
        (minutes * (to - from + 1)) / count,
        {
          title: parts === 1 ? what : `${what} ${from === to ? from : `${from} to ${to}`} of ${count}`,
          how: `${to - from + 1} × ${formatGrams(wrap.portionG)}${each}${thawed}`,
          needs: { hands: 1, bench: 1 },
          after: before
            ? [{ id: before.id, maxWait: MAY_WAIT.between, why: accounts.goesInRaw ? 'raw' : 'skins soak' }]
            : after,
          weight: 3,
          isEstimate: pace === null,
          part: [from, to],
        },
        parts === 1 ? undefined : k + 1,
      ),
    );
  }
  return tasks;
}

/** After wrapping: what rises or freezes. @returns what the first load follows */
export function betweenTasks(
  facts: BatchFacts,
  wrapped: readonly DayTask[],
  rise: readonly [number, number] | null,
): { tasks: DayTask[]; after: Follows } {
  const { serving, hardMinutes, accounts } = facts;
  const last = wrapped[wrapped.length - 1];
  if (serving === 'frozen-ahead') {
    const freeze = makeTask(facts, 'freeze', hardMinutes, {
      how: `on a floured tray, ${formatMinutes(hardMinutes)}, then bagged`,
      hasHands: false,
      after: [{ id: last.id, maxWait: MAY_WAIT.parcels, why: accounts.goesInRaw ? 'raw' : 'skins soak' }],
      isEstimate: false,
      latest: aheadOf(facts),
    });
    return { tasks: [freeze], after: { id: freeze.id } };
  }
  if (rise !== null) {
    const risen = makeTask(facts, 'rise', rise[0], {
      how: `${formatMinutes(rise[0])} to ${formatMinutes(rise[1])}, covered`,
      hasHands: false,
      after: [{ id: last.id, maxWait: 0 }],
      weight: 3,
    });
    return { tasks: [risen], after: { id: risen.id, maxWait: rise[1] - rise[0], why: 'risen: no later' } };
  }
  const isButter = accounts.dough.isLayered || accounts.dough.kind === 'short';
  const maxWait = isButter ? MAY_WAIT.butterParcels : MAY_WAIT.parcels;
  return { tasks: [], after: { id: last.id, maxWait, why: accounts.goesInRaw ? 'raw: no later' : 'skins soak' } };
}

/** Frozen ahead means the day before, where there is one: then it is hard so long before serving, minutes. */
const AHEAD = 10 * 60;
/** From so long before serving on there is a day before, minutes. */
const DAY_BEFORE = 16 * 60;

/** Epoch minute by which it is frozen; undefined where the day begins too late for that. */
const aheadOf = ({ serveMinute, from }: BatchFacts): number | undefined =>
  serveMinute - from >= DAY_BEFORE ? serveMinute - AHEAD : undefined;

/** What a batch's loads have in common. */
interface Loading {
  facts: BatchFacts;
  count: number;
  eachMinutes: number;
  /** What rests after the last, minutes. */
  restMinutes: number;
  place: PlaceOfWork | null;
  kind: ApplianceKind | null;
  heatWords: string;
  needs: DayTask['needs'];
  way: Pick<DayTask, 'ways'>;
  make: Make;
}

function loadingOf(facts: BatchFacts, make: Make): Loading {
  const { batch, kitchen, loads, serving, frozenFactor } = facts;
  const { cook } = batch;
  const { medium, mediumC } = mainStep(cook);
  const kind = MEDIA[medium].appliance;
  const place = kind === null ? null : STANDS[kind];
  const inHeat = loads?.eachMinutes ?? plannedMinutes(cook);
  const factor = serving === 'frozen-ahead' ? frozenFactor : 1;
  const inOven = cook.steps.filter((s) => MEDIA[s.medium].appliance === 'oven').map((s) => s.mediumC);
  return {
    facts,
    count: loads?.loads ?? 1,
    eachMinutes: Math.max(1, Math.ceil(inHeat * factor)),
    restMinutes: Math.max(0, Math.round(plannedMinutes(cook) - inHeat)),
    place,
    kind,
    heatWords: mediumC === null ? MEDIA[medium].label : formatTemperature(mediumC, kitchen.temperature),
    needs: needsAt(facts, place, kind),
    way: place === 'oven' ? { ways: { oven: inOven.join('–') } } : {},
    make,
  };
}

function needsAt(facts: BatchFacts, place: PlaceOfWork | null, kind: ApplianceKind | null): DayTask['needs'] {
  if (place === null) return {};
  if (place === 'oven') return { oven: traysOf(facts) };
  // A pan, a pot or a steamer stands on a ring of the hob.
  return { hob: 1, ...(kind === null ? {} : { [kind]: 1 }) };
}

/** What is to be hot before the first load goes in. */
function heatUp({ facts, place, kind, heatWords, way, make }: Loading): Follows[] {
  if (place === null) return [];
  const isOven = place === 'oven';
  const isOil = kind === 'pot' && mainStep(facts.batch.cook).medium === 'oil';
  const { id } = make('heat', isOven ? OVEN_UP : WATER_UP, {
    title: isOven
      ? `Heat the oven to ${heatWords}`
      : kind === 'pan'
        ? 'Heat the pan'
        : isOil
          ? `Heat the oil to ${heatWords}`
          : 'Bring the water to the boil',
    hasHands: false,
    needs: isOven ? {} : needsAt(facts, place, kind),
    ...way,
  });
  return [{ id, maxWait: MAY_WAIT.hot }];
}

/** A load that is seen to twice: it goes in, and is measured and taken out. @returns its taking out */
function seenLoad(loading: Loading, k: number, after: readonly Follows[]): DayTask {
  const { facts, count, eachMinutes, heatWords, needs, way, place, make } = loading;
  const { batch, loads } = facts;
  const into = (place === null ? undefined : INTO[place]) ?? 'on to cook';
  const which = count === 1 ? '' : ` load ${k} of ${count}`;
  const goesIn = make(
    'load-in',
    LOAD_IN,
    {
      title: count === 1 ? capital(into) : `Load ${k} of ${count} ${into}`,
      how: loads ? `${Math.min(loads.atOnce, batch.count)} at once` : '',
      after: [...after],
      weight: 4,
      part: [k, k],
    },
    k,
  );
  const load = make(
    'load',
    eachMinutes,
    {
      title: `${METHOD_WORDS[batch.cook.method] ?? 'Cook'}${which}`,
      how: `${formatMinutes(eachMinutes)}, ${heatWords}`,
      hasHands: false,
      needs,
      ...way,
      after: [{ id: goesIn.id, maxWait: 0 }],
      weight: 4,
      isEstimate: false,
      part: [k, k],
    },
    k,
  );
  return make(
    'load-out',
    LOAD_OUT,
    {
      title: count === 1 ? 'Measure, then take out' : `Measure load ${k} of ${count}, then take out`,
      how: measureWords(facts),
      after: [{ id: load.id, maxWait: MAY_WAIT.out, why: 'done' }],
      weight: 4,
    },
    k,
  );
}

/** What the thermometer must say, where. */
function measureWords({ accounts: { limit }, kitchen }: BatchFacts): string {
  const c = written(limit.at, kitchen.temperature);
  return limit.kind === 'safety'
    ? `three of the thickest, ${c} in the middle`
    : `one of the thickest, ${c} in the dough`;
}

/** The loads, and what they follow each other by; with what must rest after the last. */
export function loadTasks(facts: BatchFacts, first: readonly Follows[]): { tasks: DayTask[]; outs: Follows[] } {
  const tasks: DayTask[] = [];
  const loading = loadingOf(facts, (...args) => {
    const task = makeTask(facts, ...args);
    tasks.push(task);
    return task;
  });
  const { kind, count, restMinutes } = loading;
  let after: Follows[] = [...first, ...heatUp(loading)];
  const outs: Follows[] = [];
  if (kind === 'pan' || kind === 'pot' || count > MOST_SEEN) outs.push(...watchedLoads(loading, after));
  else {
    for (let k = 1; k <= count; k++) {
      const { id } = seenLoad(loading, k, after);
      outs.push({ id, minWait: 0 });
      after = [{ id, maxWait: MAY_WAIT.table }];
    }
  }
  return { tasks, outs: outs.map((out, k) => (k === outs.length - 1 ? { ...out, minWait: restMinutes } : out)) };
}

type Make = (kind: TaskKind, minutes: number, more: Made, n?: number | string) => DayTask;

/** At a pan or a pot the hands stay: a few loads at a time, so that there is room for something else between. */
function watchedLoads(loading: Loading, first: readonly Follows[]): Follows[] {
  const { count, eachMinutes, heatWords, needs, way, make } = loading;
  const { loads } = loading.facts;
  const chunks = Math.min(count, MOST_CHUNKS);
  const outs: Follows[] = [];
  let after = [...first];
  for (let k = 0; k < chunks; k++) {
    const [from, to] = [Math.round((k * count) / chunks) + 1, Math.round(((k + 1) * count) / chunks)];
    const which = count === 1 ? '' : from === to ? ` load ${from} of ${count}` : ` loads ${from} to ${to} of ${count}`;
    const load = make(
      'load',
      (to - from + 1) * (eachMinutes + CHANGE_MINUTES),
      {
        title: `Cook${which}`,
        how: `${loads ? `${loads.atOnce} at once, ` : ''}${formatMinutes(eachMinutes)} each, ${heatWords}`,
        needs: { hands: 1, ...needs },
        ...way,
        after,
        weight: 5,
        isEstimate: false,
        part: [from, to],
      },
      k + 1,
    );
    outs.push({ id: load.id });
    after = [{ id: load.id, maxWait: MAY_WAIT.pot, why: 'it stays hot' }];
  }
  return outs;
}

/** Where a load goes. */
const INTO: Readonly<Partial<Record<PlaceOfWork, string>>> = { oven: 'into the oven', steamer: 'into the steamer' };

const METHOD_WORDS: Readonly<Record<string, string>> = { bake: 'Bake', steam: 'Steam' };

/** Trays of the oven that a load takes. */
function traysOf({ loads }: BatchFacts): number {
  if (loads === null || loads.places.length === 0) return 1;
  return Math.max(1, Math.min(loads.floors, Math.ceil(loads.atOnce / loads.places.length)));
}

/** Packed warm, where it is carried. */
export function packTask(facts: BatchFacts, outs: readonly Follows[]): DayTask {
  const last = outs[outs.length - 1];
  return makeTask(facts, 'pack', PACK, {
    how: `${facts.batch.count} ${FORMS[facts.batch.wrap.form].plural}`,
    needs: { hands: 1 },
    after: [{ ...last, maxWait: (last.minWait ?? 0) + MAY_WAIT.pack, why: 'cools' }],
    weight: 4,
  });
}

/** In a low oven or under a cloth what came first waits while the last are cooked; perishable food at most two hours in all. */
const WHILE_COOKING = 20;
const MOST_HELD = 120;

/** Each load is kept hot so long at most, until it is served. */
export function heldAfter(facts: BatchFacts, outs: readonly Follows[]): Follows[] {
  const { serving, loads, batch, accounts } = facts;
  const good = keepsGood(batch.cook.method, accounts.dough.kind, FORMS[batch.wrap.form].size);
  const isWatched = loads !== null && (loads.appliance.kind === 'pan' || loads.appliance.kind === 'pot');
  const meanwhile = isWatched ? loads.allMinutes + WHILE_COOKING : 0;
  const longest = Math.max(SERVINGS[serving].holdMinutes ?? good, Math.min(MOST_HELD, meanwhile));
  return outs.map(({ id, minWait = 0 }) => ({
    id,
    minWait,
    maxWait: Math.max(minWait, longest),
    why: `kept hot, ${formatMinutes(longest)} at most`,
  }));
}
