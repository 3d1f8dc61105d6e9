import { de } from './de.ts';
import { en } from './en.ts';
import { es } from './es.ts';
import { fr } from './fr.ts';
import { it } from './it.ts';
import type { Layout } from './layout.ts';
import { nl } from './nl.ts';
import { pt } from './pt.ts';
import { sv } from './sv.ts';

export type { Layout };
export const LAYOUTS: readonly Layout[] = [en, de, fr, es, pt, nl, it, sv];
