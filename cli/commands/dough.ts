/** `dough`, `sheet`, `balance`: what a dough takes, what is cut from it, and whether it comes out even with the filling. */
import { z } from 'zod';
import { DEFAULT_KITCHEN } from '@/core/stored/kitchen';
import { LIMITS, MOST } from '@/core/vocabulary/limits';
import { id } from '@/core/stored/id';
import { between } from '@/core/stored/span';
import { DOUGH_IDS, type DoughId, DOUGHS } from '@/core/vocabulary/doughs';
import { ingredientById } from '@/core/food/catalogue';
import { doughAmounts, doughFor, type DoughWanted } from '@/core/wrapper/amounts';
import { balance } from '@/core/wrapper/balance';
import { dough } from '@/core/wrapper/dough';
import { doughWater } from '@/core/wrapper/dough-water';
import { isFlour } from '@/core/wrapper/formula';
import { layRounds } from '@/core/wrapper/layout';
import { timedSteps } from '@/core/wrapper/steps';
import { command, InputError } from '../command';

const amountG = (most: number) => z.number().positive('must be above 0 g').max(most, `must be at most ${most} g`);

const doughInput = z.strictObject({
  dough: z.string().optional(),
  formula: z
    .array(z.strictObject({ ingredientId: id, percent: between(LIMITS.doughPercent, '%') }))
    .min(1, 'needs at least one ingredient')
    .max(MOST.formulaLines, `takes at most ${MOST.formulaLines} ingredients`)
    .optional(),
  totalG: amountG(100_000).optional(),
  count: between(LIMITS.count, '').int('must be a whole number').optional(),
  pieceG: amountG(LIMITS.portionG.most).optional(),
  flourG: amountG(100_000).optional(),
  spareShare: between(LIMITS.spareShare, '').optional(),
  roomC: between(LIMITS.roomC, '°C').optional(),
  flourC: between(LIMITS.airC, '°C').optional(),
  wantC: between(LIMITS.doughC, '°C').optional(),
});
type DoughInput = z.infer<typeof doughInput>;

const plainly = (text: string): string =>
  text
    .trim()
    .toLowerCase()
    .replace(/[\s_]+/g, '-')
    .replace(/-(dough|pastry)$/, '');

/** A dough by its id, or by what else it is called. */
function namedDough(text: string): DoughId {
  const asked = plainly(text);
  const found = DOUGH_IDS.find((known) =>
    [known, DOUGHS[known].label, ...DOUGHS[known].also].some((name) => plainly(name) === asked),
  );
  if (!found) throw new InputError([`dough: "${text}" is not known; would be ${DOUGH_IDS.join(', ')}`]);
  return found;
}

/** Exactly one of total, count and piece, flour. */
function wantedOf({ totalG, count, pieceG, flourG, spareShare = 0 }: DoughInput): DoughWanted {
  const isPieces = count !== undefined || pieceG !== undefined;
  if ([totalG !== undefined, isPieces, flourG !== undefined].filter(Boolean).length !== 1)
    throw new InputError(['(input): would have one of totalG, count and pieceG, or flourG']);
  if (totalG !== undefined) return { totalG: totalG * (1 + spareShare) };
  if (flourG !== undefined) return { flourG };
  if (count === undefined) throw new InputError(['count: is missing beside pieceG']);
  if (pieceG === undefined) throw new InputError(['pieceG: is missing beside count']);
  return { totalG: doughFor(count, pieceG, spareShare) };
}

function doughOf({ dough: named, formula }: DoughInput) {
  if ((named === undefined) === (formula === undefined))
    throw new InputError(['(input): would have dough or formula, one of the two']);
  if (formula === undefined) return dough(namedDough(named ?? ''));
  const problems = formula.flatMap(({ ingredientId }, i) =>
    ingredientById(ingredientId) ? [] : [`formula.${i}.ingredientId: "${ingredientId}" is not in the larder`],
  );
  if (!formula.some(({ ingredientId, percent }) => isFlour(ingredientId) && percent > 0))
    problems.push('formula: has no flour, which the percentages would be of');
  if (problems.length > 0) throw new InputError(problems);
  const own = {
    id: 'own-formula',
    name: 'own dough',
    like: 'noodle' as const,
    parts: [{ name: '', share: 1, formula }],
  };
  return dough('noodle', own);
}

export const doughCommand = command(doughInput, (input) => {
  const made = doughOf(input);
  if (made.parts.length === 0) throw new InputError([`dough: ${made.label} are bought, not made`]);
  const amounts = doughAmounts(made.parts, wantedOf(input));
  const { roomC = DEFAULT_KITCHEN.roomC, wantC = made.usualC } = input;
  const water = doughWater(wantC, roomC, input.flourC ?? roomC);
  const isBoiling = made.water === 'boiling';
  return {
    ingredients: amounts.ingredients,
    totalG: amounts.totalG,
    flourG: amounts.flourG,
    heldBackG: amounts.heldBackG,
    waterC: isBoiling ? 100 : water.waterC,
    waterShare: made.composition.water,
    saltPercent: made.saltPercent,
    steps: timedSteps(made, input.wantC ?? roomC).map(({ part: _part, ...step }) => step),
    // Beside what others rely on: how much of the water is ice, and each dough of two.
    iceG: isBoiling
      ? 0
      : water.iceShare * (amounts.ingredients.find((i) => i.ingredientId === amounts.heldBack)?.grams ?? 0),
    ...(amounts.parts.length > 0 ? { parts: amounts.parts } : {}),
  };
});

const sheetInput = z.strictObject({
  widthMm: between(LIMITS.sheetMm, 'mm'),
  lengthMm: between(LIMITS.sheetMm, 'mm'),
  diameterMm: between(LIMITS.skinMm, 'mm'),
  gapMm: z.number().min(0, 'must be 0 mm or more').max(100, 'must be at most 100 mm').default(0),
});

export const sheetCommand = command(sheetInput, ({ widthMm, lengthMm, diameterMm, gapMm }) => {
  const { count, centres, usedShare, trimmingsShare } = layRounds({ widthMm, lengthMm }, diameterMm, gapMm);
  return { count, centres, usedShare, trimmingsShare };
});

const balanceInput = z.strictObject({
  fillingG: z.number().min(0, 'must be 0 g or more').max(100_000, 'must be at most 100 000 g'),
  doughG: z.number().min(0, 'must be 0 g or more').max(100_000, 'must be at most 100 000 g'),
  portionG: amountG(LIMITS.portionG.most),
  skinG: amountG(LIMITS.portionG.most),
  count: between(LIMITS.count, '').int('must be a whole number'),
});

export const balanceCommand = command(balanceInput, balance);
