import { runProcess } from '@hatband/server/runProcess';
import { layWorld } from './layWorld.ts';

await runProcess(layWorld);
