// node look.mjs jobs.json : [{url,w,h,out,full,dark,at,steps:"async (page)=>{}"}]
import { chromium } from '@playwright/test';
import { readFileSync } from 'node:fs';
const jobs = JSON.parse(readFileSync(process.argv[2], 'utf8'));
const b = await chromium.launch({ executablePath: '/usr/bin/chromium-headless-shell', args: ['--no-sandbox', '--disable-gpu'] });
for (const j of jobs) {
  const c = await b.newContext({ viewport: { width: j.w ?? 390, height: j.h ?? 844 }, colorScheme: j.dark ? 'dark' : 'light', timezoneId: 'Europe/Berlin' });
  const p = await c.newPage();
  p.on('console', (m) => { if (['error', 'warning'].includes(m.type())) console.log(m.type(), m.text().slice(0, 300)); });
  p.on('pageerror', (e) => console.log('pageerror', e.message.slice(0, 300)));
  if (j.at) await p.clock.install({ time: new Date(j.at) });
  await p.goto('http://127.0.0.1:8399' + j.url);
  await p.waitForTimeout(j.wait ?? 1500);
  if (j.steps) await eval(j.steps)(p);
  if (j.tall) { await p.setViewportSize({ width: j.w ?? 390, height: j.tall }); await p.waitForTimeout(500); }
  await p.screenshot({ path: j.out });
  if (j.text) console.log((await p.locator('main,[role=main]').innerText()).slice(0, j.text));
  await c.close();
}
await b.close();
