/** What makes a filling a sweet one. House estimates. */
import { isSalt } from '../food/ingredient';
import { HAZARDS } from '../vocabulary/foods';
import { type ResolvedLine } from './lines';

/** Sugar in 100 g of finished filling from which it is sweet, g. */
const SUGAR_PER_100 = 6;
const MOSTLY = 0.5;
/** Less meat than this share is none: a spoon of lard does not make a strudel savoury. */
const TRACE = 0.03;

const share = (lines: readonly ResolvedLine[], is: (l: ResolvedLine) => boolean): number => {
  const all = lines.reduce((sum, l) => sum + l.readyG, 0);
  return all > 0 ? lines.filter(is).reduce((sum, l) => sum + l.readyG, 0) / all : 0;
};

/** Meat, fish, and stock of them. */
const isSavoury = ({ ingredient: { family, hazard, liquid, salt } }: ResolvedLine): boolean =>
  family === 'meat' ||
  family === 'fish' ||
  HAZARDS[hazard].isFlesh ||
  (liquid && hazard === 'cooked-animal') ||
  (family === 'sauce' && salt >= 2) ||
  family === 'allium';

/** Mostly fruit. */
export const isFruity = (lines: readonly ResolvedLine[]): boolean =>
  share(lines, (l) => l.ingredient.family === 'fruit') > MOSTLY;

/** Fruit that is not dried. */
export const isMoistFruit = ({ ingredient, composition }: ResolvedLine): boolean =>
  ingredient.family === 'fruit' && composition.water > 0.5;

/** g of sugar in 100 g of filling. */
export const sugarPer100 = (lines: readonly ResolvedLine[]): number => {
  const all = lines.reduce((sum, l) => sum + l.readyG, 0);
  return all > 0 ? lines.reduce((sum, l) => sum + l.ingredient.sugar * l.rawG, 0) / all : 0;
};

/** With so little sugar it is sweet only where nothing savoury is in it, g in 100 g. */
const MILD_SUGAR_PER_100 = 3;
/** So much salt in one line seasons a savoury filling, g. */
const SAVOURY_SALT_G = 2.5;
/** Spices that sweet fillings have, too. */
const SPICES_OF_SWEETS: readonly string[] = [
  'vanilla',
  'vanilla-pod',
  'vanilla-paste',
  'almond-extract',
  'cardamom',
  'cardamom-ground',
  'cardamom-pods',
  'ginger-ground',
  'star-anise',
  'saffron',
  'nutmeg',
  'mace',
  'allspice',
  'cloves',
];
const isSavourySpice = ({ ingredient: { id, family, isStrong, isSweet, isLeavener } }: ResolvedLine): boolean =>
  family === 'seasoning' && isStrong && !isSweet && !isLeavener && !SPICES_OF_SWEETS.includes(id);

/** A mildly sweet one: some sugar, and neither a savoury spice nor a savoury spoon of salt. */
const isMildlySweet = (lines: readonly ResolvedLine[]): boolean =>
  sugarPer100(lines) >= MILD_SUGAR_PER_100 &&
  !lines.some(isSavourySpice) &&
  !lines.some((l) => isSalt(l.ingredient) && l.saltG >= SAVOURY_SALT_G);

/** So much salt, or grated cheese: chutney, fruit or biscuits in it do not make a savoury filling sweet. House estimate, %. */
const SAVOURY_PERCENT = 0.8;
const isSaltedOrCheesy = (lines: readonly ResolvedLine[]): boolean => {
  const all = lines.reduce((sum, l) => sum + l.readyG, 0);
  const salt = lines.reduce((sum, l) => sum + l.saltG, 0);
  const isCheese = ({ ingredient: { family, isGrated } }: ResolvedLine): boolean => family === 'dairy' && isGrated;
  return (all > 0 && (100 * salt) / all >= SAVOURY_PERCENT) || share(lines, isCheese) >= TRACE;
};

/** A sweet filling: sugared, or mostly fruit, and without meat, fish, stock or onions. */
export const isSweetFilling = (lines: readonly ResolvedLine[]): boolean =>
  lines.length > 0 &&
  share(lines, isSavoury) < TRACE &&
  // Fruit is sweet however much salt has got into it.
  (isFruity(lines) || (!isSaltedOrCheesy(lines) && (sugarPer100(lines) >= SUGAR_PER_100 || isMildlySweet(lines))));
