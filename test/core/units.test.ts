import * as fc from 'fast-check';
import { formatFraction, formatNumber, parseAmount } from '@/core/units/amount';
import { formatGrams, formatMinutes, formatTemperature } from '@/core/units/format';
import { inSpoons } from '@/core/units/spoons';
import { ConversionError, convert, dimensionOf, parseUnit, UNITS } from '@/core/units/units';
import { LINE_UNITS } from '@/core/vocabulary/line-units';

describe('amounts as cooks write them', () => {
  it.each([
    ['1½', 1.5],
    ['½', 0.5],
    ['1 1/2', 1.5],
    ['3/4', 0.75],
    ['0.5', 0.5],
    ['1,5', 1.5],
    [' 2 ', 2],
    ['1 312', 1312],
    ['2⅔', 2 + 2 / 3],
  ])('%s is %d', (text, value) => expect(parseAmount(text)).toBeCloseTo(value, 9));

  it.each(['', '-2', 'half', '1/0', '1..5', '½½', '1 2', 'Infinity', '1e3'])('"%s" is no amount', (text) =>
    expect(parseAmount(text)).toBeNull(),
  );

  it('reads back what it writes in eighths', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 400 }), (eighths) => {
        expect(parseAmount(formatFraction(eighths / 8))).toBeCloseTo(eighths / 8, 9);
      }),
    );
  });

  it('thirds have a sign of their own', () => {
    expect([1 / 3, 0.33, 2 / 3, 1.667, 0.375].map(formatFraction)).toEqual(['⅓', '⅓', '⅔', '1⅔', '⅜']);
  });

  it('shows sensible digits', () => {
    expect(formatNumber(1312.4)).toBe('1\u202f312');
    expect(formatNumber(6.84)).toBe('6.8');
    expect(formatNumber(6)).toBe('6');
    expect(formatNumber(0.254)).toBe('0.25');
    expect(formatNumber(-0.001, 1)).toBe('0.0');
    expect(formatNumber(-3.26, 1)).toBe('−3.3');
    expect(formatNumber(1234567)).toBe('1\u202f234\u202f567');
  });
});

describe('units', () => {
  it.each([
    ['Grams', 'g'],
    ['TBSP', 'tbsp'],
    ['T', 'tbsp'],
    ['t', 'tsp'],
    ['cups', 'cup'],
    ['inches', 'in'],
    ['°F', 'F'],
    ['lbs', 'lb'],
    ['tsp.', 'tsp'],
  ])('%s is %s', (text, unit) => expect(parseUnit(text)).toBe(unit));

  it('does not know a smidgen', () => expect(parseUnit('smidgen')).toBeNull());

  it('converts by the defining factors', () => {
    expect(convert(1, 'lb', 'oz')).toBeCloseTo(16, 9);
    expect(convert(1, 'oz', 'g')).toBeCloseTo(28.349523125, 9);
    expect(convert(2, 'in', 'cm')).toBeCloseTo(5.08, 9);
    expect(convert(350, 'F', 'C')).toBeCloseTo(176.667, 3);
    expect(convert(-40, 'C', 'F')).toBeCloseTo(-40, 9);
    expect(convert(1, 'cup', 'tbsp')).toBeCloseTo(16, 9);
    expect(convert(1, 'cup', 'ml', { cupMl: 250 })).toBe(250);
  });

  it('needs a density between mass and volume, and then uses it', () => {
    expect(convert(1, 'tbsp', 'g', { gPerMl: 1.18 })).toBeCloseTo(17.7, 9);
    expect(() => convert(1, 'cup', 'g')).toThrow(ConversionError);
    expect(() => convert(1, 'C', 'g', { gPerMl: 1 })).toThrow(/temperature/);
    expect(() => convert(1, 'mm', 'ml', { gPerMl: 1 })).toThrow(ConversionError);
  });

  it('comes back to where it started, whatever the units', () => {
    const unit = fc.constantFrom(...UNITS);
    fc.assert(
      fc.property(fc.double({ min: 0.01, max: 1e4, noNaN: true }), unit, unit, (amount, a, b) => {
        const together =
          dimensionOf(a) === dimensionOf(b) || [a, b].every((u) => LINE_UNITS.some((line) => line === u));
        fc.pre(together);
        const there = convert(amount, a, b, { gPerMl: 0.7 });
        expect(convert(there, b, a, { gPerMl: 0.7 })).toBeCloseTo(amount, 6);
      }),
    );
  });
});

describe('figures in words', () => {
  it('says minutes as a cook does', () => {
    expect(formatMinutes(54.6)).toBe('55 min');
    expect(formatMinutes(170)).toBe('2 h 50');
    expect(formatMinutes(180)).toBe('3 h');
    expect(formatMinutes(125)).toBe('2 h 05');
  });
  it('says temperatures in the kitchen’s scale', () => {
    expect(formatTemperature(74, 'C')).toBe('74 °C');
    expect(formatTemperature(73.9, 'F')).toBe('165 °F');
  });
  it('says grams', () => {
    expect(formatGrams(9.96)).toBe('10 g');
    expect(formatGrams(4.25)).toBe('4.3 g');
  });
  it.each([
    [0, 'none'],
    [0.3, 'a pinch'],
    [5, '1 tsp'],
    [16.9, '1 tbsp + ½ tsp'],
    [22.5, '1½ tbsp'],
    [3.6, '¾ tsp'],
  ])('%d ml is %s', (ml, words) => expect(inSpoons(ml)).toBe(words));
});
