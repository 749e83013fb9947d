/**
 * Dryness: every dry thing wants so much liquid or fat, every moist thing brings so much; what is missing is the figure. Every
 * filling has it, of meat, grain, nuts or fruit.
 */
import { MOIST, SUGAR_IN_WATER } from '../vocabulary/moist';
import { binderOf } from './binders';
import { isDrySugar, type ResolvedLine } from './lines';
import { type MoistOfLine, moistOf } from './moist';

/** g in 100 g that it would still take: up to the first it is right, beyond the second it must be mended. House estimates. */
export const DRY_GOOD = 3;
export const DRY_WATCH = 8;

export interface DryAccount {
  /** g of liquid or fat that it would still take, in all and in 100 g of finished filling; never below 0. */
  grams: number;
  per100: number;
  /** g wanted and brought in all: what is wanted less what is brought is missing. */
  wants: number;
  brings: number;
  /** Of what is brought, g of raw meat's juice that crumbs and starch catch. */
  caught: number;
  /** What each line wants and brings, g; what wants most first. */
  lines: { lineId: string; name: string; wants: number; brings: number; dryBy: MoistOfLine['dryBy'] }[];
}

const isCatching = ({ dryBy }: MoistOfLine): boolean => dryBy === 'soaking' || dryBy === 'swelling';

/**
 * Accounts for dryness.
 * @param goneG g of liquid that was boiled off or drained before anything could take it up
 * @param looseG g of liquid that runs and has not gone
 */
export function accountDry(
  lines: readonly ResolvedLine[],
  { goneG, looseG, finishedG }: { goneG: number; looseG: number; finishedG: number },
): DryAccount {
  const rows = lines.map((l) => ({ l, m: moistOf(l) }));
  const wants = sum(rows, ({ m }) => m.wants);
  const catches = sum(rows, ({ l, m }) =>
    isCatching(m) ? Math.max(m.wants, (binderOf(l)?.capacity ?? 0) * l.readyG) : 0,
  );
  const caught = Math.min(
    catches,
    sum(rows, ({ m }) => m.juice),
  );
  const brings = Math.max(0, sum(rows, ({ m }) => m.brings) + syrupOf(lines, looseG) - goneG) + caught;
  const grams = Math.max(0, wants - brings);
  return {
    grams,
    per100: finishedG > 0 ? (100 * grams) / finishedG : 0,
    wants,
    brings,
    caught,
    lines: rows
      .map(({ l, m }) => ({
        lineId: l.line.id,
        name: l.ingredient.name,
        wants: m.wants,
        brings: m.brings,
        dryBy: m.dryBy,
      }))
      .sort((a, b) => b.wants - a.wants),
  };
}

/** Sugar that melts in what runs becomes syrup; dry sugar among dry things stays dry. */
function syrupOf(lines: readonly ResolvedLine[], looseG: number): number {
  const ofFat = sum(
    lines.filter((l) => l.ingredient.family === 'fat'),
    (l) => l.composition.water * l.readyG,
  );
  const sugar = sum(lines.filter(isDrySugar), (l) => l.readyG);
  return MOIST.syrup.brings * Math.min(sugar, SUGAR_IN_WATER * (looseG + ofFat));
}

const sum = <T>(items: readonly T[], of: (item: T) => number): number =>
  items.reduce((total, item) => total + of(item), 0);
