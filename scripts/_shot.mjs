import { chromium as pw } from '@playwright/test';
import { chromium } from './prepare.mjs';
const [,, url, out, w='390', h='844', ...acts] = process.argv;
const b = await pw.launch({ executablePath: chromium(), args: ['--no-sandbox','--disable-gpu','--disable-quic','--no-first-run','--disable-background-networking'] });
const p = await b.newPage({ viewport: { width: +w, height: +h } });
await p.goto('http://127.0.0.1:8377' + url); await p.waitForTimeout(2500);
for (const a of acts) { const [k, v] = [a.slice(0, a.indexOf('=')), a.slice(a.indexOf('=')+1)]; 
  if (k==='click') await p.getByRole('button',{name:new RegExp(v)}).first().click();
  if (k==='fill') { const [l,...t]=v.split('::'); await p.getByLabel(new RegExp(l)).first().fill(t.join('::').replace(/\\n/g,'\n')); }
  if (k==='scroll') await p.mouse.wheel(0, +v);
  if (k==='see') await p.getByText(new RegExp(v)).first().scrollIntoViewIfNeeded();
  if (k==='full') {}
  await p.waitForTimeout(1200); }
await p.screenshot({ path: out, fullPage: acts.includes('full=1') }); await b.close();
