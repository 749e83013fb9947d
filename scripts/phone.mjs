// A phone's profile, through the browser's own protocol: what is painted when, what jumps, and for how long it is deaf.
const PROFILE = { slower: 4, bitsPerSecond: 1.6e6, latency: 150 };
export const PHONE = { width: 390, height: 844 };

/**
 * Opens an address as a phone would, with nothing in its cache.
 * @returns time to the words waited for, ms; blocking time, ms; layout shift, and what shifted
 */
export async function openOnPhone(browser, address, isThere) {
  const context = await browser.newContext({ viewport: PHONE, isMobile: true, hasTouch: true });
  const page = await context.newPage();
  await page.addInitScript(() => {
    window.seen = { shift: 0, shifts: [], tasks: [] };
    const watch = (type, take) =>
      new PerformanceObserver((list) => list.getEntries().forEach(take)).observe({ type, buffered: true });
    watch('longtask', (e) => window.seen.tasks.push(e.duration));
    watch('layout-shift', (e) => {
      if (e.hadRecentInput) return;
      window.seen.shift += e.value;
      window.seen.shifts.push([
        Math.round(e.startTime),
        e.value.toFixed(3),
        ...e.sources
          .slice(0, 2)
          .map((s) => (s.node?.getAttribute?.('aria-label') ?? s.node?.textContent ?? '').slice(0, 40)),
      ]);
    });
  });
  const session = await context.newCDPSession(page);
  await session.send('Network.enable');
  await session.send('Network.emulateNetworkConditions', {
    offline: false,
    latency: PROFILE.latency,
    downloadThroughput: PROFILE.bitsPerSecond / 8,
    uploadThroughput: PROFILE.bitsPerSecond / 8,
  });
  await session.send('Emulation.setCPUThrottlingRate', { rate: PROFILE.slower });
  const start = Date.now();
  await page.goto(address, { waitUntil: 'commit' });
  await isThere(page);
  const there = Date.now() - start;
  // Until it has been quiet for a while: what is put off until there is time to spare belongs to it, too.
  await page.waitForLoadState('networkidle');
  await page.waitForTimeout(2500);
  const seen = await page.evaluate(() => window.seen);
  await context.close();
  const blocked = seen.tasks.reduce((sum, ms) => sum + Math.max(0, ms - 50), 0);
  return { there, blocked: Math.round(blocked), shift: seen.shift, shifts: seen.shifts };
}
