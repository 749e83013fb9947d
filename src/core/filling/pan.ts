/** What goes into the pan: the part that is weighed with it, and that steam leaves. */
import { STAGES } from '../vocabulary/stages';
import { type ResolvedLine } from './lines';

/** The lines that go into the pan. */
const inPan = (lines: readonly ResolvedLine[]): ResolvedLine[] => lines.filter((l) => STAGES[l.line.stage].isInPan);

/** g of everything that goes into the pan, as it goes in. */
export const panContents = (lines: readonly ResolvedLine[]): number =>
  inPan(lines).reduce((sum, l) => sum + l.readyG, 0);

/** g of liquid that runs from what is in the pan: what can be boiled off without drying the food. */
export const panRelease = (lines: readonly ResolvedLine[]): number =>
  inPan(lines).reduce((sum, l) => sum + l.releaseG, 0);
