/**
 * What is open is bounded, not ignored. A line that nobody understands is something between dry and saltless, all water, and,
 * where its words allow, all salt; so much of it as the line says, or what such a line usually weighs. Moisture and Salt are
 * judged at the ends: where they agree that is the verdict, where they differ it is open between them.
 */
import { type OwnIngredient } from '../stored/own-ingredient-schema';
import { type Batch, type Line } from '../stored/schema';
import { lineName } from '../stored/line-name';
import { countsNothing } from '../filling/uncounted';
import { lookUp } from '../food/larder';
import { convert } from '../units/units';
import { account, type Accounts } from './account';

/** What a piece of something unknown weighs, g: from an olive to a large onion. House estimate. */
const PIECE: readonly [number, number] = [4, 200];
/** A spoon of something dry weighs so much less than one of water. House estimate. */
const DRY_G_PER_ML = 0.4;

/** Words of what may be all salt, or as good as all salt. */
const SALTY = /\b(?:salt\w*|seasoning|season|cube|stock|bouillon|msg|rub|spice mix\w*|powder|granules?)\b/i;
/** Words of what is salted as sauces and cured things are, %. House estimate: the saltiest of them. */
const SALTED =
  /\b(?:sauce|paste|soy\w*|miso|pickle\w*|olives?|capers?|cured|ham|bacon|sausage|cheese|brine\w*|kimchi|anchov\w*|ferment\w*|preserved)\b/i;
const SALTED_PERCENT = 18;

type End = 'dry' | 'wet' | 'salty';

/** The parts of 100 g of an open line at one end. */
function madeOf(end: End, name: string): Pick<OwnIngredient, 'per100g' | 'salt'> {
  const none = { water: 0, protein: 0, fat: 0, carbohydrate: 0, fibre: 0, ash: 0 };
  if (end === 'dry') return { per100g: { ...none, carbohydrate: 100 }, salt: 0 };
  const salt = end === 'wet' ? 0 : SALTY.test(name) ? 100 : SALTED.test(name) ? SALTED_PERCENT : 0;
  return { per100g: { ...none, water: 100 - salt, ash: salt }, salt };
}

function standIn(end: End, id: string, name: string): OwnIngredient {
  return {
    id,
    name: name.slice(0, 80) || 'what is open',
    family: end === 'dry' ? 'starch' : 'liquid',
    ...madeOf(end, name),
    gPerMl: end === 'dry' ? DRY_G_PER_ML : 1,
    pieceG: null,
    hazard: 'unknown',
    allergens: [],
    release: end === 'dry' ? 'dry' : 'liquid',
    liquid: end !== 'dry',
    isTender: false,
    isStrong: false,
    isLeavener: false,
    dose: null,
  };
}

/** g that an open line may be, least and most. */
function gramsOf({ amount, unit }: Pick<Line, 'amount' | 'unit'>, end: End): readonly [number, number] {
  if (unit === 'piece') return [amount * PIECE[0], amount * PIECE[1]];
  const grams = convert(amount, unit, 'g', { gPerMl: end === 'dry' ? DRY_G_PER_ML : 1 });
  return [grams, grams];
}

const isOpen = (accounts: Accounts, line: Line): boolean =>
  accounts.uncounted.some((one) => one.lineId === line.id && countsNothing(one));

/** The batch with its open lines as they may be at one end. */
function batchAt(accounts: Accounts, end: End, most: boolean): Batch {
  const { batch } = accounts;
  const added: OwnIngredient[] = [];
  const lines = batch.lines.map((line, i): Line => {
    if (!isOpen(accounts, line)) return line;
    const grams = gramsOf(line, end)[most ? 1 : 0];
    const ingredient = lookUp(batch.ingredients, line.ingredientId);
    // What is known and only not weighed is open in its weight alone.
    if (ingredient) return { ...line, amount: grams, unit: 'g' };
    const made = standIn(end, `own-open-${i}`, `${lineName(line, undefined)} ${line.note}`);
    added.push(made);
    return { ...line, ingredientId: made.id, amount: grams, unit: 'g', preparation: 'raw', weighed: 'ready' };
  });
  return { ...batch, lines, ingredients: [...batch.ingredients, ...added] };
}

/** The accounts at the ends of what the open lines may be; none where nothing is open. */
export function endsOf(accounts: Accounts): Accounts[] {
  if (!accounts.uncounted.some(countsNothing)) return [];
  const { kitchen, heat, problem, now } = accounts;
  const drawn = (end: End, most: boolean): Accounts =>
    account(batchAt(accounts, end, most), kitchen, heat, problem, true, now);
  const names = accounts.uncounted.filter(countsNothing).map(({ name }) => name);
  const isSalty = accounts.batch.lines.some(
    (line) =>
      isOpen(accounts, line) &&
      (SALTY.test(`${line.ingredientId} ${line.note}`) || SALTED.test(`${line.ingredientId} ${line.note}`)),
  );
  return [
    drawn('dry', true),
    drawn('wet', true),
    drawn('wet', false),
    ...(isSalty || names.some((name) => SALTY.test(name)) ? [drawn('salty', true)] : []),
  ];
}

/** So small a share of the filling that nothing rests on it. House estimate. */
const NEXT_TO_NOTHING = 0.02;

/** Whether the open lines are next to nothing, whatever they are: then what is proposed does not rest on them. */
export function isNextToNothing(accounts: Accounts, ends: readonly Accounts[]): boolean {
  const most = Math.max(0, ...ends.map(({ ledger }) => ledger.finishedG));
  return most - accounts.ledger.finishedG <= NEXT_TO_NOTHING * accounts.ledger.finishedG;
}
