/** Moisture: free liquid against what the parcel takes. */
import { compareBinders } from '../../filling/compare-binders';
import { cookOffOf } from '../../filling/cook-off';
import { drawLedger, type Ledger } from '../../filling/ledger';
import { type ResolvedLine, resolveLines } from '../../filling/lines';
import { lineOf } from '../../filling/new-line';
import { panContents, panRelease } from '../../filling/pan';
import { stopWeight, toCookOff } from '../../filling/stop-weight';
import { takeBinder } from '../../filling/take-binder';
import { tolerance } from '../../filling/tolerance';
import { type Preparation, preparationsOf } from '../../food/preparations';
import { formatGrams } from '../../units/format';
import { formatNumber } from '../../units/amount';
import { inSpoons } from '../../units/spoons';
import { type Check, type CheckState, type Fix, HOUSE, type Reason } from '../check';
import { type Kitchen } from '../kitchen';
import { apply, type Operation } from '../operations';
import { type Outline } from '../outline';
import { type Batch } from '../schema';
import { HOT_STAGES, PAN_STAGES } from '../vocabulary';

interface Context {
  batch: Batch;
  kitchen: Kitchen;
  outline: Outline;
  ledger: Ledger;
}

const UNIT = 'g per 100 g';
/** So many lines are tried with other preparations. */
const MOST_TREATED = 8;
/** Less than this is not worth lighting the hob for. */
const LEAST_COOK_OFF_G = 5;
/** So far up in the band a filling has boiled down enough: a few grams on the scale are not worth going back to the hob. */
const ENOUGH = 0.75;
/** Spare binding power below this is not noticed, g of liquid per 100 g. House estimate. */
const PASTY_PER_100 = 4;
const per100 = (value: number): string => formatNumber(value, 1);

/** The moisture check. */
export function checkMoisture(context: Context): Check {
  const { batch, outline, ledger } = context;
  const { band, parcel } = tolerance(batch.cook.method, outline.dough);
  const [dry, wet] = band;
  const value = ledger.freePer100;
  const common = {
    id: 'moisture' as const,
    value,
    band,
    unit: UNIT,
    figure: per100(value),
    why: reasons(context, parcel),
    cautions: [],
    pending: false,
  };
  if (outline.lines.length === 0) {
    return {
      ...common,
      state: 'watch',
      headline: 'Moisture: nothing in it yet',
      sentence: 'Add what goes into the filling, and the water is accounted for as you type.',
      value: null,
      figure: '–',
      fixes: [],
    };
  }
  if (ledger.problem) {
    return { ...common, state: 'watch', headline: 'Moisture: weigh again', sentence: ledger.problem, fixes: [] };
  }
  const takes = `${parcel} takes ${formatNumber(dry)} to ${formatNumber(wet)}`;
  const cold =
    ledger.setCold >= 1
      ? ` Cold, ${formatGrams(ledger.setCold)} of it is set by gelatine: it wraps as a jelly and runs when hot.`
      : '';
  const sentence = `Free liquid *${per100(value)} g* per 100 g; ${takes}.${cold}`;
  const state = moistureState(value, band);
  if (isPasty(ledger)) {
    return {
      ...common,
      state: 'watch',
      headline: 'Moisture: pasty, too much binder',
      sentence: `Binders could hold *${formatGrams(bindingPower(ledger))}*; only ${formatGrams(ledger.heldByBinders)} runs.`,
      fixes: juicier(context, band),
    };
  }
  if (value > wet) return { ...common, state, headline: 'Moisture: too wet', sentence, fixes: drier(context, band) };
  if (value < dry)
    return { ...common, state, headline: 'Moisture: on the dry side', sentence, fixes: juicier(context, band) };
  return { ...common, state, headline: 'Moisture: as it should be', sentence, fixes: [] };
}

/** What all binders together could hold, g. */
const bindingPower = (ledger: Ledger): number => ledger.lines.reduce((sum, l) => sum + l.canHold, 0);

/** Starch with nothing left to hold is tasted as paste: half as much again as runs, and more than a trace. House estimate. */
const isPasty = (ledger: Ledger): boolean => {
  const spare = bindingPower(ledger) - ledger.heldByBinders;
  return ledger.free === 0 && spare > 0.5 * ledger.heldByBinders && spare > (PASTY_PER_100 / 100) * ledger.finishedG;
};

/** A tenth over the wet edge, or half a gram, is Watch; beyond it Fix. Too dry is Watch: it spoils the eating only. */
export function moistureState(value: number, [dry, wet]: readonly [number, number]): CheckState {
  if (value > wet + Math.max(0.5, 0.1 * wet)) return 'fix';
  return value > wet || value < dry ? 'watch' : 'good';
}

