// npm run demo, npm start, npm run dev: installs what is missing, builds, starts.
import { spawn } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { installPackages, root } from './install.mjs';

const mode = process.argv[2];

installPackages();
const { buildServer, buildWeb } = await import('./build.mjs');
await buildServer();
if (mode !== 'dev') buildWeb();

const processes = [startServer()];
if (mode === 'dev') processes.push(run(['node_modules/vite/bin/vite.js', 'packages/web'], process.env));
for (const signal of ['SIGINT', 'SIGTERM'])
  process.on(signal, () => processes.forEach((child) => child.kill(signal)));
processes[0].on('exit', (code) => {
  processes.slice(1).forEach((child) => child.kill());
  process.exit(code ?? 1);
});

function startServer() {
  if (mode !== 'demo') return run(['--enable-source-maps', 'dist/server/main.js'], process.env);
  const { me, zone } = JSON.parse(readFileSync(`${root}demo/world.json`, 'utf8'));
  // Only the demo's own folder is laid anew; a folder that was named may hold somebody's mail.
  const own = process.env.HATBAND_DATA === undefined;
  const data = process.env.HATBAND_DATA ?? `${root}demo-data`;
  return run(['--enable-source-maps', 'dist/server/demo.js', ...(own ? ['--anew'] : [])], {
    HATBAND_ME: me,
    HATBAND_ZONE: zone,
    ...process.env,
    HATBAND_DATA: data,
  });
}

function run(args, env) {
  return spawn(process.execPath, args, { cwd: root, stdio: 'inherit', env });
}
