/** Salt: the one band, what runs off with squeezed juice, what is poached or soaked, what is mildly sweet. */
import { accountSalt } from '@/core/filling/salt';
import { resolveLines } from '@/core/filling/lines';
import { isSweetFilling } from '@/core/filling/sweet';
import { judgement } from '@/core/checks/judgement';
import { batchInWords } from '@/core/recipe/to-batch';
import { DEFAULT_KITCHEN } from '@/core/stored/kitchen';

const FRESH = { id: 'x', at: '2026-12-05T15:00:00Z' };
const made = (lines: string[], school: 'raw' | 'cooked' = 'raw') =>
  batchInWords({ title: 'x', form: 'half-moon', school, count: 24, lines, dough: 'noodle' }, FRESH).batch;
const saltOf = (lines: string[], school?: 'raw' | 'cooked') => judgement(made(lines, school), DEFAULT_KITCHEN, null);

describe('the band', () => {
  it.each([
    ['2 g', 'fix', 'bland'],
    ['3 g', 'watch', 'bland'],
    ['5 g', 'good', 'right'],
    ['8 g', 'good', 'right'],
    ['9 g', 'watch', 'too salty'],
    ['12.5 g', 'fix', 'too salty'],
  ])('%s of salt in half a kilo of leek and potato: %s, %s', (salt, state, words) => {
    const { checks } = saltOf(['250 g boiled potatoes', '250 g leeks, sweated', `${salt} salt`], 'cooked');
    expect(checks.salt).toMatchObject({ state, headline: `Salt: ${words}` });
  });
});

it('what is right is told with what is right, what is not with what to aim for: no aim stands beside “right”', () => {
  const of = (salt: string) =>
    saltOf(['250 g boiled potatoes', '250 g leeks, sweated', `${salt} salt`], 'cooked').checks.salt.sentence;
  expect(of('5 g')).toMatch(/in the bite; 0\.8 to 1\.8\s% is right\.$/);
  expect(of('8 g')).toMatch(/^\*(1\.8\d) %\*.*; 0\.8 to \1 % is right\.$/);
  expect(of('3 g')).toMatch(/in the bite; aim for 1\.\d\d\s%\.$/);
});

describe('salted and squeezed', () => {
  const CABBAGE = ['500 g minced pork', '300 g napa cabbage, salted and squeezed'];
  it('a spoon of salt that would be too much is the one that drew: most of it ran off, and that is said', () => {
    const { salt, checks } = saltOf([...CABBAGE, '2 tbsp soy sauce', '1½ tsp salt']);
    // 9 g of salt, 4.5 g of it draw 300 g of cabbage (1.5 %), 55 % of those run off.
    expect(salt.ranOffG).toBeCloseTo(0.55 * 4.5, 2);
    expect(checks.salt.sentence).toContain('2.5 g of salt ran off with the squeezed juice');
  });
  it('where little is written, what drew is taken to have been added', () => {
    const { salt } = saltOf([...CABBAGE, '½ tsp salt']);
    expect(salt.ranOffG).toBe(0);
    expect(salt.lines.find(({ name }) => name === 'Chinese cabbage')?.grams).toBeCloseTo(0.09 + 1.8, 1);
  });
  it('no salt is made or lost beyond what runs off', () => {
    const batch = made([...CABBAGE, '2 tbsp soy sauce', '2 tsp salt']);
    const lines = resolveLines(batch, DEFAULT_KITCHEN);
    const account = accountSalt(lines, {
      finishedG: 800,
      portionG: 20,
      wrapperG: 12,
      wrapperPercent: 0.8,
      aimPercent: 1.1,
    });
    const without = lines.reduce((sum, l) => sum + l.saltG - (l.preparation.keptSalt * l.rawG) / 100, 0);
    expect(account.totalG + account.ranOffG).toBeCloseTo(without, 6);
  });
});

it('poached fish keeps three quarters of its salt', () => {
  const grams = (line: string) => saltOf([line], 'cooked').salt.totalG;
  expect(grams('400 g smoked haddock, poached and flaked')).toBeCloseTo(0.75 * 400 * 0.025, 2);
});

describe('mildly sweet', () => {
  const isSweet = (lines: string[]) => isSweetFilling(resolveLines(made(lines, 'cooked'), DEFAULT_KITCHEN));
  it('curd with three spoons of sugar and vanilla is, with cumin or a spoon of salt it is not', () => {
    const CURD = ['500 g curd cheese', '2 eggs', '3 tbsp sugar'];
    expect(isSweet([...CURD, '1 tsp vanilla extract'])).toBe(true);
    expect(isSweet([...CURD, '1 tsp cumin'])).toBe(false);
    expect(isSweet([...CURD, '1 tsp salt'])).toBe(false);
    expect(isSweet(['500 g minced pork', '3 tbsp sugar'])).toBe(false);
  });
});
