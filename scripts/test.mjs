// npm test: installs what is missing, runs every check, and ends with one line that sums them all.
import { spawnSync } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs';
import { installPackages, root } from './install.mjs';

const CHROMIUM = '/usr/bin/chromium';
let passed = 0;
let failed = 0;

installPackages();
installChromium();
rmSync(`${root}test-results`, { recursive: true, force: true });
mkdirSync(`${root}test-results`);

check('types', 'scripts/typecheck.mjs');
check('lint', 'node_modules/eslint/bin/eslint.js', '.');
check('format', 'node_modules/prettier/bin/prettier.cjs', '--check', '--log-level', 'warn', '.');
check('imports', 'scripts/imports.mjs');
suite(
  'unit',
  vitestResult,
  'node_modules/vitest/vitest.mjs',
  'run',
  '--reporter=default',
  '--reporter=json',
  '--outputFile.json=test-results/unit.json',
);
check('build', 'scripts/build.mjs');
suite('e2e', playwrightResult, 'node_modules/@playwright/test/cli.js', 'test');

console.log(`${passed} passed, ${failed} failed`);
process.exit(failed === 0 ? 0 : 1);

function run(name, args) {
  console.log(`\n── ${name}`);
  return (
    spawnSync(process.execPath, args, { cwd: root, stdio: ['ignore', 'inherit', 'inherit'] }).status === 0
  );
}

/** A check that passes or fails as a whole. */
function check(name, ...args) {
  if (run(name, args)) passed += 1;
  else failed += 1;
}

/** A test runner with a report; one that broke off, or ran nothing, counts as a failure beside what it tells. */
function suite(name, resultOf, ...args) {
  const ok = run(name, args);
  const file = `${root}test-results/${name}.json`;
  const result = existsSync(file)
    ? resultOf(JSON.parse(readFileSync(file, 'utf8')))
    : { passed: 0, failed: 0 };
  passed += result.passed;
  failed += result.failed;
  if ((!ok && result.failed === 0) || result.passed + result.failed === 0) failed += 1;
}

function vitestResult(report) {
  return { passed: report.numPassedTests, failed: report.numFailedTests };
}

function playwrightResult({ stats }) {
  return { passed: stats.expected, failed: stats.unexpected + stats.flaky };
}

function installChromium() {
  if (existsSync(CHROMIUM)) return;
  const root = process.getuid?.() === 0 && existsSync('/usr/bin/apt-get');
  if (!root) {
    console.error(
      'The browser tests need Chromium at /usr/bin/chromium; on Debian: apt-get install chromium',
    );
    console.log('0 passed, 1 failed');
    process.exit(1);
  }
  console.error('Installing Chromium from Debian …');
  const apt = (...args) =>
    spawnSync('apt-get', args, {
      stdio: ['ignore', 2, 2],
      env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' },
    });
  apt('update', '-qq');
  apt('install', '-y', '-qq', '--no-install-recommends', 'chromium');
}
