/** Every browser test fails on a console error, a broken content policy, or a request to another host. */
import { type ConsoleMessage, expect, type Locator, type Page, type Request, test as base } from '@playwright/test';
import axe from 'axe-core';
import { serve } from '../scripts/serve.mjs';
import { beginAnew, leave, RESTING } from './kept-page';

export { expect };

/** Opens every panel that is folded to a line as it appears: once, so that a test may fold it again. */
export const unfoldAll = (): void => {
  const opened = new WeakSet<Element>();
  const open = () =>
    document.querySelectorAll<HTMLElement>('[data-testid="fold"][aria-expanded="false"]').forEach((fold) => {
      if (opened.has(fold)) return;
      opened.add(fold);
      fold.click();
    });
  new MutationObserver(open).observe(document, { subtree: true, childList: true });
};

interface Options {
  /** Panels are opened as they appear; what is about the folded screen itself says no. */
  isUnfolded: boolean;
}

/** In every page, before its own scripts: data are saved, so that no service worker answers for the server. */
const watchPolicy = (): void => {
  Object.defineProperty(navigator, 'connection', { value: { saveData: true }, configurable: true });
  document.addEventListener('securitypolicyviolation', (event) =>
    console.error(`policy: ${event.violatedDirective} ${event.blockedURI}`),
  );
};

/** A page and browser of the test's own: for a clock, a script before the page's own, a second tab. */
export const alone = base.extend<{ clean: void } & Options>({
  isUnfolded: [true, { option: true }],
  clean: [
    async ({ page, baseURL, isUnfolded }, use) => {
      if (isUnfolded) await page.context().addInitScript(unfoldAll);
      await page.addInitScript(watchPolicy);
      await expectClean(page, baseURL, use);
    },
    { auto: true },
  ],
});

/** What would stay with the page, and be there for the tests after. */
const needsItsOwn = (): Promise<never> => Promise.reject(new Error('Not in a page of many tests: take `alone`.'));

/** A test whose page is as in a browser just installed; the browser is the same one for many. */
export const test = base.extend<{ clean: void } & Options, { kept: Page }>({
  isUnfolded: [true, { option: true }],
  kept: [
    async ({ browser }, use, { project }) => {
      const { baseURL, storageState, extraHTTPHeaders, viewport } = project.use;
      const context = await browser.newContext({ baseURL, storageState, extraHTTPHeaders, viewport });
      await context.addInitScript(watchPolicy);
      const page = await context.newPage();
      Object.assign(page.clock, { install: needsItsOwn, setFixedTime: needsItsOwn, setSystemTime: needsItsOwn });
      await use(page);
      await context.close();
    },
    { scope: 'worker' },
  ],
  context: async ({ kept }, use) => use(kept.context()),
  page: async ({ kept, viewport, isUnfolded }, use) => {
    await beginAnew(kept);
    if (viewport !== null) await kept.setViewportSize(viewport);
    const unfolding = isUnfolded ? await kept.addInitScript(unfoldAll) : undefined;
    const { addInitScript } = kept;
    kept.addInitScript = needsItsOwn;
    await use(kept);
    kept.addInitScript = addInitScript;
    await unfolding?.dispose();
    await leave(kept);
  },
  clean: [async ({ page, baseURL }, use) => expectClean(page, baseURL, use), { auto: true }],
});

/** Nothing is said on the console that is wrong, and no other host is asked. */
async function expectClean(page: Page, baseURL: string | undefined, run: () => Promise<void>): Promise<void> {
  const wrong: string[] = [];
  const hear = (message: ConsoleMessage) => {
    if (message.type() === 'error' || message.type() === 'warning') wrong.push(`${message.type()}: ${message.text()}`);
  };
  const thrown = (error: Error) => wrong.push(`error: ${error.message}`);
  const asked = (request: Request) => {
    const url = request.url();
    if (!url.startsWith(`${baseURL}/`) && !url.startsWith('data:') && !url.startsWith('blob:'))
      wrong.push(`other host: ${url}`);
  };
  page.on('console', hear).on('pageerror', thrown).on('request', asked);
  await run();
  page.off('console', hear).off('pageerror', thrown).off('request', asked);
  expect(wrong).toEqual([]);
}

/** A server of the test's own, which can be killed and started again at its address. */
export interface OwnServer {
  address: string;
  stop(): Promise<void>;
  start(): Promise<void>;
}

/** Serves a build until the test is over. */
export async function withServer(visit: (server: OwnServer) => Promise<void>, dist?: string): Promise<void> {
  const first = await serve({ dist });
  let { stop } = first;
  try {
    await visit({
      address: first.address,
      stop: () => stop(),
      start: async () => {
        ({ stop } = await serve({ dist, port: first.port }));
      },
    });
  } finally {
    await stop();
  }
}

/** A test at a server of its own, kept by the browser for when the server is gone. */
export const testWithServer = alone.extend<{ server: OwnServer }>({
  server: async ({ browserName: _any }, give) => withServer(give),
  baseURL: async ({ server }, give) => give(server.address),
});

