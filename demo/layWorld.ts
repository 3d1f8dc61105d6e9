import { UserSettings } from '@hatband/contract';
import { judge, Policy } from '@hatband/core/intake';
import { decode } from '@hatband/core/mail';
import { parseRuleFile, type Context } from '@hatband/core/rules';
import type { Clock } from '@hatband/server/clock';
import { saveAddress } from '@hatband/server/intake/addresses';
import { makeDeposit } from '@hatband/server/intake/deposit';
import { findProject } from '@hatband/server/named/projects';
import { readRuleFile } from '@hatband/server/rules/readRuleFile';
import { importRules } from '@hatband/server/rules/ruleFiles';
import { goLive, pauseRule } from '@hatband/server/rules/rules';
import { userOf, type User } from '@hatband/server/settings/user';
import { layPractice } from '@hatband/server/practice/practice';
import { parseJson, type Store } from '@hatband/server/store/index';
import { readdir, readFile } from 'node:fs/promises';
import path from 'node:path';
import { z } from 'zod';
import { layViews } from './layViews.ts';
import { shiftDates } from './shiftDates.ts';

const FOLDER = path.join(process.cwd(), 'demo');
const WEEK_MS = 7 * 24 * 60 * 60 * 1000;

/**
 * The user, and whose project's address the mail of each folder came by; other mail came to the inbox. A folder’s name may
 * end in the plus-word of the address.
 */
const World = z.object({
  me: z.string(),
  zone: z.string(),
  folders: z.record(z.string(), z.string()),
  /** By project: the plus-word of its address, and who may send to it. */
  plusWords: z.record(z.string(), z.string()),
  senders: z.record(z.string(), z.array(z.string())),
});
type World = z.infer<typeof World>;

/**
 * Fills an empty store with the demo world: projects, rules and mail, its dates moved to this week. A store that holds
 * projects already is left as it is.
 */
export async function layWorld(store: Store, clock: Clock): Promise<void> {
  if (await store.read('projects').first()) return;
  const world = World.parse(JSON.parse(await readDemo('world.json')));
  const { folders, me, zone } = world;
  await importRules(
    { store, clock, read: (json) => Promise.resolve(readRuleFile(json)), onProgress: () => undefined },
    { json: await readDemo('rules.json'), replaceDrafts: true },
  );
  const settings = UserSettings.parse({
    me: [me],
    zone,
    dateOrder: 'DMY',
    workdays: [1, 2, 3, 4, 5],
    holidays: [],
    closed: [],
  });
  const user = await userOf(settings, 0, clock());
  await putToWork(store, user, clock);
  const ids = new Map<string, string>();
  for (const [folder, name] of Object.entries(folders)) {
    const project = await findProject(store.read, name);
    if (project) ids.set(folder, project.id);
  }
  await treatAddresses(store, world);
  await layViews(store);
  await depositMail(store, ids, { me: [me], people: [] }, clock);
  await layPractice(store, me, clock);
}

async function treatAddresses(store: Store, { plusWords, senders }: World): Promise<void> {
  const named = new Set([...Object.keys(plusWords), ...Object.keys(senders)]);
  for (const name of named) {
    const project = await findProject(store.read, name);
    const row = await store
      .read('addresses')
      .where({ project_id: project?.id ?? '' })
      .first();
    if (!row) throw new Error(`The demo has no address for ${name}.`);
    const who = senders[name];
    const policy = Policy.parse(who ? { senders: { kind: 'these', who } } : {});
    const plusWord = plusWords[name] ?? null;
    await saveAddress(store, row, { policy, plusWord });
  }
}

/** Imported rules are drafts; each gets the state that it has in the file. */
async function putToWork(store: Store, user: User, clock: Clock): Promise<void> {
  const { file } = parseRuleFile(await readDemo('rules.json'));
  // They were stored in the order of the file.
  for (const [i, { id }] of (await store.read('rules').orderBy('position').select('id')).entries()) {
    const state = file?.rules[i]?.state;
    if (state !== 'draft') await goLive(store, user, { id, revision: 1 }, clock);
    if (state === 'paused') await pauseRule(store, { id, revision: 2 });
  }
}

const readDemo = (file: string) => readFile(path.join(FOLDER, file), 'utf8');

interface DemoMail {
  folder: string;
  bytes: Buffer;
  sentAt: Date;
  sender: string | null;
}

async function depositMail(
  store: Store,
  ids: ReadonlyMap<string, string>,
  people: Pick<Context, 'me' | 'people'>,
  clock: Clock,
): Promise<void> {
  const mails = await readMails();
  const newest = mails.at(-1)?.sentAt ?? clock();
  const weeks = Math.floor((clock().getTime() - newest.getTime()) / WEEK_MS);
  const deposit = makeDeposit(
    store,
    () => undefined,
    () => 0,
  );
  for (const { folder, bytes, sentAt, sender } of mails) {
    const [of = '', plusWord = null] = folder.split('+');
    const projectId = ids.get(of) ?? null;
    const address = await store.read('addresses').where({ project_id: projectId }).first();
    if (!address) throw new Error(`The demo has no address for ${folder}.`);
    const gate = judge(parseJson(Policy, address.policy), { sender, size: bytes.length, today: 0 }, people);
    const moved = shiftDates(bytes.toString('latin1'), weeks, newest.getUTCFullYear());
    await deposit.put({
      bytes: Buffer.from(moved, 'latin1'),
      source: 'smtp',
      recipients: [{ address, plusWord, gate: gate ?? undefined }],
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
      const { sentAt, from } = await decode(bytes);
      const sender = from?.address ?? null;
      return { folder: path.dirname(file), bytes, sentAt: new Date(sentAt ?? 0), sender };
    }),
  );
  return mails.toSorted((a, b) => a.sentAt.getTime() - b.sentAt.getTime());
}
