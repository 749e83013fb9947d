/** For every reader and one hand: letters twice as large, a narrow screen, what is tapped most within reach of a thumb. */
import { type Locator, type Page } from '@playwright/test';
import { DUCK, expect, expectAccessible, forecastIsThere, goOn, HADDOCK, test, TURKEY } from './fixtures';

test.use({ viewport: { width: 390, height: 844 } });

const VENISON = '/batch/demo-venison-half-moons';
const SCREENS = [
  '/',
  '/begin',
  `${TURKEY}/fill`,
  `${DUCK}/cool`,
  `${VENISON}/wrap`,
  `${VENISON}/cook`,
  `${HADDOCK}/note`,
  `${HADDOCK}/now`,
  '/day',
  '/day/shopping',
  '/kitchen',
  '/notebook',
  '/rehearse',
];

/** What lies beyond the right edge, is cut off at its end, or is a word that has no room in one piece. Drawings are not text. */
const misfits = (page: Page): Promise<string[]> =>
  page.evaluate(() => {
    const bad: string[] = [];
    const brush = document.createElement('canvas').getContext('2d');
    const scrollsAlong = (e: Element): boolean => {
      for (let a = e.parentElement; a !== null; a = a.parentElement)
        if (a.getAttribute('role') !== 'main' && /auto|scroll/.test(getComputedStyle(a).overflowX)) return true;
      return false;
    };
    for (const e of document.querySelectorAll('#root *')) {
      const { width, height, right } = e.getBoundingClientRect();
      if (width === 0 || height === 0 || e.closest('svg') !== null) continue;
      const words = e.textContent.slice(0, 40);
      if (right > window.innerWidth + 1 && !scrollsAlong(e)) bad.push(`beyond the edge: “${words}”`);
      const style = getComputedStyle(e);
      if (style.fontFamily.includes('Icons') || style.display === 'inline' || brush === null) continue;
      brush.font = `${style.fontWeight} ${style.fontSize} ${style.fontFamily}`;
      const own = [...e.childNodes].filter(({ nodeType }) => nodeType === Node.TEXT_NODE);
      for (const word of own.flatMap(({ textContent }) => (textContent ?? '').split(/\s|(?<=[-–/→])/)))
        if (word.length > 1 && brush.measureText(word).width > width + 2) bad.push(`broken: “${word}”`);
    }
    return [...new Set(bad)];
  });

/** What is tapped most there, where it is a button. */
const TAPS: Record<string, string> = {
  '/': 'Begin a batch',
  [`${DUCK}/cool`]: 'It’s off the heat: start the clock',
  [`${VENISON}/wrap`]: 'The filling is out: start the bench clock',
  [`${VENISON}/cook`]: 'Load 1 of 4 is in: start the clock',
  [`${HADDOCK}/note`]: 'Done: into the Notebook',
  '/day': 'Begin the day',
};

/** By the browser's own setting. */
async function setLetters(page: Page, percent: number): Promise<void> {
  const title = page.getByRole('heading', { level: 1 });
  const size = () => title.evaluate((e) => parseFloat(getComputedStyle(e).fontSize));
  const before = await size();
  const isUsual = percent === 100;
  await page.evaluate((to) => document.documentElement.style.setProperty('font-size', to), `${percent}%`);
  await expect.poll(size).toBe(isUsual ? before / 2 : (before * percent) / 100);
}

/** What is measured before it is drawn has been drawn. */
const isSettled = (page: Page): Promise<void> => page.waitForTimeout(300);

for (const [what, screens] of [
  ['places', SCREENS.filter((screen) => !screen.startsWith('/batch'))],
  ['stations', SCREENS.filter((screen) => screen.startsWith('/batch'))],
] as const)
  test(`what is tapped most is at the foot; twice as large, or 320 px wide, nothing is cut off: ${what}`, async ({
    page,
  }) => {
    for (const screen of screens)
      await test.step(screen, async () => {
        await goOn(page, screen);
        await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
        if (screen in TAPS) await expectAtFoot(page.getByRole('button', { name: TAPS[screen] }));
        if (screen.endsWith('/fill')) await expectAtFoot(page.getByLabel('Add what goes in'));
        await setLetters(page, 200);
        await isSettled(page);
        expect(await misfits(page)).toEqual([]);
        // The screen is no higher than the glass: its bar stays at the foot, and what is between scrolls.
        expect(await page.evaluate(() => document.documentElement.scrollHeight - innerHeight)).toBeLessThanOrEqual(1);
        const bar = page.getByRole('navigation', { name: 'Places' });
        if ((await bar.count()) > 0) await expect(bar).toBeInViewport({ ratio: 0.9 });
        if (screen === screens[screens.length - 1]) await expectAccessible(page);
        await setLetters(page, 100);
        await page.setViewportSize({ width: 320, height: 640 });
        await isSettled(page);
        expect((await misfits(page)).filter((text) => text.startsWith('beyond'))).toEqual([]);
        await page.setViewportSize({ width: 390, height: 844 });
      });
  });

async function expectAtFoot(tap: Locator): Promise<void> {
  await expect(tap).toBeInViewport({ timeout: 15_000 });
  const box = await tap.boundingBox();
  expect(box?.y).toBeGreaterThan(844 * 0.6);
  expect(box?.height).toBeGreaterThanOrEqual(44);
}

test('after a fix the reader is led to what it changed', async ({ page }) => {
  await page.goto(`${HADDOCK}/fill`);
  await forecastIsThere(page);
  const check = page.getByRole('region', { name: /^Moisture: too wet/ });
  await check.getByRole('button', { name: /→/ }).first().click();
  const now = page.getByRole('region', { name: /^Moisture: right/ });
  await expect(now).toBeFocused();
});

test('on a wide screen / leads to the field of each screen that has one', async ({ page }) => {
  await page.setViewportSize({ width: 1280, height: 800 });
  for (const [screen, label, itsOwn] of [
    ['/larder', 'Find', 'Find'],
    ['/notebook', 'Find by ingredient, form, outcome or word', 'Find by ingredient, form, outcome or word'],
    ['/begin', 'Paste a recipe', 'Paste a recipe'],
    [`${TURKEY}/wrap`, 'Add what goes in', 'Filling in each, g'],
  ] as const) {
    await goOn(page, screen);
    // Of the screen itself: for a moment the one before is still there, and the key would be its own.
    await expect(page.getByLabel(itsOwn, { exact: true })).toBeVisible();
    await page.keyboard.press('/');
    await expect(page.getByLabel(label, { exact: true })).toBeFocused();
    await expect(page.getByLabel(label, { exact: true })).toHaveValue('');
  }
});
