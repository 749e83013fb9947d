/** What breaks: a missing part of the program, a worker that dies, a server that is killed. Never a blank page, never for ever. */
import { type Page, test as bare } from '@playwright/test';
import { DUCK, expect, forecastIsThere, TURKEY, unfoldAll, withServer } from './fixtures';
import { NOTHING_KNOWN } from './worked-out';

/** What fails here is meant to: the console may say so. */
const test = bare;
test.use({ storageState: NOTHING_KNOWN });

test('a part that is missing at the start: said, with a way to try again', async ({ page }) => {
  await page.route(/\/_layout-[0-9a-f]+\.js/, (route) => route.fulfill({ status: 404, body: 'gone' }));
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'Involucrum could not be loaded' })).toBeVisible();
  await page.unrouteAll();
  await tryAgainUntil(page, () => expect(page.getByRole('article')).toHaveCount(6, { timeout: 3000 }));
});

test('a part that neither comes nor fails: said after a while, and gone when it has come after all', async ({
  page,
}) => {
  await page.clock.install();
  let comes = (): void => undefined;
  const held = new Promise<void>((resolve) => (comes = resolve));
  await page.route(/\/index-[0-9a-f]+\.js/, async (route) => {
    await held;
    await route.continue();
  });
  await page.goto('/', { waitUntil: 'commit' });
  // The clock runs on by itself, too: a slow machine has some seconds to spare.
  await page.clock.runFor(12_000);
  const said = page.getByRole('heading', { name: 'Involucrum could not be loaded' });
  await expect(said).toHaveCount(0);
  await page.clock.runFor(9000);
  await expect(said).toBeVisible();
  comes();
  await expect(page.getByRole('article')).toHaveCount(6);
  await expect(said).toHaveCount(0);
});

test('what begins the program comes after it was said that nothing comes: it begins all the same', async ({ page }) => {
  await page.clock.install();
  let comes = (): void => undefined;
  const held = new Promise<void>((resolve) => (comes = resolve));
  await page.route('**/shell.js', async (route) => {
    await held;
    await route.continue();
  });
  await page.goto('/', { waitUntil: 'commit' });
  await page.locator('#shell').waitFor();
  await page.clock.runFor(21_000);
  const said = page.getByRole('heading', { name: 'Involucrum could not be loaded' });
  await expect(said).toBeVisible();
  comes();
  await expect(page.getByRole('article')).toHaveCount(6);
  await expect(said).toHaveCount(0);
});

/** It may have tried again by itself in the meantime: then there is nothing left to tap. */
async function tryAgainUntil(page: Page, isThere: () => Promise<void>): Promise<void> {
  const again = page.getByRole('button', { name: 'Try again' });
  try {
    await expect(async () => {
      if (await again.isVisible()) await again.click({ timeout: 1000 });
      await isThere();
    }).toPass({ timeout: 100_000 });
  } catch (cause) {
    throw new Error(`The page says: ${await page.locator('body').innerText()}`, { cause });
  }
}

test('a station that is missing: the page says so, and comes when it is there again', async ({ page }) => {
  await page.route(/\/(\[station\]|%5Bstation%5D)-[0-9a-f]+\.js/, (route) => route.abort());
  await page.goto(`${TURKEY}/fill`);
  await expect(page.getByText(/couldn’t be shown|could not be loaded/)).toBeVisible();
  await page.unrouteAll();
  const title = page.getByRole('heading', { name: 'Turkey and celeriac purses' });
  await tryAgainUntil(page, () => expect(title).toBeVisible({ timeout: 3000 }));
});

test('the validator missing: what is stored is not called lost', async ({ page }) => {
  // What this program has stored is known to be good: the validator is needed where somebody else has written.
  await page.goto('/');
  await expect(page.getByRole('article')).toHaveCount(6);
  await page.evaluate(() => {
    const key = 'involucrum/batch/demo-turkey-purses';
    localStorage.setItem(key, `${localStorage.getItem(key)} `);
  });
  await page.route(/\/validator-(entry|here)-[0-9a-f]+\.js/, (route) => route.abort());
  await page.reload();
  await expect(page.getByText(/Your data couldn’t be read just now/)).toBeVisible();
  await page.unrouteAll();
  await tryAgainUntil(page, () => expect(page.getByRole('article')).toHaveCount(6, { timeout: 3000 }));
});

