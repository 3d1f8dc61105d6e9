// tsc for each package with its own library and types; core has neither DOM nor Node.
import { spawn } from 'node:child_process';
import { root } from './install.mjs';

const projects = [
  'packages/core',
  'packages/contract',
  'packages/cli',
  'packages/server',
  'packages/web',
  '.',
];

const statuses = await Promise.all(projects.map(check));
process.exit(statuses.every((status) => status === 0) ? 0 : 1);

function check(project) {
  const args = ['node_modules/typescript/bin/tsc', '-p', project];
  return new Promise((resolve) =>
    spawn(process.execPath, args, { cwd: root, stdio: 'inherit' }).on('close', resolve),
  );
}
