// Checks who imports whom; a check that looked at nothing has failed.
import { execFileSync } from 'node:child_process';
import { root } from './install.mjs';

const out = execFileSync(
  process.execPath,
  [
    'node_modules/dependency-cruiser/bin/dependency-cruise.mjs',
    'packages',
    '--config',
    '.dependency-cruiser.cjs',
    '--output-type',
    'json',
  ],
  {
    cwd: root,
    encoding: 'utf8',
    maxBuffer: 64 * 1024 * 1024,
    // The exit status counts violations; the report below tells them.
    stdio: ['ignore', 'pipe', 'inherit'],
    env: process.env,
  },
);
const { summary, modules } = JSON.parse(out);
const own = modules.filter(({ source }) => source.startsWith('packages/')).length;
for (const { rule, from, to } of summary.violations) console.error(`${rule.name}: ${from} → ${to}`);
console.log(`${own} modules cruised, ${summary.violations.length} violations`);
if (own < 50 || summary.violations.length > 0) process.exit(1);
