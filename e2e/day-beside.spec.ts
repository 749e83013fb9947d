/** What goes with a day: the list, the sheet, the calendar's file, a pin by the keyboard, another tab. */
import { readFileSync } from 'node:fs';
import { type Page } from '@playwright/test';
import { expect, expectAccessible, test } from './fixtures';

const isPlanned = async (page: Page): Promise<void> => {
  await expect(page.getByRole('group', { name: /^The day from/ })).toBeVisible({ timeout: 30_000 });
  await expect(page.getByText(/^(Looking for a better plan|Trying what would mend it)/)).toHaveCount(0, {
    timeout: 30_000,
  });
};

test('the shopping list sums all batches, keeps what is there, and gives the rest as text', async ({
  page,
  context,
}) => {
  await context.grantPermissions(['clipboard-read', 'clipboard-write']);
  await page.goto('/day/shopping');
  const leek = page.getByRole('checkbox', { name: /^Leek, / });
  await expect(leek).toBeVisible({ timeout: 20_000 });
  await expect(leek).toContainText('Turkey and celeriac purses');
  await expect(leek).toContainText('Smoked haddock and leek pan pie');
  await leek.click();
  await expect(leek).toBeChecked();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Copy' }).click();
  await expect(page.getByText('The list is copied.')).toBeVisible();
  const text = await page.evaluate(() => navigator.clipboard.readText());
  expect(text).toMatch(/Celeriac: /);
  expect(text).not.toMatch(/Leek: /);
  await page.reload();
  await expect(leek).toBeChecked();
});

test('a step is pinned by the keyboard and let go again; another tab sees it; the calendar has it', async ({
  page,
  context,
}) => {
  await page.goto('/day');
  await isPlanned(page);
  const step = page.getByRole('button', { name: /, Purses: wash, peel and cut/ });
  await step.focus();
  await page.keyboard.press('ArrowUp');
  await expect(page.getByText(/is pinned to/)).toBeVisible();
  await isPlanned(page);
  await expect(page.getByRole('button', { name: /Purses: wash, peel and cut, pinned/ })).toBeVisible();

  const other = await context.newPage();
  await other.goto('/day');
  await expect(other.getByRole('button', { name: /Purses: wash, peel and cut, pinned/ })).toBeVisible({
    timeout: 30_000,
  });
  await other.close();

  const saved = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Calendar file' }).click();
  const file = readFileSync(await (await saved).path(), 'utf8');
  expect(file).toMatch(/^BEGIN:VCALENDAR\r\n/);
  expect(file).toMatch(/SUMMARY:Purses: wash\\, peel and cut/);

  await page.getByRole('button', { name: /Purses: wash, peel and cut, pinned/ }).click();
  await page.getByRole('button', { name: 'Let it go' }).last().click();
  await isPlanned(page);
  await expect(page.getByRole('button', { name: /Purses: wash, peel and cut, pinned/ })).toHaveCount(0);
});

test('the sheet for the wall has every step with its time', async ({ page }) => {
  await page.goto('/day/sheet');
  await expect(page.getByText(/Purses: wash, peel and cut/)).toBeVisible({ timeout: 30_000 });
  await expect(page.getByText(/only a thermometer\s+reading does/)).toBeVisible();
  await expectAccessible(page);
});
