/**
 * Binders: what a gram of each holds once it has done its work, and what it needs for that. Capacities are house estimates,
 * anchored on the white-sauce scale (8, 16, 24 and 32 g flour to 240 ml milk give thin, medium, thick and binding).
 */

import { type Preparation, STARCHY_TAKES_UP } from '../vocabulary/releases';

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
  /** What it does to taste and feel. */
  taste: string;
  /** Lets its liquid go after freezing. */
  weepsAfterFreezing: boolean;
  /** Works by being boiled with liquid; else it soaks. */
  isThickener: boolean;
  /** Of grits that swell: coarse enough never to be paste. */
  isGrain: boolean;
  /** A dish of its own that takes liquid up by the way: not offered as a binder. */
  isFood: boolean;
  /** Holds only while cold: free again when hot. */
  coldOnly: boolean;
  /** Starch: lumps when it meets boiling liquid undiluted, keeps mince juicy. */
  isStarch: boolean;
  /** Works by setting, not by soaking: its food is wanted for itself, too. */
  isEgg: boolean;
  /** In most kitchens: offered first. */
  isAtHand: boolean;
  /** g of melted fat that a gram takes up. House estimate. */
  takesUpFat: number;
}

/** A binder, or one made of several things. */
export type MadeBinder = Omit<
  Binder,
  'capacity' | 'coldOnly' | 'ingredientId' | 'takesUpFat' | 'isThickener' | 'isGrain' | 'isFood'
>;

export interface BinderPart {
  ingredientId: string;
  grams: number;
}

type Options = Partial<
  Pick<
    Binder,
    'weepsAfterFreezing' | 'coldOnly' | 'isStarch' | 'isEgg' | 'isAtHand' | 'takesUpFat' | 'isGrain' | 'isFood'
  >
>;
const binder = (
  id: string,
  label: string,
  ingredientId: string,
  capacity: number,
  needsC: number | null,
  how: string,
  taste: string,
  options: Options = {},
): Binder => ({
  id,
  label,
  ingredientId,
  capacity,
  needsC,
  how,
  taste,
  weepsAfterFreezing: false,
  isThickener: needsC !== null && options.isEgg !== true && options.isGrain !== true,
  isGrain: false,
  isFood: false,
  coldOnly: false,
  isStarch: false,
  isEgg: false,
  isAtHand: false,
  takesUpFat: 0,
  ...options,
});

const SPRINKLE = 'sprinkle over and stir at once, or slake with a little cold water first';
const STIR_IN = 'stir in and leave 10 minutes to soak';
const WEEPS = { weepsAfterFreezing: true };

export const BINDERS: readonly Binder[] = [
  binder('cornflour', 'cornflour', 'cornflour', 18, 85, SPRINKLE, 'neutral; short and glossy', {
    ...WEEPS,
    isStarch: true,
    isAtHand: true,
    takesUpFat: 0.5,
  }),
  binder('potato-starch', 'potato starch', 'potato-starch', 20, 70, SPRINKLE, 'neutral; clear, a little stretchy', {
    ...WEEPS,
    isStarch: true,
    isAtHand: true,
    takesUpFat: 0.5,
  }),
  binder(
    'flour',
    'flour, cooked out',
    'wheat-flour',
    10,
    90,
    'sprinkle over the fat, stir, cook 2 minutes, then add liquid',
    'mild and creamy; floury if not cooked out',
    { ...WEEPS, takesUpFat: 1 },
  ),
  binder('tapioca', 'tapioca starch', 'tapioca-starch', 16, 70, SPRINKLE, 'neutral; clear and stretchy', {
    isStarch: true,
    takesUpFat: 0.5,
  }),
  binder('waxy-rice', 'waxy rice flour', 'waxy-rice-flour', 12, 75, SPRINKLE, 'faintly sweet; soft', {
    isStarch: true,
    takesUpFat: 0.5,
  }),
  binder('semolina', 'semolina', 'semolina', 6, 85, 'trickle in, stirring', 'wheaty; slightly grainy', {
    isGrain: true,
    takesUpFat: 0.5,
  }),
  binder('potato-flakes', 'potato flakes', 'potato-flakes', 5, null, STIR_IN, 'of potato', {
    ...WEEPS,
    takesUpFat: 0.3,
  }),
  binder('dry-crumbs', 'dry breadcrumbs', 'breadcrumbs-dry', 2.2, null, STIR_IN, 'of bread; lightens minced meat', {
    isAtHand: true,
    takesUpFat: 0.8,
  }),
  binder('oats', 'rolled oats', 'oats', 2, null, STIR_IN, 'nutty; chewy', { takesUpFat: 0.6 }),
  binder('couscous', 'couscous, dry', 'couscous', 1.6, null, STIR_IN, 'wheaty; the grains stay', {}),
  binder('egg', 'beaten egg', 'egg', 1, 75, 'stir in when cool, sets in the piece', 'rich; firm when it sets', {
    isEgg: true,
  }),
  binder('fresh-crumbs', 'fresh breadcrumbs', 'breadcrumbs-fresh', 0.8, null, STIR_IN, 'of bread; soft', {
    takesUpFat: 0.4,
  }),
  binder('ground-nuts', 'ground nuts', 'almonds-ground', 0.5, null, 'stir in', 'of nuts; rich', {}),
  binder(
    'grating-cheese',
    'hard grated cheese',
    'grating-cheese',
    0.3,
    null,
    'stir in when cool',
    'savoury, and salty',
  ),
  binder(
    'mashed-potato',
    'mashed potato',
    'mashed-potato',
    STARCHY_TAKES_UP,
    null,
    'fold in',
    'of potato; makes it a mash',
    {
      isFood: true,
      takesUpFat: 0.05,
    },
  ),
  binder('cooked-grain', 'cooked grain', 'rice-cooked', STARCHY_TAKES_UP, null, 'fold in', 'of grain', {
    isFood: true,
  }),
  binder('ground-seeds', 'ground poppy seeds', 'poppy-ground', 1.2, 80, 'scald with the liquid', 'of poppy', {
    isFood: true,
  }),
  binder(
    'gelatine',
    'gelatine',
    'gelatine',
    35,
    null,
    'soak, warm, dissolve, chill until set',
    'none; cold a jelly, hot a broth',
    { coldOnly: true },
  ),
];

/** A binder by id, or undefined. */
export const binderById = (id: string): Binder | undefined => BINDERS.find((b) => b.id === id);

/** What a line binds as; undefined where it does not: set egg and swollen noodles hold no more than they have. */
export const binderOf = ({
  ingredient,
  preparation,
}: {
  ingredient: { binder?: string };
  preparation?: Pick<Preparation, 'spent'>;
}): Binder | undefined =>
  ingredient.binder === undefined || preparation?.spent === true ? undefined : binderById(ingredient.binder);
