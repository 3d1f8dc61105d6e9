// Installs what package-lock.json names, when node_modules is missing or older than it.
import { execFileSync } from 'node:child_process';
import { existsSync, statSync } from 'node:fs';

export const root = new URL('..', import.meta.url).pathname;

export function installPackages() {
  const installed = `${root}node_modules/.package-lock.json`;
  if (existsSync(installed) && statSync(installed).mtimeMs >= statSync(`${root}package-lock.json`).mtimeMs)
    return;
  console.error('Installing packages (some minutes the first time) …');
  const env = { ...process.env, PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD: '1' };
  execFileSync('npm', ['ci', '--no-audit', '--no-fund'], { cwd: root, stdio: ['ignore', 2, 2], env });
}
