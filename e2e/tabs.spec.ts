/** Several tabs of one browser: nothing of either is lost, whatever they do at once. */
import { type Page } from '@playwright/test';
import { alone, expect, fromMenu, TURKEY } from './fixtures';

const KEY = 'involucrum/batch/demo-turkey-purses';
interface Stored {
  revision: number;
  writer: string;
  lines: { id: string }[];
  note: { words: string };
}
const stored = (page: Page) => page.evaluate((key) => JSON.parse(localStorage.getItem(key) ?? 'null') as Stored, KEY);

alone('two tabs editing one batch at the same moment keep every edit', async ({ page, context }) => {
  await page.goto(`${TURKEY}/cook`);
  const other = await context.newPage();
  await other.goto(`${TURKEY}/cook`);
  for (const tab of [page, other]) await expect(tab.getByLabel('Reading, °C')).toBeVisible();
  const EDITS = 12;
  /** Presses "Record" in the page itself: both tabs in the same milliseconds, so many times each. */
  const readings = (tab: Page, from: number) =>
    tab.evaluate(
      async ([first, edits]) => {
        const field = () => document.querySelector<HTMLInputElement>('input[aria-label^="Reading, "]');
        const set = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value')?.set;
        for (let i = 0; i < edits; i++) {
          const input = field();
          if (!input || !set) throw new Error('no field');
          set.call(input, String(first + i));
          input.dispatchEvent(new Event('input', { bubbles: true }));
          await new Promise((resolve) => setTimeout(resolve, 0));
          const button = [...document.querySelectorAll<HTMLElement>('[role="button"], button')].find(
            (b) => b.textContent === 'Record',
          );
          button?.click();
          await new Promise((resolve) => setTimeout(resolve, 40));
        }
      },
      [from, EDITS],
    );
  await Promise.all([readings(page, 20), readings(other, 60)]);
  const count = () =>
    page.evaluate((key) => {
      const batch = JSON.parse(localStorage.getItem(key) ?? '{}') as { cook: { readings: { c: number }[] } };
      return batch.cook.readings.map((r) => r.c).sort((a, b) => a - b);
    }, KEY);
  const all = Array.from({ length: 2 * EDITS }, (_, i) => (i < EDITS ? 20 + i : 60 + i - EDITS));
  // Every edit is drawn by two pages: on a slow machine they take their time. None may be lost.
  await expect.poll(count, { timeout: 30_000 }).toEqual(all);
  expect((await stored(page)).revision).toBe(2 * EDITS);
});

alone('undo takes back its own, and never what the other tab did', async ({ page, context }) => {
  await page.goto(`${TURKEY}/wrap`);
  const other = await context.newPage();
  await other.goto(`${TURKEY}/note`);
  await page.getByLabel('Filling in each, g').fill('30');
  await expect.poll(async () => (await stored(page)).revision).toBe(1);
  // A tab that comes later has nothing to take back.
  const third = await context.newPage();
  await third.goto(`${TURKEY}/wrap`);
  await expect(third.getByLabel('Filling in each, g')).toHaveValue('30');
  await expect(third.getByRole('main').getByRole('button', { name: 'Undo', exact: true })).toBeDisabled();
  await other.getByLabel('In your own words').fill('from the other tab');
  await page.getByRole('link', { name: 'Note' }).click();
  await expect(page.getByLabel('In your own words')).toHaveValue('from the other tab');
  await page.getByRole('main').getByRole('button', { name: 'Undo', exact: true }).click();
  await expect(page.getByText(/changed in another tab since; that change is kept/)).toBeVisible();
  await expect(page.getByLabel('In your own words')).toHaveValue('from the other tab');
  await page.getByRole('link', { name: /^Wrap;/ }).click();
  await expect(page.getByLabel('Filling in each, g')).toHaveValue('30');
});

alone('what one tab deletes, the other’s typing does not revive; it is offered back', async ({ page, context }) => {
  await page.goto(`${TURKEY}/note`);
  await page.getByLabel('In your own words').fill('half a thought');
  const other = await context.newPage();
  await other.goto('/');
  await fromMenu(other, 'Turkey and celeriac purses', /^Delete/);
  await expect(page.getByText('“Turkey and celeriac purses” was deleted in another tab.')).toBeVisible();
  expect(await stored(page)).toBeNull();
  await page.getByRole('button', { name: 'Bring it back' }).click();
  await expect.poll(async () => (await stored(page))?.note.words).toBe('half a thought');
  await expect(other.getByRole('article')).toHaveCount(6);
});

alone('settings changed in two tabs at once are both kept', async ({ page, context }) => {
  await page.goto('/kitchen');
  const other = await context.newPage();
  await other.goto('/kitchen');
  await Promise.all([
    page.getByLabel('Altitude, m').fill('820'),
    other.getByRole('radio', { name: 'fan' }).click(),
    page.getByRole('radio', { name: '°F', exact: true }).click(),
  ]);
  for (const tab of [page, other]) {
    await expect(tab.getByLabel('Altitude, m')).toHaveValue('820');
    await expect(tab.getByRole('radio', { name: 'fan' })).toHaveAttribute('aria-checked', 'true');
    await expect(tab.getByRole('radio', { name: '°F', exact: true })).toHaveAttribute('aria-checked', 'true');
  }
});
