/** `ingredient`, `convert`, `parse`: the larder, the units, and the lines of a recipe. */
import { z } from 'zod';
import { SALT_KIND_IDS, SALT_KINDS } from '@/core/vocabulary/salt-kinds';
import { COMPONENTS } from '@/core/food/composition';
import { type Ingredient } from '@/core/food/ingredient';
import { findIngredient, searchIngredients } from '@/core/food/search';
import { notFilling } from '@/core/recipe/not-filling';
import { parseLine, type ParsedLine } from '@/core/recipe/parse-line';
import { foodsIn } from '@/core/recipe/two-foods';
import { ConversionError, convert, dimensionOf, parseUnit, type Unit } from '@/core/units/units';
import { command, InputError } from '../command';

const name = z.string().trim().min(1, 'must not be empty').max(200, 'must be at most 200 characters');

export const ingredientCommand = command(z.strictObject({ name }), (input) => {
  const found = lookUp('name', input.name);
  const grams = (fraction: number): number => Math.round(fraction * 1e5) / 1e3;
  return {
    id: found.id,
    name: found.name,
    per100g: {
      ...Object.fromEntries(COMPONENTS.map((c) => [c, grams(found.composition[c])])),
      salt: found.salt,
    },
    gPerMl: found.gPerMl,
    hazard: found.hazard,
    allergens: found.allergens,
  };
});

function lookUp(path: string, text: string): Ingredient {
  const found = findIngredient(text);
  if (found) return found;
  const near = searchIngredients(text, 5).map((i) => i.name);
  const hint = near.length > 0 ? `nearest: ${near.join(', ')}` : 'nothing is near it';
  throw new InputError([`${path}: the larder has no "${text}"; ${hint}`]);
}

const unit = z.string().transform((text, context): Unit => {
  const known = parseUnit(text);
  if (known) return known;
  context.addIssue({
    code: 'custom',
    message: `"${text}" is not a unit; would be g, kg, oz, lb, ml, l, tsp, tbsp, cup, mm, cm, in, C or F`,
  });
  return z.NEVER;
});

const convertInput = z
  .strictObject({
    amount: z.number(),
    from: unit,
    to: unit,
    ingredient: name.optional(),
    salt: z.enum(SALT_KIND_IDS, { error: `would be ${SALT_KIND_IDS.join(', ')}` }).optional(),
  })
  .refine((i) => i.amount >= 0 || dimensionOf(i.from) === 'temperature', {
    path: ['amount'],
    error: 'must be 0 or more',
  })
  .refine((i) => dimensionOf(i.from) !== 'temperature' || i.amount >= (i.from === 'C' ? -273.15 : -459.67), {
    path: ['amount'],
    error: 'is below absolute zero',
  });

export const convertCommand = command(convertInput, (input) => {
  try {
    const amount = convert(input.amount, input.from, input.to, { gPerMl: density(input) });
    if (!Number.isFinite(amount)) throw new InputError([`amount: is too large to be said in ${input.to}`]);
    return { amount };
  } catch (error) {
    if (!(error instanceof ConversionError)) throw error;
    throw new InputError([`to: ${error.message}${error.code === 'density' ? '; give ingredient' : ''}`]);
  }
});

/** A kind of salt speaks for itself; salt without a kind is fine salt. */
function density(input: z.output<typeof convertInput>): number | undefined {
  if (input.salt) return SALT_KINDS[input.salt].gPerTsp / 5;
  if (input.ingredient === undefined) return undefined;
  const found = lookUp('ingredient', input.ingredient);
  return found.id === 'salt' ? SALT_KINDS.fine.gPerTsp / 5 : found.gPerMl;
}

/** What does not go into the filling has a note and counts nothing. */
function parsed(food: string, line: string): Omit<ParsedLine, 'takenAs'> {
  // What it is taken as stands in the note.
  const { takenAs: _taken, ...read } = { ...parseLine(food), text: line };
  const why = notFilling(line);
  return why === null
    ? read
    : { ...read, note: [read.note, `not in the filling: ${why}`].filter(Boolean).join(', '), grams: null };
}

export const parseCommand = command(
  z.strictObject({
    lines: z
      .array(z.string().max(1000, 'must be at most 1000 characters'))
      .min(1, 'needs at least one line')
      .max(500, 'takes at most 500 lines'),
  }),
  // The second food of a line, "salt and pepper", comes after all that was asked, so that the others keep their places.
  ({ lines }) => {
    const foods = lines.map((line) => foodsIn(line));
    const first = lines.map((line, i) => parsed(foods[i][0], line));
    const second = foods.flatMap(([, ...more], i) => more.map((food) => parsed(food, lines[i])));
    return { lines: [...first, ...second] };
  },
);
