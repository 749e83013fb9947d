/** In the hand: on a phone, as it opens, with nothing unfolded; what a new user does with few taps. */
import { readFileSync } from 'node:fs';
import { type Page } from '@playwright/test';
import { alone, DUCK, expect, expectAccessible, forecastIsThere, goOn, HADDOCK, test, TURKEY } from './fixtures';

test.use({ viewport: { width: 390, height: 844 }, isUnfolded: false });

const press = (page: Page, name: string | RegExp) => page.getByRole('button', { name }).click();
const fold = (page: Page, title: string) => page.getByRole('region', { name: title, exact: true });

/** How many screens what scrolls is long. */
const screens = (page: Page): Promise<number> =>
  page.evaluate(() => {
    const heights = [...document.querySelectorAll('*')]
      .filter((e) => ['auto', 'scroll'].includes(getComputedStyle(e).overflowY))
      .map((e) => e.scrollHeight);
    return Math.max(0, ...heights, document.documentElement.scrollHeight) / window.innerHeight;
  });

test('no station is longer than three screens as it opens, and its answer stands first', async ({ page }) => {
  for (const batch of [TURKEY, DUCK, HADDOCK]) {
    for (const [station, answer] of [
      ['fill', /of filling (for|fills)/],
      ['cool', null],
      ['wrap', /each, .*, .* of dough\./],
      ['cook', /(loads of|at once)/],
      ['note', null],
    ] as const) {
      await goOn(page, `${batch}/${station}`);
      await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
      await forecastIsThere(page);
      expect(await screens(page), `${batch}/${station}`).toBeLessThanOrEqual(3);
      if (answer !== null) {
        const first = page.getByText(answer).first();
        await expect(first).toBeInViewport();
      }
      // The bar for adding belongs to Fill alone.
      await expect(page.getByLabel('Add what goes in')).toHaveCount(station === 'fill' ? 1 : 0);
    }
  }
});

test('at Fill the list comes first, under two bars that open to what they say and what mends it', async ({ page }) => {
  await page.goto(`${HADDOCK}/fill`);
  await forecastIsThere(page);
  await expect(page.getByRole('button', { name: /^Leek, / })).toBeInViewport();
  await expect(page.getByText(/this thin sheet takes 6/)).toHaveCount(0);
  await press(page, /^Moisture: too wet, /);
  await expect(page.getByText(/this thin sheet takes 6/)).toBeVisible();
  await page
    .getByRole('region', { name: /^Moisture: too wet/ })
    .getByRole('button', { name: /→/ })
    .first()
    .click();
  await expect(page.getByRole('button', { name: /^Moisture: right, / })).toBeVisible();
  await press(page, /^Where the water is/);
  await expect(page.getByRole('table', { name: 'Where the water is' })).toBeVisible();
  await expectAccessible(page);
});

alone('cook this now: one thing at a time, one tap for done, and all of it there after a reload', async ({ page }) => {
  await page.clock.install({ time: new Date('2026-12-05T16:00:00Z') });
  await page.addInitScript(() => {
    const said: string[] = [];
    Object.assign(window, { said });
    Object.defineProperty(window, 'speechSynthesis', {
      value: { cancel: () => undefined, speak: (u: { text: string }) => said.push(u.text) },
    });
    Object.assign(window, {
      SpeechSynthesisUtterance: class {
        lang = '';
        constructor(readonly text: string) {}
      },
    });
  });
  await page.goto(`${TURKEY}/fill`);
  await press(page, 'Cook this now');
  const now = page.getByRole('region', { name: 'Now' });
  await expect(now).toContainText('It begins with');
  await expect(page.getByText(/^0 of \d+ steps done$/)).toBeVisible();
  await press(page, 'Read each step aloud');
  await page.clock.runFor(1000);
  await page.getByRole('button', { name: 'Begin', exact: true }).click();
  await expect(now.getByRole('timer')).toBeVisible();
  const first = await now.getByRole('heading').textContent();
  await page.clock.runFor(1000);
  await page.getByRole('button', { name: 'Done', exact: true }).click();
  await expect(page.getByText(/^1 of \d+ steps done$/)).toBeVisible();
  await expect(now.getByRole('heading')).not.toHaveText(first ?? '');
  const second = (await now.getByRole('heading').textContent()) ?? '';
  expect(await page.evaluate(() => (window as unknown as { said: string[] }).said.at(-1))).toContain(second);
  // A slip is taken back; a reload loses nothing.
  await page.getByRole('status').getByRole('button', { name: 'Undo' }).click();
  await expect(now.getByRole('heading')).toHaveText(first ?? '');
  await page.clock.runFor(1000);
  await page.getByRole('button', { name: 'Done', exact: true }).click();
  await expect(now.getByRole('heading')).toHaveText(second);
  await page.reload();
  await expect(now.getByRole('heading')).toHaveText(second);
  await expectAccessible(page);
});

