/** What is to be bought for all batches of a day: fillings, doughs, skins, summed, by where it lies in a shop. */
import { account } from '../checks/account';
import { type Kitchen } from '../stored/kitchen-schema';
import { type Batch } from '../stored/schema';
import { type Family } from '../vocabulary/foods';
import { idsOf } from '../vocabulary/records';
import { type Ingredient } from '../food/ingredient';
import { lookUp } from '../food/larder';
import { formatNumber } from '../units/amount';
import { formatGrams } from '../units/format';
import { wrapperMaking } from '../wrapper/making';
import { asBought, type Needed } from './as-bought';
import { type Group, GROUPS, type ToBuy } from './shopping-groups';

/** Comes from the tap. */
const FREE: readonly string[] = ['water'];
/** Lies in the fridge of a shop, whatever family it is of. */
const COLD: readonly string[] = ['butter', 'butter-salted', 'butter-spreadable', 'butter-vegan', 'lard', 'suet'];

const groupOf = ({ id, family }: Ingredient): Group =>
  COLD.includes(id)
    ? 'cold'
    : (idsOf(GROUPS).find((g) => (GROUPS[g].families as readonly Family[]).includes(family)) ?? 'other');

/**
 * The list, in the order of the shop.
 * @param there ids of what is there already
 */
export function shoppingList(batches: readonly Batch[], kitchen: Kitchen, there: readonly string[]): ToBuy[] {
  const needs = new Map<string, Needed>();
  const others: ToBuy[] = [];
  const need = (ingredient: Ingredient, grams: number, title: string): void => {
    if (FREE.includes(ingredient.id) || grams <= 0) return;
    const entry = needs.get(ingredient.id) ?? { grams: 0, ingredient, for: new Set<string>() };
    entry.for.add(title);
    needs.set(ingredient.id, { ...entry, grams: entry.grams + grams });
  };
  for (const batch of batches) {
    const { title } = batch;
    const accounts = account(batch, kitchen, null);
    const { lines, fit, laid, dough } = accounts;
    for (const l of lines) need(l.ingredient, l.rawG, title);
    for (const line of batch.lines.filter((l) => lines.every((listed) => listed.line !== l))) {
      const name = lookUp(batch.ingredients, line.ingredientId)?.name ?? line.ingredientId;
      others.push({
        id: `line ${batch.id} ${line.id}`,
        name,
        amount: `${formatNumber(line.amount)} ${line.unit}`,
        grams: null,
        for: [title],
        group: 'other',
        isThere: false,
      });
    }
    const { amounts, bought, neededG } = wrapperMaking(batch, kitchen, fit, laid, dough);
    for (const { ingredientId, grams } of amounts?.ingredients ?? []) {
      const ingredient = lookUp(batch.ingredients, ingredientId);
      if (ingredient) need(ingredient, grams, title);
    }
    if (bought) {
      const packets =
        bought.packets === null ? '' : `, ${bought.packets} ${bought.packets === 1 ? 'packet' : 'packets'}`;
      others.push({
        id: `skins ${batch.id}`,
        name: dough.label,
        amount: `${bought.pieces} (${formatGrams(neededG)}${packets})`,
        grams: neededG,
        for: [title],
        group: 'skins',
        isThere: false,
      });
    }
  }
  const isAtHome = (id: string): boolean => kitchen.alwaysAtHome.includes(id);
  const all = asBought([...needs.values()]).map(({ ingredient, for: whom, ...bought }): ToBuy => ({
    ...bought,
    for: [...whom],
    group: isAtHome(ingredient.id) ? 'home' : groupOf(ingredient),
    isThere: isAtHome(ingredient.id),
  }));
  const order = idsOf(GROUPS);
  return [...all, ...others]
    .map((item) => ({ ...item, isThere: item.isThere || there.includes(item.id) }))
    .sort((a, b) => order.indexOf(a.group) - order.indexOf(b.group) || a.name.localeCompare(b.name));
}
