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
  const initial = [...readFileSync('dist/index.html', 'utf8').matchAll(/src="([^"]+\.js)"/g)].map((match) => match[1]);
  const eager = initial.reduce((sum, file) => sum + gzip(path.join('dist', file)), 0);
  const chunks = readdirSync(folder).filter((name) => name.endsWith('.js'));
  // The worker's own entry is the one that index.html does not load.
  const worker = chunks.find((name) => name.startsWith('entry-') && !initial.some((file) => file.endsWith(name)));
  if (worker === undefined) throw new Error('the build has no worker');
  const named = (...starts) =>
    starts.reduce((sum, start) => {
      const name = chunks.find((chunk) => chunk.startsWith(start));
      if (name === undefined) throw new Error(`the build has no ${start} of its own`);
      return sum + gzip(path.join(folder, name));
    }, 0);
  // Several folders have an index: the Bench's is the one that exports it.
  const bench = chunks.find(
    (name) =>
      name.startsWith('index-') && /return \w+\.BenchScreen\b/.test(readFileSync(path.join(folder, name), 'utf8')),
  );
  if (bench === undefined) throw new Error('the build has no Bench of its own');
  // Workers carry the whole larder; the page's first scripts only its usual rows (catalogue/more).
  return [
    { what: 'initial JavaScript (index.html)', bytes: eager, most: 447 * KB },
    { what: 'the worker', bytes: gzip(path.join(folder, worker)), most: 175 * KB },
    { what: 'all that the Bench needs', bytes: eager + named(bench, '_layout-'), most: 454 * KB },
    { what: 'the worker that reads noted batches', bytes: named('notebook-entry-'), most: 205 * KB },
    { what: 'the planning worker, with all that it judges by', bytes: named('planner-entry-'), most: 182 * KB },
    { what: 'the validating worker', bytes: named('validator-entry-'), most: 102 * KB },
    { what: 'all that Fill needs', bytes: eager + named('_layout-', '[station]-'), most: 480 * KB },
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
