import { en } from './en.ts';
import type { Layout } from './layout.ts';

export type { Layout };
export const LAYOUTS: readonly Layout[] = [en];