export const TURKEY = '/batch/demo-turkey-purses';
export const HADDOCK = '/batch/demo-haddock-pan-pie';
export const DUCK = '/batch/demo-duck-pockets';
export const PUMPKIN = '/batch/demo-pumpkin-half-moons';

/**
 * Goes on to another address of the program without loading it anew, as a link does: a third of the time. Where a page as it
 * opens is what is tested, or what another tab or the test itself has stored, it is loaded (`page.goto`).
 */
export async function goOn(page: Page, to: string): Promise<void> {
  if (page.url() === 'about:blank' || page.url().endsWith(RESTING)) {
    await page.goto(to);
    return;
  }
  await page.evaluate((path) => {
    history.pushState(null, '', path);
    dispatchEvent(new PopStateEvent('popstate', { state: null }));
  }, to);
  await expect(page).toHaveURL(to);
}

/** A demo batch as one of the cook's own, which may teach the kitchen something. @returns its address */
export async function ownCopy(page: Page, demo: string): Promise<string> {
  const id = demo.replace('/batch/demo-', '');
  await page.goto('/');
  await expect(page.getByRole('article').first()).toBeVisible();
  await page.evaluate((own) => {
    const text = localStorage.getItem(`involucrum/batch/demo-${own}`) ?? '';
    const batch = JSON.parse(text) as { id: string; title: string; lineage: object };
    const copy = { ...batch, id: own, title: `${batch.title}, mine`, lineage: { ...batch.lineage, thing: own } };
    localStorage.setItem(`involucrum/batch/${own}`, JSON.stringify(copy));
  }, id);
  return `/batch/${id}`;
}

/** A fix by its words: on a phone a check shows its first one, and the others on a tap. */
export async function fixOf(page: Page, check: string, words: RegExp): Promise<Locator> {
  const fix = page
    .getByRole('region', { name: new RegExp(`^${check}: `) })
    .getByRole('button', { name: words })
    .first();
  const more = page.getByRole('button', { name: new RegExp(`more ways? to mend it: ${check}`) });
  await expect(fix.or(more).first()).toBeVisible();
  if (!(await fix.isVisible())) await more.click();
  return fix;
}

/** Chooses from a batch's menu on the Bench. */
export async function fromMenu(page: Page, title: string, choice: RegExp): Promise<void> {
  await page.getByRole('button', { name: `More for ${title}`, exact: true }).click();
  await page.getByRole('button', { name: choice }).click();
}

/**
 * Types what a thermometer shows and hands it over, by the keyboard: what a reading changes above the field moves it, and a tap
 * of a machine, which does not look, would go beside the button.
 */
export async function recordReading(page: Page, shown: string, label = 'Reading, °C'): Promise<void> {
  const field = page.getByLabel(label);
  await field.fill(shown);
  await field.press('Enter');
  await expect(field).toHaveValue('');
}

/** No serious or critical violation of WCAG as axe sees it. In the page itself: its runner for frames takes twice the time. */
export async function expectAccessible(page: Page): Promise<void> {
  await page.evaluate(axe.source);
  const grave = await page.evaluate(async () => {
    const { violations } = await (window as unknown as { axe: typeof axe }).axe.run(document, {
      resultTypes: ['violations'],
    });
    return violations
      .filter(({ impact }) => impact === 'serious' || impact === 'critical')
      .map(({ id, nodes }) => `${id}: ${nodes.map(({ html }) => html.slice(0, 160)).join(' | ')}`);
  });
  expect(grave).toEqual([]);
}

/** The heat forecast and the proposals have come from the worker. */
export async function forecastIsThere(page: Page): Promise<void> {
  await expect(page.getByLabel(/working it out/i)).toHaveCount(0);
  await expect(page.getByText(/Working out how/)).toHaveCount(0);
  // What could be done follows.
  await expect(page.locator('[aria-busy=true]')).toHaveCount(0);
}

/** Notes from now on what moves on the page by itself; to be called before the page is opened. */
export async function watchShifts(page: Page): Promise<void> {
  await page.addInitScript(() => {
    const seen: [shift: number, what: string][] = [];
    Object.assign(window, { seen });
    interface Shift extends PerformanceEntry {
      value: number;
      sources: { node: Node | null }[];
    }
    new PerformanceObserver((list) => {
      for (const entry of list.getEntries() as Shift[])
        seen.push([entry.value, entry.sources.map((s) => s.node?.textContent?.slice(0, 60)).join(' | ')]);
    }).observe({ type: 'layout-shift', buffered: true });
  });
}

/** Nothing has jumped since, once all is there. */
export async function expectNoJump(page: Page): Promise<void> {
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  await forecastIsThere(page);
  await page.waitForTimeout(500);
  const seen = await page.evaluate(() => (window as unknown as { seen: [number, string][] }).seen);
  const shift = seen.reduce((sum, [value]) => sum + value, 0);
  expect(shift, JSON.stringify(seen)).toBeLessThanOrEqual(0.05);
}
