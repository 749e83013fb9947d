/** Nothing is lost: reload in the middle of editing, two tabs, a broken record, a bad file, a full store, deletion. */
import { readFileSync } from 'node:fs';
import { expect, PUMPKIN, test, TURKEY } from './fixtures';

/** Batches of the demo. */
const DEMO = 4;
const KEY = 'involucrum/batch/demo-turkey-purses';

test('a reload in the middle of editing keeps every stroke', async ({ page }) => {
  await page.goto(`${PUMPKIN}/note`);
  await page.getByLabel('In your own words').pressSequentially('The lantern light made them look pale');
  await page.reload();
  await expect(page.getByLabel('In your own words')).toHaveValue('The lantern light made them look pale');
});

test('two tabs editing one batch keep both changes, and undo does not take the other’s away', async ({
  page,
  context,
}) => {
  await page.goto(`${TURKEY}/wrap`);
  const other = await context.newPage();
  await other.goto(`${TURKEY}/note`);
  await page.getByLabel('Filling in each, g').fill('30');
  await expect(page.getByLabel('Filling in each, g')).toHaveValue('30');
  await other.getByLabel('In your own words').fill('from the other tab');
  await page.getByRole('link', { name: 'Note' }).click();
  await expect(page.getByLabel('In your own words')).toHaveValue('from the other tab');
  await page.getByRole('main').getByRole('button', { name: 'Undo', exact: true }).click();
  await expect(page.getByText(/changed in another tab since; that change is kept/)).toBeVisible();
  await expect(page.getByLabel('In your own words')).toHaveValue('from the other tab');
  await page.getByRole('link', { name: /^Wrap;/ }).click();
  await expect(page.getByLabel('Filling in each, g')).toHaveValue('30');
});

test('a broken record is set aside, offered as a file, and never overwritten', async ({ page }) => {
  await page.goto('/');
  await expect(page.getByRole('article')).toHaveCount(DEMO);
  await page.evaluate((key) => localStorage.setItem(key, '{"format":"involucrum/batch","version":1,"title":7'), KEY);
  await page.reload();
  await expect(page.getByRole('heading', { name: 'One stored batch cannot be read' })).toBeVisible();
  await expect(page.getByRole('article')).toHaveCount(DEMO - 1);
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save its text' }).click(),
  ]);
  expect(readFileSync(await download.path(), 'utf8')).toContain('"title":7');
  expect(await page.evaluate((key) => localStorage.getItem(key), KEY)).toContain('"title":7');
  await page.getByRole('button', { name: 'Remove it' }).click();
  await expect(page.getByRole('heading', { name: 'One stored batch cannot be read' })).toHaveCount(0);
});

test('a batch goes out as a file and comes in again; a bad file is refused, its faults named, nothing changed', async ({
  page,
}) => {
  await page.goto('/');
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save Turkey and celeriac purses as a file' }).click(),
  ]);
  const text = readFileSync(await download.path(), 'utf8');
  const open = async (name: string, content: string) => {
    const [chooser] = await Promise.all([
      page.waitForEvent('filechooser'),
      page.getByRole('button', { name: 'Open a file' }).click(),
    ]);
    await chooser.setFiles({ name, mimeType: 'application/json', buffer: Buffer.from(content) });
  };
  const before = await page.evaluate(() => JSON.stringify(localStorage));
  await open('corrupt.json', text.replace('"count": 24', '"count": -24'));
  await expect(page.getByText('count: must be at least 1')).toBeVisible();
  await open('cut-off.json', text.slice(0, 300));
  await expect(page.getByText(/is not JSON/)).toBeVisible();
  expect(await page.evaluate(() => JSON.stringify(localStorage))).toBe(before);
  await open('good.json', text);
  await expect(page.getByRole('heading', { name: 'Turkey and celeriac purses (from file)' })).toBeVisible();
});

