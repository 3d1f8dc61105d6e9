// Builds the page (Vite) and the server with its reading thread (esbuild) into dist/.
import { build } from 'esbuild';
import { execFileSync } from 'node:child_process';

const root = new URL('..', import.meta.url).pathname;

export async function buildServer() {
  await build({
    entryPoints: {
      main: 'packages/server/src/main.ts',
      demo: 'demo/main.ts',
      reader: 'packages/server/src/pipeline/reader.worker.ts',
      ruleFile: 'packages/server/src/rules/ruleFile.worker.ts',
    },
    absWorkingDir: root,
    outdir: 'dist/server',
    bundle: true,
    platform: 'node',
    format: 'esm',
    target: 'node20',
    sourcemap: 'linked',
    // Packages that load files of their own at run time stay outside; the rest goes in.
    external: ['better-sqlite3', 'knex', 'pino'],
    banner: {
      js: "import { createRequire } from 'node:module'; const require = createRequire(import.meta.url);",
    },
    logLevel: 'warning',
  });
}

export function buildWeb() {
  execFileSync(
    process.execPath,
    ['node_modules/vite/bin/vite.js', 'build', 'packages/web', '--logLevel', 'warn'],
    { cwd: root, stdio: 'inherit' },
  );
}

if (process.argv[1] === new URL(import.meta.url).pathname) {
  // The unit tests build the server themselves.
  if (!process.argv.includes('--web-only')) await buildServer();
  if (!process.argv.includes('--server-only')) buildWeb();
}
