/** Cool, from "the pan is off the heat" to "wrap now". The clock of the browser is simulated. */
import { type Locator, type Page } from '@playwright/test';
import {
  alone,
  DUCK,
  expect,
  expectAccessible,
  forecastIsThere,
  goOn,
  ownCopy,
  recordReading,
  test,
  testWithServer,
} from './fixtures';

const START = new Date('2026-12-05T15:00:00');
/** Moves the clock on, and lets what hangs on it happen. */
const pass = async (page: Page, minutes: number) => {
  await page.clock.fastForward(minutes * 60_000);
  await page.clock.runFor(2000);
};
/**
 * The page's clock stands still between steps, the worker's does not: what hangs on both (a forecast comes, then a
 * timer shows it) is given as many steps as it takes.
 */
const comes = (page: Page, what: Locator) =>
  expect(async () => {
    await page.clock.runFor(500);
    await expect(what).toBeVisible({ timeout: 200 });
  }).toPass({ timeout: 25_000 });
/** Spread on a tray, off the heat, its clock runs. */
async function spreadAndStart(page: Page): Promise<void> {
  await page.clock.install({ time: START });
  await page.goto(`${DUCK}/cool`);
  await page.clock.runFor(3000);
  await page.getByRole('button', { name: /^Spread to 20\smm on a tray/ }).click();
  await page.clock.runFor(2000);
  await page.getByRole('button', { name: /start the clock/ }).click();
}
const timer = (page: Page) => page.getByRole('timer', { name: 'Cooling clock' });
const typed = (page: Page, celsius: string) => recordReading(page, celsius, 'Warmest place now, °C');

test('too slow as the demo opens, mended by one tap, undone by another', async ({ page }) => {
  await page.goto(`${DUCK}/cool`);
  await expect(page.getByRole('heading', { name: 'Cooling: too slow' })).toBeVisible();
  await forecastIsThere(page);
  await expect(page.getByRole('heading', { name: 'What else you could do' })).toBeVisible();
  const ways = page.getByRole('button', { name: /; loses \d+\sg as steam$/ });
  await expect.poll(() => ways.count()).toBeGreaterThanOrEqual(6);
  await page.getByRole('button', { name: /^Spread to 20\smm, over ice: \d+\smin\. .*kg of ice; you have 1/ }).click();
  await expect(page.getByRole('heading', { name: 'Cooling: in good time' })).toBeVisible();
  await expect(page.getByLabel('Depth, mm')).toHaveValue('20');
  await expect(page.getByRole('radio', { name: 'ice and water' })).toHaveAttribute('aria-checked', 'true');
  await page.getByRole('main').getByRole('button', { name: 'Undo', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'Cooling: too slow' })).toBeVisible();
  await expect(page.getByLabel('Depth, mm')).toHaveValue('85');
});

alone(
  'off the heat to wrap now: the clock, a reload, readings that change it, ledger and curve agreeing',
  async ({ page }) => {
    await spreadAndStart(page);
    await comes(page, timer(page).getByText('to wrap-ready'));
    await expect(timer(page)).toContainText('to the limit at 17:00');
    const minutes = async () => {
      const text = (await timer(page).textContent()) ?? '';
      const [, h, m, only] = /^(?:(\d+)\sh\s?(\d+)?|(\d+)\smin)/.exec(text) ?? [];
      return only === undefined ? Number(h) * 60 + Number(m ?? 0) : Number(only);
    };
    // The forecast of the pot it was in stays until the tray's has come.
    await expect(async () => {
      await page.clock.runFor(200);
      expect(await minutes()).toBeLessThan(120);
    }).toPass({ timeout: 25_000 });
    const atFirst = await minutes();
    await pass(page, 15);
    expect(Math.abs(atFirst - (await minutes()) - 15)).toBeLessThanOrEqual(1);

    // Absolute times: a reload, or an hour asleep, changes nothing.
    await page.reload();
    await page.clock.runFor(3000);
    // Its forecast comes after the page.
    await comes(page, timer(page).getByText('to wrap-ready'));
    await forecastIsThere(page);
    expect(Math.abs(atFirst - (await minutes()) - 15)).toBeLessThanOrEqual(1);

    // It really cools more quickly.
    await typed(page, '58,4');
    await pass(page, 10);
    await typed(page, '44');
    await page.clock.runFor(2000);
    await expect(page.getByText(/By 2 readings it cools \d\.\d+ times as fast as usual/)).toBeVisible();
    expect(await minutes()).toBeLessThan(atFirst - 30);
    await page.getByLabel('Warmest place now, °C').fill('warm');
    await page.getByRole('button', { name: 'Record' }).click();
    await expect(page.getByText(/“warm” can’t be the temperature of a filling/)).toBeVisible();

    // Check, clock and curve say the same.
    const sentence = (await page.getByText(/until wrap-ready at 25\s°C/).textContent()) ?? '';
    const said = /^(?:(\d+)\sh\s?(\d+)?|(\d+)\smin)/.exec(sentence) ?? [];
    const total = said[3] === undefined ? Number(said[1]) * 60 + Number(said[2] ?? 0) : Number(said[3]);
    expect(Math.abs(total - 25 - (await minutes()))).toBeLessThanOrEqual(2);
    const curve = page.getByRole('img', { name: /^Cooling from .*wrap-ready after/ });
    await expect(curve).toHaveAttribute(
      'aria-label',
      new RegExp(`wrap-ready after ${(said[0] ?? '').replace(/\s/g, '\\s')}`),
    );
    await expectAccessible(page);

    // The steam is on the ledger.
    await page.getByRole('link', { name: /^Fill;/ }).click();
    await page.clock.runFor(2000);
    await expect(page.getByText('steamed off').first()).toBeVisible();
    await page.getByRole('link', { name: /^Cool;/ }).click();

    await pass(page, 70);
    await comes(page, timer(page).getByText('Wrap-ready by the forecast'));
    await expect(page.getByRole('status').getByText(/wrap-ready by the forecast\. Measure it\./)).toBeVisible();
    await typed(page, '19');
    await page.clock.runFor(2000);
    await expect(page.getByRole('heading', { name: 'Wrap now' })).toBeVisible();
  },
);

