// npm test: everything that must hold, in a fresh clone as well. The last line alone says `N passed, N failed`.
import { spawn } from 'node:child_process';
import { existsSync, readFileSync, rmSync } from 'node:fs';
import path from 'node:path';
import { cacheFolder, installChromium, installPackages } from './prepare.mjs';
import { countProcessorTime } from './processor-time.mjs';
import { putTogether } from './together.mjs';

installPackages();
installChromium();
const cache = cacheFolder();
const unitTests = putTogether(cache);
const began = Date.now();
const costSince = countProcessorTime();
let passed = 0;
let failed = 0;
/** Every test with the time it took, s. */
const timed = [];
/** What failed, by name: said once more at the end, where it is found. */
const broken = [];

/** No step takes this long on the slowest machine: one that never ends is ended, and has failed. */
const STEP_LIMIT_MS = 20 * 60_000;

/** Runs a command; its words are shown together when it ends, so that two can run side by side. */
function run(name, command, args) {
  const start = Date.now();
  const child = spawn(command, args, {
    timeout: STEP_LIMIT_MS,
    env: { ...process.env, CI: '1', EXPO_NO_TELEMETRY: '1', FORCE_COLOR: '0', TESTS_TOGETHER: unitTests.file },
  });
  let words = '';
  for (const stream of [child.stdout, child.stderr]) stream.on('data', (text) => (words += text));
  return new Promise((resolve) => {
    child.on('error', (error) => (words += error.message));
    child.on('close', (status) => {
      console.log(`\n— ${name} (${Math.round((Date.now() - start) / 1000)} s)\n${words.trimEnd()}`);
      resolve(status);
    });
  });
}

/** A step that passes or fails as a whole. */
async function step(name, command, args) {
  if ((await run(name, command, args)) === 0) passed += 1;
  else {
    failed += 1;
    broken.push(name);
  }
}

/** A test runner that leaves a report; without one, or with none run, it has failed. */
async function suite(name, command, args, report, count) {
  const file = path.join(cache, report);
  rmSync(file, { force: true });
  const status = await run(name, command, args);
  const result = existsSync(file) ? count(JSON.parse(readFileSync(file, 'utf8'))) : { passed: 0, failed: 0 };
  passed += result.passed;
  failed += result.failed;
  timed.push(...(result.timed ?? []));
  broken.push(...(result.broken ?? []));
  // A runner that broke before it could count its tests is a failure of its own.
  if (result.failed === 0 && (status !== 0 || result.passed === 0)) {
    failed += 1;
    broken.push(name);
  }
}

/** Tests of nested suites, each with its time. */
const browserTests = (suites) =>
  suites.flatMap((suite) => [
    ...browserTests(suite.suites ?? []),
    ...(suite.specs ?? []).map((spec) => ({
      seconds: spec.tests.flatMap((test) => test.results).reduce((sum, result) => sum + result.duration, 0) / 1000,
      name: `e2e/${spec.file}: ${spec.title}`,
      isBroken: spec.tests.some((test) => test.status === 'unexpected' || test.status === 'flaky'),
    })),
  ]);
const namesOfBroken = (tests) => tests.filter(({ isBroken }) => isBroken).map(({ name }) => name);

const node = process.execPath;
/** A package's own command, without the second that asking for it by `npx` takes. */
const bin = (name) => path.join('node_modules', '.bin', name);
const read = async () => {
  await step('typed routes', bin('expo'), ['customize', 'tsconfig.json']);
  await step('types', 'npm', ['run', '--silent', 'typecheck']);
  await step('lint', 'npm', ['run', '--silent', 'lint']);
  await step('format', 'npm', ['run', '--silent', 'format', '--', '--check']);
  await step('import rules', 'npm', ['run', '--silent', 'layers']);
};
/** Some of the unit tests. */
const unit = (name, files) => {
  const report = `${name.replaceAll(' ', '-').replace('/', '-of-')}.json`;
  const args = ['--maxWorkers=1', '--json', `--outputFile=${cache}/${report}`, '--runTestsByPath', ...files];
  return suite(name, bin('jest'), args, report, (r) => {
    const tests = r.testResults.flatMap((file) =>
      file.assertionResults.map((test) => ({
        seconds: (test.duration ?? 0) / 1000,
        // One of several files put together names its own.
        name: /^test\//.test(test.fullName) ? test.fullName : `${path.relative('.', file.name)}: ${test.fullName}`,
        isBroken: test.status === 'failed',
      })),
    );
    const unread = r.testResults.filter((file) => file.status === 'failed' && file.assertionResults.length === 0);
    return {
      passed: r.numPassedTests,
      failed: r.numFailedTests + r.numRuntimeErrorTestSuites,
      timed: tests,
      broken: [...namesOfBroken(tests), ...unread.map((file) => path.relative('.', file.name))],
    };
  });
};
const made = async () => {
  await step('build', node, ['scripts/build.mjs']);
  await step('bundle size', node, ['scripts/bench.mjs', '--sizes']);
  await step('schemas in docs are current', node, ['--import', 'tsx', 'scripts/write-schemas.ts', '--check']);
  const { ui, web } = unitTests.list;
  await unit('unit tests of the interface', [...ui.alone, ...ui.parts, ...web.alone, ...web.parts]);
};
const { parts, alone } = unitTests.list.core;
const core = [
  ...parts.map((file, i) => () => unit(`unit tests of the core ${i + 1}/${parts.length}`, [file])),
  () => unit('unit tests of what keeps and serves', alone),
];
// Two lanes for the two cores of an ordinary machine: whichever is free takes what comes next.
const tasks = [read, made, ...core];
const lane = async () => {
  for (let task = tasks.shift(); task !== undefined; task = tasks.shift()) await task();
};
await Promise.all([lane(), lane()]);
await suite('browser tests', bin('playwright'), ['test'], 'browser-tests.json', (r) => {
  const timed = browserTests(r.suites);
  return {
    passed: r.stats.expected,
    failed: r.stats.unexpected + r.stats.flaky,
    timed,
    broken: namesOfBroken(timed),
  };
});

const SHOWN = 10;
console.log('\nThe slowest:');
for (const { seconds, name } of timed.sort((a, b) => b.seconds - a.seconds).slice(0, SHOWN))
  console.log(`${seconds.toFixed(1).padStart(6)} s  ${name.slice(0, 110)}`);

if (broken.length > 0) console.log(`\nWhat failed:\n${broken.map((name) => `  ${name}`).join('\n')}`);
const cost = costSince();
const quiet =
  cost &&
  `; ${Math.round(cost.usedS)} s of processor time, ${Math.round(cost.takenAwayS)} s more went to other machines`;
console.log(`\nin ${Math.round((Date.now() - began) / 1000)} s${quiet ?? ''}`);
console.log(`\n${passed} passed, ${failed} failed`);
process.exit(failed === 0 ? 0 : 1);