test('a recipe comes in from a saved page, steps kept; out it goes as a recipe and as tables', async ({ page }) => {
  await page.goto('/');
  const [chooser] = await Promise.all([
    page.waitForEvent('filechooser'),
    page.getByRole('button', { name: 'Open a file' }).click(),
  ]);
  const recipe = {
    '@context': 'https://schema.org',
    '@type': 'Recipe',
    name: 'Hut-night pork parcels',
    recipeYield: '20 parcels',
    recipeIngredient: ['1 lb ground pork', '2 cups shredded cabbage', '1 tbsp soy sauce', 'a little patience'],
    recipeInstructions: [{ '@type': 'HowToStep', text: 'Mix in one direction.' }],
  };
  await chooser.setFiles({
    name: 'page.html',
    mimeType: 'text/html',
    buffer: Buffer.from(`<html><script type="application/ld+json">${JSON.stringify(recipe)}</script></html>`),
  });
  await expect(page.getByRole('heading', { name: 'Hut-night pork parcels' })).toBeVisible();
  await expect(page.getByRole('button', { name: /^Pork mince, 1 lb/ })).toBeVisible();
  await page.getByRole('link', { name: 'Note' }).click();
  await expect(page.getByLabel('In your own words')).toHaveValue(
    /Not yet in: a little patience[\s\S]*1\. Mix in one direction\./,
  );
  for (const [button, holds] of [
    ['As a recipe', '"@type": "Recipe"'],
    ['Lines as a table', 'pork-mince'],
    ['Water as a table', 'brought in'],
  ]) {
    const [download] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('button', { name: button }).click(),
    ]);
    expect(readFileSync(await download.path(), 'utf8')).toContain(holds);
  }
});

test('a full store is said before anything is lost', async ({ page }) => {
  await page.goto(`${TURKEY}/wrap`);
  await expect(page.getByLabel('Filling in each, g')).toHaveValue('28');
  await page.evaluate(() => {
    Storage.prototype.setItem = () => {
      throw new DOMException('full', 'QuotaExceededError');
    };
  });
  await page.getByLabel('Filling in each, g').fill('31');
  await expect(page.getByRole('alert').getByText(/Not saved: this browser’s store is full/)).toBeVisible();
  expect(await page.evaluate((key) => localStorage.getItem(key), KEY)).toContain('"portionG":28');
});

test('duplicate, delete, bring back', async ({ page }) => {
  await page.goto('/');
  await page.getByRole('button', { name: 'Cook Turkey and celeriac purses again: duplicate' }).click();
  await expect(page.getByRole('heading', { name: 'Turkey and celeriac purses, again' })).toBeVisible();
  await page.getByRole('button', { name: 'Back to the Bench' }).click();
  await expect(page.getByRole('article')).toHaveCount(DEMO + 1);
  await page.getByRole('button', { name: 'Delete Turkey and celeriac purses', exact: true }).click();
  await expect(page.getByRole('article')).toHaveCount(DEMO);
  await page.getByRole('button', { name: 'Bring it back' }).click();
  await expect(page.getByRole('article')).toHaveCount(DEMO + 1);
});

test('an empty Bench teaches and offers the demo; a lost address says so', async ({ page }) => {
  await page.goto('/');
  for (let left = DEMO; left > 0; left--) {
    await page
      .getByRole('button', { name: /^Delete / })
      .first()
      .click();
    await expect(page.getByRole('article')).toHaveCount(left - 1);
  }
  await expect(page.getByText(/A batch is one filling in one kind of parcel/)).toBeVisible();
  await page.reload();
  await expect(page.getByText(/A batch is one filling in one kind of parcel/)).toBeVisible();
  await page.getByRole('button', { name: /^Open the demo/ }).click();
  await expect(page.getByRole('article')).toHaveCount(DEMO);
  await page.goto('/batch/nobody/fill');
  await expect(page.getByRole('heading', { name: 'Nothing is here' })).toBeVisible();
});
