// npm test: installs what is missing, runs every check, and ends with one line that sums them all. With --long the tests
// that take more the longer they are run take as much as they ever do.
import { Buffer } from 'node:buffer';
import { spawn, spawnSync } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs';
import { installPackages, root } from './install.mjs';

/** Lighter than the whole browser, which does as well. */
const SHELL = 'chromium-headless-shell';
/** What the tests need of Debian: a browser, an IMAP server, and other programs' SMTP clients. */
const DEBIAN = [
  [`/usr/bin/${SHELL}`, SHELL],
  ['/usr/sbin/dovecot', 'dovecot-imapd'],
  ['/usr/bin/swaks', 'swaks'],
  ['/usr/bin/curl', 'curl'],
  ['/usr/bin/python3', 'python3'],
];
/** What is tested was built at the beginning. */
const BUILT = {
  ...process.env,
  TEST_BUILT: '1',
  ...(process.argv.includes('--long') ? { TEST_LONG: '1' } : {}),
};
const times = [];
let passed = 0;
let failed = 0;

installPackages();
installDebianPackages();
rmSync(`${root}test-results`, { recursive: true, force: true });
mkdirSync(`${root}test-results`);

await check('build', 'scripts/build.mjs');
// The unit tests wait a good deal; the checks use the time. Browsers want the machine for themselves.
await Promise.all([checkAll(), unitTests()]);
await suite('e2e', playwrightResult, 'node_modules/@playwright/test/cli.js', 'test');

for (const [name, ms] of times)
  console.log(`${name.padEnd(14)} ${String(Math.round(ms / 1000)).padStart(4)} s`);
console.log(`${passed} passed, ${failed} failed`);
process.exit(failed === 0 ? 0 : 1);

async function checkAll() {
  await check('types and lint', 'node_modules/oxlint/bin/oxlint');
  await check('format', 'node_modules/prettier/bin/prettier.cjs', '--check', '--log-level', 'warn', '.');
  await check('imports', 'scripts/imports.mjs');
  await check('unused', 'node_modules/knip/bin/knip.js');
}

function unitTests() {
  return suite(
    'unit',
    vitestResult,
    'node_modules/vitest/vitest.mjs',
    'run',
    '--reporter=default',
    '--reporter=json',
    '--outputFile.json=test-results/unit.json',
  );
}

/** What is said is shown once it is over, so that two that run together stay apart. */
function run(name, args) {
  const began = Date.now();
  return new Promise((resolve) => {
    const child = spawn(process.execPath, args, { cwd: root, stdio: ['ignore', 'pipe', 'pipe'], env: BUILT });
    const said = [];
    for (const stream of [child.stdout, child.stderr]) stream.on('data', (data) => said.push(data));
    child.on('close', (code) => {
      times.push([name, Date.now() - began]);
      console.log(`\n── ${name}`);
      process.stdout.write(Buffer.concat(said));
      resolve(code === 0);
    });
  });
}

/** A check that passes or fails as a whole. */
async function check(name, ...args) {
  if (await run(name, args)) passed += 1;
  else failed += 1;
}

/** A test runner with a report; one that broke off, or ran nothing, counts as a failure beside what it tells. */
async function suite(name, resultOf, ...args) {
  const ok = await run(name, args);
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

function installDebianPackages() {
  const missing = () => DEBIAN.filter(([file]) => !existsSync(file)).map(([, name]) => name);
  if (missing().length === 0) return;
  if (process.getuid?.() === 0 && existsSync('/usr/bin/apt-get')) {
    console.error(`Installing ${missing().join(', ')} from Debian …`);
    const apt = (...args) =>
      spawnSync('apt-get', args, {
        stdio: ['ignore', 2, 2],
        env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' },
      });
    apt('update', '-qq');
    apt('install', '-y', '-qq', '--no-install-recommends', ...missing());
  }
  const lacking = missing().filter((name) => name !== SHELL || !existsSync('/usr/bin/chromium'));
  if (lacking.length === 0) return;
  console.error(`The tests need these; on Debian: apt-get install ${lacking.join(' ')}`);
  console.log('0 passed, 1 failed');
  process.exit(1);
}
