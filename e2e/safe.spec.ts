/** Only a real, recent reading of every load counts: what must never be called good, in a browser. */
import { type Page } from '@playwright/test';
import { alone, DUCK, expect, forecastIsThere, goOn, recordReading, test, TURKEY } from './fixtures';

const START = new Date('2026-12-05T16:00:00Z');
const heading = (page: Page, name: string | RegExp) => page.getByRole('heading', { name });
const press = (page: Page, name: string | RegExp) => page.getByRole('button', { name }).click();
/** Lets so many minutes pass; what waits for the worker is given its time. */
async function pass(page: Page, minutes: number): Promise<void> {
  await page.clock.fastForward(minutes * 60_000);
  await page.clock.runFor(2000);
  await page.waitForTimeout(100);
}
async function core(page: Page, ...celsius: string[]): Promise<void> {
  for (const c of celsius) await recordReading(page, c);
}
async function cooling(page: Page, c: string): Promise<void> {
  await recordReading(page, c, 'Warmest place now, °C');
  await pass(page, 0);
}

alone('the practice probe passes nothing: not the check, not the card, not the table', async ({ page }) => {
  test.slow();
  await page.clock.install({ time: START });
  await page.goto(`${TURKEY}/cook`);
  await pass(page, 0);
  await forecastIsThere(page);
  await press(page, /start the clock/);
  await pass(page, 28);
  await press(page, 'Use a thermometer');
  await page.getByRole('radio', { name: 'practice probe' }).click();
  await expect(page.getByRole('note').filter({ hasText: 'counts for nothing' })).toBeVisible();
  const take = page.getByRole('button', { name: 'Take this reading' });
  const touchesMetal = page.getByRole('button', { name: 'Pushed in again' });
  await press(page, 'It is in');
  for (let i = 0; i < 40 && !(await take.isEnabled()); i += 1) {
    // As many seconds as it takes to stand still, one sample each.
    await page.clock.runFor(8000);
    await page.waitForTimeout(50);
    if (await touchesMetal.isVisible()) await touchesMetal.click();
  }
  await take.click();
  await pass(page, 0);
  await expect(page.getByText('practice, not a measurement')).toHaveCount(1);
  await expect(heading(page, /measured hot enough/)).toHaveCount(0);
  await expect(page.getByText('Hot enough, measured')).toHaveCount(0);
  await expect(page.getByText(/Keep this for/)).toHaveCount(0);
  await goOn(page, '/batch/demo-turkey-purses/card');
  await expect(page.getByText(/Practice/).first()).toBeVisible();
  await goOn(page, `${TURKEY}/note`);
  const saved = page.waitForEvent('download');
  await press(page, 'Readings to a table');
  const { readFileSync } = await import('node:fs');
  expect(readFileSync(await (await saved).path(), 'utf8')).not.toContain('practice');
});

alone('load 1 taken out at 58 °C, load 2 hot: the check says load 1, and what to do now', async ({ page }) => {
  await page.clock.install({ time: START });
  await page.goto(`${TURKEY}/cook`);
  await pass(page, 0);
  await press(page, 'Load 1 of 2 is in: start the clock');
  await pass(page, 28);
  await core(page, '58', '60', '61');
  await press(page, /^They are out/);
  await pass(page, 2);
  await press(page, 'Load 2 of 2 is in: start the clock');
  await pass(page, 28);
  await core(page, '80', '81', '79');
  await expect(heading(page, 'Core: load 1 not hot enough')).toBeVisible();
  await expect(page.getByText(/Load 1 came out at 58\s°C; 74\s°C needed\. Cook it again now/)).toBeVisible();
});

test('165 °F are 74 °C: a kitchen in Fahrenheit passes at its authority’s own figure, and one degree below it fails', async ({
  page,
}) => {
  await page.goto('/kitchen');
  await page.getByRole('radio', { name: '°F', exact: true }).click();
  await goOn(page, `${TURKEY}/cook`);
  await forecastIsThere(page);
  const read = (f: string) => recordReading(page, f, 'Reading, °F');
  for (const f of ['165', '165', '165']) await read(f);
  await page.getByRole('radio', { name: 'Load 2' }).click();
  for (const f of ['165', '165', '165']) await read(f);
  await expect(heading(page, 'Core: measured hot enough')).toBeVisible();
  await read('164');
  await expect(heading(page, 'Core: load 2 not hot enough')).toBeVisible();
});

alone('“wrap now” wants a reading that still holds, and no limit missed', async ({ page }) => {
  await page.clock.install({ time: START });
  await page.goto(`${DUCK}/cool`);
  await pass(page, 0);
  await press(page, /start the clock/);
  await pass(page, 1);
  await cooling(page, '85');
  await pass(page, 1);
  // From 85 to 20 °C within a minute: a probe that has slipped.
  await cooling(page, '20');
  await expect(page.getByText(/Not counted\. No filling falls so fast/)).toBeVisible();
  await expect(heading(page, 'Wrap now')).toHaveCount(0);
  // Missed: silent beside “throw it away”, whatever is measured then.
  await pass(page, 5 * 60);
  await cooling(page, '24');
  await expect(page.getByText(/Throw away/).first()).toBeVisible();
  await expect(heading(page, 'Wrap now')).toHaveCount(0);
  await expect(heading(page, 'Answer this before you go on')).toBeVisible();
  // Stopped, copied, opened again: still not answered.
  await press(page, 'Stop the clock: it’s in the fridge');
  await page.reload();
  await pass(page, 0);
  await expect(heading(page, 'Cooling: limit missed')).toBeVisible();
});

