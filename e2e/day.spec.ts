/**
 * Day as a new user has it: three batches on one evening, the collision seen and mended, the day run on a phone with a late step, a
 * reload and the server stopped, supper still planned for its time.
 */
import { type Page } from '@playwright/test';
import { expect, expectAccessible, testWithServer as test } from './fixtures';

test.use({ timezoneId: 'Europe/Berlin' });
test.describe.configure({ timeout: 240_000 });

/** Steps that are done here; the core's tests go on to the table. */
const STEPS = 8;

/** The planner has said its last word. */
const isPlanned = async (page: Page): Promise<void> => {
  await expect(page.getByRole('group', { name: /^The day from/ })).toBeVisible({ timeout: 30_000 });
  await expect(page.getByText(/^(Looking for a better plan|Trying what would mend it)/)).toHaveCount(0, {
    timeout: 30_000,
  });
};
const nowCard = (page: Page) => page.getByRole('region', { name: 'Now' });
const clockOf = (page: Page): Promise<Date> => page.evaluate(() => new Date().toISOString()).then((at) => new Date(at));

test('three batches on one evening: collision, mended, run late, reloaded, without a server, supper still at seven', async ({
  page,
  server,
}) => {
  // Here the program is to be kept by the browser: data is not saved.
  await page.addInitScript(() =>
    Object.defineProperty(navigator, 'connection', { value: { saveData: false }, configurable: true }),
  );
  // A notice makes way for the next one, which may come in the same second: whatever was said is kept here.
  await page.addInitScript(() => {
    const said = new Set<string>();
    Object.assign(window, { said });
    new MutationObserver(() =>
      document.querySelectorAll('[role=status], [role=alert]').forEach((e) => said.add(e.textContent ?? '')),
    ).observe(document, { childList: true, subtree: true, characterData: true });
  });
  page.setDefaultTimeout(15_000);
  await page.clock.install({ time: new Date('2026-12-05T08:00:00+01:00') });
  await page.goto('/day');
  await isPlanned(page);
  await page.getByRole('button', { name: 'Plan another day' }).click();
  await page.getByLabel('What is it?').fill('Hut supper');
  await expect(page.getByLabel('People eat at', { exact: true })).toHaveValue('19:00');
  for (const title of ['Turkey and celeriac purses', 'Duck and prune pockets', 'Smoked haddock and leek pan pie'])
    await page.getByRole('checkbox', { name: title }).click();
  await page.getByRole('radio', { name: 'carried over warm' }).click();
  await page.getByRole('button', { name: 'Plan the day' }).click();
  await isPlanned(page);

  // It collides, and says at what and by how much; one tap mends it.
  const collision = page.getByRole('region', { name: 'What collides' });
  await expect(collision).toContainText(/loads meet at the oven/);
  await collision.getByRole('button', { name: 'A second tray in the oven' }).click();
  await expect(collision).toHaveCount(0, { timeout: 20_000 });
  await isPlanned(page);
  await expectAccessible(page);

  // On to its beginning.
  const begin = /begin at (\d\d):(\d\d)/.exec(
    (await page.getByText(/Hut supper at 19:00; begin at/).textContent()) ?? '',
  );
  expect(begin).not.toBeNull();
  const at = new Date(`2026-12-05T${begin?.[1]}:${begin?.[2]}:00+01:00`);
  await page.clock.fastForward(at.getTime() - (await clockOf(page)).getTime());
  await page.getByRole('button', { name: 'Begin the day' }).click();
  await expect(page.getByRole('button', { name: 'Done', exact: true })).toBeVisible();
  await isPlanned(page);

  // The first step is late: its time is over, and it says so; five more minutes.
  const first = await nowCard(page).getByRole('heading').first().textContent();
  const left = nowCard(page).getByRole('timer');
  const minutes = Number(/^(\d+):/.exec((await left.textContent()) ?? '')?.[1]);
  expect(minutes).toBeGreaterThan(5);
  await page.clock.fastForward((minutes + 1) * 60_000);
  await expect
    .poll(() => page.evaluate(() => [...(window as unknown as { said: Set<string> }).said].join('\n')), {
      timeout: 25_000,
    })
    .toContain(`${first}: is it done?`);
  // In the title, too, as whatever was said last.
  await expect(page).toHaveTitle(/^! /);
  await expect(left).toHaveText(/^\+/);
  await nowCard(page).getByRole('button', { name: 'Not yet, +5' }).click();
  await expect(left).toHaveText(/^[34]:/);

  // The browser has kept the program by now; the server goes, and the page is opened anew.
  await page.waitForFunction(
    async () => (await navigator.serviceWorker.getRegistration())?.active?.state === 'activated',
    null,
    {
      timeout: 60_000,
    },
  );
  await server.stop();
  await page.reload();
  await isPlanned(page);
  await expect(nowCard(page).getByRole('heading').first()).toHaveText(first ?? '');
  await expect(left).toHaveText(/^[34]:/);
  await page.clock.fastForward(4 * 60_000);

  // On by the simulated clock through the first hours: each step is begun when it is its turn, and done when its time is over.
  for (let step = 0; step < STEPS; step++) await onward(page);
  await expect(collision).toHaveCount(0);
  await expect(page.getByText(/at 19:00/).first()).toBeVisible();
  // What was taken is with the batches.
  const taken = await page.evaluate(() =>
    ['demo-turkey-purses', 'demo-duck-pockets', 'demo-haddock-pan-pie'].flatMap((id) => {
      const stored = JSON.parse(localStorage.getItem(`involucrum/batch/${id}`) ?? '{}') as {
        taken: { what: string }[];
      };
      return stored.taken.map(({ what }) => what);
    }),
  );
  expect(taken).toEqual(expect.arrayContaining(['cut', 'fry']));
});

