import { problemWords } from '@/core/stored/problem';
import { DEFAULT_KITCHEN } from '@/core/stored/kitchen';
import { kitchenSchema } from '@/core/stored/kitchen-schema';
import { apply } from '@/core/stored/operations';
import { readBatch } from '@/core/stored/read';
import { drawLedger } from '@/core/filling/ledger';
import { resolveLines } from '@/core/filling/lines';
import { lookUp } from '@/core/food/larder';
import { checkPacket, energyOf, fromPacket, type Packet, saltFromSodium, toPacket } from '@/core/food/packet';
import { ownIngredientSchema } from '@/core/stored/own-ingredient-schema';
import { findIngredient, searchIngredients } from '@/core/food/search';
import { parseLine } from '@/core/recipe/parse-line';
import { toLine } from '@/core/recipe/to-line';
import { lanternSupper } from '@/data/demo';
import { DRY, LINE } from './make-lines';

const PACKET: Packet = {
  name: 'Smoky bean paste',
  fat: 6,
  carbohydrate: 14,
  fibre: 5,
  protein: 8,
  salt: 4.2,
  energyKj: 640,
  gPerMl: 1.1,
  pieceG: null,
  hazard: 'none',
  allergens: ['soya'],
  release: 'dry',
  liquid: true,
  isTender: false,
  isStrong: false,
  isLeavener: false,
  dose: null,
  family: 'sauce',
};
const paste = fromPacket(PACKET, 'own-bean-paste');

describe('an ingredient from its packet', () => {
  it('is water in what the figures leave, a little ash, and a valid document', () => {
    const { water, ash } = paste.per100g;
    expect(water + ash).toBeCloseTo(100 - 6 - 14 - 5 - 8, 6);
    expect(water).toBeCloseTo(62, 6);
    expect(ownIngredientSchema.safeParse(paste).success).toBe(true);
    expect(fromPacket(toPacket(paste), paste.id)).toEqual(paste);
    // Pure fat leaves no water.
    const lard = fromPacket(
      { ...PACKET, fat: 100, carbohydrate: 0, fibre: 0, protein: 0, salt: 0, energyKj: 3700 },
      'own-lard',
    );
    expect(lard.per100g.water).toBe(0);
  });

  it('says beside its field what makes no sense, and is then not made', () => {
    expect(checkPacket(PACKET)).toEqual({});
    expect(checkPacket({ ...PACKET, fat: 120 }).fat).toContain('0 to 100');
    expect(checkPacket({ ...PACKET, fat: -1 }).fat).toContain('0 to 100');
    expect(checkPacket({ ...PACKET, name: ' ' }).name).toContain('name');
    expect(checkPacket({ ...PACKET, fat: 80 }).carbohydrate).toContain('111 g in 100 g');
    expect(checkPacket({ ...PACKET, energyKj: 2000 }).energyKj).toContain(`${Math.round(energyOf(PACKET))} kJ`);
    expect(checkPacket({ ...PACKET, pieceG: 0 }).pieceG).toContain('more than 0');
    expect(() => fromPacket({ ...PACKET, fat: 120 }, 'own-x')).toThrow(RangeError);
  });

  it('takes sodium for salt', () => expect(saltFromSodium(400)).toBeCloseTo(1.016, 6));
});

describe('own ingredients in a batch', () => {
  const own = [paste];

  it('are found by name and in spelling, before the larder’s', () => {
    expect(findIngredient('smoky bean paste', own)?.id).toBe('own-bean-paste');
    expect(searchIngredients('smokey bean', 3, undefined, own)[0].id).toBe('own-bean-paste');
    expect(findIngredient('smoky bean paste')).toBeUndefined();
    const line = toLine(parseLine('2 tbsp smoky bean paste', undefined, own), 'raw', 'x', own);
    expect(line).toMatchObject({ ingredientId: 'own-bean-paste', amount: 2, unit: 'tbsp' });
  });

  it('count on the ledger, travel in the document, and leave it with their last line', () => {
    const [turkey] = lanternSupper('2026-12-05T15:00:00Z');
    const line = { ...LINE('own-bean-paste', 50), id: 'paste' };
    const batch = [
      { do: 'keepIngredient' as const, ingredient: paste },
      { do: 'addLine' as const, line },
    ].reduce(apply, turkey);
    const read = readBatch(JSON.parse(JSON.stringify(batch)));
    if (!read.ok) throw new Error(read.problems.map(problemWords).join());
    expect(read.value).toEqual(batch);
    expect(lookUp(read.value.ingredients, 'own-bean-paste')?.name).toBe('Smoky bean paste');
    const ledger = drawLedger(resolveLines({ lines: [line], ingredients: batch.ingredients }, DEFAULT_KITCHEN), DRY, 0);
    expect(ledger.broughtIn).toBeCloseTo(31, 6);
    expect(apply(batch, { do: 'removeLine', id: 'paste' }).ingredients).toEqual([]);
    // Without its definition the line counts nothing.
    expect(resolveLines({ lines: [line], ingredients: [] }, DEFAULT_KITCHEN)).toEqual([]);
  });

  it('are kept in the kitchen; an older kitchen has none', () => {
    expect(kitchenSchema.safeParse({ ...DEFAULT_KITCHEN, ingredients: own }).success).toBe(true);
    expect(kitchenSchema.safeParse({ ...DEFAULT_KITCHEN, ingredients: [{ ...paste, id: 'leek' }] }).success).toBe(
      false,
    );
  });
});
