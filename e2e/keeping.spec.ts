/** Nothing is lost: reload in the middle of editing, two tabs, a broken record, a bad file, a full store, deletion. */
import { readFileSync } from 'node:fs';
import { alone, expect, fromMenu, goOn, PUMPKIN, test, TURKEY } from './fixtures';

/** Batches of the demo. */
const DEMO = 6;
const KEY = 'involucrum/batch/demo-turkey-purses';

test('a reload in the middle of editing keeps every stroke', async ({ page }) => {
  await page.goto(`${PUMPKIN}/note`);
  await page.getByLabel('In your own words').pressSequentially('The lantern light made them look pale');
  await page.reload();
  await expect(page.getByLabel('In your own words')).toHaveValue('The lantern light made them look pale');
});

test('a broken record is set aside, offered as a file, and never overwritten', async ({ page }) => {
  await page.goto('/');
  await expect(page.getByRole('article')).toHaveCount(DEMO);
  await page.evaluate((key) => localStorage.setItem(key, '{"format":"involucrum/batch","version":1,"title":7'), KEY);
  await page.reload();
  await expect(page.getByRole('heading', { name: 'One saved batch can’t be read' })).toBeVisible();
  await expect(page.getByRole('article')).toHaveCount(DEMO - 1);
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save its text' }).click(),
  ]);
  expect(readFileSync(await download.path(), 'utf8')).toContain('"title":7');
  expect(await page.evaluate((key) => localStorage.getItem(key), KEY)).toContain('"title":7');
  await page.getByRole('button', { name: 'Remove it' }).click();
  await expect(page.getByRole('heading', { name: 'One saved batch can’t be read' })).toHaveCount(0);
});

test('a batch goes out as a file and comes in again; a bad file is refused, its faults named, nothing changed', async ({
  page,
}) => {
  await page.goto('/');
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    fromMenu(page, 'Turkey and celeriac purses', /as a file$/),
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
  await expect(page.getByText(/is neither JSON/)).toBeVisible();
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
    name: 'Hut-night pork pieces',
    recipeYield: '20 pieces',
    recipeIngredient: ['1 lb ground pork', '2 cups shredded cabbage', '1 tbsp soy sauce', 'a little patience'],
    recipeInstructions: [{ '@type': 'HowToStep', text: 'Mix in one direction.' }],
  };
  await chooser.setFiles({
    name: 'page.html',
    mimeType: 'text/html',
    buffer: Buffer.from(`<html><script type="application/ld+json">${JSON.stringify(recipe)}</script></html>`),
  });
  await expect(page.getByRole('heading', { name: 'Hut-night pork pieces' })).toBeVisible();
  await expect(page.getByRole('button', { name: /^Pork mince, 1 lb/ })).toBeVisible();
  // What was not understood stays in the filling, and every check that rests on it says so.
  await expect(page.getByText(/The Larder doesn’t have “patience”/).first()).toBeVisible();
  await page.getByRole('link', { name: 'Note' }).click();
  await expect(page.getByLabel('In your own words')).toHaveValue('1. Mix in one direction.');
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
    Object.assign(window, { setItem: Storage.prototype.setItem });
    Storage.prototype.setItem = () => {
      throw new DOMException('full', 'QuotaExceededError');
    };
  });
  await page.getByLabel('Filling in each, g').fill('31');
  const warning = page.getByRole('alert').filter({ hasText: 'Not stored: this browser’s store is full' });
  await expect(warning).toContainText('one batch');
  expect(await page.evaluate((key) => localStorage.getItem(key), KEY)).toContain('"portionG":28');
  // What was typed stays, also elsewhere, and goes out as a file.
  await page.getByRole('link', { name: /^Note/ }).click();
  await page.getByLabel('In your own words').fill('thicker next time');
  await page.getByRole('heading', { name: 'Tap where you found it' }).click();
  await expect(page.getByLabel('In your own words')).toHaveValue('thicker next time');
  await page.getByRole('link', { name: /^Wrap;/ }).click();
  await expect(page.getByLabel('Filling in each, g')).toHaveValue('31');
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    warning.getByRole('button', { name: 'Save as files' }).click(),
  ]);
  expect(readFileSync(await download.path(), 'utf8')).toContain('"portionG": 31');
  // There is room again.
  await page.evaluate(() => {
    Storage.prototype.setItem = (window as unknown as { setItem: typeof Storage.prototype.setItem }).setItem;
  });
  await warning.getByRole('button', { name: 'Try again' }).click();
  await expect(warning).toHaveCount(0);
  expect(await page.evaluate((key) => localStorage.getItem(key), KEY)).toContain('"portionG":31');
});

