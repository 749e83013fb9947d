import { noteWithoutAmount, shownAmount } from '@/core/filling/shown-amount';
import { ingredientById } from '@/core/food/catalogue';
import { DEFAULT_KITCHEN, type Kitchen } from '@/core/stored/kitchen';
import { type Line } from '@/core/stored/schema';
import { formatLength, formatSides, lengthFigure } from '@/core/units/lengths';
import { formatWeight } from '@/core/units/format';

const line = (amount: number, unit: Line['unit'], note = ''): Line => ({
  id: 'a',
  ingredientId: '',
  amount,
  unit,
  cut: null,
  preparation: 'raw',
  weighed: 'ready',
  stage: 'raw-mix',
  ticked: false,
  note,
});
const shown = (id: string, typed: Line, amounts: Kitchen['amounts']): string =>
  shownAmount(typed, ingredientById(id), { ...DEFAULT_KITCHEN, amounts });

describe('an amount as the kitchen likes it', () => {
  it.each([
    ['soy-sauce', line(1.5, 'tbsp'), '1½ tbsp'],
    ['egg', line(3, 'piece'), '3 pieces'],
    ['egg', line(1, 'piece'), '1 piece'],
    ['leek', line(420, 'g'), '420 g'],
    ['wheat-flour', line(0.33, 'cup'), '⅓ cup'],
    ['nutmeg', line(0.13, 'g', '“a pinch nutmeg”'), 'a pinch'],
    ['parsley', line(60, 'g', '“2 handfuls of parsley”, chopped'), '2 handfuls'],
    ['leek', line(160, 'g', '“the rest of the leek”'), '160 g'],
  ] as const)('%s, as written', (id, typed, text) => expect(shown(id, typed, 'written')).toBe(text));

  it.each([
    ['soy-sauce', line(2, 'tbsp'), '35 g'],
    ['egg', line(2, 'piece'), '100 g'],
    ['nutmeg', line(0.13, 'g', '“a pinch nutmeg”'), '0.13 g'],
  ] as const)('%s, in grams', (id, typed, text) => expect(shown(id, typed, 'grams')).toBe(text));

  it.each([
    ['wheat-flour', line(125, 'g'), '1 cup'],
    ['wheat-flour', line(300, 'g'), '2⅓ cups'],
    ['butter', line(14, 'g'), '1 tbsp'],
    ['milk', line(120, 'ml'), '½ cup'],
    // No cup measures meat or fish.
    ['pork-mince', line(400, 'g'), '14 oz'],
    ['pork-mince', line(510, 'g'), '1 lb 2 oz'],
    ['egg', line(2, 'piece'), '2 pieces'],
    ['soy-sauce', line(2, 'tbsp'), '2 tbsp'],
  ] as const)('%s, in cups and spoons', (id, typed, text) => expect(shown(id, typed, 'spoons')).toBe(text));

  it('in both, the weight stands in brackets', () => {
    expect(shown('wheat-flour', line(125, 'g'), 'both')).toBe('1 cup (125 g)');
    expect(shown('egg', line(2, 'piece'), 'both')).toBe('2 pieces (100 g)');
  });

  it('what stands as the amount is not said again in the note', () => {
    expect(noteWithoutAmount(line(60, 'g', '“2 handfuls of parsley”, chopped'))).toBe('chopped');
    expect(noteWithoutAmount(line(160, 'g', '“the rest of the leek”'))).toBe('“the rest of the leek”');
  });

  it('what the larder has not stands as it was typed', () =>
    expect(shownAmount(line(60, 'g'), undefined, { ...DEFAULT_KITCHEN, amounts: 'spoons' })).toBe('60 g'));
});

describe('lengths', () => {
  it.each([
    [110, '4⅜'],
    [90, '3½'],
    [25.4, '1'],
    [280, '11'],
    [3, '⅛'],
    [1.5, '1/16'],
    [2, '3/32'],
    [0.5, '1/32'],
    [0, '0'],
  ])('%d mm in inches is %s', (mm, text) => expect(lengthFigure(mm, 'in')).toBe(text));

  it('in millimetres they are whole from a centimetre on', () => {
    expect(formatLength(110.4, 'mm')).toBe('110 mm');
    expect(formatLength(1.5, 'mm')).toBe('1.5 mm');
    expect(formatSides(160, 110, 'mm')).toBe('160 × 110 mm');
    expect(formatSides(160, 110, 'in')).toBe('6¼ × 4⅜\u00a0in');
  });

  it('a weight in the round is in kilograms from one on', () => {
    expect(formatWeight(846)).toBe('846 g');
    expect(formatWeight(999.6)).toBe('1.0 kg');
    expect(formatWeight(1620)).toBe('1.6 kg');
  });
});
