import { commonAdvice } from '@/core/notebook/common-advice';
import { isGood, OUTCOME_IDS } from '@/core/vocabulary/outcomes';
import { lanternSupper } from '@/data/demo';

const [turkey, pumpkin, duck, haddock, venison, flat] = lanternSupper('2026-12-05T16:00:00.000Z');

it.each(OUTCOME_IDS.filter((id) => !isGood(id)))('%s: two or three things, however it was cooked', (what) => {
  for (const batch of [turkey, pumpkin, duck, haddock, venison, flat]) {
    const advice = commonAdvice(what, batch, 'C');
    expect(advice.length).toBeGreaterThanOrEqual(2);
    expect(advice.length).toBeLessThanOrEqual(3);
  }
});

it('of what is right nothing is advised', () =>
  expect(OUTCOME_IDS.filter(isGood).flatMap((id) => commonAdvice(id, turkey, 'C'))).toEqual([]));

it('a soggy bottom is another thing in a pan, in the oven, in oil and in steam', () => {
  const said = [duck, haddock, venison, turkey].map((batch) => commonAdvice('soggy', batch, 'C').join(' '));
  expect(said[0]).toMatch(/lower shelf.*crumbs.*vent/);
  expect(said[1]).toMatch(/hot tray.*crumbs/);
  expect(said[2]).toMatch(/hotter oil/);
  expect(said[3]).toMatch(/cloth under the lid/);
});
