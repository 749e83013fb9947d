/**
 * The catalogue's tables: a line an ingredient, so that a whole family can be read at a glance.
 *
 *   id | name | water protein fat carbohydrate fibre ash (g in 100 g) | g/ml | salt (g in 100 g) | what else
 *   id | name | =id of what it is made of as good as the same | what is otherwise
 *
 * The second kind has the figures and behaviour of the first, and none of its weights of a piece.
 *
 * What else: `release=` table of preparations, `hazard=`, `allergens=a+b`, `binder=`, `moist=` where its family says too little of it,
 * `dose=low-high` g in a kg of filling,
 * `less-salt=` id, `sugar=` and `salt=` g in 100 g, `density=` g/ml; `liquid`, `tender`, `strong`, `leavener`, `sweet`, `grated`, `packs`; and what one of it weighs, as `piece=150` or
 * `bunch=40`.
 */
import { type Allergen, ALLERGENS, type Family, HAZARDS } from '../vocabulary/foods';
import { MOIST } from '../vocabulary/moist';
import { isIdOf } from '../vocabulary/records';
import { RELEASES } from '../vocabulary/releases';
import { type Ingredient } from './ingredient';

/** A family's table, as it is written. */
export interface Table {
  family: Family;
  rows: string;
}

/** The rows of a table, each under its id. */
export const rowsOf = ({ rows }: Table): [id: string, row: string][] =>
  rows
    .trim()
    .split('\n')
    .map((row) => [row.slice(0, row.indexOf('|')).trim(), row]);

/**
 * Reads a row.
 * @param lookUp another row, by its id
 * @throws Error naming the row that is not as it should be
 */
export function readRow(family: Family, line: string, lookUp: (id: string) => Ingredient | undefined): Ingredient {
  const [id, name, parts, gPerMl, salt, extras = ''] = line.split('|').map((cell) => cell.trim());
  if (parts.startsWith('=')) {
    const same = lookUp(parts.slice(1));
    if (!same) throw new Error(`catalogue: no ${parts}: ${line}`);
    const like: Ingredient = { ...same, id, name, family, counts: {}, lessSalt: null };
    return list(gPerMl ?? '', ' ').reduce((so, extra) => withExtra(so, extra, line), like);
  }
  const fractions = parts.split(' ').map((part) => Number(part) / 100);
  const numbers = [...fractions, Number(gPerMl), Number(salt)];
  if (fractions.length !== 6 || numbers.some((n) => !Number.isFinite(n))) throw new Error(`catalogue: ${line}`);
  const [water, protein, fat, carbohydrate, fibre, ash] = fractions;
  const ingredient: Ingredient = {
    id,
    name,
    family,
    composition: { water, protein, fat, carbohydrate, fibre, ash },
    gPerMl: Number(gPerMl),
    salt: Number(salt),
    hazard: 'none',
    allergens: [],
    release: 'dry',
    liquid: false,
    counts: {},
    isTender: false,
    isStrong: false,
    isLeavener: false,
    isSweet: false,
    isGrated: false,
    packs: false,
    sugar: 0,
    dose: null,
    lessSalt: null,
  };
  return list(extras, ' ').reduce((so, extra) => withExtra(so, extra, line), ingredient);
}

const list = (text: string, separator: string): string[] => (text === '' ? [] : text.split(separator));

function withExtra(ingredient: Ingredient, extra: string, line: string): Ingredient {
  const [key, value = ''] = extra.split('=');
  const flag = FLAGS[key];
  if (flag !== undefined && value === '') return { ...ingredient, [flag]: true };
  if (key === 'binder') return { ...ingredient, binder: value };
  if (key === 'sugar' && Number(value) > 0) return { ...ingredient, sugar: Number(value) };
  if (key === 'salt' && Number(value) >= 0) return saltedAs(ingredient, Number(value));
  if (key === 'density' && Number(value) > 0) return { ...ingredient, gPerMl: Number(value) };
  if (key === 'less-salt') return { ...ingredient, lessSalt: value };
  if (key === 'release' && isIdOf(RELEASES, value)) return { ...ingredient, release: value };
  if (key === 'moist' && isIdOf(MOIST, value)) return { ...ingredient, moist: value };
  if (key === 'hazard' && isIdOf(HAZARDS, value)) return { ...ingredient, hazard: value };
  if (key === 'dose') {
    const [low, high] = value.split('-').map(Number);
    if (low > 0 && high > low) return { ...ingredient, dose: [low, high] };
  }
  if (key === 'allergens' && value.split('+').every(isAllergen)) {
    return { ...ingredient, allergens: value.split('+').filter(isAllergen) };
  }
  if (Number(value) > 0) return { ...ingredient, counts: { ...ingredient.counts, [key]: Number(value) } };
  throw new Error(`catalogue: "${extra}" is not known: ${line}`);
}

/** The same with so much more salt mixed in, or with less: the rest of it makes room in proportion. */
function saltedAs(ingredient: Ingredient, salt: number): Ingredient {
  const { composition, salt: had } = ingredient;
  const rest = (100 - salt) / (100 - had);
  const { water, protein, fat, carbohydrate, fibre, ash } = composition;
  return {
    ...ingredient,
    salt,
    composition: {
      water: water * rest,
      protein: protein * rest,
      fat: fat * rest,
      carbohydrate: carbohydrate * rest,
      fibre: fibre * rest,
      ash: (ash - had / 100) * rest + salt / 100,
    },
  };
}

const FLAGS: Record<string, 'liquid' | 'isTender' | 'isStrong' | 'isLeavener' | 'isSweet' | 'isGrated' | 'packs'> = {
  liquid: 'liquid',
  tender: 'isTender',
  strong: 'isStrong',
  leavener: 'isLeavener',
  sweet: 'isSweet',
  grated: 'isGrated',
  packs: 'packs',
};
const isAllergen = (text: string): text is Allergen => ALLERGENS.some((allergen) => allergen === text);