/**
 * Workers whose script cannot be had, or that die a moment after. In the page: a route of the test's does not always see what a
 * worker asks for first. It is the entry that the page itself does not load.
 */
const breakWorkers = (page: Page, how: 'missing' | 'die at first'): Promise<unknown> =>
  page.addInitScript((kind) => {
    const Intact = window.Worker;
    const asked = { times: 0, isBroken: true };
    Object.assign(window, { asked });
    window.Worker = class extends Intact {
      constructor(url: string | URL, options?: WorkerOptions) {
        const isMeant = /\/entry-[0-9a-f]+\.js/.test(String(url));
        super(isMeant && asked.isBroken && kind === 'missing' ? '/no-such-worker.js' : url, options);
        if (!isMeant) return;
        asked.times += 1;
        if (kind === 'die at first' && asked.times === 1)
          setTimeout(() => {
            this.terminate();
            this.dispatchEvent(new ErrorEvent('error', { message: 'died' }));
          }, 50);
      }
    };
  }, how);
const asked = (page: Page): Promise<number> =>
  page.evaluate(() => (window as unknown as { asked: { times: number } }).asked.times);

test('a worker that cannot be loaded is said, with a way to try again', async ({ page }) => {
  await breakWorkers(page, 'missing');
  await page.goto(`${DUCK}/cool`);
  await expect(page.getByRole('heading', { name: 'Cooling: not known' })).toBeVisible();
  await expect(page.getByText(/The heat forecast failed/)).toBeVisible();
  await page.evaluate(() => Object.assign((window as unknown as { asked: object }).asked, { isBroken: false }));
  const slow = page.getByRole('heading', { name: 'Cooling: too slow' });
  await tryAgainUntil(page, () => expect(slow).toBeVisible({ timeout: 5000 }));
});

test('a worker that dies once is started again, unseen', async ({ page }) => {
  await breakWorkers(page, 'die at first');
  await page.goto(`${DUCK}/cool`);
  await expect(page.getByRole('heading', { name: 'Cooling: too slow' })).toBeVisible();
  expect(await asked(page)).toBeGreaterThan(1);
});

test('what was worked out is there when the page is opened again, whatever has become of the worker', async ({
  page,
}) => {
  const heading = page.getByRole('heading', { name: 'Cooling: too slow' });
  await page.addInitScript(unfoldAll);
  const ways = page.getByRole('button', { name: /; loses \d+\sg as steam$/ });
  await page.goto(`${DUCK}/cool`);
  await forecastIsThere(page);
  await expect.poll(() => ways.count()).toBeGreaterThanOrEqual(6);
  const offered = await ways.allTextContents();
  await breakWorkers(page, 'missing');
  await page.reload();
  await expect(heading).toBeVisible();
  await expect.poll(() => ways.allTextContents()).toEqual(offered);
  expect(await asked(page)).toBe(0);
  // Another plan is worked out, and that fails: the old figures do not stand for it.
  await page.getByLabel('Depth, mm').fill('70');
  await expect(page.getByText(/The heat forecast failed/)).toBeVisible();
  await expect(heading).toBeHidden();
});

test('all parts are there before they are needed: the server stops, and every station still opens', async ({
  browser,
}) => {
  await withServer(async (server) => {
    const page = await browser.newPage();
    await page.goto(server.address);
    await expect(page.getByRole('article')).toHaveCount(6);
    // The browser has kept all of it.
    const kept = () =>
      page.evaluate(async () => (await navigator.serviceWorker.getRegistration())?.active?.state ?? 'not yet');
    await expect.poll(kept, { timeout: 30_000 }).toBe('activated');
    await server.stop();
    await page.getByRole('link', { name: 'Turkey and celeriac purses', exact: true }).click();
    await forecastIsThere(page);
    for (const name of [/^Cool;/, /^Wrap;/, /^Cook;/, /^Note/, /^Fill;/]) {
      await page.getByRole('link', { name }).click();
      await expect(page.getByRole('heading', { name: 'Turkey and celeriac purses' })).toBeVisible();
    }
    await page.getByRole('button', { name: 'Back to the Bench' }).click();
    await page.getByRole('link', { name: 'Larder' }).click();
    await expect(page.getByRole('heading', { name: 'Larder' })).toBeVisible();
    await page.close();
  });
});

