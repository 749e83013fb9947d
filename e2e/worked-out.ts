/**
 * Before the browser tests: what the worker finds about the demo is worked out once, in a browser of its own, and every test's
 * browser has it as one has it that was there before. Tests of what is worked out, and of what fails in it, begin without
 * (`NOTHING_KNOWN`).
 */
import { type Browser, type BrowserContextOptions, chromium } from '@playwright/test';
import { writeFileSync } from 'node:fs';
import { z } from 'zod';
import { chromium as installed } from '../scripts/prepare.mjs';

/** Where it is kept between its making and its use. */
export const WORKED_OUT = '.cache/worked-out.json';

/** A browser that was never here. */
export const NOTHING_KNOWN: BrowserContextOptions['storageState'] = { cookies: [], origins: [] };

/** Of what the browser hands over only databases count; its types do not name them. */
const handedOver = z.object({
  origins: z.array(z.object({ origin: z.string(), indexedDB: z.array(z.looseObject({ name: z.string() })) })),
});

const DATABASE = 'involucrum-worked-out';
/** Forecast, alternatives, proposals of each batch on the demo's Bench. */
const QUESTIONS = 3;
const BATCHES = 6;

/** How many answers are kept. In the page. */
const countKept = (name: string): Promise<number> =>
  new Promise((resolve, reject) => {
    const opening = indexedDB.open(name);
    opening.onerror = () => reject(new Error(`no database ${name}`));
    // Whoever opens it first must not leave it without its store.
    opening.onupgradeneeded = () => opening.transaction?.abort();
    opening.onsuccess = () => {
      const counting = opening.result.transaction('answers').objectStore('answers').count();
      counting.onsuccess = () => {
        opening.result.close();
        resolve(counting.result);
      };
    };
  });

export default async function workOut(): Promise<void> {
  const browser = await chromium.launch({ executablePath: installed(), args: ['--no-sandbox', '--disable-gpu'] });
  try {
    writeFileSync(WORKED_OUT, JSON.stringify({ cookies: [], origins: await allWorkedOut(browser) }));
  } finally {
    await browser.close();
  }
}

/** Waits until the demo is worked out. @returns what the browser keeps of it, by address */
async function allWorkedOut(browser: Browser) {
  const context = await browser.newContext({ viewport: { width: 390, height: 844 } });
  const page = await context.newPage();
  await page.goto(`http://127.0.0.1:${process.env.E2E_PORT}/`);
  const wanted = QUESTIONS * BATCHES;
  const deadline = Date.now() + 120_000;
  while ((await page.evaluate(countKept, DATABASE).catch(() => 0)) < wanted) {
    if (Date.now() > deadline) throw new Error(`the demo’s ${wanted} answers were not worked out in two minutes`);
    await page.waitForTimeout(250);
  }
  const { origins } = handedOver.parse(await context.storageState({ indexedDB: true }));
  return origins.map(({ origin, indexedDB: databases }) => ({
    origin,
    localStorage: [],
    indexedDB: databases.filter(({ name }) => name === DATABASE),
  }));
}
