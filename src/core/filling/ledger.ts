/**
 * The water ledger. Every gram of water is on it:
 * brought in = cooked off + drained + steamed off + held + free.
 */
import { type Batch } from '../batch/schema';
import { PAN_STAGES } from '../batch/vocabulary';
import { type Composition, mix, withoutWater } from '../food/composition';
import { binderById } from './binders';
import { type ResolvedLine } from './lines';

export interface LedgerLine {
  lineId: string;
  name: string;
  preparation: string;
  /** g of water it brings. */
  brings: number;
  /** g of liquid it lets go of. */
  letsGo: number;
  /** g of liquid it can hold, as a binder; only what works hot. */
  canHold: number;
}

export interface Ledger {
  broughtIn: number;
  cookedOff: number;
  drained: number;
  steamedOff: number;
  held: number;
  free: number;
  /** Of the held water: by the food itself, and by binders. */
  heldByTissue: number;
  heldByBinders: number;
  /** Liquid let go of before anything is taken away or bound. */
  released: number;
  /** g of finished filling. */
  finishedG: number;
  /** g of free liquid in 100 g of finished filling. */
  freePer100: number;
  /** What the finished filling is made of. */
  composition: Composition;
  lines: LedgerLine[];
  /** Where the weighing cannot be true, what is wrong with it. */
  problem: string | null;
}

/** g of everything that goes into the pan, as it goes in. */
export const panContents = (lines: readonly ResolvedLine[]): number =>
  sum(lines.filter((l) => PAN_STAGES.includes(l.line.stage)).map((l) => l.readyG));

/**
 * Draws up the ledger of a batch's filling.
 * @param steamedOffG water lost while cooling, g, from the cooling forecast
 */
export function drawLedger(lines: readonly ResolvedLine[], water: Batch['water'], steamedOffG: number): Ledger {
  const broughtIn = sum(lines.map((l) => l.waterG));
  const lostTo = (way: 'cookedOff' | 'drained') =>
    sum(lines.filter((l) => l.preparation.losesTo === way).map((l) => l.lostG));
  const readyG = sum(lines.map((l) => l.readyG));
  const pan = lines.filter((l) => PAN_STAGES.includes(l.line.stage));
  const panWater = sum(pan.map((l) => l.composition.water * l.readyG));
  const { grams: wanted, problem: weighing } = cookedOffInPan(water, panContents(lines));
  // Water can leave only once: each way out takes from what the ways before it have left.
  const inPan = Math.min(wanted, panWater);
  let left = sum(lines.map((l) => l.composition.water * l.readyG)) - inPan;
  const drainedByWeight = Math.min(water.drainedG, left);
  left -= drainedByWeight;
  const steamedOff = Math.min(steamedOffG, left);
  left -= steamedOff;

  const rows = lines.map(ledgerLine);
  const released = sum(rows.map((row) => row.letsGo));
  const canHold = sum(rows.map((row) => row.canHold));
  const running = Math.max(0, Math.min(left, released - inPan - drainedByWeight - steamedOff));
  const heldByBinders = Math.min(running, canHold);
  const free = running - heldByBinders;
  const finishedG = readyG - inPan - drainedByWeight - steamedOff;
  return {
    broughtIn,
    cookedOff: lostTo('cookedOff') + inPan,
    drained: lostTo('drained') + drainedByWeight,
    steamedOff,
    held: left - free,
    free,
    heldByTissue: left - free - heldByBinders,
    heldByBinders,
    released,
    finishedG,
    freePer100: finishedG > 0 ? (100 * free) / finishedG : 0,
    composition: withoutWater(
      mix(lines.map((l) => ({ grams: l.readyG, composition: l.composition }))),
      readyG,
      readyG - finishedG,
    ),
    lines: rows,
    problem: weighing ?? (wanted > panWater + 0.05 ? 'More has been cooked off than the pan holds in water.' : null),
  };
}

function ledgerLine(l: ResolvedLine): LedgerLine {
  const binder = l.ingredient.binder === undefined ? undefined : binderById(l.ingredient.binder);
  return {
    lineId: l.line.id,
    name: l.ingredient.name,
    preparation: l.preparation.label,
    brings: l.waterG,
    letsGo: l.releaseG,
    canHold: binder && !binder.coldOnly ? binder.capacity * l.readyG : 0,
  };
}

/** g boiled off in the pan, by estimate or by weighing, and what is wrong with the weighing if anything is. */
function cookedOffInPan(water: Batch['water'], contentsG: number): { grams: number; problem: string | null } {
  const { cookOff } = water;
  if (cookOff.by === 'estimate') return { grams: cookOff.grams, problem: null };
  const lost = contentsG - (cookOff.panWithFillingG - cookOff.panG);
  return lost >= 0
    ? { grams: lost, problem: null }
    : { grams: 0, problem: 'The pan weighs more than the pan and everything that went into it.' };
}

const sum = (values: readonly number[]): number => values.reduce((total, value) => total + value, 0);
