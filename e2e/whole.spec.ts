/** The whole kitchen in one file and back into an empty browser; photographs, tables of readings, trends, what is done archived. */
import { readFileSync } from 'node:fs';
import { type FileChooser, type Page } from '@playwright/test';
import { alone, DUCK, expect, expectAccessible, goOn, test, TURKEY, unfoldAll } from './fixtures';

/** Every document as it is stored. */
const documents = (page: Page): Promise<Record<string, string>> =>
  page.evaluate(() =>
    Object.fromEntries(
      Object.entries(localStorage)
        .filter(([key]) => /^involucrum\/(batch|day|kitchen|photograph)/.test(key))
        .sort(([a], [b]) => (a < b ? -1 : 1)),
    ),
  );
/** A picture that a phone might take, drawn here. */
const picture = (page: Page): Promise<Buffer> =>
  page
    .evaluate(async () => {
      const canvas = document.createElement('canvas');
      [canvas.width, canvas.height] = [2400, 1800];
      const brush = canvas.getContext('2d');
      for (let i = 0; brush && i < 4000; i++) {
        brush.fillStyle = `hsl(${(i * 37) % 360} 60% ${30 + (i % 50)}%)`;
        brush.fillRect((i * 131) % 2400, (i * 71) % 1800, 90, 70);
      }
      return canvas.toDataURL('image/png').split(',')[1];
    })
    .then((text) => Buffer.from(text, 'base64'));
async function choose(page: Page, button: string, file: Parameters<FileChooser['setFiles']>[0]) {
  const chosen = page.waitForEvent('filechooser');
  await page.getByRole('button', { name: button }).click();
  await (await chosen).setFiles(file);
}

alone('everything in one file, into an empty browser, letter by letter', async ({ page, browser, baseURL }) => {
  await page.goto(`${TURKEY}/note`);
  await choose(page, 'Add a photograph', { name: 'p.png', mimeType: 'image/png', buffer: await picture(page) });
  await expect(page.getByRole('img', { name: /^Photograph of Turkey/ })).toBeVisible();
  await page.reload();
  await expect(page.getByRole('img', { name: /^Photograph of Turkey/ })).toBeVisible();
  await choose(page, 'Another photograph', { name: 'p.png', mimeType: 'image/png', buffer: Buffer.from('no picture') });
  await expect(page.getByText(/The browser can’t read this picture/)).toBeVisible();

  await goOn(page, '/kitchen');
  const data = page.getByRole('region', { name: 'Your data' });
  await expect(data.getByRole('group', { name: 'How full the store is' })).toContainText(
    /Photographs: \d+ KB|Photographs: 0\.\d+ MB, 1 record/,
  );
  await page.getByLabel('Altitude, m').fill('640');
  await expect.poll(async () => (await documents(page))['involucrum/kitchen']).toContain('640');
  const saved = page.waitForEvent('download');
  await data.getByRole('button', { name: 'Save the whole kitchen as a file' }).click();
  const file = readFileSync(await (await saved).path());
  const before = await documents(page);
  expect(Object.keys(before).length).toBeGreaterThan(8);
  expect(before['involucrum/photograph/demo-turkey-purses'].length).toBeLessThan(120_000);

  // Another browser, with nothing in it.
  const other = await (await browser.newContext({ baseURL, serviceWorkers: 'block' })).newPage();
  await other.addInitScript(() => localStorage.setItem('involucrum/opened', '1'));
  await other.addInitScript(unfoldAll);
  await other.goto('/kitchen');
  await choose(other, 'Open a kitchen’s file', { name: 'k.json', mimeType: 'application/json', buffer: file });
  const preview = other.getByRole('region', { name: 'What the file would bring' });
  await expect(preview).toContainText(`New: it will be added: ${Object.keys(before).length}`);
  await preview.getByRole('button', { name: 'Put it in' }).click();
  await expect(other.getByText(`${Object.keys(before).length} put in.`)).toBeVisible();
  expect(await documents(other)).toEqual(before);
  await expect(other.getByLabel('Altitude, m')).toHaveValue('640');

  // Changed here, it stays; or the file’s comes, and mine is kept beside it.
  await other.goto(`${TURKEY}/note`);
  await other.getByLabel('In your own words').fill('Mine');
  await expect.poll(async () => (await documents(other))['involucrum/batch/demo-turkey-purses']).toContain('"Mine"');
  await other.goto('/');
  await choose(other, 'Open a file', { name: 'k.json', mimeType: 'application/json', buffer: file });
  await expect(preview).toContainText('Different here: 1');
  await expectAccessible(other);
  await preview.getByRole('radio', { name: /^take the file’s/ }).click();
  await preview.getByRole('button', { name: 'Put it in' }).click();
  await expect(other.getByText('1 put in.')).toBeVisible();
  await expect(other.getByRole('article', { name: 'Turkey and celeriac purses (as it was here)' })).toBeVisible();
  await other.context().close();
});

