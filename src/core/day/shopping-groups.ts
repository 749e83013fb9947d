/** A shopping list as it is shown: by where things lie in a shop, and as text. */
import { type Family } from '../vocabulary/foods';
import { idsOf, recordsOf } from '../vocabulary/records';

/** The groups of a shopping list, by the families of the larder. */
export const GROUPS = recordsOf<{ label: string; families: readonly Family[] }>()({
  fresh: { label: 'Vegetables and fruit', families: ['vegetable', 'root', 'leaf', 'allium', 'mushroom', 'fruit'] },
  meat: { label: 'Meat', families: ['meat'] },
  fish: { label: 'Fish', families: ['fish'] },
  cold: { label: 'Dairy and eggs', families: ['dairy', 'egg'] },
  dry: { label: 'Flour, grains and pulses', families: ['starch', 'pulse', 'nut'] },
  shelf: { label: 'Oils, sauces and spices', families: ['fat', 'sauce', 'seasoning', 'liquid'] },
  skins: { label: 'Skins and sheets', families: [] },
  other: { label: 'Not in the Larder', families: [] },
  home: { label: 'Always at home', families: [] },
});
export type Group = keyof typeof GROUPS;

export interface ToBuy {
  /** What it is ticked by. */
  id: string;
  name: string;
  amount: string;
  /** g; null of what is counted. */
  grams: number | null;
  /** Titles of the batches it is for. */
  for: string[];
  group: Group;
  isThere: boolean;
}

/** The list as text, without what is there. */
export function shoppingText(list: readonly ToBuy[]): string {
  return idsOf(GROUPS)
    .flatMap((group) => {
      const items = list.filter((i) => i.group === group && !i.isThere);
      return items.length === 0 ? [] : [GROUPS[group].label, ...items.map((i) => `- ${i.name}: ${i.amount}`), ''];
    })
    .join('\n')
    .trim();
}