alone('a store that is closed at the first visit is said, and everything works in memory', async ({ page }) => {
  await page.addInitScript(() => {
    Object.defineProperty(window, 'localStorage', {
      get: () => {
        throw new DOMException('denied', 'SecurityError');
      },
    });
  });
  await page.goto('/');
  await expect(page.getByRole('article')).toHaveCount(DEMO);
  await expect(page.getByRole('alert').filter({ hasText: 'Not stored' })).toContainText(`${DEMO + 2} batches`);
  await page.getByRole('button', { name: 'Begin a batch' }).click();
  await page.getByRole('button', { name: /^Roll: / }).click();
  await page.getByRole('button', { name: 'Begin', exact: true }).click();
  await page.getByLabel('Add what goes in').fill('150 g leek');
  await page.getByLabel('Add what goes in').press('Enter');
  await expect(page.getByRole('button', { name: /^Leek, 150\sg/ })).toBeVisible();
});

test('duplicate, delete, bring back', async ({ page }) => {
  await page.goto('/');
  await fromMenu(page, 'Turkey and celeriac purses', /^Cook .* again/);
  await expect(page.getByRole('heading', { name: 'Turkey and celeriac purses, again' })).toBeVisible();
  await page.getByRole('button', { name: 'Back to the Bench' }).click();
  await expect(page.getByRole('article')).toHaveCount(DEMO + 1);
  await fromMenu(page, 'Turkey and celeriac purses', /^Delete/);
  await expect(page.getByRole('article')).toHaveCount(DEMO);
  await page.getByRole('button', { name: 'Bring it back' }).click();
  await expect(page.getByRole('article')).toHaveCount(DEMO + 1);
});

test('a delete that fails does not say deleted; putting the demo in again changes nothing of one’s own', async ({
  page,
}) => {
  await page.goto(`${TURKEY}/wrap`);
  await page.getByLabel('Filling in each, g').fill('33');
  await goOn(page, '/');
  await expect(page.getByRole('article')).toHaveCount(DEMO);
  await page.evaluate(() => {
    const { removeItem } = Storage.prototype;
    Storage.prototype.removeItem = function (key: string) {
      if (key.startsWith('involucrum/batch/')) throw new DOMException('denied', 'SecurityError');
      removeItem.call(this, key);
    };
  });
  await fromMenu(page, 'Turkey and celeriac purses', /^Delete/);
  await expect(page.getByText(/^Not removed/)).toBeVisible();
  await expect(page.getByText(/is deleted/)).toHaveCount(0);
  await expect(page.getByRole('article')).toHaveCount(DEMO);
  await page.goto('/kitchen');
  await page.getByRole('button', { name: 'Put the demo batches back' }).click();
  await expect(
    page.getByText('The demo: 1 fresh beside yours, which stay as they are, 7 there already.'),
  ).toBeVisible();
  await page.goto('/');
  await expect(page.getByRole('article')).toHaveCount(DEMO + 1);
  expect(await page.evaluate((key) => localStorage.getItem(key), KEY)).toContain('"portionG":33');
});

