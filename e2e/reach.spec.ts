/** For every reader and one hand: letters twice as large, a narrow screen, what is tapped most within reach of a thumb. */
import { type Page } from '@playwright/test';
import { DUCK, expect, expectAccessible, forecastIsThere, HADDOCK, test, TURKEY } from './fixtures';

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

test('with letters twice as large nothing is cut off and no word is broken, on any screen', async ({ page }) => {
  for (const screen of SCREENS) {
    await page.goto(screen);
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
    const usual = await page
      .getByRole('heading', { level: 1 })
      .evaluate((e) => parseFloat(getComputedStyle(e).fontSize));
    // What the browser’s own setting does.
    await page.addStyleTag({ content: 'html { font-size: 200% }' });
    await expect
      .poll(() => page.getByRole('heading', { level: 1 }).evaluate((e) => parseFloat(getComputedStyle(e).fontSize)))
      .toBe(2 * usual);
    await page.waitForTimeout(600);
    expect(await misfits(page), screen).toEqual([]);
    // The screen is no higher than the glass: its bar stays at the foot, and what is between scrolls.
    expect(await page.evaluate(() => document.documentElement.scrollHeight - innerHeight), screen).toBeLessThanOrEqual(
      1,
    );
    const bar = page.getByRole('navigation', { name: 'Places' });
    if ((await bar.count()) > 0) await expect(bar, screen).toBeInViewport({ ratio: 0.9 });
  }
  await expectAccessible(page);
});

test('320 px wide nothing lies beyond the edge', async ({ page }) => {
  await page.setViewportSize({ width: 320, height: 640 });
  for (const screen of SCREENS) {
    await page.goto(screen);
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
    await page.waitForTimeout(600);
    const beyond = (await misfits(page)).filter((text) => text.startsWith('beyond'));
    expect(beyond, screen).toEqual([]);
  }
});

test('what is tapped most lies at the foot of the screen', async ({ page }) => {
  for (const [screen, name] of [
    ['/', 'Begin a batch'],
    [`${DUCK}/cool`, 'It’s off the heat: start the clock'],
    [`${VENISON}/wrap`, 'The filling is out: start the bench clock'],
    [`${VENISON}/cook`, 'Load 1 of 4 is in: start the clock'],
    [`${HADDOCK}/note`, 'Done: into the Notebook'],
    ['/day', 'Begin the day'],
  ] as const) {
    await page.goto(screen);
    const tap = page.getByRole('button', { name });
    await expect(tap).toBeInViewport({ timeout: 15_000 });
    const box = await tap.boundingBox();
    expect(box?.y, screen).toBeGreaterThan(844 * 0.6);
    expect(box?.height, screen).toBeGreaterThanOrEqual(44);
  }
  await page.goto(`${TURKEY}/fill`);
  expect((await page.getByLabel('Add what goes in').boundingBox())?.y).toBeGreaterThan(844 * 0.6);
});

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
  for (const [screen, label] of [
    ['/larder', 'Find'],
    ['/notebook', 'Find by ingredient, form, outcome or word'],
    ['/begin', 'Paste a recipe'],
    [`${TURKEY}/wrap`, 'Add what goes in'],
  ] as const) {
    await page.goto(screen);
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
    await page.waitForTimeout(300);
    await page.keyboard.press('/');
    await expect(page.getByLabel(label, { exact: true })).toBeFocused();
    await expect(page.getByLabel(label, { exact: true })).toHaveValue('');
  }
});
