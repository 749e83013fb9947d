// Builds the web application into dist/ where sources changed since the last build.
import { createHash } from 'node:crypto';
import { existsSync, readdirSync, readFileSync, renameSync, statSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { cacheFolder, installPackages, run } from './prepare.mjs';
import { split } from './split.mjs';

const SOURCES = [
  'scripts/build.mjs',
  'scripts/split.mjs',
  'scripts/service-worker.mjs',
  'scripts/minify.js',
  'src',
  'public',
  'types',
  'app.json',
  'app.config.js',
  'babel.config.js',
  'metro.config.js',
  'tsconfig.json',
  'package-lock.json',
];

function files(at) {
  return statSync(at).isDirectory()
    ? readdirSync(at)
        .sort()
        .flatMap((name) => files(path.join(at, name)))
    : [at];
}

function fingerprint() {
  const hash = createHash('sha256');
  for (const file of SOURCES.flatMap(files)) hash.update(file).update(readFileSync(file));
  return hash.digest('hex');
}

/** Builds, unless the last build was made of the same sources. */
export async function build() {
  const mark = path.join(cacheFolder(), 'built');
  const now = fingerprint();
  if (existsSync('dist/index.html') && existsSync(mark) && readFileSync(mark, 'utf8') === now) return;
  console.log('Building …');
  // The packages are there by now, and not before.
  const { writeServiceWorker } = await import('./service-worker.mjs');
  run('expo export', 'npx', ['expo', 'export', '--platform', 'web', '--output-dir', 'dist'], {
    env: { ...process.env, CI: '1', EXPO_NO_TELEMETRY: '1', EXPO_OFFLINE: '1' },
  });
  fingerprintFonts();
  writePage(split('dist'));
  await writeServiceWorker('dist');
  writeFileSync(mark, now);
}

/** Fonts get a fingerprint into their names, so that they can be kept for ever, and are asked for with the page. */
function fingerprintFonts() {
  const named = files('dist/fonts').map((file) => {
    const hash = createHash('md5').update(readFileSync(file)).digest('hex');
    const to = file.replace(/\.woff2$/, `.${hash}.woff2`);
    renameSync(file, to);
    return { from: `/${path.relative('dist', file)}`, to: `/${path.relative('dist', to)}` };
  });
  const css = readFileSync('dist/fonts.css', 'utf8');
  writeFileSync(
    'dist/fonts.css',
    named.reduce((text, { from, to }) => text.replace(from, to), css),
  );
  const links = named.map(
    ({ to }) => `    <link rel="preload" as="font" type="font/woff2" crossorigin href="${to}" />\n`,
  );
  const page = readFileSync('dist/index.html', 'utf8');
  writeFileSync('dist/index.html', page.replace('  </head>', `${links.join('')}  </head>`));
}

/**
 * The page loads the program's entry, what all pages need, and, by shell.js, which knows where it is, what its own screen needs:
 * all at once, so that nothing is asked for only when what comes before it has run. And a list of all other scripts, so that they
 * can be fetched before the server is gone.
 */
function writePage(parts) {
  const { runtime, entry, always, urls } = parts;
  // Every script's name carries its content: all names together are the program.
  const program = createHash('md5').update(files('dist/_expo/static/js/web').sort().join()).digest('hex');
  const asked = `    <link rel="preload" as="script" href="${urls[entry]}" />\n`;
  const page = readFileSync('dist/index.html', 'utf8')
    .replace(/<script src="\/_expo[^"]*" defer><\/script>/g, '')
    .replace('  </head>', `${asked}  </head>`)
    .replace(
      '<script src="/shell.js"></script>',
      () => `<script type="application/json" id="parts" data-program="${program}">${JSON.stringify(parts)}</script>
    <script src="${urls[runtime]}"></script>
    <script src="/shell.js"></script>`,
    );
  writeFileSync('dist/index.html', page);
  const scripts = files('dist/_expo/static/js/web')
    .filter((file) => file.endsWith('.js'))
    .map((file) => `/${path.relative('dist', file)}`)
    .filter((url) => ![runtime, entry, ...always].some((at) => urls[at] === url));
  writeFileSync('dist/parts.json', JSON.stringify(scripts));
}

/** A trivial screen of the same stack, for comparison. @returns the folder it is in */
export function buildTrivial() {
  const folder = path.join(cacheFolder(), 'trivial');
  const mark = path.join(cacheFolder(), 'trivial-built');
  const now = createHash('sha256')
    .update(
      ['scripts/trivial', 'package-lock.json']
        .flatMap(files)
        .map((file) => readFileSync(file, 'utf8'))
        .join(),
    )
    .digest('hex');
  if (existsSync(path.join(folder, 'index.html')) && existsSync(mark) && readFileSync(mark, 'utf8') === now)
    return folder;
  console.log('Building a trivial screen …');
  run('expo export', 'npx', ['expo', 'export', '--platform', 'web', '--output-dir', folder], {
    env: {
      ...process.env,
      CI: '1',
      EXPO_NO_TELEMETRY: '1',
      EXPO_OFFLINE: '1',
      INVOLUCRUM_ROUTES: './scripts/trivial',
    },
  });
  writeFileSync(mark, now);
  return folder;
}

if (import.meta.url === `file://${process.argv[1]}`) {
  installPackages();
  await build();
}
