// npm run bench: sizes of what the browser loads, and times of the core as ratios to a fixed piece of arithmetic.
// With --sizes only the sizes, which fail when they are over their budget.
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
  const needed = ['index-', 'validator-', '_layout-'].map((start) => chunks.find((name) => name.startsWith(start)));
  if (needed.includes(undefined)) throw new Error('the build has no index, validator or layout of its own');
  return [
    { what: 'initial JavaScript (index.html)', bytes: eager, most: 420 * KB },
    { what: 'the worker', bytes: gzip(path.join(folder, worker)), most: 120 * KB },
    {
      what: 'all that the Bench needs, validator included',
      bytes: eager + needed.reduce((sum, name) => sum + gzip(path.join(folder, name)), 0),
      most: 490 * KB,
    },
  ];
}

installPackages();
build();
let over = 0;
for (const { what, bytes, most } of sizes()) {
  const ok = bytes <= most;
  if (!ok) over += 1;
  console.log(
    `${ok ? 'within' : 'OVER  '}  ${(bytes / KB).toFixed(0).padStart(4)} KB of ${(most / KB).toFixed(0)} KB gzip  ${what}`,
  );
}
if (!process.argv.includes('--sizes')) {
  const { status } = spawnSync(process.execPath, ['--import', 'tsx', 'scripts/bench-core.ts'], { stdio: 'inherit' });
  if (status !== 0) over += 1;
  installChromium();
  await import('./bench-browser.mjs');
}
process.exit(over === 0 ? 0 : 1);