alone('taken while the clock runs, an alternative begins now', async ({ page }) => {
  await page.clock.install({ time: START });
  await page.goto(`${DUCK}/cool`);
  await page.clock.runFor(3000);
  await page.getByRole('button', { name: /start the clock/ }).click();
  await page.clock.runFor(1500);
  await pass(page, 45);
  await page.clock.runFor(20_000);
  await comes(page, page.getByText('Minutes from now'));
  const ice = page.getByRole('button', { name: /^Spread to 20\smm, over ice: \d+\smin/ });
  const promised = Number(/ice: (\d+)\smin/.exec((await ice.last().getAttribute('aria-label')) ?? '')?.[1]);
  expect(promised).toBeLessThan(30);
  await ice.last().click();
  await comes(page, page.getByRole('heading', { name: /^Cooling: (in good|just in) time/ }));
  await expect(timer(page)).toContainText(new RegExp(`^(${promised - 1}|${promised}|${promised + 1})\\smin`));
});

alone(
  'the alarm comes on another page, as a notification where that is allowed, and in the title',
  async ({ page }) => {
    await page.clock.install({ time: START });
    await page.addInitScript(() => {
      const shown: string[] = [];
      Object.assign(window, {
        shown,
        Notification: class {
          static permission = 'granted';
          constructor(_title: string, { body }: { body: string }) {
            shown.push(body);
          }
        },
      });
    });
    await page.goto(`${DUCK}/cool`);
    const ice = page.getByRole('button', { name: /^Spread to 20\smm, over ice/ }).last();
    await comes(page, ice);
    await ice.click();
    await comes(page, page.getByRole('heading', { name: /^Cooling: (in good|just in) time/ }));
    await page.getByRole('button', { name: /start the clock/ }).click();
    await comes(page, timer(page).getByText('to wrap-ready'));
    await page.getByRole('link', { name: /^Wrap;/ }).click();
    await page.clock.runFor(2000);
    await pass(page, 40);
    const alarm = /Duck and prune pockets: wrap-ready by the forecast\. Measure it\./;
    await comes(page, page.getByText(alarm));
    await expect(page).toHaveTitle(alarm);
    expect(await page.evaluate(() => (window as unknown as { shown: string[] }).shown)).toEqual([
      expect.stringMatching(alarm),
    ]);
  },
);

alone('a missed deadline is said as the authority says it', async ({ page }) => {
  await page.clock.install({ time: START });
  await page.goto(`${DUCK}/cool`);
  await page.clock.runFor(3000);
  await page.getByRole('button', { name: /start the clock/ }).click();
  await page.clock.runFor(1500);
  await pass(page, 125);
  const alert = page.getByRole('alert').filter({ has: page.getByRole('heading', { name: /^Limit missed/ }) });
  await expect(alert).toContainText('Throw away');
  await expect(alert).toContainText('US federal');
  // It is not put away by stopping the clock: only by saying what was done.
  await page.getByRole('button', { name: 'Stop the clock: it’s in the fridge' }).click();
  await page.clock.runFor(2000);
  await expect(alert).toContainText('Throw away');
  await expect(page.getByRole('heading', { name: 'Cooling: limit missed' })).toBeVisible();
  await page.getByRole('button', { name: 'Thrown away' }).click();
  await page.clock.runFor(2000);
  await expect(alert).toHaveCount(0);
});

