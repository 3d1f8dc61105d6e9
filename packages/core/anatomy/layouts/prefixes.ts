import type { Words } from '../../languages/index.ts';
import { LAYOUTS } from './index.ts';

/** What mail programs of languages without a layout put in front of a subject. */
const OTHER_REPLIES = 'odp|ynt|atb|vá|отв';
const OTHER_FORWARDS = 'pd|vl|videresend|ilt|redir|fs|tov|továbbítás';

export const REPLY_PREFIXES: Words = [...LAYOUTS.map((l) => l.replyPrefixes), OTHER_REPLIES].join('|');
export const FORWARD_PREFIXES: Words = [...LAYOUTS.map((l) => l.forwardPrefixes), OTHER_FORWARDS].join('|');