alone('the Bench shows a clock that runs: which load, how much is left, and what then', async ({ page }) => {
  await page.clock.install({ time: new Date('2026-12-05T16:00:00Z') });
  await page.goto(`${TURKEY}/cook`);
  await press(page, 'Load 1 of 2 is in: start the clock');
  await expect(page.getByRole('timer', { name: 'Cooking clock' })).toBeVisible();
  await page.clock.fastForward(14 * 60_000);
  await page.goto('/');
  const turkey = page.getByRole('article', { name: 'Turkey and celeriac purses' });
  await expect(turkey.getByRole('link', { name: /Load 1 of 2 cooking: 1[34]\smin left, then measure/ })).toBeVisible();
});

test('the Kitchen is a page of lines; units are chosen once, and everything can be erased after it was saved', async ({
  page,
}) => {
  await page.goto('/kitchen');
  await expect(fold(page, 'Your data')).toBeVisible();
  expect(await screens(page)).toBeLessThanOrEqual(1.2);
  // No demo batch has taught it anything.
  await expect(fold(page, 'What this kitchen has learned')).toContainText('nothing yet');
  await press(page, /^Units and look/);
  await page.getByRole('radio', { name: 'inches' }).click();
  await page.getByRole('radio', { name: 'cups and spoons' }).click();
  await page.getByRole('radio', { name: '5:30 pm' }).click();
  await goOn(page, `${TURKEY}/wrap`);
  await expect(page.getByText(/28\sg each, 4⅜\sin rounds/)).toBeVisible();
  await expect(page.getByLabel('Skin across, in')).toHaveValue('4⅜');
  await page.getByLabel('Skin across, in').fill('4 1/2');
  await expect(page.getByText(/4½\sin rounds/)).toBeVisible();
  await page.getByRole('link', { name: /^Fill;/ }).click();
  await expect(
    page.getByRole('button', { name: /^Turkey thigh mince, 15 oz|^Turkey thigh mince, 14¾ oz/ }),
  ).toBeVisible();

  await goOn(page, '/kitchen');
  await press(page, /^Your data/);
  await press(page, 'Erase everything');
  await expect(page.getByRole('button', { name: /erase everything$/ })).toHaveCount(0);
  const saved = page.waitForEvent('download');
  await press(page, 'Save everything as a file');
  expect(readFileSync(await (await saved).path(), 'utf8')).toContain('demo-turkey-purses');
  await press(page, 'I have the file: erase everything');
  await expect(page.getByText('Everything is erased.')).toBeVisible();
  await page.getByRole('button', { name: 'Bring it back' }).click();
  await expect(page.getByText('Everything is back.')).toBeVisible();
  await goOn(page, '/');
  await expect(page.getByRole('article')).toHaveCount(6);
});

test('installed, it takes a shared text as a paste, and has its shortcuts', async ({ page }) => {
  const manifest = JSON.parse(readFileSync('public/manifest.webmanifest', 'utf8')) as {
    shortcuts: { url: string }[];
    share_target: { action: string; params: Record<string, string> };
  };
  expect(manifest.shortcuts.map(({ url }) => url)).toEqual(['/begin', '/', '/day']);
  const { action, params } = manifest.share_target;
  const shared = new URLSearchParams({
    [params.title]: 'Leek half-moons',
    [params.text]: '400 g leek, sweated\n5 g salt',
  });
  await page.goto(`${action}?${shared.toString()}`);
  await expect(page.getByLabel('Paste a recipe')).toHaveValue('Leek half-moons\n400 g leek, sweated\n5 g salt');
  await expect(page.getByRole('list', { name: 'The five checks' })).toBeVisible();
});
