/** The part of a filling that is hot when it comes off the heat. */
import { type Batch } from '../stored/schema';
import { STAGES } from '../vocabulary/stages';
import { drawLedger } from '../filling/ledger';
import { type ResolvedLine } from '../filling/lines';
import { panContents } from '../filling/pan';
import { fillingDensity } from '../filling/density';
import { type Composition, mix } from '../food/composition';

export interface HotPart {
  massG: number;
  composition: Composition;
  /** g/ml */
  density: number;
  isPourable: boolean;
}

/** More free liquid than this, g in 100 g, and it pours: it mixes itself. House estimate. */
const POURS = 35;

/** The lines that are hot when the pan comes off. */
export const hotLines = (lines: readonly ResolvedLine[]): ResolvedLine[] =>
  lines.filter((l) => STAGES[l.line.stage].isHot);

/** Mass and composition of what is hot; null where nothing is. */
export function hotPartOf(lines: readonly ResolvedLine[], water: Batch['water']): HotPart | null {
  const hot = hotLines(lines);
  const ledger = drawLedger(hot, water, 0);
  const grams = hot.reduce((sum, l) => sum + l.readyG, 0);
  const massG = Math.max(0, grams - Math.min(ledger.cookedOffInPan, panContents(lines)));
  if (massG <= 0) return null;
  const composition = ledger.finishedG > 0 ? ledger.composition : mix([]);
  return { massG, composition, density: fillingDensity(composition), isPourable: ledger.freePer100 > POURS };
}
