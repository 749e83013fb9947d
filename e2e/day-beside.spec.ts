/** What goes with a day: the list, the sheet, the calendar's file, a pin by the keyboard, another tab. */
import { readFileSync } from 'node:fs';
import { type Page } from '@playwright/test';
import { alone, expect, expectAccessible, forecastIsThere, goOn, test, unfoldAll } from './fixtures';

/** There is a plan, and it is the last word; what would mend it may still be tried. */
const isPlanned = async (page: Page): Promise<void> => {
  await expect(page.getByRole('group', { name: /^The day from/ })).toBeVisible({ timeout: 30_000 });
  await expect(page.getByText(/^Looking for a better plan/)).toHaveCount(0, { timeout: 30_000 });
};

/** What the day's plan follows from, once it is kept with the day and its answer in the browser; '' until then. */
const keptKey = (page: Page): Promise<string> =>
  page.evaluate(
    () =>
      new Promise<string>((resolve) => {
        const { plan } = JSON.parse(localStorage.getItem('involucrum/day/demo-lantern-day') ?? '{}') as {
          plan?: { of: string } | null;
        };
        const opening = indexedDB.open('involucrum-worked-out');
        opening.onsuccess = () => {
          const answers = opening.result.transaction('answers').objectStore('answers');
          const asking = answers.get('plan demo-lantern-day') as IDBRequest<{ asked: string } | undefined>;
          asking.onsuccess = () => {
            opening.result.close();
            const isKept = plan && asking.result?.asked.includes(plan.of);
            resolve(isKept ? plan.of : '');
          };
        };
      }),
  );

/** With a second tray nothing collides, and each plan is there in a second. */
const withTwoTrays = async (page: Page): Promise<void> => {
  await page.getByRole('button', { name: 'A second tray in the oven' }).click({ timeout: 30_000 });
  await expect(page.getByRole('region', { name: 'What collides' })).toHaveCount(0);
  await isPlanned(page);
};

alone(
  'the shopping list sums all batches, keeps what is there, and gives the rest as text',
  async ({ page, context }) => {
    await context.grantPermissions(['clipboard-read', 'clipboard-write']);
    await page.goto('/day/shopping');
    const leek = page.getByRole('checkbox', { name: /^Leek, / });
    await expect(leek).toBeVisible({ timeout: 20_000 });
    await expect(leek).toContainText('Turkey and celeriac purses');
    await expect(leek).toContainText('Smoked haddock and leek pan pie');
    await leek.click();
    await expect(leek).toBeChecked();
    await expectAccessible(page);
    await page.getByRole('button', { name: 'Copy' }).click();
    await expect(page.getByText('The list is copied.')).toBeVisible();
    const text = await page.evaluate(() => navigator.clipboard.readText());
    expect(text).toMatch(/Celeriac: /);
    expect(text).not.toMatch(/Leek: /);
    await page.reload();
    await expect(leek).toBeChecked();
  },
);

