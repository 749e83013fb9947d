/** What may mend moisture: treating what is wet, cooking off, binding; or working liquid in and leaving a binder out. */
import { lineOf } from '../document/new-line';
import { type Batch } from '../document/schema';
import { SCHOOLS } from '../document/vocabulary/schools';
import { type Preparation, RELEASES } from '../document/vocabulary/releases';
import { STAGES } from '../document/vocabulary/stages';
import { binderOf } from '../filling/binders';
import { compareBinders } from '../filling/compare-binders';
import { cookOffOf } from '../filling/cook-off';
import { type ResolvedLine } from '../filling/lines';
import { panContents } from '../filling/pan';
import { aimOf, stopPlan } from '../filling/stop-plan';
import { takeBinder } from '../filling/take-binder';
import { formatNumber } from '../units/amount';
import { formatGrams } from '../units/format';
import { inSpoons } from '../units/spoons';
import { type Accounts } from './account';
import { type Candidate, type Judgement } from './check';
import { bindingPower, isPasty } from './pasty';
import { type Tried } from './rule';

/** So many lines are tried with other preparations. */
const MOST_TREATED = 8;
/** Where in the band wetting aims: the dry half. */
const JUICY = 0.35;
/** The liquid that is worked in. */
const LIQUID_ID = 'stock';

const TREAT = 'treat';
const COOK_OFF = 'cook-off';
const BIND = 'bind';
/** So many of each group are offered. */
const MOST: Readonly<Record<string, number>> = { [TREAT]: 1, [COOK_OFF]: 1, [BIND]: 2 };

export function candidates(accounts: Accounts, { value, band: [dry, wet] }: Judgement): Candidate[] {
  if (value === null || dry === null || wet === null || accounts.ledger.problem !== null) return [];
  if (isPasty(accounts.ledger) || value < dry) return juicier(accounts);
  return value > wet ? [...treating(accounts), ...cookingOff(accounts), ...binding(accounts)] : [];
}

/** Less change than this, g in 100 g, is none. */
const LEAST_DRIED = 0.3;
const LEAST_WETTED = 0.1;
/** An hour of work and waiting is worth a gram and a half of liquid in 100 g. House estimate. */
const MINUTES_A_GRAM = 40;

/** What lands in the band comes first. */
export function choose(tried: readonly Tried[], { value, band: [dry, wet] }: Judgement): Tried[] {
  if (value === null || dry === null || wet === null) return [];
  const valueThen = ({ then }: Tried): number => then.value ?? value;
  const miss = (t: Tried): number => Math.max(0, dry - valueThen(t), valueThen(t) - wet);
  const wetting = tried.filter((t) => t.candidate.group === undefined && valueThen(t) > value + LEAST_WETTED);
  const cost = (t: Tried): number => miss(t) + (t.candidate.minutes ?? 0) / MINUTES_A_GRAM;
  const drying = Object.entries(MOST).flatMap(([group, most]) =>
    tried
      .filter((t) => t.candidate.group === group && valueThen(t) < value - LEAST_DRIED)
      .sort((a, b) => cost(a) - cost(b))
      .slice(0, most),
  );
  return [...wetting, ...drying.sort((a, b) => miss(a) - miss(b))];
}

/** Treating a wet line otherwise: the amount stays what it was before the treatment. */
function treating({ lines }: Accounts): Candidate[] {
  // Of many wet lines the wettest are worth the work.
  const untreated = lines
    .filter((l) => l.preparation.yield === 1)
    .sort((a, b) => b.releaseG - a.releaseG)
    .slice(0, MOST_TREATED);
  return untreated.flatMap((l) =>
    RELEASES[l.ingredient.release]
      .filter((p) => p.release < l.preparation.release && !p.takesStarch && suits(l, p))
      .map((p) => ({
        id: `prepare-${l.line.id}-${p.id}`,
        label: `${l.ingredient.name}: ${p.label}`,
        change: [{ do: 'changeLine' as const, id: l.line.id, to: { preparation: p.id, weighed: 'raw' as const } }],
        minutes: p.handsOnMinutes + p.waitMinutes,
        group: TREAT,
      })),
  );
}

/** Raw meat and fish that go in raw stay raw: cooking them first would be another school. */
const suits = (l: ResolvedLine, p: Preparation): boolean =>
  !p.cooked || l.ingredient.hazard === 'none' || STAGES[l.line.stage].isInPan;

function cookingOff({ batch: { water }, lines, ledger, tolerance }: Accounts): Candidate[] {
  const stop = stopPlan(lines, water, ledger, tolerance.band);
  if (!stop || stop.toGoG === 0) return [];
  const weighs = water.panG === null ? 'the filling in the pan weighs' : 'pan and filling weigh';
  const soFar = cookOffOf(water, panContents(lines));
  const to: Partial<Pick<Batch['water'], 'estimate' | 'plannedG'>> =
    soFar.by === 'weighing'
      ? { plannedG: round1(water.plannedG + stop.toGoG) }
      : { estimate: { by: 'grams', grams: round1(soFar.grams + stop.toGoG) } };
  const label = `Cook off ${formatGrams(stop.toGoG)} more: stop when ${weighs} ${formatGrams(stop.readsG)}`;
  return [{ id: 'cook-off', label, change: [{ do: 'setWater', to }], group: COOK_OFF }];
}

const round1 = (value: number): number => Math.max(0, Math.round(value * 10) / 10);

/** The binders that most kitchens have, of those that are compared. */
function binding({ batch, lines, ledger, tolerance }: Accounts): Candidate[] {
  const hasPan = panContents(lines) > 0;
  return compareBinders(ledger, aimOf(tolerance.band))
    .filter((option) => option.isAtHand)
    .map((option) => ({
      id: `bind-${option.id}`,
      label: `Add ${formatNumber(option.grams)} g ${option.label} (${option.spoons})`,
      change: takeBinder(batch, option, hasPan),
      group: BIND,
    }));
}

function juicier({ batch, lines, ledger, tolerance: { band } }: Accounts): Candidate[] {
  const [dry, wet] = band;
  const aim = dry + JUICY * (wet - dry);
  const spare = Math.max(0, bindingPower(ledger) - ledger.heldByBinders);
  const grams = Math.round((aim / 100) * ledger.finishedG - ledger.free + spare);
  const { lateAt } = SCHOOLS[batch.school];
  const line = lineOf(batch.lines, LIQUID_ID, grams, lateAt, 'a little at a time, until it is taken up');
  const add: Candidate = {
    id: 'add-stock',
    label: `Work in ${grams} g cold stock (${inSpoons(grams)})`,
    change: [{ do: 'addLine', line }],
  };
  const leaveOut = lines
    .filter((l) => binderOf(l)?.isEgg === false)
    .map((l): Candidate => ({
      id: `without-${l.line.id}`,
      label: `Leave out the ${l.ingredient.name.toLowerCase()}`,
      change: [{ do: 'removeLine', id: l.line.id }],
    }));
  return [add, ...leaveOut];
}