test('a real probe goes on when the server is killed and started again; three tabs share one connection', async ({
  page,
  context,
}) => {
  // A browser opens six connections to one server: with one a tab the seventh tab would wait for ever.
  let connections = 0;
  context.on('request', (request) => {
    if (request.url().endsWith('/api/probes/stream')) connections += 1;
  });
  await withServer(async (server) => {
    const at = server.address;
    const post = (c: number) =>
      fetch(`${at}/api/probes/pot/readings`, {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify({ c, at: new Date().toISOString() }),
      });
    const listen = async (tab: Page) => {
      await tab.goto(`${at}${DUCK}/cool`);
      const start = tab.getByRole('button', { name: /start the clock/ });
      await expect(start.or(tab.getByRole('button', { name: 'Stop the clock: it’s in the fridge' }))).toBeVisible();
      if (await start.isVisible()) await start.click();
      await tab.getByRole('button', { name: 'Use a thermometer' }).click();
      await tab.getByRole('radiogroup', { name: 'Thermometer' }).getByRole('radio', { name: 'pot' }).click();
    };
    const shows = (tab: Page, text: string) =>
      expect(tab.getByRole('status', { name: 'Thermometer' })).toContainText(text, { timeout: 15_000 });
    await post(86);
    await listen(page);
    await shows(page, '86 °C');
    const tabs = [page];
    for (let i = 0; i < 2; i++) {
      const tab = await context.newPage();
      await listen(tab);
      tabs.push(tab);
    }
    await post(85);
    for (const tab of tabs) await shows(tab, '85 °C');
    expect(connections).toBe(1);

    await server.stop();
    await shows(page, 'The server isn’t answering');
    await expect(page.getByRole('button', { name: 'Take this reading' })).toBeDisabled();
    await server.start();
    await post(84);
    for (const tab of [page, tabs[2]]) await shows(tab, '84 °C');

    // The tab that held the connection is closed: another one takes over.
    await page.close();
    await post(83);
    await shows(tabs[2], '83 °C');
    await expect(tabs[2].getByRole('button', { name: 'Take this reading' })).toBeEnabled();
  });
});

test('a long paste is read beside the typing, with progress, and nothing holds the page up', async ({ page }) => {
  await page.goto(`${TURKEY}/fill`);
  await forecastIsThere(page);
  await page.getByRole('button', { name: 'Paste a list or a recipe' }).click();
  const field = page.getByLabel('One ingredient a line, as the recipe has it; its method may follow');
  // What our own scripts take; putting three hundred lines into a field is the browser's own work.
  await page.evaluate(() => {
    const scripts: number[] = [];
    Object.assign(window, { scripts });
    new PerformanceObserver((list) => {
      for (const frame of list.getEntries() as (PerformanceEntry & { scripts: { duration: number }[] })[])
        scripts.push(...frame.scripts.map((script) => script.duration));
    }).observe({ type: 'long-animation-frame' });
  });
  const began = Date.now();
  const paragraph = 'stir the onions gently until they are soft and gold at the edges, then the thyme '.repeat(40);
  await field.fill(paragraph);
  await expect(page.getByText('1 step of the method, kept in the notes.')).toBeVisible();
  const words = ['kronkle', 'leek', 'spelt groats', 'moon dust', 'celeriac', 'a wisp of'];
  await field.fill(Array.from({ length: 300 }, (_, i) => `${i + 1} g ${words[i % words.length]} ${i}`).join('\n'));
  await expect(page.getByText(/^Reading: \d+ of 300 lines$/)).toBeVisible();
  await expect(page.getByText('and 285 more, read as well')).toBeVisible({ timeout: 20_000 });
  // Read here, the paragraph alone held the page up for most of the time. A share, for slow machines as well.
  const scripts = await page.evaluate(() => (window as unknown as { scripts: number[] }).scripts);
  expect(Math.max(0, ...scripts) / (Date.now() - began)).toBeLessThan(0.2);
});
