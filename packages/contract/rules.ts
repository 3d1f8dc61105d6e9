import { RuleDefinition } from '@hatband/core/rules';
import { z } from 'zod';
import { TextId } from './common.ts';
import { endpoint } from './endpoint.ts';

/** What keeps a rule from working; `path` is its place in the definition, `route.0.project`. */
export const RuleProblem = z.object({ path: z.string(), message: z.string() });

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
  /** What keeps the live version from working. */
  problems: z.array(RuleProblem),
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

/** All versions of a rule that went live, the newest first. */
export const listVersions = endpoint({
  method: 'get',
  path: '/api/rules/:id/versions',
  params: TextId,
  answer: z.object({
    items: z.array(z.object({ version: z.number(), madeAt: z.string(), definition: RuleDefinition })),
  }),
});

/** The rules that are not deleted as a file (docs/rules.md), a download; `ids` chooses some of them. */
export const exportPath = '/api/rules.json';
export const ExportQuery = z.object({
  ids: z
    .string()
    .optional()
    .transform((ids) => (ids === undefined ? null : ids.split(','))),
});

/** What an import became. Things that were there already under the same name are kept as they are. */
export const ImportResult = z.object({
  rules: z.array(
    z.object({ name: z.string(), became: z.enum(['new draft', 'draft of the rule of that name']) }),
  ),
  added: z.array(z.object({ what: z.string(), name: z.string() })),
  kept: z.array(z.object({ what: z.string(), name: z.string() })),
});
export type ImportResult = z.infer<typeof ImportResult>;

/** The path of an issue that names a rule whose draft an import would replace. */
export const DRAFT_ISSUE = 'draft';

/** How far the import that runs is; null where none does. */
export const importProgress = endpoint({
  method: 'get',
  path: '/api/rules/import',
  answer: z.object({ running: z.object({ done: z.number(), total: z.number() }).nullable() }),
});

/** Takes rules in from a file's JSON, as drafts; a file that does not hold together changes nothing. */
export const importRules = endpoint({
  method: 'post',
  path: '/api/rules/import',
  body: z.object({
    json: z.string().max(20_000_000, 'A file of rules has at most 20 million letters.'),
    /** Drafts that are there under the same names are replaced; else they are named as issues `draft`. */
    replaceDrafts: z.boolean().default(false),
  }),
  answer: ImportResult,
});
