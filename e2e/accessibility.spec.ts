/** axe on every screen, light and dark; the keyboard reaches every control. */
import { expect, expectAccessible, forecastIsThere, PUMPKIN, test, TURKEY } from './fixtures';

const SCREENS = [
  '/',
  '/begin',
  '/larder',
  '/notebook',
  '/kitchen',
  ...['fill', 'cool', 'wrap', 'cook', 'note'].map((s) => `${TURKEY}/${s}`),
  `${PUMPKIN}/cool`,
];

for (const screen of SCREENS) {
  test(`axe finds nothing serious on ${screen}`, async ({ page }) => {
    await page.goto(screen);
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
    await forecastIsThere(page);
    await page.waitForTimeout(300);
    await expectAccessible(page);
  });
}

test('axe finds nothing serious in the dark, on a wide screen, with a line and a why opened', async ({ page }) => {
  await page.emulateMedia({ colorScheme: 'dark' });
  await page.setViewportSize({ width: 1280, height: 800 });
  await page.goto(`${TURKEY}/fill`);
  await page.getByRole('button', { name: /^Celeriac, 180 g/ }).click();
  await page.getByRole('button', { name: /^Why\? Moisture/ }).click();
  await expectAccessible(page);
});

test('the keyboard reaches every control', async ({ page }) => {
  for (const screen of ['/', `${TURKEY}/fill`, `${TURKEY}/cook`, '/kitchen']) {
    await page.goto(screen);
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
    await forecastIsThere(page);
    const controls = page
      .locator('a[href], button, input, textarea, [role=button], [role=link], [role=radio], [role=checkbox]')
      .and(page.locator(':visible'));
    const wanted = await controls.evaluateAll((list) =>
      list
        .filter((e) => !e.matches('[aria-disabled=true], [disabled]'))
        .map((e) => e.getAttribute('aria-label') ?? e.textContent ?? ''),
    );
    const reached = new Set<string>();
    await page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur());
    for (let i = 0; i < wanted.length * 3 + 20 && reached.size < new Set(wanted).size; i++) {
      await page.keyboard.press('Tab');
      const name = await page.evaluate(() => {
        const e = document.activeElement;
        return e && e !== document.body ? (e.getAttribute('aria-label') ?? e.textContent ?? '') : null;
      });
      if (name !== null) reached.add(name);
    }
    expect(
      wanted.filter((name) => !reached.has(name)),
      screen,
    ).toEqual([]);
  }
});
