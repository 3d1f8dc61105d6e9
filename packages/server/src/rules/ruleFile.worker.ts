import { parentPort, workerData } from 'node:worker_threads';
import { z } from 'zod';
import { readRuleFile } from './readRuleFile.ts';

parentPort?.postMessage(readRuleFile(z.string().parse(workerData)));
