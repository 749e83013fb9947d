/** Frying in loads: the oil falls, fewer at once; three are measured, one is too cold, two more minutes; the pan is remembered. */
import { type Page } from '@playwright/test';
import {
  alone,
  expect,
  expectAccessible,
  fixOf,
  forecastIsThere,
  fromMenu,
  goOn,
  ownCopy,
  recordReading,
  test,
} from './fixtures';

const VENISON = '/batch/demo-venison-half-moons';

/** Lets so many seconds pass; what waits for the worker is waited for where it is looked at. */
async function pass(page: Page, seconds: number): Promise<void> {
  await page.clock.fastForward(seconds * 1000);
  await page.waitForTimeout(100);
}

/** Types what the cook's own thermometer shows. */
async function read(page: Page, c: number): Promise<void> {
  await recordReading(page, String(c));
  await pass(page, 1);
}

alone('a frying planned in loads, measured, and its pan remembered by the next batch', async ({ page }) => {
  test.slow();
  await page.clock.install({ time: new Date('2026-12-05T17:00:00Z') });
  await page.goto(`${await ownCopy(page, VENISON)}/cook`);
  await pass(page, 3);
  // Sixteen at once, the flame as it is: the oil falls, and it is said.
  await page.getByLabel('At once, pieces').fill('16');
  await pass(page, 2);
  await expect(page.getByRole('heading', { name: 'Core: the oil falls too far' })).toBeVisible();
  const oil = page.getByRole('img', { name: /^Oil: from 170\s°C it falls to/ });
  await expect(oil).toBeVisible();
  const fallen = Number(/to (\d+)/.exec((await oil.getAttribute('aria-label')) ?? '')?.[1]);
  expect(fallen).toBeLessThan(140);
  await expect(page.getByText(/^Only 8 float freely/)).toBeVisible();
  // Half as many, and the flame turned up: it fries.
  await page.getByLabel('At once, pieces').fill('8');
  await page.getByRole('radio', { name: /^turned up as they go in/ }).click();
  await pass(page, 3);
  await expect(page.getByRole('heading', { name: 'Core: long enough, then measure' })).toBeVisible();
  const now = Number(/to (\d+)/.exec((await oil.getAttribute('aria-label')) ?? '')?.[1]);
  expect(now).toBeGreaterThan(155);
  await expect(page.getByRole('img', { name: /^pot from above, 220 mm across: 8 pieces/ })).toBeVisible();
  await expect(page.getByText(/6 loads of 6\smin/)).toBeVisible();
  await expectAccessible(page);

  // In it goes, and is measured too soon.
  await page.getByRole('button', { name: 'Load 1 of 6 is in: start the clock' }).click();
  await pass(page, 2);
  await expect(page.getByRole('timer', { name: 'Cooking clock' })).toContainText('load 1 of 6: in for 0:');
  await page.clock.fastForward(3.4 * 60_000);
  await pass(page, 1);
  await read(page, 68);
  await expect(page.getByRole('heading', { name: 'Core: load 1 not hot enough' })).toBeVisible();
  const again = page.getByRole('status', { name: 'What the readings ask for' });
  await expect(again).toContainText(/\d min more, then measure again/);
  const more = Number(/(\d+)\smin more/.exec(await again.innerText())?.[1]);
  expect(more).toBeGreaterThanOrEqual(1);
  expect(more).toBeLessThanOrEqual(3);

  // So many minutes more, then three again: reload and alarm on the way.
  await page.reload();
  await pass(page, 3);
  await expect(again).toContainText(/min more, then measure again/);
  await page.clock.fastForward(2 * 60_000);
  await pass(page, 2);
  await expect(again).toContainText('Measure 3 again now');
  for (const c of [83, 82, 85]) await read(page, c);
  await expect(page.getByRole('heading', { name: 'Core: more to cook' })).toBeVisible();
  await expect(page.getByText('Hot enough, measured')).toBeVisible();

  // What the pot has shown is kept.
  await page.getByRole('button', { name: 'Keep this for “pot”' }).click();
  await pass(page, 1);
  await expect(page.getByText(/^Kept for “pot”/)).toBeVisible();
  // The next load is measured anew.
  await page.getByRole('button', { name: 'They are out' }).click();
  await pass(page, 1);
  await page.getByRole('button', { name: 'Load 2 of 6 is in: start the clock' }).click();
  await pass(page, 2);
  await expect(page.getByRole('heading', { name: 'Core: load 2 not measured' })).toBeVisible();
  await expect(page.getByText('Hot enough, measured')).toHaveCount(0);

  // Another batch begins where this one ended; the Kitchen shows it and lets it go.
  await goOn(page, '/');
  await pass(page, 3);
  await fromMenu(page, 'Venison and juniper half-moons, mine', /again: duplicate/);
  await pass(page, 3);
  await page.getByRole('link', { name: /^Cook;/ }).click();
  await pass(page, 3);
  await expect(page.getByText(/^Your kitchen has learned that it heats .* from 4 readings/)).toBeVisible();
  await goOn(page, '/kitchen');
  await pass(page, 2);
  await page.getByRole('button', { name: 'Reset how pot heats: deep oil' }).click();
  await pass(page, 1);
  await expect(page.getByText(/^deep oil: Your kitchen has learned/)).toHaveCount(0);
});

test('a fix of the pot does what it says, and is taken back', async ({ page }) => {
  await page.goto(`${VENISON}/cook`);
  await forecastIsThere(page);
  await (await fixOf(page, 'Core', /^Turn up the flame and fry as many as it can take/)).click();
  await expect(page.getByRole('heading', { name: 'Core: long enough, then measure' })).toBeVisible();
  await expect(page.getByText(/^The oil falls from 170\s°C to/)).toBeVisible();
  await page.getByRole('button', { name: 'Undo', exact: true }).first().click();
  await expect(page.getByRole('heading', { name: 'Core: the oil falls too far' })).toBeVisible();
});