alone(
  'a step is pinned by the keyboard and let go again; another tab sees it; the calendar has it',
  async ({ page, context }) => {
    await page.goto('/day');
    await withTwoTrays(page);
    const step = page.getByRole('button', { name: /, Purses: wash, peel and cut/ });
    await step.focus();
    await page.keyboard.press('ArrowUp');
    await expect(page.getByText(/is pinned to/)).toBeVisible();
    await isPlanned(page);
    await expect(page.getByRole('button', { name: /Purses: wash, peel and cut, pinned/ })).toBeVisible();

    const other = await context.newPage();
    await other.goto('/day');
    await expect(other.getByRole('button', { name: /Purses: wash, peel and cut, pinned/ })).toBeVisible({
      timeout: 30_000,
    });
    await other.close();

    const saved = page.waitForEvent('download');
    await page.getByRole('button', { name: 'Calendar file' }).click();
    const file = readFileSync(await (await saved).path(), 'utf8');
    expect(file).toMatch(/^BEGIN:VCALENDAR\r\n/);
    expect(file).toMatch(/SUMMARY:Purses: wash\\, peel and cut/);

    await page.getByRole('button', { name: /Purses: wash, peel and cut, pinned/ }).click();
    await expect.poll(() => keptKey(page)).not.toBe('');
    const pinned = await keptKey(page);
    await page.getByRole('button', { name: 'Let it go' }).last().click();
    await isPlanned(page);
    await expect(page.getByRole('button', { name: /Purses: wash, peel and cut, pinned/ })).toHaveCount(0);
    await expect.poll(() => keptKey(page)).not.toMatch(new RegExp(`^(${pinned})?$`));

    // Opened again, the plan is there, and no planner is asked.
    const time = (await step.getAttribute('aria-label')) ?? '';
    await page.addInitScript(() => {
      const Intact = window.Worker;
      window.Worker = class extends Intact {
        constructor(url: string | URL, options?: WorkerOptions) {
          super(String(url).includes('planner-entry') ? '/no-such-worker.js' : url, options);
        }
      };
    });
    await page.reload();
    await expect(step).toHaveAttribute('aria-label', time);
    // Nor as the day is left again.
    await goOn(page, '/');
    await expect(page.getByRole('article')).toHaveCount(6);
    await forecastIsThere(page);
  },
);

test('the sheet for the wall has every step with its time', async ({ page }) => {
  await page.goto('/day/sheet');
  await expect(page.getByText(/Purses: wash, peel and cut/)).toBeVisible({ timeout: 30_000 });
  await expect(page.getByText(/only a thermometer\s+reading does/)).toBeVisible();
  await expectAccessible(page);
  // Every step of a supper of three batches, and still one page.
  const pdf = (await page.pdf({ format: 'A4' })).toString('latin1');
  expect(pdf.match(/\/Type\s*\/Page\b/g)).toHaveLength(1);
});

alone(
  'a step is dragged; somebody helps; a second phone opens the file and has all of it',
  async ({ page, browser }) => {
    await page.goto('/day');
    await withTwoTrays(page);
    const step = /, Purses: knead smooth/;
    const handle = page.getByTestId('handle demo-turkey-purses dough 0');
    await page.getByRole('button', { name: step }).scrollIntoViewIfNeeded();
    const box = (await handle.boundingBox()) ?? { x: 0, y: 0, width: 0, height: 0 };
    await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
    await page.mouse.down();
    for (const dy of [-10, -30, -60]) await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2 + dy);
    await page.mouse.up();
    await expect(page.getByText(/is pinned to/)).toBeVisible();
    await isPlanned(page);

    await page.getByRole('button', { name: 'Someone helps' }).click();
    await page.getByLabel('Who helps').fill('Neighbour');
    await page.getByRole('button', { name: 'Add the helper' }).click();
    await expect(page.getByText(/^Neighbour: /)).toBeVisible();
    await isPlanned(page);
    const saved = page.waitForEvent('download');
    await page.getByRole('button', { name: 'File for another phone' }).click();
    const file = await (await saved).path();

    const other = await (await browser.newContext({ viewport: { width: 390, height: 844 } })).newPage();
    await other.addInitScript(unfoldAll);
    await other.goto('/day');
    await isPlanned(other);
    // What is not a day is refused, and nothing is changed.
    const open = async (what: string | { name: string; mimeType: string; buffer: Buffer }) => {
      const chosen = other.waitForEvent('filechooser');
      await other.getByRole('button', { name: 'Open a day’s file' }).click();
      await (await chosen).setFiles(what);
    };
    await open({
      name: 'no-day.json',
      mimeType: 'application/json',
      buffer: Buffer.from('{"format":"involucrum/batch"}'),
    });
    await expect(other.getByText('The file wasn’t opened; nothing was changed.')).toBeVisible();
    await open(file);
    await expect(other.getByText(/^Neighbour: /)).toBeVisible();
    await isPlanned(other);
    await expect(other.getByRole('button', { name: /, Purses: knead smooth, pinned/ })).toBeVisible();
    await other.context().close();
  },
);
