/**
 * The catalogue's tables: a line an ingredient, so that a whole family can be read at a glance.
 *
 *   id | name | water protein fat carbohydrate fibre ash (g in 100 g) | g/ml | salt (g in 100 g) | what else | aliases
 *
 * What else: `wet=` table of preparations, `hazard=`, `allergens=a+b`, `binder=`, `liquid`; and what one of it weighs, as
 * `piece=150` or `bunch=40`.
 */
import { type Allergen, ALLERGENS, type Family, type Hazard, HAZARDS, type Ingredient } from './ingredient';
import { PREPARATIONS, type Wetness } from './preparations';

/** Reads a family's table. @throws Error naming the line that is not as it should be */
export function readTable(family: Family, table: string): Ingredient[] {
  return table
    .trim()
    .split('\n')
    .map((line) => readRow(family, line));
}

function readRow(family: Family, line: string): Ingredient {
  const [id, name, parts, gPerMl, salt, extras = '', aliases = ''] = line.split('|').map((cell) => cell.trim());
  const fractions = parts.split(' ').map((part) => Number(part) / 100);
  const numbers = [...fractions, Number(gPerMl), Number(salt)];
  if (fractions.length !== 6 || numbers.some((n) => !Number.isFinite(n))) throw new Error(`catalogue: ${line}`);
  const [water, protein, fat, carbohydrate, fibre, ash] = fractions;
  const ingredient: Ingredient = {
    id,
    name,
    aliases: list(aliases, ', '),
    family,
    composition: { water, protein, fat, carbohydrate, fibre, ash },
    gPerMl: Number(gPerMl),
    salt: Number(salt),
    hazard: 'none',
    allergens: [],
    wetness: 'dry',
    liquid: false,
    counts: {},
  };
  return list(extras, ' ').reduce((so, extra) => withExtra(so, extra, line), ingredient);
}

const list = (text: string, separator: string): string[] => (text === '' ? [] : text.split(separator));

function withExtra(ingredient: Ingredient, extra: string, line: string): Ingredient {
  const [key, value = ''] = extra.split('=');
  if (key === 'liquid') return { ...ingredient, liquid: true };
  if (key === 'binder') return { ...ingredient, binder: value };
  if (key === 'wet' && isWetness(value)) return { ...ingredient, wetness: value };
  if (key === 'hazard' && isHazard(value)) return { ...ingredient, hazard: value };
  if (key === 'allergens' && value.split('+').every(isAllergen)) {
    return { ...ingredient, allergens: value.split('+').filter(isAllergen) };
  }
  if (Number(value) > 0) return { ...ingredient, counts: { ...ingredient.counts, [key]: Number(value) } };
  throw new Error(`catalogue: "${extra}" is not known: ${line}`);
}

const isWetness = (text: string): text is Wetness => Object.hasOwn(PREPARATIONS, text);
const isHazard = (text: string): text is Hazard => HAZARDS.some((hazard) => hazard === text);
const isAllergen = (text: string): text is Allergen => ALLERGENS.some((allergen) => allergen === text);
