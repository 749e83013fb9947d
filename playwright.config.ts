import { defineConfig } from '@playwright/test';
import { WORKED_OUT } from './e2e/worked-out';
import { chromium } from './scripts/prepare.mjs';

export default defineConfig({
  testDir: 'e2e',
  globalSetup: './e2e/worked-out.ts',
  workers: 2,
  fullyParallel: true,
  // Limits against what never comes; a busy machine takes three times as long as a quiet one and is right as well.
  timeout: 150_000,
  expect: { timeout: 25_000 },
  forbidOnly: true,
  reporter: [['list'], ['json', { outputFile: '.cache/browser-tests.json' }]],
  use: {
    // Known where the server has said it: in the workers.
    baseURL: `http://127.0.0.1:${process.env.E2E_PORT}`,
    storageState: WORKED_OUT,
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
    env: { PORT: '0' },
    wait: { stdout: /http:\/\/127\.0\.0\.1:(?<e2e_port>\d+)/ },
  },
});
