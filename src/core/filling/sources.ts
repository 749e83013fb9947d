/** Where each part of the water line comes from: every gram of it given to a line, in proportion. */
import { STAGES } from '../vocabulary/stages';
import { holds, type Ledger } from './ledger';
import { isRawMince } from './uptake';
import { type ResolvedLine } from './lines';

export const PARTS = ['cookedOff', 'drained', 'steamedOff', 'held', 'free'] as const;
export type PartName = (typeof PARTS)[number];

export interface Source {
  /** The line; null for what was weighed without knowing whose it was. */
  lineId: string | null;
  name: string;
  grams: number;
}

type Amounts = Pick<
  Ledger,
  'cookedOffInPan' | 'drainedByWeight' | 'steamedOff' | 'heldByTissue' | 'heldByMeat' | 'heldByBinders' | 'free'
>;

/** Less than this is not worth a row, g. */
const LEAST = 0.05;

/** Shares out the parts of the ledger to the lines. What leaves a mixture leaves it in proportion to what runs in it. */
export function shareOut(lines: readonly ResolvedLine[], amounts: Amounts): Record<PartName, Source[]> {
  const runs = (l: ResolvedLine): number => l.releaseG;
  const keeps = (l: ResolvedLine): number => Math.max(0, l.composition.water * l.readyG - l.releaseG);
  const lost = (way: 'cookedOff' | 'drained') => (l: ResolvedLine) => (l.preparation.losesTo === way ? l.lostG : 0);
  const pan = lines.filter((l) => STAGES[l.line.stage].isInPan);
  const hot = lines.filter((l) => STAGES[l.line.stage].isHot);
  const weighed: Source[] = [{ lineId: null, name: 'drained and weighed', grams: amounts.drainedByWeight }];
  return {
    cookedOff: together([...each(lines, lost('cookedOff')), ...inProportion(pan, runs, amounts.cookedOffInPan)]),
    drained: together([...each(lines, lost('drained')), ...weighed]),
    steamedOff: together(inProportion(hot, runs, amounts.steamedOff)),
    held: together([
      ...inProportion(lines, keeps, amounts.heldByTissue - amounts.heldByMeat),
      ...inProportion(lines.filter(isRawMince), (l) => l.readyG, amounts.heldByMeat),
      ...inProportion(lines, (l) => holds(l), amounts.heldByBinders),
    ]),
    free: together(inProportion(lines, runs, amounts.free)),
  };
}

const each = (lines: readonly ResolvedLine[], grams: (l: ResolvedLine) => number): Source[] =>
  lines.map((l) => ({ lineId: l.line.id, name: l.ingredient.name, grams: grams(l) }));

/** Shares `total` by a weight; by water, then by mass, where nothing has that weight. */
function inProportion(lines: readonly ResolvedLine[], weight: (l: ResolvedLine) => number, total: number): Source[] {
  if (total <= 0) return [];
  for (const by of [weight, (l: ResolvedLine) => l.waterG, (l: ResolvedLine) => l.readyG]) {
    const sum = lines.reduce((so, l) => so + by(l), 0);
    if (sum > 0) return each(lines, (l) => (total * by(l)) / sum);
  }
  return [{ lineId: null, name: 'the filling as a whole', grams: total }];
}

/** One entry a line, most first. */
function together(sources: readonly Source[]): Source[] {
  const byLine = new Map<string | null, Source>();
  for (const source of sources) {
    const so = byLine.get(source.lineId);
    byLine.set(source.lineId, so ? { ...so, grams: so.grams + source.grams } : source);
  }
  return [...byLine.values()].filter((s) => s.grams >= LEAST).sort((a, b) => b.grams - a.grams);
}
