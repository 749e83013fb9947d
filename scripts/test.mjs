// npm test: everything that must hold, in a fresh clone as well. The last line alone says `N passed, N failed`.
import { spawnSync } from 'node:child_process';
import { existsSync, readFileSync, rmSync } from 'node:fs';
import path from 'node:path';
import { build } from './build.mjs';
import { cacheFolder, installChromium, installPackages } from './prepare.mjs';

installPackages();
installChromium();
const cache = cacheFolder();
let passed = 0;
let failed = 0;

/** A step that passes or fails as a whole. */
function step(name, command, args) {
  console.log(`\n— ${name}`);
  const { status } = spawnSync(command, args, {
    stdio: 'inherit',
    env: { ...process.env, CI: '1', EXPO_NO_TELEMETRY: '1' },
  });
  if (status === 0) passed += 1;
  else failed += 1;
  return status === 0;
}

/** A test runner that leaves a report; without one, or with none run, it has failed. */
function suite(name, command, args, report, count) {
  const file = path.join(cache, report);
  rmSync(file, { force: true });
  console.log(`\n— ${name}`);
  const { status } = spawnSync(command, args, { stdio: 'inherit', env: { ...process.env, CI: '1' } });
  const result = existsSync(file) ? count(JSON.parse(readFileSync(file, 'utf8'))) : { passed: 0, failed: 0 };
  passed += result.passed;
  failed += result.failed;
  // A runner that broke before it could count its tests is a failure of its own.
  if (result.failed === 0 && (status !== 0 || result.passed === 0)) failed += 1;
}

step('typed routes', 'npx', ['expo', 'customize', 'tsconfig.json']);
step('types', 'npx', ['tsc', '--noEmit']);
step('lint', 'npx', ['eslint', '.', '--max-warnings', '0']);
step('format', 'npx', ['prettier', '--check', '--log-level', 'warn', '.']);
step('import rules', 'npm', ['run', '--silent', 'layers']);
step('schemas in docs are current', process.execPath, ['--import', 'tsx', 'scripts/write-schemas.ts', '--check']);
suite('unit tests', 'npx', ['jest', '--json', `--outputFile=${cache}/unit-tests.json`], 'unit-tests.json', (r) => ({
  passed: r.numPassedTests,
  failed: r.numFailedTests + r.numRuntimeErrorTestSuites,
}));
build();
step('bundle size', process.execPath, ['scripts/bench.mjs', '--sizes']);
suite('browser tests', 'npx', ['playwright', 'test'], 'browser-tests.json', (r) => ({
  passed: r.stats.expected,
  failed: r.stats.unexpected + r.stats.flaky,
}));

console.log(`\n${passed} passed, ${failed} failed`);
process.exit(failed === 0 ? 0 : 1);