alone('what readings taught is kept for the vessel and place, and used the next time', async ({ page }) => {
  await page.clock.install({ time: START });
  await page.goto(`${await ownCopy(page, DUCK)}/cool`);
  await page.clock.runFor(3000);
  await page.getByRole('button', { name: /^Spread to 20\smm on a tray/ }).click();
  await page.getByRole('button', { name: /start the clock/ }).click();
  await pass(page, 20);
  await typed(page, '52');
  await page.clock.runFor(2000);
  await page.getByRole('button', { name: 'Keep this for this vessel and place' }).click();
  await page.getByRole('button', { name: /^Remove the reading/ }).click();
  await comes(page, page.getByText(/Your kitchen has learned that it cools 1\.\d+ times as fast/));
  await goOn(page, '/kitchen');
  const learned = page.getByRole('group', { name: 'How it cools: baking tray, counter, rack' });
  await comes(page, learned.getByText(/Our estimate 1\s×; from 1 reading\./));
  await learned.getByRole('button', { name: /^Reset/ }).click();
  await expect(learned).toHaveCount(0);
});

alone('the thermometer: from the server’s bridge, and on in this browser when the server is gone', async ({ page }) => {
  await page.goto(`${DUCK}/cool`);
  await forecastIsThere(page);
  await page.getByRole('button', { name: /start the clock/ }).click();
  const practise = async () => {
    await page.getByRole('button', { name: 'Use a thermometer' }).click();
    await page.getByRole('radio', { name: 'practice probe' }).click();
  };
  // In a real batch nobody is handed the practice probe unasked.
  await page.getByRole('button', { name: 'Use a thermometer' }).click();
  await expect(page.getByText('No thermometer is connected.')).toBeVisible();
  const thermometer = page.getByRole('status', { name: 'Thermometer' });
  await expect(thermometer).toHaveCount(0);
  await page.getByRole('button', { name: 'Put it away' }).click();
  await practise();
  await expect(thermometer).toContainText('the server’s bridge');
  await expect(page.getByRole('note').filter({ hasText: 'counts for nothing' })).toBeVisible();
  await page.getByRole('button', { name: 'Put the thermometer away' }).click();
  // The server stops in the middle: its stream ends, and the same thermometer goes on in the worker.
  await page.route('**/api/probes/stream', (route) =>
    route.fulfill({ status: 200, contentType: 'text/event-stream', body: ': listening\n\n' }),
  );
  await practise();
  await expect(thermometer).toContainText(/in this browser/i);
  await page.getByRole('button', { name: 'Put the thermometer away' }).click();
  // Static hosting answers everything with the page.
  await page.route('**/api/**', (route) =>
    route.fulfill({ status: 200, contentType: 'text/html', body: '<html></html>' }),
  );
  await practise();
  await expect(thermometer).toContainText(/in this browser/i);
  await expect(thermometer.getByText(/°C/).first()).toBeVisible({ timeout: 20_000 });
  await expect(page.getByRole('button', { name: 'Take this reading' })).toBeEnabled({ timeout: 20_000 });
  await page.getByRole('button', { name: 'Take this reading' }).click();
  // What it says is kept as practice, and tells nothing of the filling.
  await expect(page.getByText('practice, not a measurement')).toBeVisible();
  await forecastIsThere(page);
  await expect(page.getByText(/By 1 reading it cools/)).toHaveCount(0);
});

testWithServer(
  'a real probe by its name: a lost signal, an impossible value and a forged fall cannot be taken for a reading',
  async ({ page, request }) => {
    // A probe of this test's own, posting to the bridge as a gateway would.
    const probe = `pot-${Date.now()}`;
    const post = (c: number | null) =>
      request.post(`/api/probes/${probe}/readings`, { data: { c, at: new Date().toISOString() } });
    await page.goto(`${DUCK}/cool`);
    await forecastIsThere(page);
    await page.getByRole('button', { name: /start the clock/ }).click();
    await page.getByRole('button', { name: 'Use a thermometer' }).click();
    await page.getByRole('radio', { name: 'another name' }).click();
    await page.getByLabel('Name that the probe posts under').fill('pot one');
    await expect(page.getByText('Letters, digits and hyphens, as in pot-1.')).toBeVisible();
    await page.getByLabel('Name that the probe posts under').fill(probe);
    await page.getByRole('button', { name: 'Listen' }).click();
    const thermometer = page.getByRole('status', { name: 'Thermometer' });
    const take = page.getByRole('button', { name: 'Take this reading' });
    await expect(thermometer).toContainText(`Waiting for “${probe}”`);
    await post(88);
    await expect(thermometer).toContainText('88 °C');
    await expect(take).toBeEnabled();
    await expect(page.getByRole('radio', { name: probe })).toHaveAttribute('aria-checked', 'true');
    for (const [c, why] of [
      [null, 'No signal from the thermometer.'],
      [21, 'the probe has slipped out'],
      [450, 'can’t be the filling’s temperature'],
    ] as const) {
      await post(c);
      await expect(thermometer).toContainText(why);
      await expect(thermometer).toContainText('Not taken as a reading.');
      await expect(take).toBeDisabled();
      await expect(page.getByRole('heading', { name: 'Wrap now' })).toHaveCount(0);
    }
    await post(87.5);
    await expect(thermometer).toContainText('88 °C');
    await expect(take).toBeEnabled();
    for (let c = 86; c >= 14; c -= 2) await post(c);
    await expect(thermometer).toContainText(/It fell all at once/);
    await expect(take).toBeDisabled();
    await post(87);
    await take.click();
    await expect(page.getByText(/By 1 reading it cools/)).toBeVisible();
  },
);