/** What the page shows of its day, read at once. */
const seen = (page: Page) =>
  page.evaluate(() => {
    const all = (selector: string) => [...document.querySelectorAll<HTMLElement>(selector)];
    const label = (e: Element) => e.getAttribute('aria-label') ?? e.textContent ?? '';
    return {
      now: Date.now(),
      // Everything but the clocks: it changes when the plan has followed.
      what: all('[role=region][aria-label=Now], [role=region][aria-label=Now] ~ *')
        .map((e) => (e.textContent ?? '').replace(/\+?[\d:]+/g, ''))
        .join(),
      timers: all('[role=timer]').map((e) => e.textContent ?? ''),
      // What is to be lit while the hands are at something else.
      lit: all('[data-testid=next]')
        .filter((e) => /Heat|Bring/.test(e.parentElement?.textContent ?? ''))
        .map((e) => e.textContent ?? ''),
      buttons: all('[role=button], button').map(label),
      // Its main tap stands at the foot of the screen.
      inNow: all(':is([role=region][aria-label=Now], #foot) :is([role=button], button)').map(label),
    };
  });

/** Taps what is so called at once: between two looks a second may pass, and what is seen change. */
const tap = (page: Page, name: string): Promise<boolean> =>
  page.evaluate((wanted) => {
    const label = (e: Element) => e.getAttribute('aria-label') ?? e.textContent ?? '';
    const found = [...document.querySelectorAll<HTMLElement>('[role=button], button')].find((e) => label(e) === wanted);
    found?.click();
    return found !== undefined;
  }, name);

/** One step on: time passes until something is to be done, and it is done. */
async function onward(page: Page): Promise<void> {
  const before = await seen(page);
  if (before.timers.length === 0) return;
  const seconds = before.timers.map(secondsOf);
  const which = seconds.indexOf(Math.min(...seconds));
  // Hands are free for what comes next while something goes on by itself.
  const isWork = before.inNow.includes('Done');
  const until = before.lit
    .map((clock) => (new Date(`2026-12-05T${clock}:00+01:00`).getTime() - before.now) / 1000)
    .filter((left) => left > 0);
  // Work takes what it was thought to, without the tenth that is spare; what goes by itself takes its time.
  const rest = which === 0 && isWork ? Math.floor(seconds[0] * 0.9) : seconds[which];
  const wait = Math.min(rest, ...until);
  if (wait >= 0) await page.clock.fastForward(wait * 1000 + 300);
  await page.waitForTimeout(30);
  const there = await seen(page);
  const inPassing = there.buttons.find((name) => / begin$/.test(name) && name.includes(': '));
  const onTo = there.inNow.find((name) => name.startsWith('Done, on to '));
  const ofOthers = there.buttons.filter((name) => / done$/.test(name));
  if (inPassing === undefined && wait < rest - 2) return;
  const inNow = there.inNow.includes('Begin') ? 'Begin' : (onTo ?? 'Done');
  const wanted = inPassing ?? (which > 0 ? ofOthers[which - 1] : inNow);
  // A better plan may come between look and tap: then the button has another name, or the tap meant the step before.
  const another = { timeout: 5000, intervals: [60] };
  await expect(async () => {
    if (await tap(page, wanted)) await expect.poll(async () => (await seen(page)).what, another).not.toBe(there.what);
  }).toPass({ timeout: 25_000 });
  await isSettled(page);
  // A tap so soon after the step has changed would still mean the one before.
  await page.clock.fastForward(700);
}

/** Seconds to go that a timer shows; below 0 past its end. */
const secondsOf = (text: string): number =>
  (text.startsWith('+') ? -1 : 1) *
  text
    .replace('+', '')
    .split(':')
    .reduce((sum, part) => sum * 60 + Number(part), 0);

/** The plan follows what was tapped: whoever goes on by the old one goes on in its order. */
async function isSettled(page: Page): Promise<void> {
  await page.waitForTimeout(60);
  await page.waitForFunction(
    () => !/Looking for a better plan|Trying what would mend it/.test(document.body.innerText),
    null,
    {
      polling: 50,
      timeout: 30_000,
    },
  );
}
