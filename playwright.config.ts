import { defineConfig } from '@playwright/test';
import { chromium } from './scripts/prepare.mjs';

const PORT = 8391;

export default defineConfig({
  testDir: 'e2e',
  workers: 2,
  fullyParallel: true,
  timeout: 45_000,
  expect: { timeout: 8000 },
  forbidOnly: true,
  reporter: [['list'], ['json', { outputFile: '.cache/browser-tests.json' }]],
  use: {
    baseURL: `http://127.0.0.1:${PORT}`,
    viewport: { width: 390, height: 844 },
    // Every test fetches the whole program anew: packing it each time is a fifth of a second (the server's own tests pack it).
    extraHTTPHeaders: { 'accept-encoding': 'identity' },
    launchOptions: {
      executablePath: chromium(),
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
      ],
    },
  },
  webServer: {
    command: 'node --import tsx server/index.ts',
    env: { PORT: String(PORT) },
    url: `http://127.0.0.1:${PORT}/api/health`,
    reuseExistingServer: false,
  },
});