/** Free liquid per 100 g after some changes. Steam lost while cooling goes with the mass that is hot. */
function after(context: Context, change: readonly Operation[]): number {
  const changed = change.reduce(apply, context.batch);
  const before = hotPart(context.batch, context.kitchen);
  const share = before > 0 ? hotPart(changed, context.kitchen) / before : 1;
  const lines = resolveLines(changed, context.kitchen);
  return drawLedger(lines, changed.water, context.ledger.steamedOff * share).freePer100;
}

/** g that is hot when it comes off the heat. */
function hotPart(batch: Batch, kitchen: Kitchen): number {
  const hot = resolveLines(batch, kitchen).filter((l) => HOT_STAGES.includes(l.line.stage));
  return drawLedger(hot, batch.water, 0).finishedG;
}

function fix(context: Context, id: string, label: string, change: Operation[]): Fix {
  const promise = after(context, change);
  return { id, label, change, promise, effect: `${per100(context.ledger.freePer100)} → ${per100(promise)}` };
}

/** Treating what is wet, cooking off and binding are all offered; what lands in the band comes first. */
function drier(context: Context, band: readonly [number, number]): Fix[] {
  const [dry, wet] = band;
  const aim = aimOf(band);
  const now = context.ledger.freePer100;
  const miss = (fix: Fix) => Math.max(0, dry - fix.promise, fix.promise - wet);
  const best = <F extends Fix>(fixes: F[], most: number, cost: (fix: F) => number = () => 0): Fix[] =>
    fixes
      .filter((fix) => fix.promise < now - 0.3)
      .sort((a, b) => miss(a) + cost(a) - (miss(b) + cost(b)))
      .slice(0, most);
  return [
    ...best(byPreparation(context), 1, effort),
    ...best(byCookingOff(context, band), 1),
    ...best(byBinder(context, aim), 2),
  ].sort((a, b) => miss(a) - miss(b));
}

interface PreparationFix extends Fix {
  minutes: number;
}

/** An hour of work and waiting is worth a gram and a half of liquid in 100 g. House estimate. */
const effort = ({ minutes }: PreparationFix): number => minutes / 40;

/** Treating a wet line otherwise: the amount stays what it was before the treatment. */
function byPreparation(context: Context): PreparationFix[] {
  // Of many wet lines the wettest are worth the work.
  const untreated = context.outline.lines
    .filter((l) => l.preparation.yield === 1)
    .sort((a, b) => b.releaseG - a.releaseG)
    .slice(0, MOST_TREATED);
  return untreated.flatMap((l) =>
    preparationsOf(l.ingredient.wetness)
      // Starch for the meat would have to be a line of its own: that is what the binders offer.
      .filter((p) => p.release < l.preparation.release && p.id !== 'worked-starch' && suits(l, p))
      .map((p) => ({
        ...fix(context, `prepare-${l.line.id}-${p.id}`, `${l.ingredient.name}: ${p.label}`, [
          { do: 'changeLine', id: l.line.id, to: { preparation: p.id, weighed: 'raw' } },
        ]),
        minutes: p.handsOnMinutes + p.waitMinutes,
      })),
  );
}

/** Raw meat and fish that go in raw stay raw: cooking them first would be another school. */
const suits = (l: ResolvedLine, p: Preparation): boolean =>
  !p.cooked || l.ingredient.hazard === 'none' || PAN_STAGES.includes(l.line.stage);

function byCookingOff(context: Context, band: readonly [number, number]): Fix[] {
  const { batch, outline } = context;
  const stop = stopPlan(context, band);
  if (!stop || stop.toGoG === 0) return [];
  const weighs = batch.water.panG === null ? 'the filling in the pan weighs' : 'pan and filling weigh';
  const soFar = cookOffOf(batch.water, panContents(outline.lines));
  const to: Partial<Pick<Batch['water'], 'estimate' | 'plannedG'>> =
    soFar.by === 'weighing'
      ? { plannedG: round1(batch.water.plannedG + stop.toGoG) }
      : { estimate: { by: 'grams', grams: round1(soFar.grams + stop.toGoG) } };
  return [
    fix(
      context,
      'cook-off',
      `Cook off ${formatGrams(stop.toGoG)} more: stop when ${weighs} ${formatGrams(stop.readsG)}`,
      [{ do: 'setWater', to }],
    ),
  ];
}

