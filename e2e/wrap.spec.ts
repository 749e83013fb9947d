/** Wrap, as a new user at the board: from so much filling and so much flour to the last parcel closed with neither left over. */
import { type Page } from '@playwright/test';
import { alone, expect, expectAccessible, fixOf, forecastIsThere, goOn, test } from './fixtures';

const heading = (page: Page, name: string | RegExp) => page.getByRole('heading', { name, exact: true });

async function beginHalfMoons(page: Page) {
  await page.goto('/begin');
  await page.getByRole('button', { name: /^Dumpling: / }).click();
  await page.getByRole('radio', { name: 'Cooked', exact: true }).click();
  await page.getByRole('button', { name: 'Begin', exact: true }).click();
  // So much of a filling: what is in it makes 700 g as it goes in.
  for (const text of ['668 g pumpkin, roasted and mashed', '250 g curd cheese, drained overnight', '8 g salt']) {
    await page.getByLabel('Add what goes in').fill(text);
    await page.getByLabel('Add what goes in').press('Enter');
  }
  await expect(page.getByRole('button', { name: /^Salt, 8\sg/ })).toBeVisible();
  await page.getByRole('link', { name: /^Wrap;/ }).click();
}

alone(
  '“I have 700 g of this filling and 450 g flour”: to the last piece closed, neither left over',
  async ({ page }) => {
    await page.clock.install({ time: new Date('2026-12-05T16:00:00Z') });
    await beginHalfMoons(page);
    // Filling for more than was planned: said, and what would be left.
    await expect(heading(page, /^Fit: filling left over$/)).toBeVisible();

    // The flour there is, as dough, weighed to be mixed.
    await page.getByLabel('I have flour (optional), g').fill('450');
    await expect(
      page.getByText(/6\d\d\sg of dough: 450\sg plain flour, 2[01]\d\sg water, 4\.\d\sg salt/),
    ).toBeVisible();
    await expect(page.getByText(/hold .* of it back: add by the spoon until it no longer sticks/)).toBeVisible();
    await expect(heading(page, /^Fit: dough left over$/)).toBeVisible();
    await forecastIsThere(page);

    // One tap, and filling and dough run out together.
    const fix = await fixOf(page, 'Fit', /^Make \d+ instead of 24, rolled to/);
    const count = /Make (\d+) instead/.exec((await fix.getAttribute('aria-label')) ?? '')?.[1] ?? '';
    await fix.click();
    await expect(heading(page, 'Fit: closes easily')).toBeVisible();
    await expect(page.getByText(/Comes out even/)).toBeVisible();
    await expect(page.getByText('they run out together').first()).toBeVisible();
    await expect(page.getByText(`16 g × ${count}`)).toBeVisible();

    // Pieces: where to cut the log, against a ruler.
    await expect(heading(page, /^Equal pieces/)).toBeVisible();
    await expect(page.getByRole('img', { name: /^Cut at \d+ mm, \d+ mm/ })).toBeVisible();
    // The portion on the spoon.
    await expect(page.getByText(/1\slevel tbsp; \d+\s% of the bite/)).toBeVisible();

    // The first three, a little heavy: portion and count are corrected.
    for (const grams of ['17', '17.5', '16.5']) {
      await page.getByLabel(/^It weighs \(planned 16\), g/).fill(grams);
      await page.getByRole('button', { name: 'Weighed', exact: true }).click();
      await expect(page.getByRole('button', { name: `Take back ${grams} g` })).toBeVisible();
    }
    await expect(page.getByText(/3 weighed: filling 17\.0\sg on average, ±\s3\s%/)).toBeVisible();
    await forecastIsThere(page);
    await (await fixOf(page, 'Fit', /^Go on as weighed: 17 g of filling/)).click();
    await expect(page.getByLabel('Filling in each, g')).toHaveValue('17');
    await forecastIsThere(page);
    if (await heading(page, /^Fit: filling for only/).isVisible())
      await (await fixOf(page, 'Fit', /^Make \d+ instead of/)).click();
    await expect(page.getByText('they run out together').first()).toBeVisible();
    const parcels = Number(await page.getByLabel('Pieces, count').inputValue());

    // The clock on the bench: a tap a tray, over a reload, to the last.
    await page.getByRole('button', { name: /start the bench clock/ }).click();
    const clock = page.getByRole('timer', { name: 'Bench clock' });
    await page.getByLabel('On a tray, count').fill('10');
    for (let closed = 10; closed <= 20; closed += 10) {
      await page.clock.fastForward(6 * 60_000);
      await page.getByRole('button', { name: 'A tray of 10 closed' }).click();
      await expect(clock).toContainText(`${closed} of ${parcels}`);
    }
    await expect(clock).toContainText(/36\ss each/);
    await page.reload();
    await expect(clock).toContainText(`20 of ${parcels}`);
    await expect(clock).toContainText(/Filling out 12\smin/);
    for (let closed = 30; closed <= parcels; closed += 10) {
      await page.getByLabel('On a tray, count').fill('10');
      await page.clock.fastForward(6 * 60_000);
      await page.getByRole('button', { name: 'A tray of 10 closed' }).click();
      await expect(clock).toContainText(`${closed} of ${parcels}`);
    }
    for (let closed = 10 * Math.floor(parcels / 10) + 1; closed <= parcels; closed++) {
      await page.getByRole('button', { name: `One more closed: number ${closed}` }).click();
      await expect(clock).toContainText(`${closed} of ${parcels}`);
    }
    await expect(clock).toContainText('all closed');
    await expect(page.getByText('All closed. Cover them, and cook or freeze them.')).toBeVisible();
    await page.getByRole('button', { name: 'Stop the bench clock: they’re in the fridge or freezer' }).click();
    await expect(clock).toHaveCount(0);
    // What is no longer under way is a line again.
    await page.getByRole('button', { name: /^Bench clock/ }).click();
    await expect(page.getByRole('button', { name: /start the bench clock/ })).toBeVisible();
  },
);

