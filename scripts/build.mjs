// Builds the page (Vite), the server with its reading thread and the terminal (esbuild) into dist/.
import { build } from 'esbuild';
import { execFileSync } from 'node:child_process';

const root = new URL('..', import.meta.url).pathname;

const NODE = {
  absWorkingDir: root,
  bundle: true,
  platform: 'node',
  format: 'esm',
  target: 'node20',
  sourcemap: 'linked',
  banner: {
    js: "import { createRequire } from 'node:module'; const require = createRequire(import.meta.url);",
  },
  logLevel: 'warning',
};

/** The server with its scripts, and the terminal. */
export async function buildServer() {
  await Promise.all([
    build({
      ...NODE,
      entryPoints: {
        main: 'packages/server/src/main.ts',
        demo: 'demo/main.ts',
        reader: 'packages/server/src/pipeline/reader.worker.ts',
        ruleFile: 'packages/server/src/rules/ruleFile.worker.ts',
      },
      outdir: 'dist/server',
      // Packages that load files of their own at run time, or are large, stay outside; the rest goes in.
      external: ['better-sqlite3', 'knex', 'pino', 'date-holidays'],
    }),
    build({ ...NODE, entryPoints: { main: 'packages/cli/src/main.ts' }, outdir: 'dist/cli' }),
  ]);
}

export function buildWeb() {
  execFileSync(
    process.execPath,
    ['node_modules/vite/bin/vite.js', 'build', 'packages/web', '--logLevel', 'warn'],
    { cwd: root, stdio: 'inherit' },
  );
}

if (process.argv[1] === new URL(import.meta.url).pathname) {
  if (!process.argv.includes('--web-only')) await buildServer();
  if (!process.argv.includes('--server-only')) buildWeb();
}
