/** Every ingredient the larder ships with; those that are met less often are added by `more`. A row is read when it is asked for: of a whole larder a batch needs a dozen. */
import { type Family } from '../../vocabulary/foods';
import { type Ingredient } from '../ingredient';
import { readRow, rowsOf, type Table } from '../table';
import { ALLIUMS } from './alliums';
import { DAIRY } from './dairy';
import { EGGS } from './eggs';
import { FATS } from './fats';
import { FISH } from './fish';
import { FRUIT } from './fruit';
import { LEAVES } from './leaves';
import { LIQUIDS } from './liquids';
import { MEAT } from './meat';
import { MUSHROOMS } from './mushrooms';
import { NUTS } from './nuts';
import { PULSES } from './pulses';
import { ROOTS } from './roots';
import { SAUCES } from './sauces';
import { SEASONINGS } from './seasonings';
import { STARCHES } from './starches';
import { VEGETABLES } from './vegetables';

let tables: readonly Table[] = [
  MEAT,
  FISH,
  EGGS,
  DAIRY,
  FATS,
  ROOTS,
  LEAVES,
  ALLIUMS,
  VEGETABLES,
  MUSHROOMS,
  FRUIT,
  PULSES,
  NUTS,
  STARCHES,
  LIQUIDS,
  SAUCES,
  SEASONINGS,
];

let rows: ReadonlyMap<string, { family: Family; row: string }> | null = null;
const read = new Map<string, Ingredient>();

function allRows(): ReadonlyMap<string, { family: Family; row: string }> {
  rows ??= new Map(tables.flatMap((table) => rowsOf(table).map(([id, row]) => [id, { family: table.family, row }])));
  return rows;
}

/** An ingredient by its id, or undefined. */
export function ingredientById(id: string): Ingredient | undefined {
  const remembered = read.get(id);
  if (remembered) return remembered;
  const found = allRows().get(id);
  if (!found) return undefined;
  const ingredient = readRow(found.family, found.row, ingredientById);
  read.set(id, ingredient);
  return ingredient;
}

let all: readonly Ingredient[] | null = null;

/** Puts further tables beside the usual ones. @throws Error where one has an id that is there already */
export function addTables(more: readonly Table[]): void {
  const present = allRows();
  const twice = more.flatMap(rowsOf).find(([id]) => present.has(id));
  if (twice) throw new Error(`catalogue: ${twice[0]} twice`);
  tables = [...tables, ...more];
  rows = null;
  all = null;
}

/** All of them, family by family. */
export function catalogue(): readonly Ingredient[] {
  all ??= [...allRows().keys()].flatMap((id) => ingredientById(id) ?? []);
  return all;
}
