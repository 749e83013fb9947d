/** An amount as the kitchen likes to read it: as it was written, in grams, in cups and spoons, or in both. */
import { densityOf } from '../food/densities';
import { type Ingredient, isSalt } from '../food/ingredient';
import { type Kitchen } from '../stored/kitchen';
import { type Line } from '../stored/schema';
import { HAZARDS } from '../vocabulary/foods';
import { SALT_KINDS } from '../vocabulary/salt-kinds';
import { formatFraction, formatNumber, hasGlyph } from '../units/amount';
import { formatGrams } from '../units/format';
import { inSpoons } from '../units/spoons';
import { convert, unitLabel } from '../units/units';
import { gramsOf } from './lines';

type Amount = Pick<Line, 'amount' | 'unit' | 'cut' | 'note'>;

const SPOONS: readonly string[] = ['tsp', 'tbsp', 'cup', 'piece'];

/** `1½ tbsp`, `⅓ cup`, `420 g`, `3 pieces` */
function asTyped({ amount, unit }: Amount): string {
  const isFraction = SPOONS.includes(unit) && hasGlyph(amount);
  const label = unit === 'piece' && amount === 1 ? 'piece' : unitLabel(unit);
  return `${isFraction ? formatFraction(amount) : formatNumber(amount)} ${label}`;
}

/** The measure at the beginning of a cook's own words: `a pinch`, `2 handfuls`. */
const MEASURE =
  /^“((?:an?|half an?|a few|two|three|[\d½¼¾⅓⅔./–-]+(?: [\d½¼¾⅓⅔/]+)?)\s+(?:good |big |small |large |heaped )?(?:pinch|dash|splash|drizzle|squeeze|glug|slug|dollop|mug|glass|handful|bunch|sprig|knob|thumb|clove|stick|stalk|slice|rasher|tin|can|jar|head|sheet|leaf|leave|cube|ball|block|pack)(?:e?s)?)\b/i;

/** What the cook called it, where the document keeps grams of it. */
function inOwnWords({ unit, note }: Amount): string | null {
  return unit === 'g' ? (MEASURE.exec(note)?.[1] ?? null) : null;
}

/** 1 ounce and 16 of them, g; international avoirdupois. */
const OUNCE_G = 28.349523125;
const OUNCES_IN_POUND = 16;

/** `14 oz`, `1 lb 2 oz`: what nobody measures in a cup. */
function inOunces(grams: number): string {
  const ounces = grams / OUNCE_G;
  if (ounces < OUNCES_IN_POUND - 0.25) return `${formatFraction(Math.max(0.25, Math.round(4 * ounces) / 4))} oz`;
  const whole = Math.round(ounces);
  const [pounds, rest] = [Math.floor(whole / OUNCES_IN_POUND), whole % OUNCES_IN_POUND];
  return rest === 0 ? `${pounds} lb` : `${pounds} lb ${rest} oz`;
}

/** From so many ml on it is cups: a quarter of one. */
const CUPS_FROM = 0.23;

/** In cups and spoons; meat and fish, which no cup measures, in ounces. */
function inCups(grams: number, ingredient: Ingredient, cut: Line['cut'], kitchen: Kitchen): string {
  if (HAZARDS[ingredient.hazard].isFlesh && !ingredient.liquid) return inOunces(grams);
  const gPerMl = isSalt(ingredient) ? SALT_KINDS[kitchen.saltKind].gPerTsp / 5 : densityOf(ingredient, cut);
  const ml = convert(grams, 'g', 'ml', { gPerMl, cupMl: kitchen.cupMl });
  if (ml === null) return formatGrams(grams);
  const cups = ml / kitchen.cupMl;
  return cups < CUPS_FROM ? inSpoons(ml) : `${formatFraction(nearest(cups))} cup${cups > 1.06 ? 's' : ''}`;
}

/** Cups as they are made: quarters and thirds, from three on halves. */
function nearest(cups: number): number {
  if (cups >= 3) return Math.round(2 * cups) / 2;
  const marks = [Math.round(4 * cups) / 4, Math.round(3 * cups) / 3];
  return marks.reduce((best, mark) => (Math.abs(mark - cups) < Math.abs(best - cups) ? mark : best));
}

const BY_VOLUME: readonly string[] = ['ml', 'l', 'tsp', 'tbsp', 'cup'];

/**
 * A line's amount in words.
 * @param ingredient undefined where the larder has it not: the amount then stands as it is
 */
export function shownAmount(line: Amount, ingredient: Ingredient | undefined, kitchen: Kitchen): string {
  const written = inOwnWords(line) ?? asTyped(line);
  const grams = ingredient === undefined ? null : gramsOf(ingredient, line, kitchen);
  if (kitchen.amounts === 'written' || ingredient === undefined || grams === null) return written;
  const isVolume = BY_VOLUME.includes(line.unit);
  const weighed = line.unit === 'g' ? asTyped(line) : formatGrams(grams);
  const measured =
    isVolume && line.unit !== 'ml' && line.unit !== 'l' ? written : inCups(grams, ingredient, line.cut, kitchen);
  if (kitchen.amounts === 'grams') return weighed;
  // What is counted stays so: nobody measures two eggs in a cup.
  if (line.unit === 'piece') return kitchen.amounts === 'both' ? `${written} (${weighed})` : written;
  return kitchen.amounts === 'spoons' ? measured : `${measured} (${weighed})`;
}

/** So many grams of a food as the kitchen likes to read them; of what nobody wrote, `written` is grams. */
export const shownGrams = (grams: number, ingredient: Ingredient | undefined, kitchen: Kitchen): string =>
  kitchen.amounts === 'written' || kitchen.amounts === 'grams'
    ? formatGrams(grams)
    : shownAmount({ amount: grams, unit: 'g', cut: null, note: '' }, ingredient, kitchen);

/** The cook's own words for the amount, where they stand in its note: said once is enough. */
export const noteWithoutAmount = (line: Amount): string =>
  inOwnWords(line) === null ? line.note : line.note.replace(/^“[^”]*”(?:, )?/, '');
