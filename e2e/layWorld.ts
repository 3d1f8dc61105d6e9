import { rmSync } from 'node:fs';
import { layWorld } from './demoServer.ts';

/** Lays the demo world, with all its mail read, once for all tests; the answer clears it away. */
export default async function setup(): Promise<() => void> {
  const folder = await layWorld();
  process.env.TEST_WORLD = folder;
  return () => {
    rmSync(folder, { recursive: true, force: true });
  };
}
