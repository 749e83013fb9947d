/**
 * The water ledger. Every gram of water is on it:
 * brought in = cooked off + drained + steamed off + held + free.
 */
import { type Batch } from '../stored/schema';
import { STAGES } from '../vocabulary/stages';
import { type Composition, mix, withoutWater } from '../food/composition';
import { binderOf } from './binders';
import { cookOffOf } from './cook-off';
import { accountBoard, type BoardAccount, isJelly } from './board';
import { accountDry, type DryAccount } from './dry';
import { accountPaste, type PasteAccount } from './paste';
import { type ResolvedLine } from './lines';
import { panContents } from './pan';
import { isFruity } from './sweet';
import { uptakeOf } from './uptake';

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
  /** Of what the food holds: g that was worked into raw meat, and stays there. */
  heldByMeat: number;
  /** Of the free water: set by gelatine as long as it is cold. It runs when hot, and is judged as free. */
  setCold: number;
  /** Liquid let go of before anything is taken away or bound. */
  released: number;
  /** g of finished filling. */
  finishedG: number;
  /** Of what is free: g that the oven takes while it bakes. */
  driedInOven: number;
  /** g of free liquid in 100 g of finished filling, in the heat: what the oven takes is not counted. */
  freePer100: number;
  /** At the board, when the parcel is closed. */
  board: BoardAccount;
  /** What it would still take of liquid or fat. */
  dry: DryAccount;
  /** What its starch could thicken, against what there is. */
  paste: PasteAccount;
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
 * @param ovenPer100 g in 100 g of filling that the oven takes while it bakes, where it is free to go
 */
export function drawLedger(
  lines: readonly ResolvedLine[],
  water: Batch['water'],
  steamedOffG: number,
  ovenPer100 = 0,
): Ledger {
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

  const strength = isFruity(lines) ? STARCH_IN_FRUIT : 1;
  const custard = custardOf(lines);
  const rows = lines.map((l) => ledgerLine(l, strength, custard));
  const released = sum(rows.map((row) => row.letsGo));
  const canHold = sum(rows.map((row) => row.canHold));
  const running = Math.max(0, Math.min(left, released - inPan - drainedByWeight - steamedOff));
  const uptake = uptakeOf(lines);
  const heldByMeat = Math.min(running, uptake.heatG);
  const heldByBinders = Math.min(running - heldByMeat, canHold);
  const free = running - heldByMeat - heldByBinders;
  const finishedG = readyG - inPan - drainedByWeight - steamedOff;
  const heldByTissue = left - free - heldByBinders;
  const driedInOven = Math.min(free, (ovenPer100 / 100) * finishedG);
  const goneG = inPan + drainedByWeight;
  const met = { looseG: Math.max(0, released - goneG), goneG, finishedG };
  return {
    broughtIn,
    cookedOff: lostTo('cookedOff') + inPan,
    drained: lostTo('drained') + drainedByWeight,
    steamedOff,
    held: left - free,
    free,
    heldByTissue,
    heldByMeat,
    heldByBinders,
    setCold: Math.min(free, sum(lines.map(setsCold))),
    released,
    finishedG,
    driedInOven,
    freePer100: finishedG > 0 ? (100 * (free - driedInOven)) / finishedG : 0,
    board: accountBoard(lines, uptake, inPan + drainedByWeight + steamedOff, finishedG),
    dry: accountDry(lines, met),
    paste: accountPaste(
      lines,
      rows.map((row) => row.canHold),
      met,
    ),
    composition: withoutWater(
      mix(lines.map((l) => ({ grams: l.readyG, composition: l.composition }))),
      readyG,
      readyG - finishedG,
    ),
    lines: rows,
    cookedOffInPan: inPan,
    drainedByWeight,
    cookedOffBy: by,
    problem: weighing ?? (wanted > panWater + 0.05 ? 'More has boiled off than there was water in the pan.' : null),
  };
}

/** Acid and sugar take half of what starch could do. House estimate. */
export const STARCH_IN_FRUIT = 0.5;

/**
 * g of liquid that a line holds as a binder when hot, or takes up as cooked potato, grain or pulse.
 * @param strength what starch is worth in this filling
 */
export function holds(l: ResolvedLine, strength = 1): number {
  const binder = binderOf(l);
  const takesUp = l.preparation.takesUp * l.readyG;
  if (!binder || binder.coldOnly) return takesUp;
  return Math.max(takesUp, binder.capacity * (binder.isThickener ? strength : 1) * l.readyG);
}

/** Gelatine sets what is poured in; jellied stock is set as it comes. */
function setsCold(l: ResolvedLine): number {
  const binder = binderOf(l);
  return binder?.coldOnly ? binder.capacity * l.readyG : isJelly(l) ? l.releaseG : 0;
}

/** Egg sets as much again of the milk and cream that it is beaten with, g a gram: a custard (an egg to 100–125 ml). */
function custardOf(lines: readonly ResolvedLine[]): number {
  const egg = sum(lines.map((l) => (binderOf(l)?.isEgg === true ? l.readyG : 0)));
  const isMilk = ({ ingredient, preparation }: ResolvedLine): boolean =>
    ingredient.family === 'dairy' && ingredient.liquid && preparation.treatment === 'none';
  const milk = sum(lines.filter(isMilk).map((l) => l.releaseG));
  return egg > 0 ? Math.min(1, milk / egg) : 0;
}

function ledgerLine(l: ResolvedLine, strength: number, custard: number): LedgerLine {
  return {
    lineId: l.line.id,
    name: l.ingredient.name,
    preparation: l.preparation.label,
    brings: l.waterG,
    letsGo: l.releaseG,
    canHold: holds(l, strength) + (binderOf(l)?.isEgg === true ? custard * l.readyG : 0),
  };
}

const sum = (values: readonly number[]): number => values.reduce((total, value) => total + value, 0);
