// Builds the web application into dist/ where sources changed since the last build.
import { createHash } from 'node:crypto';
import { existsSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { cacheFolder, installPackages, run } from './prepare.mjs';

const SOURCES = [
  'src',
  'public',
  'types',
  'app.json',
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
export function build() {
  const mark = path.join(cacheFolder(), 'built');
  const now = fingerprint();
  if (existsSync('dist/index.html') && existsSync(mark) && readFileSync(mark, 'utf8') === now) return;
  console.log('Building …');
  run('expo export', 'npx', ['expo', 'export', '--platform', 'web', '--output-dir', 'dist'], {
    env: { ...process.env, CI: '1', EXPO_NO_TELEMETRY: '1', EXPO_OFFLINE: '1' },
  });
  writeFileSync(mark, now);
}

if (import.meta.url === `file://${process.argv[1]}`) {
  installPackages();
  build();
}
