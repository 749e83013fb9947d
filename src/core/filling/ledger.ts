/**
 * The water ledger. Every gram of water is on it:
 * brought in = cooked off + drained + steamed off + held + free.
 */
import { type Batch } from '../document/schema';
import { STAGES } from '../document/vocabulary/stages';
import { type Composition, mix, withoutWater } from '../food/composition';
import { binderOf } from './binders';
import { cookOffOf } from './cook-off';
import { type ResolvedLine } from './lines';
import { panContents } from './pan';

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
  /** Of the free water: set by gelatine as long as it is cold. It runs when hot, and is judged as free. */
  setCold: number;
  /** Liquid let go of before anything is taken away or bound. */
  released: number;
  /** g of finished filling. */
  finishedG: number;
  /** g of free liquid in 100 g of finished filling. */
  freePer100: number;
  /** What the finished filling is made of. */
  composition: Composition;
  lines: LedgerLine[];
  /** Of what was cooked off and drained: in the pan, and by weighing; the rest went with the preparations. */
  cookedOffInPan: number;
  drainedByWeight: number;
  /** Whether what boiled off is known by weighing. */
  cookedOffBy: 'weighing' | 'estimate';
  /** Where the weighing cannot be true, what is wrong with it. */
  problem: string | null;
}

/**
 * Draws up the ledger of a batch's filling.
 * @param steamedOffG water lost while cooling, g, from the cooling forecast
 */
export function drawLedger(lines: readonly ResolvedLine[], water: Batch['water'], steamedOffG: number): Ledger {
  const broughtIn = sum(lines.map((l) => l.waterG));
  const lostTo = (way: 'cookedOff' | 'drained') =>
    sum(lines.filter((l) => l.preparation.losesTo === way).map((l) => l.lostG));
  const readyG = sum(lines.map((l) => l.readyG));
  const pan = lines.filter((l) => STAGES[l.line.stage].isInPan);
  const panWater = sum(pan.map((l) => l.composition.water * l.readyG));
  const { grams: wanted, by, problem: weighing } = cookOffOf(water, panContents(lines));
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
  const heldByTissue = left - free - heldByBinders;
  return {
    broughtIn,
    cookedOff: lostTo('cookedOff') + inPan,
    drained: lostTo('drained') + drainedByWeight,
    steamedOff,
    held: left - free,
    free,
    heldByTissue,
    heldByBinders,
    setCold: Math.min(free, sum(lines.map(setsCold))),
    released,
    finishedG,
    freePer100: finishedG > 0 ? (100 * free) / finishedG : 0,
    composition: withoutWater(
      mix(lines.map((l) => ({ grams: l.readyG, composition: l.composition }))),
      readyG,
      readyG - finishedG,
    ),
    lines: rows,
    cookedOffInPan: inPan,
    drainedByWeight,
    cookedOffBy: by,
    problem: weighing ?? (wanted > panWater + 0.05 ? 'More has been cooked off than the pan holds in water.' : null),
  };
}

/** g of liquid that a line holds as a binder when hot. */
export function holds(l: ResolvedLine): number {
  const binder = binderOf(l);
  return binder && !binder.coldOnly ? binder.capacity * l.readyG : 0;
}

function setsCold(l: ResolvedLine): number {
  const binder = binderOf(l);
  return binder?.coldOnly ? binder.capacity * l.readyG : 0;
}

function ledgerLine(l: ResolvedLine): LedgerLine {
  return {
    lineId: l.line.id,
    name: l.ingredient.name,
    preparation: l.preparation.label,
    brings: l.waterG,
    letsGo: l.releaseG,
    canHold: holds(l),
  };
}

const sum = (values: readonly number[]): number => values.reduce((total, value) => total + value, 0);
