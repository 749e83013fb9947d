/** As a new user would, on a phone: a recipe as it was sent is pasted at Begin, looked over, mended with a tap, and begun. */
import { readFileSync } from 'node:fs';
import { expect, forecastIsThere, test } from './fixtures';

const sent = (name: string): string =>
  readFileSync(`test/known-recipes/${name}.txt`, 'utf8').split('=== expected')[0].trim();

test.use({ viewport: { width: 390, height: 844 } });

test('a message becomes a plan with its verdicts, and a batch at one tap', async ({ page }) => {
  await page.goto('/begin');
  await page.getByLabel('Paste a recipe').fill(sent('13-apple-turnovers'));
  const plan = page.getByRole('article', { name: 'Apple turnovers from the tree' });
  const found = plan.getByRole('list', { name: 'What was found' });
  await expect(found.getByRole('button', { name: /^Form: triangle/ })).toBeVisible();
  await expect(found.getByRole('button', { name: /^How many: 8/ })).toBeVisible();
  await expect(found.getByRole('button', { name: /^Cooked: bake, 200 °C, 23 min/ })).toBeVisible();
  await expect(plan.getByRole('list', { name: 'The five checks' }).getByRole('listitem')).toHaveCount(5);
  await expect(plan.getByRole('img', { name: 'Moisture: Good' })).toBeVisible();
  // "Milk to brush" is kept in words.
  await expect(page.getByRole('list', { name: 'Left out of the sums' })).toContainText('milk to brush');
  await page.getByRole('button', { name: 'Begin this batch' }).click();
  await expect(page).toHaveURL(/\/batch\/.+\/fill$/);
  await expect(page.getByRole('heading', { name: 'Apple turnovers from the tree' })).toBeVisible();
});

test('what a recipe gets wrong is said at once, and the first mend is one tap', async ({ page }) => {
  await page.goto('/begin');
  await page.getByLabel('Paste a recipe').fill(sent('08-salty-bacon-rolls'));
  const checks = page.getByRole('list', { name: 'The five checks' });
  await expect(checks.getByRole('img', { name: 'Salt: Fix' })).toBeVisible();
  const salt = checks.getByRole('listitem').filter({ hasText: 'Salt: too salty' });
  const before = await salt.getByText(/salt in the filling/).textContent();
  const mend = salt.getByRole('button');
  await expect(mend).toBeEnabled();
  await mend.click();
  await expect(salt.getByText(before ?? '')).toHaveCount(0);
  // Said otherwise with a tap: the form is read anew, and what follows from it.
  await page.getByRole('button', { name: /^How many: 16/ }).click();
  await page.getByLabel(/^How many, /).fill('18');
  await expect(page.getByRole('button', { name: /^How many: 18/ })).toBeVisible();
  await expect(salt.getByText(before ?? '')).toHaveCount(0);
  await page.getByRole('button', { name: 'Begin this batch' }).click();
  await forecastIsThere(page);
});

test('two fillings are two batches, and an open line is asked about', async ({ page }) => {
  await page.goto('/begin');
  const field = page.getByLabel('Paste a recipe');
  await field.fill(sent('17-two-fillings').replace('1 tbsp soy sauce', '120 g snozzle'));
  const meat = page.getByRole('article', { name: /: meat$/ });
  await expect(meat.getByText('The Larder doesn’t have “snozzle”: what is it most like?')).toBeVisible();
  await expect(meat.getByText(/open between|That holds whatever “snozzle”/).first()).toBeVisible();
  await page.getByRole('button', { name: 'Begin these 2 batches' }).click();
  await expect(page).toHaveURL(/\/batch\/.+\/fill$/);
  // What it is is said with a tap, here too.
  await page.getByRole('button', { name: 'snozzle is something else' }).click();
  await page.getByLabel('What is snozzle most like?').fill('leek');
  await page.getByRole('button', { name: 'snozzle is leek', exact: true }).click();
  await expect(page.getByRole('button', { name: /^Leek, 120 g/ })).toBeVisible();
  await expect(page.getByText(/The larder has no/)).toHaveCount(0);
  await page.getByRole('button', { name: 'Back to the Bench' }).click();
  await expect(page.getByRole('article', { name: /: cheese$/ })).toBeVisible();
});