test('readings as a table; a proposal with another number; trends; what is done into an archive', async ({ page }) => {
  await page.goto(`${DUCK}/note`);
  const readings = page.getByRole('region', { name: 'Readings as a table' });
  const csv = (text: string) => ({ name: 'r.csv', mimeType: 'text/csv', buffer: Buffer.from(text) });
  await choose(page, 'Readings from a table', csv('time,celsius\nnoon,44'));
  await expect(readings).toContainText('Nothing was changed. line 2: “noon” isn’t a time such as');
  await choose(page, 'Readings from a table', csv('Time,Temp\n2026-12-05 12:00,81\n2026-12-05 12:40,52.5\n'));
  await expect(page.getByText('2 readings put in.')).toBeVisible();
  // What is put in is drawn a moment later.
  await expect(async () => {
    const saved = page.waitForEvent('download');
    await readings.getByRole('button', { name: 'Readings to a table' }).click();
    expect(readFileSync(await (await saved).path(), 'utf8')).toContain(',52.5,,,typed\r\n');
  }).toPass();

  // Salty: the proposal is taken with another number, and says what that does.
  await page.getByRole('checkbox', { name: 'too salty' }).click();
  const next = page.getByRole('region', { name: 'Next version' });
  const change = next.getByRole('button', { name: /^Change: .* of salt instead of/ });
  await expect(change).toBeVisible({ timeout: 20_000 });
  await change.click();
  await next.getByLabel('Salt instead, g').fill('11');
  await expect(next).toContainText('Salt: 11 g');
  await expect(next).toContainText(/salt\s1\.\d+\s% → \d\.\d+\s%/);
  await next.getByRole('button', { name: /^Begin the next version with/ }).click();
  await expect(page.getByRole('button', { name: /^Salt, 11\sg/ })).toBeVisible();

  await goOn(page, '/notebook');
  await page.getByRole('button', { name: 'Trends' }).click();
  const trends = page.getByRole('region', { name: 'Trends' });
  await expect(trends.getByRole('group', { name: 'Salt of the filling' })).toContainText(/what was aimed for\./, {
    timeout: 20_000,
  });
  await expect(trends.getByRole('img', { name: /^Salt of the filling, %: \d/ })).toBeVisible();
  await expect(trends).toContainText(/Purses: right in \d of \d/);
  await expectAccessible(page);

  await goOn(page, '/kitchen');
  const data = page.getByRole('region', { name: 'Your data' });
  await data.getByRole('button', { name: 'Archive what is done: 2 batches into a file' }).click();
  await data.getByRole('button', { name: 'I have the file: take them away here' }).click();
  await expect(page.getByText('2 batches are in your file, and no longer here.')).toBeVisible();
  expect(Object.keys(await documents(page)).filter((key) => /turkey-purses-[12]$/.test(key))).toEqual([]);
  await page.getByRole('button', { name: 'Bring them back' }).click();
  await expect
    .poll(async () => Object.keys(await documents(page)).filter((key) => /turkey-purses-[12]$/.test(key)).length)
    .toBe(2);
});

test('a store that is nearly full says so and of what; a photograph that has no room is refused kindly', async ({
  page,
}) => {
  await page.goto('/kitchen');
  const data = page.getByRole('region', { name: 'Your data' });
  await expect(data.getByRole('group', { name: 'How full the store is' })).toBeVisible();
  await expect(data.getByText(/nearly full/)).toHaveCount(0);
  // The demo is written down meanwhile.
  await expect.poll(async () => Object.keys(await documents(page)).length).toBeGreaterThan(7);
  await page.evaluate(() => {
    // As if by many old batches: until next to nothing more goes in.
    let letters = 4_000_000;
    for (let i = 0; letters > 2000; i++)
      try {
        localStorage.setItem(`involucrum/photograph/old-${i}`, JSON.stringify('x'.repeat(letters)));
      } catch {
        letters = Math.floor(letters / 2);
      }
  });
  await page.reload();
  await expect(data.getByText(/It’s nearly full. Save finished batches to a file/)).toBeVisible();
  await expect(data.getByRole('group', { name: 'How full the store is' })).toContainText(/Photographs: \d\.\d MB/);
  await page.goto(`${TURKEY}/note`);
  await choose(page, 'Add a photograph', { name: 'p.png', mimeType: 'image/png', buffer: await picture(page) });
  await expect(page.getByText(/no room for a photograph\. Everything else is kept\./)).toBeVisible();
  await expect(page.getByRole('img', { name: /^Photograph of Turkey/ })).toHaveCount(0);
});