test('a kitchen that cannot be read is told, saved as a file, and not replaced unseen', async ({ page }) => {
  await page.goto('/kitchen');
  await page.getByLabel('Altitude, m').fill('640');
  await expect.poll(() => page.evaluate(() => localStorage.getItem('involucrum/kitchen'))).toContain('640');
  await page.evaluate(() => {
    const key = 'involucrum/kitchen';
    const kitchen = JSON.parse(localStorage.getItem(key) ?? '{}') as object;
    localStorage.setItem(key, JSON.stringify({ ...kitchen, version: 99, roomC: 'warm' }));
  });
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'Some of the kitchen’s settings can’t be read' })).toBeVisible();
  await expect(page.getByText(/newer Involucrum \(99\)/)).toBeVisible();
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save its text' }).click(),
  ]);
  expect(readFileSync(await download.path(), 'utf8')).toContain('"roomC":"warm"');
  await page.goto('/kitchen');
  await expect(page.getByLabel('Altitude, m')).toHaveValue('640');
  expect(await page.evaluate(() => localStorage.getItem('involucrum/kitchen'))).toContain('"warm"');
  await page.getByRole('button', { name: 'Go on with what can be read' }).click();
  await expect(page.getByRole('heading', { name: 'Kitchen settings were set aside' })).toBeVisible();
  await expect(page.getByLabel('Altitude, m')).toHaveValue('640');
  await page.reload();
  await expect(page.getByRole('heading', { name: 'Kitchen settings were set aside' })).toBeVisible();
  await page.getByRole('button', { name: 'Remove them' }).click();
  await expect(page.getByRole('heading', { name: 'Kitchen settings were set aside' })).toHaveCount(0);
});

test('undo survives a reload, and a notice takes back its own edit', async ({ page }) => {
  await page.goto(`${TURKEY}/wrap`);
  await page.getByLabel('Filling in each, g').fill('45');
  await page.getByRole('button', { name: /^Take \d+\sg instead of 45\sg/ }).click();
  const undo = page.getByRole('status').getByRole('button', { name: 'Undo' });
  await expect(undo).toBeVisible();
  await page.getByLabel('Pieces, count').fill('30');
  await undo.click();
  await expect(page.getByLabel('Filling in each, g')).toHaveValue('45');
  await expect(page.getByLabel('Pieces, count')).toHaveValue('30');
  await page.waitForTimeout(800);
  await page.reload();
  const back = page.getByRole('main').getByRole('button', { name: 'Undo', exact: true });
  await back.click();
  await expect(page.getByLabel('Pieces, count')).toHaveValue('24');
  await back.click();
  await expect(page.getByLabel('Filling in each, g')).toHaveValue('28');
  await expect(back).toBeDisabled();
});

test('a file too large is refused at once; an id that leads elsewhere is made anew', async ({ page }) => {
  await page.goto('/');
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    fromMenu(page, 'Turkey and celeriac purses', /as a file$/),
  ]);
  const text = readFileSync(await download.path(), 'utf8');
  const open = async (content: string) => {
    const [chooser] = await Promise.all([
      page.waitForEvent('filechooser'),
      page.getByRole('button', { name: 'Open a file' }).click(),
    ]);
    await chooser.setFiles({ name: 'f.json', mimeType: 'application/json', buffer: Buffer.from(content) });
  };
  await open(`{"x":"${'y'.repeat(6_000_000)}"}`);
  await expect(page.getByText('(file): is larger than 5 MB, too large for a batch or recipe')).toBeVisible({
    timeout: 3000,
  });
  await open('['.repeat(100_000));
  await expect(page.getByText(/nested too deeply/)).toBeVisible();
  await open(text.replace('"demo-turkey-purses"', '"../../kitchen?x#y"'));
  await expect(page.getByRole('heading', { name: 'Turkey and celeriac purses', exact: true })).toBeVisible();
  await expect(page).toHaveURL(/\/batch\/[0-9a-f-]{36}\/fill$/);
  await page.reload();
  await expect(page.getByRole('heading', { name: 'Turkey and celeriac purses', exact: true })).toBeVisible();
});

test('an empty Bench teaches and offers the demo; a lost address says so', async ({ page }) => {
  await page.goto('/');
  for (let left = DEMO; left > 0; left--) {
    await page
      .getByRole('button', { name: /^More for / })
      .first()
      .click();
    await page.getByRole('button', { name: /^Delete / }).click();
    await expect(page.getByRole('article')).toHaveCount(left - 1);
  }
  await expect(page.getByText(/A batch is one filling in one kind of piece/)).toBeVisible();
  await page.reload();
  await expect(page.getByText(/A batch is one filling in one kind of piece/)).toBeVisible();
  await page.getByRole('button', { name: /^Open the demo/ }).click();
  await expect(page.getByRole('article')).toHaveCount(DEMO);
  await goOn(page, '/batch/nobody/fill');
  await expect(page.getByRole('heading', { name: 'Nothing is here' })).toBeVisible();
});
