/** What tastings teach about this cook's own target of salt. Steps and shares are house estimates. */
import { type Batch } from './schema';
import { TASTES } from './vocabulary/tastes';

type Tasting = Batch['season']['tastings'][number];

/** How far one tasting moves the target towards what was right. */
const LEARNING = 0.25;
/** A personal target stays within what people salt food at, %. */
const TARGET_LIMITS = [0.6, 1.8] as const;

/** The salt that would have been right, %, by a tasting. */
export const rightPercent = ({ verdict, saltPercent }: Tasting): number => saltPercent + TASTES[verdict].offPercent;

/** The personal target after a tasting, %: a little nearer to what was right. */
export function learnTarget(targetPercent: number, tasting: Tasting): number {
  const moved = targetPercent + LEARNING * (rightPercent(tasting) - targetPercent);
  const [least, most] = TARGET_LIMITS;
  return Math.round(1000 * Math.min(most, Math.max(least, moved))) / 1000;
}