alone('raw filling out too long is said wherever the cook is, once, and stays said', async ({ page }) => {
  await page.clock.install({ time: new Date('2026-12-05T16:00:00Z') });
  await page.goto('/batch/demo-turkey-purses/wrap');
  await page.getByRole('button', { name: /start the bench clock/ }).click();
  await expect(page.getByRole('timer', { name: 'Bench clock' })).toBeVisible();
  await goOn(page, '/');
  await expect(page.getByRole('article')).toHaveCount(6);
  await page.clock.fastForward(106 * 60_000);
  await expect(page.getByText(/1[345]\smin until the filling has been out for 2\sh/)).toBeVisible();
  await page.clock.fastForward(16 * 60_000);
  await expect(page.getByRole('alert').filter({ hasText: /out of the cold for 2\sh in all/ })).toBeVisible();
  await goOn(page, '/batch/demo-turkey-purses/wrap');
  await expect(heading(page, /^Out of the cold for 2\sh/)).toBeVisible();
  await page.getByRole('button', { name: 'Filling back into the fridge' }).click();
  await expect(page.getByRole('button', { name: 'Out of the fridge again' })).toBeVisible();
});

test('a form is changed, its skin is drawn flat, a dough is changed by its formula, kept, and taken back', async ({
  page,
}) => {
  await page.goto('/batch/demo-venison-half-moons/wrap');
  await expect(heading(page, 'Fit: filling for only 37 of 48')).toBeVisible();
  await page.getByRole('radio', { name: 'double round', exact: true }).click();
  await expect(page.getByRole('img', { name: /^upper round, laid flat: \d+ mm/ })).toBeVisible();
  await page.getByRole('radio', { name: 'half-moon', exact: true }).click();
  await page.getByRole('button', { name: 'Change the formula' }).click();
  await page.getByLabel('Sunflower oil, %').fill('35');
  await expect(heading(page, 'Oil-and-egg dough, mine')).toBeVisible();
  await page.getByRole('button', { name: 'Keep it in the Larder' }).click();
  await expect(page.getByText('“oil-and-egg dough, mine” is in the Larder.')).toBeVisible();
  await page.getByRole('button', { name: 'As oil-and-egg dough is made' }).click();
  await expect(heading(page, 'Oil-and-egg dough')).toBeVisible();
  await goOn(page, '/larder');
  await expect(page.getByText(/sunflower oil 35.*made like oil-and-egg dough/)).toBeVisible();
});

test('the slider goes by keys, Wrap is accessible, and the mat is life size on paper and in its file', async ({
  page,
}) => {
  await page.goto('/batch/demo-turkey-purses/wrap');
  await forecastIsThere(page);
  const slider = page.getByRole('slider', { name: 'Filling in each' });
  await expect(slider).toHaveAttribute('aria-valuenow', '28');
  await slider.press('ArrowLeft');
  await slider.press('ArrowLeft');
  await expect(slider).toHaveAttribute('aria-valuenow', '26');
  await expect(page.getByLabel('Filling in each, g')).toHaveValue('26');
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Print it at life size' }).click();
  await expect(page.getByRole('img', { name: /^Life size: skin, 110 mm; log: .*; a ruler of 50 mm$/ })).toBeVisible();
  // So many mm at 96 px an inch.
  const sheet = page.locator('svg[width$="mm"]');
  const mm = Number.parseFloat((await sheet.getAttribute('width')) ?? '');
  expect(mm).toBeGreaterThan(122);
  expect((await sheet.boundingBox())?.width).toBeCloseTo((mm * 96) / 25.4, 0);
  const saved = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save as SVG' }).click();
  expect((await saved).suggestedFilename()).toBe('turkey-and-celeriac-purses-mat.svg');
});
