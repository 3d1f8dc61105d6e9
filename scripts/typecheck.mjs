// tsc for each package with its own library and types; core has neither DOM nor Node.
import { spawnSync } from 'node:child_process';
import { root } from './install.mjs';

const projects = [
  'packages/core',
  'packages/contract',
  'packages/cli',
  'packages/server',
  'packages/web',
  '.',
];
const failed = projects.filter(
  (project) =>
    spawnSync(process.execPath, ['node_modules/typescript/bin/tsc', '-p', project], {
      cwd: root,
      stdio: 'inherit',
    }).status !== 0,
);
if (failed.length > 0) process.exit(1);
