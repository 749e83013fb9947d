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

/** Debian's Chromium, for the browser tests and the pictures. */
export function installChromium() {
  if (existsSync('/usr/bin/chromium')) return;
  console.log('Installing Chromium …');
  run('apt-get update', 'apt-get', ['update', '-qq']);
  run('apt-get install chromium', 'apt-get', ['install', '-y', '-qq', '--no-install-recommends', 'chromium']);
}

/** A folder for what can be made again. */
export function cacheFolder() {
  mkdirSync('.cache', { recursive: true });
  return '.cache';
}
