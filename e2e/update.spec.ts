/** A newer program is offered, never forced; taken, it loses nothing that was typed. */
import { appendFileSync, cpSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { alone, expect, type OwnServer, TURKEY, withServer } from './fixtures';

/** A server with a build of its own, which changes under the page. */
const test = alone.extend<{ dist: string; server: OwnServer }>({
  dist: async ({ browserName: _any }, give) => {
    const dist = mkdtempSync(path.join(tmpdir(), 'involucrum-dist-'));
    cpSync('dist', dist, { recursive: true });
    await give(dist);
    rmSync(dist, { recursive: true, force: true });
  },
  server: async ({ dist }, give) => withServer(give, dist),
  baseURL: async ({ server }, give) => give(server.address),
});

test('an update is offered, waits until it is taken, and keeps what was typed', async ({ page, dist }) => {
  await page.addInitScript(() =>
    Object.defineProperty(navigator, 'connection', { value: { saveData: false }, configurable: true }),
  );
  await page.goto(`${TURKEY}/wrap`);
  const portion = page.getByLabel('Filling in each, g');
  await expect(portion).toHaveValue('28');
  const worker = () =>
    page.evaluate(async () => {
      const found = await navigator.serviceWorker.getRegistration();
      return [found?.active?.state ?? '', found?.waiting?.state ?? ''];
    });
  await expect.poll(worker, { timeout: 30_000 }).toEqual(['activated', '']);
  await page.reload();

  // The server has another program now.
  appendFileSync(path.join(dist, 'sw.js'), '\n// newer\n');
  await page.evaluate(async () => (await navigator.serviceWorker.getRegistration())?.update());
  const offer = page.getByText('A newer Involucrum is ready.');
  await expect(offer).toBeVisible({ timeout: 30_000 });
  // Nothing happens by itself.
  expect(await worker()).toEqual(['activated', 'installed']);
  await portion.fill('31');
  const loaded = page.waitForEvent('load');
  await page.getByRole('button', { name: 'Take it' }).click();
  await loaded;
  await expect(portion).toHaveValue('31');
  await expect.poll(worker).toEqual(['activated', '']);
  await expect(offer).toHaveCount(0);
});
