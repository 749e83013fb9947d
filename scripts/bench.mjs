// npm run bench: sizes of what the browser loads, the known fillings, the core as ratios, and the first picture and typing in a browser.
// It fails where a budget is broken. With --sizes only the sizes.
import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { spawnSync } from 'node:child_process';
import { gzipSync } from 'node:zlib';
import { build } from './build.mjs';
import { installChromium, installPackages } from './prepare.mjs';

const KB = 1024;
const folder = 'dist/_expo/static/js/web';
const gzip = (file) => gzipSync(readFileSync(file), { level: 9 }).length;

function sizes() {
  const page = readFileSync('dist/index.html', 'utf8');
  const { runtime, entry, always, places, urls } = JSON.parse(/id="parts"[^>]*>(.*?)<\/script>/s.exec(page)[1]);
  const loaded = (...parts) => parts.reduce((sum, at) => sum + gzip(path.join('dist', urls[at])), 0);
  const everyPage = [runtime, entry, ...always];
  const worker = (start) => {
    const names = readdirSync(folder).filter((name) => name.startsWith(start));
    const name = names.find((one) => !urls.some((url) => url.endsWith(one)));
    if (name === undefined) throw new Error(`the build has no worker ${start}`);
    return gzip(path.join(folder, name));
  };
  const whole = (route) => loaded(...everyPage, ...places[route].scripts);
  // Workers carry the whole larder; pages only its usual rows (catalogue/more).
  return [
    { what: 'what every page loads', bytes: loaded(...everyPage), most: 360 * KB },
    { what: 'all that the Bench needs', bytes: whole('index'), most: 372 * KB },
    { what: 'all that Fill needs', bytes: whole('batch/[id]/[station]'), most: 490 * KB },
    { what: 'the worker', bytes: worker('entry-'), most: 175 * KB },
    { what: 'the worker that reads noted batches', bytes: worker('notebook-entry-'), most: 205 * KB },
    { what: 'the planning worker, with all that it judges by', bytes: worker('planner-entry-'), most: 182 * KB },
    { what: 'the validating worker', bytes: worker('validator-entry-'), most: 102 * KB },
  ];
}

installPackages();
await build();
let over = 0;
for (const { what, bytes, most } of sizes()) {
  const ok = bytes <= most;
  if (!ok) over += 1;
  console.log(
    `${ok ? 'within' : 'OVER  '}  ${(bytes / KB).toFixed(0).padStart(4)} KB of ${(most / KB).toFixed(0)} KB gzip  ${what}`,
  );
}
if (!process.argv.includes('--sizes')) {
  for (const script of [
    'scripts/bench-lines.ts',
    'scripts/bench-recipes.ts',
    'scripts/bench-fillings.ts',
    'scripts/bench-trial.ts',
    'scripts/bench-wraps.ts',
    'scripts/bench-core.ts',
    'scripts/bench-day.ts',
    'scripts/bench-notebook.ts',
  ]) {
    const { status } = spawnSync(process.execPath, ['--import', 'tsx', script], { stdio: 'inherit' });
    if (status !== 0) over += 1;
  }
  installChromium();
  const { benchBrowser } = await import('./bench-browser.mjs');
  over += await benchBrowser();
}
process.exit(over === 0 ? 0 : 1);
