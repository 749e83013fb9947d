/** Files and texts dropped onto a wide screen. */
import { type Page } from '@playwright/test';
import { expect, test, TURKEY } from './fixtures';

test.use({ viewport: { width: 1280, height: 800 } });

interface Dropped {
  name?: string;
  type: string;
  text: string;
}

/** Lets go of something over the page, once it listens. */
async function drop(page: Page, what: Dropped): Promise<void> {
  await expect
    .poll(() =>
      page.evaluate(({ name, type, text }) => {
        const dataTransfer = new DataTransfer();
        if (name === undefined) dataTransfer.setData(type, text);
        else dataTransfer.items.add(new File([text], name, { type }));
        // Whoever listens takes it from the browser.
        return !document.body.dispatchEvent(new DragEvent('drop', { dataTransfer, bubbles: true, cancelable: true }));
      }, what),
    )
    .toBe(true);
}

const RECIPE = {
  '@context': 'https://schema.org',
  '@type': 'Recipe',
  name: 'Leek turnovers',
  recipeYield: '12 turnovers',
  recipeIngredient: ['400 g leek, sweated', '200 g curd cheese', '5 g salt'],
  recipeInstructions: 'Fill rounds of short pastry, fold and bake.',
};

test('a saved recipe page is a batch, wherever it is dropped', async ({ page }) => {
  await page.goto('/larder');
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  const text = `<html><head><script type="application/ld+json">${JSON.stringify(RECIPE)}</script></head></html>`;
  await drop(page, { name: 'leek.html', type: 'text/html', text });
  await expect(page).toHaveURL(/\/batch\/.*\/fill$/);
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Leek turnovers');
  await expect(page.getByRole('button', { name: /^Leek, 400\sg/ })).toBeVisible();
});

test('a text is read as a paste; what is no batch is refused, and nothing is changed', async ({ page }) => {
  await page.goto('/');
  await expect(page.getByRole('article')).toHaveCount(6);
  await drop(page, { name: 'notes.json', type: 'application/json', text: '{"a": 1}' });
  await expect(page.getByText('“notes.json” wasn’t opened; nothing was changed.')).toBeVisible();
  await expect(page.getByRole('article')).toHaveCount(6);
  await drop(page, {
    type: 'text/plain',
    text: 'Pork dumplings, makes 40\n500 g minced pork\n200 g cabbage\n8 g salt',
  });
  await expect(page).toHaveURL(/\/begin\?/);
  await expect(page.getByRole('button', { name: 'Begin this batch' })).toBeVisible({ timeout: 20_000 });
  // One more, dropped while Begin stands open: nothing that was there is lost.
  await drop(page, { type: 'text/plain', text: '20 g ginger' });
  await expect(page.getByLabel('Paste a recipe')).toHaveValue(/minced pork[^]*\n\n20 g ginger$/);
});

test('a link of the page that slips out of a hand comes in by no drop', async ({ page }) => {
  await page.goto('/');
  await drop(page, { name: 'notes.json', type: 'application/json', text: '{"a": 1}' });
  await expect(page.getByText('“notes.json” wasn’t opened; nothing was changed.')).toBeVisible();
  await page.getByRole('link', { name: 'Day', exact: true }).dragTo(page.getByRole('heading', { level: 1 }));
  await page.waitForTimeout(300);
  await expect(page).toHaveURL(/\/$/);
});

test('a word of the house is explained by a tap, and then no longer offered', async ({ page }) => {
  await page.goto(`${TURKEY}/fill`);
  const check = page.getByRole('region', { name: /^Moisture: right/ });
  await check.getByRole('button', { name: 'What’s “loose liquid”?' }).click();
  await expect(check.getByRole('note')).toContainText('What runs out when you press the filling in a sieve.');
  await page.reload();
  await expect(check.getByText(/run from 100\sg/)).toBeVisible();
  await expect(check.getByRole('button', { name: /^What’s “loose/ })).toHaveCount(0);
});
