import { RuleDefinition } from '@hatband/core/rules';
import { z } from 'zod';
import { TextId } from './common.ts';
import { endpoint } from './endpoint.ts';

export const Rule = z.object({
  id: z.string(),
  state: z.enum(['draft', 'live', 'paused']),
  /** The newest version that went live, null before the first. */
  version: z.number().nullable(),
  live: RuleDefinition.nullable(),
  draft: RuleDefinition.nullable(),
  takenIn30Days: z.number(),
  lastTakenAt: z.string().nullable(),
  deleted: z.boolean(),
  revision: z.number(),
});
export type Rule = z.infer<typeof Rule>;

/** In their order; deleted ones stand last, for the names that evidence needs. */
export const listRules = endpoint({
  method: 'get',
  path: '/api/rules',
  answer: z.object({ items: z.array(Rule) }),
});

const Definition = z.object({ definition: RuleDefinition });

export const addRule = endpoint({ method: 'post', path: '/api/rules', body: Definition, answer: Rule });

const onRule = { params: TextId, revision: true, answer: Rule };

export const saveDraft = endpoint({
  method: 'put',
  path: '/api/rules/:id/draft',
  body: Definition,
  ...onRule,
});
export const dropDraft = endpoint({ method: 'delete', path: '/api/rules/:id/draft', ...onRule });

/** Makes a version of the draft and puts it to work on mail from now on. */
export const goLive = endpoint({ method: 'post', path: '/api/rules/:id/live', ...onRule });
export const pauseRule = endpoint({ method: 'post', path: '/api/rules/:id/pause', ...onRule });
export const resumeRule = endpoint({ method: 'post', path: '/api/rules/:id/resume', ...onRule });
export const deleteRule = endpoint({ method: 'delete', path: '/api/rules/:id', ...onRule });

/** All rules that are not deleted, in the order in which they are to be asked. */
export const orderRules = endpoint({
  method: 'put',
  path: '/api/rule-order',
  body: z.object({ ids: z.array(z.string()) }),
  answer: z.object({ items: z.array(Rule) }),
});
