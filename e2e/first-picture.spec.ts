/** The first picture stands in the page before the program. */
import { expect, test, TURKEY } from './fixtures';

test('title, words and names are there while the program is still on its way, and go when it has come', async ({
  page,
}) => {
  let go = (): void => undefined;
  const held = new Promise<void>((resolve) => (go = resolve));
  await page.route(/\/entry-[0-9a-f]+\.js/, async (route) => {
    await held;
    await route.continue();
  });
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto('/larder', { waitUntil: 'commit' });
  const shell = page.locator('#shell');
  await expect(shell.locator('#shell-title')).toHaveText('Larder');
  await expect(shell.locator('#shell-bar .here')).toBeVisible();
  await expect(shell.getByText(/how wet they are, how salty/)).toBeVisible();
  go();
  await expect(page.getByRole('heading', { name: 'Larder' })).toBeVisible();
  await expect(shell).toHaveCount(0);
});

test('a batch that was open before has its name at once', async ({ page }) => {
  await page.goto(`${TURKEY}/fill`);
  await expect(page.getByRole('heading', { name: 'Turkey and celeriac purses' })).toBeVisible();
  await page.route(/\/entry-[0-9a-f]+\.js/, () => new Promise(() => undefined));
  await page.reload({ waitUntil: 'commit' });
  await expect(page.locator('#shell-title')).toHaveText('Turkey and celeriac purses');
  await expect(page.locator('#shell-bar .here')).toHaveText('Fill');
});

test('names come before verdicts: what judges may be late', async ({ page }) => {
  let comes = (): void => undefined;
  const held = new Promise<void>((resolve) => (comes = resolve));
  await page.route(/\/judged-batch-[0-9a-f]+\.js/, async (route) => {
    await held;
    await route.continue();
  });
  // The page counts as loaded only when what is held has come.
  await page.goto('/', { waitUntil: 'commit' });
  const turkey = page.getByRole('article', { name: 'Turkey and celeriac purses' });
  await expect(turkey).toContainText('24 purses, raw filling, steamed');
  await expect(page.getByRole('link', { name: /^Next for Turkey/ })).toHaveCount(0);
  await expect(page.getByRole('article')).toHaveCount(6);
  const heights = () =>
    page.getByRole('article').evaluateAll((all) => all.map((e) => e.getBoundingClientRect().height));
  const before = await heights();
  comes();
  await expect(page.getByRole('link', { name: /^Next for/ })).toHaveCount(6);
  // Nothing moves when they come.
  (await heights()).forEach((height, i) => expect(Math.abs(height - before[i])).toBeLessThanOrEqual(1));
});
