import { runProcess } from '@hatband/server/runProcess';
import { layWork } from './layWork.ts';
import { layWorld } from './layWorld.ts';

await runProcess({ prepare: layWorld, work: layWork, anew: process.argv.includes('--anew') });