export interface StopPlan {
  /** g still to boil off until the free liquid is well within the band; 0 where enough has gone. */
  toGoG: number;
  /** What the scale reads then: pan and filling, or the filling alone where the pan is not known. */
  readsG: number;
}

/** When to stop boiling down. Null where nothing is in a pan. Only what runs there can boil off without drying the food. */
export function stopPlan(
  { batch, outline, ledger }: Omit<Context, 'kitchen'>,
  band: readonly [number, number],
): StopPlan | null {
  const inPan = panContents(outline.lines);
  if (inPan === 0) return null;
  const soFar = cookOffOf(batch.water, inPan).grams;
  const running = panRelease(outline.lines) - soFar;
  const wanted = Math.min(toCookOff(ledger.free, ledger.finishedG, aimOf(band)), running);
  const isEnough = ledger.freePer100 <= band[0] + ENOUGH * (band[1] - band[0]);
  const toGoG = isEnough || wanted < LEAST_COOK_OFF_G ? 0 : wanted;
  return { toGoG, readsG: stopWeight(batch.water.panG ?? 0, inPan, soFar + toGoG) };
}

/** Where in the band drying aims: well below the wet edge, not at the dry one. */
export const aimOf = ([dry, wet]: readonly [number, number]): number => dry + 0.6 * (wet - dry);

/** The three that most kitchens have, of those that are compared. */
const AT_HAND = ['cornflour', 'potato-starch', 'dry-crumbs'];

function byBinder(context: Context, aim: number): Fix[] {
  const { outline, ledger, batch } = context;
  const hasPan = panContents(outline.lines) > 0;
  return compareBinders(ledger, aim)
    .filter((option) => AT_HAND.includes(option.id))
    .map((option) =>
      fix(
        context,
        `bind-${option.id}`,
        `Add ${formatNumber(option.grams)} g ${option.label} (${option.spoons})`,
        takeBinder(batch, option, hasPan),
      ),
    );
}

function juicier(context: Context, [dry, wet]: readonly [number, number]): Fix[] {
  const { ledger, batch } = context;
  const aim = dry + 0.35 * (wet - dry);
  const spare = Math.max(0, bindingPower(ledger) - ledger.heldByBinders);
  const grams = Math.round((aim / 100) * ledger.finishedG - ledger.free + spare);
  const stage = batch.school === 'raw' ? 'raw-mix' : 'when-cool';
  const line = lineOf(batch.lines, 'stock', grams, stage, 'a little at a time, until it is taken up');
  const add = fix(context, 'add-stock', `Work in ${grams} g cold stock (${inSpoons(grams)})`, [
    { do: 'addLine', line },
  ]);
  const binders = context.outline.lines.filter((l) => (l.ingredient.binder ?? 'egg') !== 'egg');
  const leaveOut = binders.map((l) =>
    fix(context, `without-${l.line.id}`, `Leave out the ${l.ingredient.name.toLowerCase()}`, [
      { do: 'removeLine', id: l.line.id },
    ]),
  );
  return [add, ...leaveOut].filter((f) => f.promise > ledger.freePer100 + 0.1);
}

const round1 = (value: number): number => Math.max(0, Math.round(value * 10) / 10);

function reasons({ ledger, outline }: Context, parcel: string): Reason[] {
  const loudest = [...ledger.lines].sort((a, b) => b.letsGo - a.letsGo).filter((l) => l.letsGo >= 0.5);
  const binders = ledger.lines.filter((l) => l.canHold > 0);
  const cooledOff = ledger.steamedOff > 0.05;
  return [
    ...loudest.map((l) => ({
      text: `${l.name}, ${l.preparation}, lets go of`,
      figure: formatGrams(l.letsGo),
      source: outline.lines.find((r) => r.line.id === l.lineId)?.ingredient.liquid ? 'its water; food tables' : HOUSE,
    })),
    { text: 'Cooked off so far, preparations included', figure: formatGrams(ledger.cookedOff) },
    { text: 'Drained or squeezed out', figure: formatGrams(ledger.drained) },
    ...(cooledOff
      ? [{ text: 'Steamed off while cooling', figure: formatGrams(ledger.steamedOff), source: 'cooling forecast' }]
      : []),
    ...binders.map((l) => ({ text: `${l.name} can hold`, figure: formatGrams(l.canHold), source: HOUSE })),
    { text: 'Left free', figure: formatGrams(ledger.free) },
    { text: 'in a finished filling of', figure: formatGrams(ledger.finishedG) },
    { text: `What ${parcel} takes before it soaks, bursts or is dry`, source: HOUSE },
  ];
}
