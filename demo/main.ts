import { runProcess } from '@hatband/server/runProcess';
import { layWorld } from './layWorld.ts';

await runProcess({ prepare: layWorld, anew: process.argv.includes('--anew') });
