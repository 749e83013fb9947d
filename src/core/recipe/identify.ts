/** The larder's ingredient for a line's name, with what its note and its packing make of it: juice of lemons, tinned tomatoes. */
import { type Ingredient } from '../food/ingredient';
import { type OwnIngredient } from '../food/own-ingredient';
import { findIngredient } from '../food/search';
import { type Match, matchIngredient } from './match';
import { type Measure } from './measures';

interface Said {
  note: string;
  /** It comes in a tin or a jar. */
  tinned: boolean;
  /** It is counted by the piece. */
  counted: boolean;
  measure: Measure | null;
}

/** `juice of half a lemon`, `yolks of 3 eggs`: a part, and what it is a part of. */
const PART_OF =
  /^(?:the\s+)?(?:finely\s+|freshly\s+)?(?:grated\s+|squeezed\s+)?(juice|zest|rind|yolks?|whites?)\s+(?:of|from)\s+(?:an?\s+|half an?\s+|\d+\s+|½\s+)?(?:large\s+|small\s+|medium\s+)?(.+)$/i;
const WHAT_PART: Readonly<Record<string, string>> = {
  juice: 'juice',
  zest: 'zest',
  rind: 'zest',
  yolk: 'yolk',
  white: 'white',
};
const IN_TINS = /\s+(?:in|from)\s+(?:an?\s+)?(?:tins?|cans?|jars?)\b/i;
const HARD_BOILED = /\b(?:hard[- ]?boiled|boiled hard|boiled)\b/i;

const sure = (ingredient: Ingredient): Match => ({ ingredient, describing: [], sureness: 'sure', as: null });

/** Identifies what a line names. */
export function identify(called: string, context: Said, own: readonly OwnIngredient[]): Match {
  const name = called.replace(IN_TINS, '');
  if (name === '') return { ingredient: null, describing: [], sureness: 'sure', as: null };
  const tinned = context.tinned || name !== called;
  const special =
    partOf(name, context.note) ??
    boiledEgg(name, context.note) ??
    frozen(name, context.note) ??
    inverted(name, context.note) ??
    measured(name, context.measure);
  if (special) return sure(special);
  const match = matchIngredient(name, own, context);
  const fromTin =
    tinned && match.ingredient
      ? (findIngredient(`tinned ${name}`) ?? findIngredient(`tinned ${match.ingredient.name}`))
      : undefined;
  return fromTin ? { ...match, ingredient: fromTin, as: null } : match;
}

function partOf(name: string, note: string): Ingredient | undefined {
  const part = PART_OF.exec(name);
  const partName = part
    ? part[1]
    : /\bjuiced\b|^juice\b/i.test(note)
      ? 'juice'
      : /^(?:finely )?(?:zest|rind|zested)\b/i.test(note)
        ? 'zest'
        : null;
  if (partName === null) return undefined;
  const of = (part ? part[2] : name).replace(/s$/i, '');
  return findIngredient(`${of} ${WHAT_PART[partName.toLowerCase().replace(/s$/, '')]}`);
}

const boiledEgg = (name: string, note: string): Ingredient | undefined =>
  HARD_BOILED.test(note) && /\beggs?$/i.test(name)
    ? findIngredient(`hard-boiled ${name.replace(/['’]s\b/g, '')}`)
    : undefined;

/** "Spinach (frozen, thawed)": another food than fresh, where the larder has it so. */
const frozen = (name: string, note: string): Ingredient | undefined =>
  /\b(?:frozen|thawed|defrosted)\b/i.test(note) ? findIngredient(`frozen ${name}`) : undefined;

/** "Thyme, dried", "Milk, skimmed": the larder's own way of naming. What is soaked at home was weighed dry. */
const inverted = (name: string, note: string): Ingredient | undefined =>
  note === '' || /^soaked/i.test(note) ? undefined : findIngredient(`${name} ${note.split(',')[0]}`);

/** "1 stick cinnamon", "3 stalks rhubarb": measure and name together are a food's name. */
const measured = (name: string, measure: Measure | null): Ingredient | undefined =>
  measure?.kind === 'counted'
    ? (findIngredient(`${name} ${measure.id}`) ?? findIngredient(`${measure.id} of ${name}`))
    : undefined;
