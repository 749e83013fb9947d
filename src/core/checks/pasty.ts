/** Starch with nothing left to bind, and lean meat with nothing left to run. */
import { binderOf } from '../filling/binders';
import { type Ledger } from '../filling/ledger';
import { type ResolvedLine } from '../filling/lines';
import { isMixed, isRawMince } from '../filling/uptake';
import { goesInRaw } from '../filling/raw';
import { HAZARDS } from '../vocabulary/foods';

/** Spare starch below this is not tasted, g of liquid per 100 g. House estimate. */
const PASTY_PER_100 = 12;
/** As much again as all liquid it was given: it is tasted as paste. House estimate. */
const PASTY_TIMES = 2;
/** Dry things that could hold so much more than all that runs leave lean meat dry, g per 100 g. House estimate. */
const DRY_PER_100 = 15;
/** Mince with less fat than this is lean, %. House estimate. */
export const LEAN_PERCENT = 5;

/** What all binders together could hold, g. */
export const bindingPower = (ledger: Ledger): number => ledger.lines.reduce((sum, l) => sum + l.canHold, 0);

/** What some of the lines could hold, g; the ledger's rows stand in the order of the lines. */
const holdsOf = (ledger: Ledger, lines: readonly ResolvedLine[], is: (l: ResolvedLine) => boolean): number =>
  lines.reduce((sum, l, i) => sum + (is(l) ? ledger.lines[i].canHold : 0), 0);

const isThickener = (l: ResolvedLine): boolean => binderOf(l)?.isThickener === true && binderOf(l)?.isFood === false;

/** What its starch could hold, g. */
export const starchPower = (ledger: Ledger, lines: readonly ResolvedLine[]): number =>
  holdsOf(ledger, lines, isThickener);

/** Starch and flour with far more power than there is liquid; egg is never paste, and what soaks is judged as dry. */
export function isPasty(ledger: Ledger, lines: readonly ResolvedLine[]): boolean {
  const power = starchPower(ledger, lines);
  const given = Math.max(0, ledger.released - ledger.cookedOffInPan - ledger.drainedByWeight) + juiceOfRawMeat(lines);
  return power >= PASTY_TIMES * given && power - given > (PASTY_PER_100 / 100) * ledger.finishedG;
}

/** Among raw meat starch also takes up what the meat would have kept, g in a g of its water. House estimate. */
const OF_ITS_JUICE = 0.5;
const juiceOfRawMeat = (lines: readonly ResolvedLine[]): number =>
  lines
    .filter((l) => goesInRaw(l) && HAZARDS[l.ingredient.hazard].isFlesh)
    .reduce((sum, l) => sum + OF_ITS_JUICE * l.composition.water * l.readyG, 0);

interface Dryness {
  because: 'absorbers' | 'lean';
  /** g that dry things could still take up, or the fat of the mince, %. */
  figure: number;
  lineId: string;
  name: string;
}

/** Why a filling of raw meat ends dry; null where it does not. Cooked fillings are never too dry by this account. */
export function drynessOf(ledger: Ledger, lines: readonly ResolvedLine[]): Dryness | null {
  const flesh = lines.filter((l) => goesInRaw(l) && HAZARDS[l.ingredient.hazard].isFlesh);
  if (flesh.length === 0) return null;
  const dry = lines.filter((l) => binderOf(l)?.isDryAbsorber === true);
  const spare = holdsOf(ledger, lines, (l) => dry.includes(l)) - ledger.released + ledger.cookedOffInPan;
  const [most] = [...dry].sort((a, b) => b.readyG - a.readyG);
  if (most && spare > (DRY_PER_100 / 100) * ledger.finishedG) {
    return { because: 'absorbers', figure: spare, lineId: most.line.id, name: most.ingredient.name };
  }
  const mince = flesh.filter(isRawMince);
  const minceG = mince.reduce((sum, l) => sum + l.readyG, 0);
  if (minceG <= ledger.finishedG / 2) return null;
  const fat = (100 * mince.reduce((sum, l) => sum + l.composition.fat * l.readyG, 0)) / minceG;
  const isHelped = lines.some((l) => isThickener(l)) || mince.some(isMixed);
  const [largest] = [...mince].sort((a, b) => b.readyG - a.readyG);
  return fat < LEAN_PERCENT && !isHelped
    ? { because: 'lean', figure: fat, lineId: largest.line.id, name: largest.ingredient.name }
    : null;
}
