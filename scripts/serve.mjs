// The built application on a port of its own, for pictures and benchmarks, with a browser to open it.
import { spawn } from 'node:child_process';
import { chromium } from '@playwright/test';
import { chromium as installed } from './prepare.mjs';

/** Serves a build, hands over its address and a browser, and closes both however it ends. */
export async function withBrowser(port, visit, dist) {
  const server = spawn(process.execPath, ['--import', 'tsx', 'server/index.ts'], {
    env: { ...process.env, PORT: String(port), ...(dist === undefined ? {} : { DIST: dist }) },
  });
  try {
    await new Promise((resolve, reject) => {
      server.stdout.once('data', resolve);
      server.stderr.once('data', (data) => reject(new Error(String(data))));
    });
    const browser = await chromium.launch({
      executablePath: installed(),
      args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking'],
    });
    await visit(`http://127.0.0.1:${port}`, browser);
    await browser.close();
  } finally {
    server.kill();
  }
}
