/** What a noted batch teaches its kitchen: each lesson with its reason, to be kept or not. Safety limits never learn. */
import { paceOfBatch } from '../cooling/board-clock';
import { type Lesson, riseFactor, saltAim } from '../learning/learned';
import { type Outcome } from '../stored/note-schema';
import { lastTaken } from '../stored/taken';
import { EDGES } from '../vocabulary/edges';
import { EVERYTHING } from '../vocabulary/learned';
import { type Much, type OutcomeId } from '../vocabulary/outcomes';
import { brothRoom, takesOf } from '../filling/takes';
import { formatNumber } from '../units/amount';
import { ENOUGH, spreadLesson } from '../wrapper/weighings';
import { type Explained } from './find-causes';
import { type BatchNumbers } from './numbers';

/** A lesson with its reason: the deciding number between asterisks. */
export type Taught = Lesson;

const WET: readonly OutcomeId[] = ['soggy', 'leaked', 'spat'];
const DRY: readonly OutcomeId[] = ['dry', 'loose-filling'];
const RIGHT: readonly OutcomeId[] = ['just-right', 'juicy', 'crisp'];
/** Causes by which a wet parcel says something of its liquid, and a dry one. */
const BY_LIQUID: readonly string[] = ['wet-filling', 'wet-at-board'];
const BY_DRYNESS: readonly string[] = ['too-dry'];

/** The edge lies so far on the good side of a batch that was not right, g in 100 g. House estimates. */
const BESIDE: Readonly<Record<Much, number>> = { little: 0.5, clearly: 1.5 };

/** Everything that a batch teaches. @param explained why it came out so: what something else explains teaches nothing of liquid */
export function lessonsOf(n: BatchNumbers, explained: readonly Explained[]): Taught[] {
  return [...edges(n, explained), ...salted(n, explained), ...pace(n), ...portions(n), ...risen(n), ...wasted(n)];
}

function edges(n: BatchNumbers, explained: readonly Explained[]): Taught[] {
  const { batch, accounts, outcomes } = n;
  const { wrap, cook } = batch;
  const usual = takesOf(accounts.takes.kind, {
    form: wrap.form,
    vent: wrap.vent,
    method: cook.method,
    dough: accounts.dough.kind,
  });
  const { of } = usual;
  const { wet, dry } = accounts.takes;
  const runs = n.heat.value;
  const stillTakes = accounts.ledger.dry.per100;
  const right = outcomes.find(({ what }) => RIGHT.includes(what));
  const isWet = outcomes.filter(({ what }) => WET.includes(what));
  const isDry = outcomes.filter(({ what }) => DRY.includes(what));
  const teachWet = (x: number, because: string): Taught[] => [
    {
      what: 'wet-edge',
      of,
      estimate: usual.wet,
      // Of set broth the edge is its own; what it has set is room beside it.
      x: x - brothRoom(wrap.form, accounts.ledger),
      because: `*${formatNumber(runs, 1)} g* ran from 100 g, ${because}.`,
    },
  ];
  const teachDry = (x: number, because: string): Taught[] => [
    {
      what: 'still-takes',
      of,
      estimate: usual.dry,
      x: Math.max(0, x),
      because: `It would still have taken *${formatNumber(stillTakes, 1)} g* of liquid or fat per 100 g, ${because}.`,
    },
  ];
  const [wetFault] = isWet.filter((o) => isOpen(o, explained, BY_LIQUID));
  const [dryFault] = isDry.filter((o) => isOpen(o, explained, BY_DRYNESS));
  // Where nothing ran, or nothing was wanting, an edge is not what was wrong.
  return [
    ...(wetFault && runs > LEAST && runs <= wet
      ? teachWet(runs - BESIDE[wetFault.much], 'within the right range, and still too wet')
      : right && isWet.length === 0 && runs > wet
        ? teachWet(runs, 'more than is right, and it was right')
        : []),
    ...(dryFault && stillTakes > LEAST && stillTakes <= dry
      ? teachDry(stillTakes - BESIDE[dryFault.much], 'within the right range, and still dry')
      : right && isDry.length === 0 && stillTakes > dry
        ? teachDry(stillTakes, 'more than is right, and it was right')
        : []),
  ];
}
/** Less is nothing, g in 100 g. */
const LEAST = 0.3;

/** Nothing explains it better than its liquid would. */
function isOpen(outcome: Outcome, explained: readonly Explained[], by: readonly string[]): boolean {
  const causes = explained.find((e) => e.outcome.what === outcome.what)?.causes ?? [];
  const [first] = causes;
  return first === undefined || first.strength < SURE || by.includes(first.id);
}
/** So sure another cause is, it is that. House estimate. */
const SURE = 0.5;

