/**
 * At the board: liquid that nothing has taken up when the parcel is closed. It tears the skin and keeps it from sealing,
 * whatever the heat will make of it later. All figures are house estimates.
 */
import { STAGES } from '../vocabulary/stages';
import { binderOf } from './binders';
import { isDrySugar, type ResolvedLine } from './lines';
import { type Uptake } from './uptake';

/**
 * Share of what raw vegetables will let go of that runs within the hour once they are salted: leaves and watery ones, and
 * firm ones (onions, roots, celery, squash), whose cells hold on longer. Fruit keeps its juice until it is warm.
 */
export const WITHIN_THE_HOUR = 0.4;
export const FIRM_WITHIN_THE_HOUR = 0.2;
const FIRM: readonly string[] = ['crisp', 'root', 'dicedRoot', 'potato', 'squash', 'fleshy', 'frozenFirm'];
/** g loose in 100 g of filling: up to the first it is right, up to the second it wants care, beyond it must be mended. */
export interface BoardEdges {
  good: number;
  watch: number;
  /** A skin is sealed round it; else sheets lie under it. */
  isSealed: boolean;
}
/** Up to the first it wraps, up to the second with care, beyond it the skin tears. */
export const BOARD_EDGES: BoardEdges = { good: 2, watch: 5, isSealed: true };
/** Sheets in a tin drink so much with their butter; beyond the second they go to pieces. House estimates (10–15, 18–25). */
export const SHEET_EDGES: BoardEdges = { good: 12, watch: 20, isSealed: false };

const SOLID_FLESH: readonly string[] = ['meat', 'fish'];

/** g of liquid that a line has let go of when the parcel is closed. */
function runsAtBoard(l: ResolvedLine): number {
  const { looseShare } = l.preparation;
  if (l.ingredient.liquid) return l.releaseG;
  // In the pan it has been heated already.
  const isHeated = STAGES[l.line.stage].isInPan;
  if (looseShare !== null) return (isHeated && !l.preparation.cooked ? 1 : looseShare) * l.releaseG;
  // Meat keeps its juice until the heat, and what was cooked and squeezed has lost what runs.
  if (SOLID_FLESH.includes(l.ingredient.family) || l.preparation.treatment !== 'none') return 0;
  if (isHeated) return l.preparation.cooked ? 0 : l.releaseG;
  if (l.preparation.cooked || l.ingredient.family === 'dairy' || l.ingredient.family === 'fruit') return 0;
  return (FIRM.includes(l.ingredient.release) ? FIRM_WITHIN_THE_HOUR : WITHIN_THE_HOUR) * l.releaseG;
}

/** Dry sugar becomes a syrup that clings, g of liquid a gram. */
const SUGAR_HOLDS = 0.3;

/** What was boiled is full by now: cold it takes up so much of what it would take hot. House estimate. */
const COLD_SHARE = 0.4;

/** g of liquid that a line holds at the board: what soaks cold, what has been boiled, and jelly as long as it is cold. */
function holdsAtBoard(l: ResolvedLine): number {
  const binder = binderOf(l);
  const isFull = l.preparation.cooked && l.ingredient.family !== 'meat';
  const takesUp =
    Math.max((isFull ? COLD_SHARE : 1) * l.preparation.takesUp, isDrySugar(l) ? SUGAR_HOLDS : 0) * l.readyG;
  if (!binder) return takesUp;
  if (binder.isFood && !binder.isThickener) return Math.max(takesUp, COLD_SHARE * binder.capacity * l.readyG);
  const works = !binder.isEgg && (!binder.isThickener || STAGES[l.line.stage].isInPan);
  return works ? Math.max(takesUp, binder.capacity * l.readyG) : takesUp;
}

/** Jellied stock is set while it is wrapped; what else is rich in protein and runs (soy sauce) is not. */
export const isJelly = ({ ingredient: { family, liquid, composition } }: ResolvedLine): boolean =>
  liquid && family === 'liquid' && composition.protein > 0.04;

export interface BoardAccount {
  /** g of liquid loose when the parcel is closed. */
  looseG: number;
  per100: number;
  /** What each line has let go of, g, most first. */
  lines: { lineId: string; name: string; preparation: string; grams: number }[];
  /** g taken up by mince, and by what soaks and binds. */
  byMeatG: number;
  byOthersG: number;
}

/**
 * Accounts for the board.
 * @param goneG g that was boiled off, drained and steamed off by then
 */
export function accountBoard(
  lines: readonly ResolvedLine[],
  uptake: Uptake,
  goneG: number,
  finishedG: number,
): BoardAccount {
  const running = lines.map((l) => ({
    lineId: l.line.id,
    name: l.ingredient.name,
    preparation: l.preparation.label,
    grams: isJelly(l) ? 0 : runsAtBoard(l),
  }));
  const runs = Math.max(0, sum(running.map((l) => l.grams)) - goneG);
  const byMeatG = Math.min(runs, uptake.boardG);
  const byOthersG = Math.min(runs - byMeatG, sum(lines.map(holdsAtBoard)));
  const looseG = runs - byMeatG - byOthersG;
  return {
    looseG,
    per100: finishedG > 0 ? (100 * looseG) / finishedG : 0,
    lines: running.filter((l) => l.grams >= 0.5).sort((a, b) => b.grams - a.grams),
    byMeatG,
    byOthersG,
  };
}

const sum = (values: readonly number[]): number => values.reduce((total, value) => total + value, 0);