alone(
  'yesterday’s reading does not make today’s filling cold, and a clock set back gives no time back',
  async ({ page }) => {
    await spreadAndStart(page);
    await pass(page, 100);
    await typed(page, '22');
    await comes(page, page.getByRole('heading', { name: 'Wrap now' }));
    await page.getByRole('button', { name: 'Stop the clock: it’s in the fridge' }).click();
    await page.clock.runFor(2000);
    await expect(page.getByText(/One earlier cooling on .*: measured down to 22\s°C/)).toBeVisible();
    await pass(page, 24 * 60);
    await page.getByRole('button', { name: /start the clock/ }).click();
    await page.clock.runFor(1500);
    await expect(page.getByRole('heading', { name: 'Wrap now' })).toHaveCount(0);
    await pass(page, 125);
    const missed = page.getByRole('alert').filter({ has: page.getByRole('heading', { name: /^Limit missed/ }) });
    await expect(missed).toContainText('Throw away');
    // Two hours back: on this page, and after a reload.
    await page.clock.setSystemTime(new Date(START.getTime() + (25 * 60 + 5) * 60_000));
    await page.clock.runFor(2500);
    await expect(page.getByText(/This device’s clock was set back by 2\sh/)).toBeVisible();
    await expect(missed).toBeVisible();
    await page.reload();
    await page.clock.runFor(4000);
    await expect(page.getByText(/This device’s clock was set back by 2\sh/)).toBeVisible();
    await expect(missed).toBeVisible();
    // The Bench gives no time back either.
    await page.goto('/');
    await page.clock.runFor(4000);
    await expect(page.getByRole('link', { name: 'Duck and prune pockets. Cooling: limit missed' })).toBeVisible();
    await page.goto(`${DUCK}/cool`);
    await page.clock.runFor(4000);
    // Said anew, it is right again.
    await page.getByLabel('It came off the heat, min ago').fill('3');
    await page.clock.runFor(3000);
    await expect(page.getByText(/clock was set back/)).toHaveCount(0);
    await expect(missed).toHaveCount(0);
  },
);

test('legs, stirring and a vessel of one’s own; the surface is dragged', async ({ page }) => {
  await page.goto(`${DUCK}/cool`);
  await forecastIsThere(page);
  await page.getByRole('radio', { name: 'my shallow dish' }).click();
  await expect(page.getByText(/on 600\scm²/)).toBeVisible();
  await expect(page.getByLabel('Its floor (optional), cm²')).toHaveValue('600');
  await page.getByLabel('Its floor (optional), cm²').fill('3');
  await expect(page.getByText('At least 20 cm².')).toBeVisible();
  await page.getByRole('radiogroup', { name: 'Place' }).getByRole('radio', { name: 'fridge' }).click();
  await expect(page.getByText(/So much hot food warms your fridge by about \d+\s°C/)).toBeVisible();
  await page.getByRole('button', { name: 'First somewhere else' }).click();
  await expect(page.getByText(/^After 20\smin: fridge/)).toBeVisible();
  await page.getByRole('radio', { name: 'now and then' }).click();
  await page.getByLabel('Stirred every, min').fill('5');
  const depth = Number(await page.getByLabel('Depth, mm').inputValue());
  const box = await page.locator('#vessel').boundingBox();
  if (!box) throw new Error('no vessel');
  await page.locator('#vessel').scrollIntoViewIfNeeded();
  const at = (await page.locator('#vessel').boundingBox()) ?? box;
  await page.mouse.move(at.x + at.width / 2, at.y + at.height / 2);
  await page.mouse.down();
  await page.mouse.move(at.x + at.width / 2, at.y + at.height / 2 - 30, { steps: 6 });
  await page.mouse.up();
  await expect.poll(async () => Number(await page.getByLabel('Depth, mm').inputValue())).toBeGreaterThan(depth + 5);
});