function pace({ batch }: BatchNumbers): Taught[] {
  const taps = paceOfBatch(batch.wrap);
  const taken = lastTaken(batch, 'wrap');
  const seconds = taps ?? (taken === null ? null : (60 * taken.minutes) / batch.count);
  if (seconds === null || seconds <= 0) return [];
  const { edge } = batch.wrap;
  return [
    {
      what: 'wrap-seconds',
      of: edge,
      estimate: EDGES[edge].seconds,
      x: seconds,
      because: `*${formatNumber(seconds, 0)} s* a piece ${taps === null ? `in ${formatNumber(taken?.minutes ?? 0, 0)} min for ${batch.count}` : 'by the bench clock'}.`,
    },
  ];
}

/** A bland batch at its target, or above, wants more than the target; a salty one less. % points of salt. House estimates. */
const SALT_BESIDE: Readonly<Record<Much, number>> = { little: 0.1, clearly: 0.2 };
const NEAR_SALT = 0.1;
const BY_SALT: readonly string[] = ['little-salt', 'much-salt'];

function salted({ accounts, outcomes, kitchen }: BatchNumbers, explained: readonly Explained[]): Taught[] {
  const { fillingPercent, targetPercent, isSweet } = accounts.salt;
  if (isSweet || accounts.lines.length === 0) return [];
  const off = fillingPercent - targetPercent;
  const find = (what: OutcomeId): Outcome | undefined =>
    outcomes.find((o) => o.what === what && isOpen(o, explained, BY_SALT));
  const [bland, salty, right] = [find('bland'), find('salty'), find('well-seasoned')];
  const teach = (by: number, because: string): Taught[] => [
    {
      what: 'salt',
      of: EVERYTHING,
      estimate: kitchen.saltTargetPercent,
      // Against what is aimed for by now, which the filling was salted to.
      x: saltAim(kitchen) + by,
      because: `*${formatNumber(fillingPercent, 2)} %* where ${formatNumber(targetPercent, 2)} % was aimed for, ${because}.`,
    },
  ];
  if (bland && !salty && off >= -NEAR_SALT)
    return teach(Math.max(0, off) + SALT_BESIDE[bland.much], 'and it was bland all the same');
  if (salty && !bland && off <= NEAR_SALT)
    return teach(Math.min(0, off) - SALT_BESIDE[salty.much], 'and it was too salty all the same');
  return right && !bland && !salty ? teach(off, 'and it was well seasoned') : [];
}

/** How far portions differ here, and what one weighs against the plan: of those that were weighed. */
function portions({ batch, portions: weighed }: BatchNumbers): Taught[] {
  if (weighed === null || weighed.count < ENOUGH) return [];
  const { meanG, spreadPercent, count } = weighed;
  const planned = batch.wrap.portionG;
  return [
    ...(spreadPercent === null ? [] : [spreadLesson(spreadPercent, count)]),
    {
      what: 'spoonful',
      of: EVERYTHING,
      estimate: 1,
      x: meanG / planned,
      because: `${count} weighed *${formatNumber(meanG, 1)} g* on average, where ${formatNumber(planned, 1)} g was planned.`,
    },
  ];
}

/** How long it rose, of what the day had planned. */
function risen({ batch, kitchen }: BatchNumbers): Taught[] {
  const rise = batch.taken.filter(({ what, planned }) => what === 'rise' && planned > 0).at(-1);
  if (rise === undefined) return [];
  return [
    {
      what: 'rise',
      of: EVERYTHING,
      estimate: 1,
      // The plan had what is known of it by now.
      x: (riseFactor(kitchen) * rise.minutes) / rise.planned,
      because: `They rose for *${formatNumber(rise.minutes, 0)} min*, where ${formatNumber(rise.planned, 0)} was planned.`,
    },
  ];
}

/** What was thrown away of the filling. */
function wasted({ batch, accounts }: BatchNumbers): Taught[] {
  const { wastedG } = batch.note.measured;
  const { finishedG } = accounts.ledger;
  if (wastedG === null || finishedG <= 0 || wastedG > finishedG) return [];
  return [
    {
      what: 'waste',
      of: EVERYTHING,
      estimate: 0,
      x: (100 * wastedG) / finishedG,
      because: `*${formatNumber(wastedG, 0)} g* thrown away of ${formatNumber(finishedG, 0)} g.`,
    },
  ];
}
