/** As a new user would: five recipes as five households write them, pasted as they stand, read and judged. */
import { type Page } from '@playwright/test';
import { expect, forecastIsThere, test } from './fixtures';
import { type Household, HOUSEHOLDS } from './recipes';

test('five recipes are read with at most two questions each, and judged as a cook would', async ({ page }) => {
  await page.goto('/');
  for (const household of HOUSEHOLDS) await test.step(household.name, () => paste(page, household));
});

async function paste(page: Page, { form, school, text, wrong }: Household): Promise<void> {
  await page.getByRole('button', { name: 'Begin a batch' }).click();
  await page
    .getByRole('button', { name: new RegExp(`: .*${form}`) })
    .first()
    .click();
  await page.getByLabel('What you call it').fill('From somebody’s kitchen');
  await page.getByRole('radio', { name: school, exact: true }).click();
  await page.getByRole('button', { name: 'Begin', exact: true }).click();
  await page.getByRole('button', { name: 'Paste a list or a recipe' }).click();
  await page.getByLabel('One ingredient a line, as the recipe has it; its method may follow').fill(text);
  const understood = page.getByRole('list', { name: 'What was understood' });
  await expect(understood.getByRole('listitem').nth(3)).toBeVisible();
  await expect(page.getByText(/^Reading: /)).toHaveCount(0);
  const put = page.getByRole('button', { name: /^Put \d+ lines in$/ });
  await expect(put).toBeEnabled();
  const asked = await understood.getByText(/\?$/).count();
  expect(asked).toBeLessThanOrEqual(2);
  await put.click();
  await expect(page.getByRole('heading', { name: 'Paste a list or a recipe' })).toHaveCount(0);
  await expect(page.getByRole('link', { name: /^Fill;/ })).not.toHaveAttribute('aria-label', /nothing in it/);
  await forecastIsThere(page);
  if (wrong) {
    const check = page.getByRole('region', { name: new RegExp(`^${wrong.check}: too wet`) });
    await expect(check).toBeVisible();
    await expect(check.getByRole('button', { name: wrong.first })).toBeVisible();
  }
  for (const station of wrong ? [] : [/^Fill;/, /^Cool;/, /^Wrap;/, /^Cook;/]) {
    const link = page.getByRole('link', { name: station });
    await expect(link).not.toHaveAttribute('aria-label', /Fix/);
  }
  await page.getByRole('button', { name: 'Back to the Bench' }).click();
}
