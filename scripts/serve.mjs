// The built application on a port of its own, for tests, pictures and benchmarks.
import { spawn } from 'node:child_process';
import { chromium } from '@playwright/test';
import { chromium as installed } from './prepare.mjs';

/**
 * Starts a server.
 * @param {{ port?: number; dist?: string }} [options] port 0 is any that is free
 * @returns {Promise<{ address: string; port: number; stop: () => Promise<void> }>} once it answers
 */
export async function serve({ port = 0, dist } = {}) {
  const server = spawn(process.execPath, ['--import', 'tsx', 'server/index.ts'], {
    env: { ...process.env, PORT: String(port), HOST: '127.0.0.1', ...(dist === undefined ? {} : { DIST: dist }) },
  });
  const said = await new Promise((resolve, reject) => {
    server.stdout.once('data', (data) => resolve(String(data)));
    server.stderr.once('data', (data) => reject(new Error(String(data))));
  });
  const address = /http:\S+/.exec(said)[0];
  const gone = new Promise((resolve) => server.once('exit', resolve));
  const stop = async () => {
    // As when the power fails: it takes leave of nobody.
    server.kill('SIGKILL');
    await gone;
  };
  return { address, port: Number(new URL(address).port), stop };
}

/** Serves a build, hands over its address and a browser, and closes both however it ends. */
export async function withBrowser(visit, dist) {
  const { address, stop } = await serve({ dist });
  try {
    const browser = await chromium.launch({
      executablePath: installed(),
      args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking'],
    });
    await visit(address, browser);
    await browser.close();
  } finally {
    await stop();
  }
}
