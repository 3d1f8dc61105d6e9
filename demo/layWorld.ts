import { decode } from '@hatband/core/mail';
import { RuleDefinition } from '@hatband/core/rules';
import type { Clock } from '@hatband/server/clock';
import { addProject } from '@hatband/server/intake/addresses';
import { makeDeposit } from '@hatband/server/intake/deposit';
import { addRule, goLive } from '@hatband/server/rules/rules';
import type { Store } from '@hatband/server/store/index';
import { readdir, readFile } from 'node:fs/promises';
import path from 'node:path';
import { z } from 'zod';
import { shiftDates } from './shiftDates.ts';

const FOLDER = path.join(process.cwd(), 'demo');
const WEEK_MS = 7 * 24 * 60 * 60 * 1000;

const World = z.object({
  me: z.string(),
  zone: z.string(),
  projects: z.record(z.string(), z.string()),
  rules: z.array(RuleDefinition),
});
type World = z.infer<typeof World>;

/**
 * Fills an empty store with the demo world: projects, rules and mail, its dates moved to this week. A store that holds
 * projects already is left as it is.
 */
export async function layWorld(store: Store, clock: Clock): Promise<void> {
  if (await store.read('projects').first()) return;
  const world = World.parse(JSON.parse(await readFile(path.join(FOLDER, 'world.json'), 'utf8')));
  const ids = new Map<string, string>();
  for (const [folder, name] of Object.entries(world.projects)) {
    ids.set(folder, (await addProject(store, { name }, clock)).id);
  }
  for (const rule of world.rules) {
    const id = await addRule(store, withProjectIds(rule, ids), clock);
    await goLive(store, { id, revision: 1 }, clock);
  }
  await depositMail(store, ids, clock);
}

/** In the file a project goes by the name of its mail folder. */
function withProjectIds(rule: RuleDefinition, ids: ReadonlyMap<string, string>): RuleDefinition {
  const idOf = (folder: string) => ids.get(folder) ?? folder;
  const { project } = rule.route;
  return {
    ...rule,
    when: {
      all: rule.when.all.map((condition) =>
        condition.kind === 'arrivedAt'
          ? {
              ...condition,
              targets: condition.targets.map((t) => (t.kind === 'project' ? { ...t, id: idOf(t.id) } : t)),
            }
          : condition,
      ),
    },
    route: { project: project.kind === 'named' ? { ...project, id: idOf(project.id) } : project },
  };
}

interface DemoMail {
  folder: string;
  bytes: Buffer;
  sentAt: Date;
}

async function depositMail(store: Store, ids: ReadonlyMap<string, string>, clock: Clock): Promise<void> {
  const mails = await readMails();
  const newest = mails.at(-1)?.sentAt ?? clock();
  const weeks = Math.floor((clock().getTime() - newest.getTime()) / WEEK_MS);
  const deposit = makeDeposit(
    store,
    () => undefined,
    () => 0,
  );
  for (const { folder, bytes, sentAt } of mails) {
    const projectId = ids.get(folder) ?? null;
    const address = await store.read('addresses').where({ project_id: projectId }).first();
    if (!address) throw new Error(`The demo has no address for ${folder}.`);
    const moved = shiftDates(bytes.toString('latin1'), weeks, newest.getUTCFullYear());
    await deposit.put({
      bytes: Buffer.from(moved, 'latin1'),
      recipients: [{ address, plusWord: null }],
      envelopeFrom: '',
      receivedAt: new Date(sentAt.getTime() + weeks * WEEK_MS + 4000).toISOString(),
    });
  }
}

async function readMails(): Promise<DemoMail[]> {
  const root = path.join(FOLDER, 'mail');
  const files = (await readdir(root, { recursive: true })).filter((file) => file.endsWith('.eml'));
  const mails = await Promise.all(
    files.map(async (file) => {
      const bytes = await readFile(path.join(root, file));
      const { sentAt } = await decode(bytes);
      return { folder: path.dirname(file), bytes, sentAt: new Date(sentAt ?? 0) };
    }),
  );
  return mails.toSorted((a, b) => a.sentAt.getTime() - b.sentAt.getTime());
}