test('a deep covered pot straight into the fridge is not good, under whatever pack', async ({ page }) => {
  await page.goto('/kitchen');
  const packs = page.getByRole('radiogroup', { name: 'Safety rules' }).getByRole('radio');
  await expect(packs.first()).toBeVisible();
  const names = await packs.allInnerTexts();
  expect(names.length).toBeGreaterThanOrEqual(3);
  for (const [i] of names.entries()) {
    await goOn(page, '/kitchen');
    await packs.nth(i).click();
    await goOn(page, '/batch/demo-pumpkin-half-moons/cool');
    await forecastIsThere(page);
    if (i === 0) {
      await page.getByLabel('Depth, mm').fill('120');
      await page.getByRole('radio', { name: 'covered', exact: true }).click();
      await page.getByRole('radio', { name: 'fridge', exact: true }).click();
      await forecastIsThere(page);
    }
    await expect(heading(page, /^Cooling: /).first()).toBeVisible();
    await expect(page.getByRole('region', { name: /^Cooling: .*Good/ })).toHaveCount(0);
  }
});

test('mince of one’s own is mince: chosen for it, and never good without a reading', async ({ page }) => {
  await page.goto('/larder');
  await press(page, 'Add one of your own');
  await page.getByLabel('What is it called?').fill('Farm mix');
  await page.getByLabel('Fat, g per 100 g').fill('14');
  await page.getByLabel('Protein, g per 100 g').fill('18');
  await page.getByRole('radio', { name: 'like mince' }).click();
  await expect(page.getByRole('radio', { name: 'minced meat' })).toHaveAttribute('aria-checked', 'true');
  await press(page, 'Keep it');
  await goOn(page, '/begin');
  await press(page, /^Dumpling: /);
  await press(page, 'Begin');
  await page.getByLabel('Add what goes in').fill('300 g farm mix');
  await page.getByLabel('Add what goes in').press('Enter');
  await page.getByRole('link', { name: /^Cook;/ }).click();
  await forecastIsThere(page);
  await expect(heading(page, /^Core: /).first()).toBeVisible();
  await expect(page.getByRole('region', { name: /^Core: .*Good/ })).toHaveCount(0);
  await expect(page.getByText(/74\s°C in the middle/).first()).toBeVisible();
});

test('what the larder does not have is asked after: Enter takes nothing that is only spelled nearly so', async ({
  page,
}) => {
  await page.goto(`${TURKEY}/fill`);
  const add = page.getByRole('textbox', { name: 'Add what goes in' });
  await add.fill('200 g limpets');
  await add.press('Enter');
  await expect(page.getByText(/Not sure what “limpets” is\. Tap the one you mean/)).toBeVisible();
  await expect(page.getByRole('button', { name: /^Limpet/ })).toHaveCount(0);
  await expect(add).toHaveValue('200 g limpets');
});

alone('an alarm is shown through the service worker, and one file has all of them', async ({ browser }) => {
  test.slow();
  // Not told to save data: it keeps its service worker. A browser without a screen allows no notification: what is asked
  // of the registration is written down instead.
  const page = await browser.newPage();
  await page.addInitScript(() => {
    const shown: string[] = [];
    Object.assign(window, { shown });
    Object.defineProperty(Notification, 'permission', { get: () => 'granted' });
    ServiceWorkerRegistration.prototype.showNotification = (title, options) => {
      const { url } = options?.data as { url: string };
      shown.push(`${title}: ${options?.body} (${url})`);
      return Promise.resolve();
    };
  });
  await page.goto(`${DUCK}/cool`);
  await expect
    .poll(() => page.evaluate(async () => (await navigator.serviceWorker.getRegistration())?.active?.state), {
      timeout: 40_000,
    })
    .toBe('activated');
  await press(page, /start the clock/);
  await expect(page.getByText('Keep this page open, or put the alarms into your phone’s calendar.')).toBeVisible();
  await expect(page.getByText(/also when this page is closed/)).toHaveCount(0);
  const saved = page.waitForEvent('download');
  await press(page, /^\d alarms? for the calendar$/);
  const { readFileSync } = await import('node:fs');
  const file = readFileSync(await (await saved).path(), 'utf8');
  expect(file).toContain('BEGIN:VALARM');
  expect(file).toContain('Duck and prune pockets: the time is up');
  // Off the heat two hours and more ago: the limit is missed now.
  await page.getByLabel('It came off the heat, min ago').fill('130');
  await page.getByLabel('It came off the heat, min ago').blur();
  const shown = () => page.evaluate(() => (window as unknown as { shown: string[] }).shown);
  await expect
    .poll(shown, { timeout: 20_000 })
    .toEqual([
      expect.stringMatching(
        /^Involucrum: Duck and prune pockets: limit missed, .*Throw away.*\(\/batch\/demo-duck-pockets\/cool\)$/,
      ),
    ]);
  await page.close();
});

alone('a page closed while edits are on their way: none is lost, none is done twice', async ({ page, context }) => {
  test.slow();
  await page.goto(`${TURKEY}/wrap`);
  await expect(page.getByLabel('Filling in each, g')).toHaveValue('28');
  await page.close();
  let grams = 28;
  for (let n = 0; n < 3; n += 1) {
    const tab = await context.newPage();
    await tab.goto(`${TURKEY}/wrap`);
    await expect(tab.getByLabel('Filling in each, g')).toHaveValue(String(grams));
    const taps = 1 + n;
    // By the keyboard: a verdict that arrives moves the button, and a machine's tap would go beside it.
    for (let i = 0; i < taps; i += 1) await tab.getByRole('button', { name: 'Filling in each: more' }).press('Enter');
    grams += taps;
    await tab.waitForTimeout(20 * n);
    await tab.close();
  }
  const last = await context.newPage();
  await last.goto(`${TURKEY}/wrap`);
  await expect(last.getByLabel('Filling in each, g')).toHaveValue(String(grams));
});
