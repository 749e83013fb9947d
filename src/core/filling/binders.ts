/**
 * Binders: what a gram of each holds once it has done its work, and what it needs for that. Capacities are house estimates,
 * anchored on the white-sauce scale (8, 16, 24 and 32 g flour to 240 ml milk give thin, medium, thick and binding).
 */

export interface Binder {
  id: string;
  label: string;
  /** The larder's ingredient for it. */
  ingredientId: string;
  /** g of liquid held per g. House estimate. */
  capacity: number;
  /** Must get this hot to work, °C; null where it only soaks. */
  needsC: number | null;
  /** How it goes in so that it does not lump. */
  how: string;
  /** Lets its liquid go after freezing. */
  weepsAfterFreezing: boolean;
  /** Holds only while cold: free again when hot. */
  coldOnly: boolean;
}

const binder = (
  id: string,
  label: string,
  ingredientId: string,
  capacity: number,
  needsC: number | null,
  how: string,
  weepsAfterFreezing = false,
  coldOnly = false,
): Binder => ({ id, label, ingredientId, capacity, needsC, how, weepsAfterFreezing, coldOnly });

const SPRINKLE = 'sprinkle over and stir at once, or slake with a little cold water first';
const STIR_IN = 'stir in and leave 10 minutes to soak';

export const BINDERS: readonly Binder[] = [
  binder('cornflour', 'cornflour', 'cornflour', 18, 85, SPRINKLE, true),
  binder('potato-starch', 'potato starch', 'potato-starch', 20, 70, SPRINKLE, true),
  binder(
    'flour',
    'flour, cooked out',
    'wheat-flour',
    10,
    90,
    'sprinkle over the fat, stir, cook 2 minutes, then add liquid',
    true,
  ),
  binder('tapioca', 'tapioca starch', 'tapioca-starch', 16, 70, SPRINKLE),
  binder('waxy-rice', 'waxy rice flour', 'waxy-rice-flour', 12, 75, SPRINKLE),
  binder('semolina', 'semolina', 'semolina', 8, 85, 'trickle in, stirring'),
  binder('potato-flakes', 'potato flakes', 'potato-flakes', 5, null, STIR_IN, true),
  binder('dry-crumbs', 'dry breadcrumbs', 'breadcrumbs-dry', 2.2, null, STIR_IN),
  binder('oats', 'rolled oats', 'oats', 2, null, STIR_IN),
  binder('couscous', 'couscous, dry', 'couscous', 1.6, null, STIR_IN),
  binder('egg', 'beaten egg', 'egg', 1, 75, 'stir in when cool, sets in the parcel'),
  binder('fresh-crumbs', 'fresh breadcrumbs', 'breadcrumbs-fresh', 0.8, null, STIR_IN),
  binder('ground-nuts', 'ground nuts', 'almonds-ground', 0.5, null, 'stir in'),
  binder('grating-cheese', 'hard grated cheese', 'grating-cheese', 0.4, null, 'stir in when cool'),
  binder('mashed-potato', 'mashed potato', 'mashed-potato', 0.15, null, 'fold in'),
  binder('gelatine', 'gelatine', 'gelatine', 35, null, 'soak, warm, dissolve, chill until set', false, true),
];

/** A binder by id, or undefined. */
export const binderById = (id: string): Binder | undefined => BINDERS.find((b) => b.id === id);
