import { runProcess } from './runProcess.ts';

await runProcess();
