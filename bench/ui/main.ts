import * as contract from '@hatband/contract';
import { partsOf } from '@hatband/core/tasks';
import { startTestServer } from '../../packages/server/test/testServer.ts';
import { layWorld, TASKS, VIEWS } from './layWorld.ts';

/** npm run bench:ui: what a screen waits for with 50,000 tasks; prints figures, asserts none. */
const ROUNDS = 20;

const server = await startTestServer();
await layWorld(server.store);
console.log(`${String(TASKS)} tasks; the 95th percentile of ${String(ROUNDS)} requests each`);
for (const [name, view] of Object.entries(VIEWS)) {
  await report(`${name}: first rows`, () => server.ask(contract.listTasks, { body: view }));
  const filters = partsOf(view.filter).map(({ part }) => part);
  await report(`${name}: its counts`, () =>
    server.ask(contract.countTasks, { body: { scope: view.scope, filters } }),
  );
}
for (const words of ['sextant 4250', 'sext', '“before the committee”'])
  await report(`search for ${words}`, () => server.ask(contract.search, { query: { words } }));
await report('the Ledger’s first rows', () => server.ask(contract.listArrivals, { query: { limit: 60 } }));
await report('what waits for the user', () => server.ask(contract.getAttention));
await report('people', () => server.ask(contract.listWriters));
let n = 0;
await report('a cell is changed', () => {
  n += 1;
  return server.ask(contract.changeTasks, {
    body: { ids: [n * 5], change: { due: `2026-12-${String((n % 28) + 1).padStart(2, '0')}` } },
  });
});
await server.end();
process.exit(0);

async function report(what: string, work: () => Promise<unknown>): Promise<void> {
  const times: number[] = [];
  for (let i = 0; i < ROUNDS; i += 1) {
    const began = performance.now();
    await work();
    times.push(performance.now() - began);
  }
  times.sort((a, b) => a - b);
  const p95 = times[Math.ceil(ROUNDS * 0.95) - 1] ?? 0;
  console.log(`  ${what}: ${p95.toFixed(0)} ms (middle ${(times[ROUNDS / 2] ?? 0).toFixed(0)})`);
}
