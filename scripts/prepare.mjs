// What must be there before anything else: Node's version and the packages. Node built-ins only.
import { spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';

/** Runs a command; a failure says which and why, and ends everything. */
export function run(what, command, args, options = {}) {
  const { status, error } = spawnSync(command, args, { stdio: 'inherit', ...options });
  if (error || status !== 0) {
    console.error(`\n${what} failed: ${error ? error.message : `${command} ${args.join(' ')} ended with ${status}`}`);
    process.exit(1);
  }
}

const hashOf = (file) => createHash('sha256').update(readFileSync(file)).digest('hex');

/** Installs the packages where they are missing or older than the lock file. */
export function installPackages() {
  const [major] = process.versions.node.split('.').map(Number);
  if (major < 20) {
    console.error(`Node.js 20 or newer is needed; this is ${process.versions.node}`);
    process.exit(1);
  }
  const mark = 'node_modules/.involucrum-installed';
  const wanted = hashOf('package-lock.json');
  if (existsSync(mark) && readFileSync(mark, 'utf8') === wanted) return;
  console.log('Installing packages …');
  run('npm ci', 'npm', ['ci', '--no-audit', '--no-fund', '--loglevel=error']);
  writeFileSync(mark, wanted);
}

/**
 * Debian's Chromium, for the browser tests and the pictures: the headless one where there is it, which has no window of its
 * own to draw and runs the tests in half the time; else the ordinary one.
 */
const BROWSERS = ['/usr/bin/chromium-headless-shell', '/usr/bin/chromium'];
export const chromium = () => BROWSERS.find((file) => existsSync(file)) ?? BROWSERS[1];

export function installChromium() {
  if (existsSync(BROWSERS[0])) return;
  console.log('Installing headless Chromium …');
  const apt = (...args) => spawnSync('apt-get', args, { stdio: 'inherit' }).status === 0;
  const install = (name) => apt('install', '-y', '-qq', '--no-install-recommends', name);
  if (install('chromium-headless-shell') || (apt('update', '-qq') && install('chromium-headless-shell'))) return;
  if (existsSync(BROWSERS[1])) return;
  if (!install('chromium')) {
    console.error('No Chromium: apt-get could install neither chromium-headless-shell nor chromium');
    process.exit(1);
  }
}

/** A folder for what can be made again. */
export function cacheFolder() {
  mkdirSync('.cache', { recursive: true });
  return '.cache';
}
