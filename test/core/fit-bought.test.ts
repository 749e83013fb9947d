/** A bought skin is as large as it is: nobody rolls it, and a larger one is bought only where there is one. */
import { account } from '@/core/checks/account';
import { assess } from '@/core/checks/assess';
import { forecastHeat } from '@/core/forecast/heat';
import { planOf } from '@/core/recipe/plan';
import { DEFAULT_KITCHEN } from '@/core/stored/kitchen';
import { apply } from '@/core/stored/operations';

const FRESH = { id: () => 'bought', at: '2026-12-05T15:00:00Z' };
const fixesOf = (grams: number) => {
  const words = `Chicken half-moons, 20\n${grams} g chicken thigh mince\n1 tsp salt\n9 cm round dumpling wrappers\nBoil 6 minutes`;
  const [{ batch }] = planOf(words, FRESH).plans;
  expect(batch.wrap.dough).toBe('bought-skin');
  return {
    batch,
    fixes: assess(batch, DEFAULT_KITCHEN, forecastHeat(batch, DEFAULT_KITCHEN, 'first')).checks.fit.fixes,
  };
};

it('far too much filling makes more of them: that comes out even, and nothing is rolled', () => {
  const { batch, fixes } = fixesOf(1500);
  const more = fixes.find(({ label }) => /and make \d+ instead of 20$/.test(label));
  if (more === undefined) throw new Error(fixes.map(({ label }) => label).join('; '));
  const { fit, balance } = account(more.change.reduce(apply, batch), DEFAULT_KITCHEN, null);
  expect(fit.state).toBe('good');
  expect(balance.fromFilling).toBeGreaterThan(60);
  expect(fixes.filter(({ label }) => /^(?:Roll|Buy)/.test(label))).toEqual([]);
});

it('a little too much may go into a skin one size larger, which is bought', () => {
  const labels = fixesOf(480).fixes.map(({ label }) => label);
  expect(labels.some((label) => /^Buy: 1\d\d mm skin instead of 90 mm skin$/.test(label))).toBe(true);
  expect(labels.some((label) => label.startsWith('Roll'))).toBe(false);
});
