/** Whether a filling spoils within hours, so that its time out of the cold is counted. Acid, dry and sugary ones keep. House estimates. */
import { HAZARDS } from '../vocabulary/foods';
import { STAGES } from '../vocabulary/stages';
import { type Family } from '../vocabulary/foods';
import { type ResolvedLine } from './lines';
import { hazardAsItGoesIn } from './raw';
import { sugarPer100 } from './sweet';

export interface Perishable {
  counts: boolean;
  /** Why, in a sentence. */
  why: string;
}

/** Heated, these feed bacteria: cooked rice and pulses, vegetables, mushrooms, what milk and egg are made to. */
const FEEDS: readonly Family[] = [
  'starch',
  'pulse',
  'vegetable',
  'root',
  'leaf',
  'allium',
  'mushroom',
  'sauce',
  'liquid',
];
/** Fruit is acid (most below pH 4.2), nuts, sugar, spices and fat are dry. */
const MOIST_DAIRY_WATER = 0.45;
/** Less of a filling than this share decides nothing: a spoon of starch in a fruit filling. */
const TRACE = 0.08;
/** So much sugar in 100 g binds the water (water activity below about 0.85 with fruit and nuts). */
const PRESERVES_G = 35;

/** Grain, rice and pulses that hold so much water were cooked, or soaked, before they came here; share of water. */
const WET_GRAIN_WATER = 0.4;
/** What the larder's own name says was heated before it came here. */
const HEATED_BEFORE = /\b(cooked|tinned|roasted|boiled|stock|gravy|liquid|custard|made)\b/i;

function isHeated({ ingredient: { name, family, composition }, line, preparation }: ResolvedLine): boolean {
  if (STAGES[line.stage].isHot || preparation.cooked || HEATED_BEFORE.test(name)) return true;
  return (family === 'starch' || family === 'pulse') && composition.water > WET_GRAIN_WATER;
}

const feeds = (l: ResolvedLine): boolean => {
  const { family, composition } = l.ingredient;
  if (family === 'dairy') return composition.water > MOIST_DAIRY_WATER;
  return isHeated(l) && FEEDS.includes(family) && l.composition.water > 0;
};

/** @param isComplete every line is known: what is not known could be anything */
export function perishable(lines: readonly ResolvedLine[], isComplete: boolean): Perishable {
  if (!isComplete) return { counts: true, why: 'Some of it is unknown, so its hours are counted.' };
  const animal = lines.find((l) => {
    const hazard = hazardAsItGoesIn(l);
    return HAZARDS[hazard].isRawAnimal || hazard === 'cooked-animal' || hazard === 'cured';
  });
  if (animal) return { counts: true, why: `${animal.ingredient.name}: its hours out of the cold are counted.` };
  const all = lines.reduce((sum, l) => sum + l.readyG, 0);
  const fed = lines.filter(feeds).reduce((sum, l) => sum + l.readyG, 0);
  if (all <= 0 || fed / all < TRACE || sugarPer100(lines) >= PRESERVES_G)
    return {
      counts: false,
      why: 'Fruit, sugar, nuts or raw vegetables: acid, dry or never heated, so no hours are counted.',
    };
  return { counts: true, why: 'Cooked vegetables, grains, pulses and dairy spoil, too: their hours are counted.' };
}
