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
const circles = circlesOf(modules);
for (const folders of circles) console.error(`a circle of folders: ${folders.join(' → ')}`);
if (own < 50 || summary.violations.length > 0 || circles.length > 0) process.exit(1);

/** Folders that stand in one folder and import one another; a file beside them puts them together, and is no room. */
function circlesOf(all) {
  const imports = new Map();
  for (const { source, dependencies } of all) {
    if (/\.test\.tsx?$|\/test/.test(source)) continue;
    for (const { resolved } of dependencies) {
      const [from, to] = roomsOf(source, resolved);
      if (from && to) imports.set(from, (imports.get(from) ?? new Set()).add(to));
    }
  }
  return [...imports.keys()].flatMap((room) => {
    const way = wayBack(imports, room);
    // Each circle once, from the room that comes first.
    return way && [...way].sort()[0] === room ? [[...way, room]] : [];
  });
}

/** The folders of two files where their paths part, within one package. */
function roomsOf(from, to) {
  const [a, b] = [from.split('/'), to.split('/')];
  const parting = a.findIndex((part, i) => part !== b[i]);
  const room = (parts) => (parting < parts.length - 1 ? parts.slice(0, parting + 1).join('/') : null);
  return a[0] !== 'packages' || parting < 2 ? [] : [room(a), room(b)];
}

/** The shortest way from a folder back to itself. */
function wayBack(imports, folder) {
  const ways = [[folder]];
  const seen = new Set();
  for (let way = ways.shift(); way; way = ways.shift()) {
    for (const next of imports.get(way.at(-1)) ?? []) {
      if (next === folder) return way;
      if (seen.has(next)) continue;
      seen.add(next);
      ways.push([...way, next]);
    }
  }
  return null;
}
