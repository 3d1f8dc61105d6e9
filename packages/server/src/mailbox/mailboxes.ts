import { MailboxSettings, type MailboxState, type StoredMailbox } from '@hatband/contract';
import { sameName } from '@hatband/core/tasks';
import type { Knex } from 'knex';
import type { Clock } from '../clock.ts';
import { Failure, missing } from '../errors.ts';
import { insertAddress } from '../intake/addresses.ts';
import { turnedAway } from '../intake/turnedAway.ts';
import type { Guarded } from '../named/guarded.ts';
import { renameInRules } from '../ruleVersions/renameInRules.ts';
import { record, parseJson, type MailboxRow, type Store } from '../store/index.ts';
import type { Secrets } from './secret.ts';

/** Those that are watched, or would be if they were not paused. */
export const mailboxRows = (db: Knex): Promise<MailboxRow[]> =>
  db('mailboxes').whereNull('removed_at').orderBy('id');

export const settingsOf = ({ settings }: Pick<MailboxRow, 'settings'>): MailboxSettings =>
  parseJson(MailboxSettings, settings);

export async function listMailboxes(
  store: Store,
  stateOf: (id: number) => MailboxState,
): Promise<StoredMailbox[]> {
  const rows = await mailboxRows(store.read);
  const turned = await turnedAway(store.read);
  return rows.map((row) => ({
    id: row.id,
    settings: settingsOf(row),
    hasPassword: row.secret !== null,
    state: row.paused_at === null ? stateOf(row.id) : { kind: 'paused' },
    turnedAway: turned([row.address_id]),
    revision: row.revision,
  }));
}

interface Given {
  settings: MailboxSettings;
  password?: string | undefined;
}

/** A mailbox to watch; its number. Throws where its name is taken, or a second practice mailbox is wanted. */
export async function insertMailbox(
  trx: Knex.Transaction,
  { settings, password }: Given,
  secrets: Secrets,
  clock: Clock,
): Promise<number> {
  await requireFree(trx, settings);
  const address_id = await insertAddress(trx, { kind: 'mailbox' }, settings.name, clock);
  const [row] = await trx('mailboxes')
    .insert({
      address_id,
      kind: settings.kind,
      name: settings.name,
      settings: JSON.stringify(settings),
      secret: password === undefined ? null : secrets.seal(password),
      created_at: clock().toISOString(),
    })
    .returning('id');
  await recordChange(trx, row?.id ?? 0);
  return row?.id ?? 0;
}

/** Rules can name a mailbox; what it is doing is told apart, and changes no rule. */
const recordChange = (trx: Knex.Transaction, id: number) =>
  record(trx, [
    { kind: 'mailbox', ref: String(id) },
    { kind: 'named', ref: `mailbox ${String(id)}` },
  ]);

async function requireFree(trx: Knex.Transaction, settings: MailboxSettings, own?: number): Promise<void> {
  const others = (await mailboxRows(trx)).filter(({ id }) => id !== own);
  const taken = others.find(({ name }) => sameName(name, settings.name));
  if (taken) {
    const message = `There is a mailbox ${taken.name} already.`;
    throw new Failure('conflict', message, [{ path: 'settings.name', message }]);
  }
  if (settings.kind === 'practice' && others.some(({ kind }) => kind === 'practice'))
    throw new Failure('conflict', 'There is one practice mailbox only.');
}

interface Seen {
  id: number;
  revision: number;
}

async function rowAsSeen(trx: Knex.Transaction, { id, revision }: Seen): Promise<MailboxRow> {
  const row = (await mailboxRows(trx)).find((each) => each.id === id);
  if (!row) throw missing('mailbox');
  if (row.revision !== revision)
    throw new Failure('stale', 'This mailbox was changed elsewhere meanwhile; look at it again.');
  return row;
}

/** Another server or user is another mailbox: what was seen in it before is forgotten. */
export async function saveMailbox(
  store: Store,
  seen: Seen,
  given: Given,
  secrets: Secrets,
  clock: Clock,
): Promise<void> {
  await store.write(async (trx) => {
    const row = await rowAsSeen(trx, seen);
    const { settings, password } = given;
    const before = settingsOf(row);
    if (settings.kind !== before.kind) throw new Failure('input', 'A mailbox stays of its kind.');
    await requireFree(trx, settings, seen.id);
    if (row.secret !== null && password === undefined) requireSameAccount(before, settings);
    await forgetSeen(trx, seen.id, before, settings);
    await trx('mailboxes')
      .where({ id: seen.id })
      .update({
        name: settings.name,
        settings: JSON.stringify(settings),
        ...(password === undefined ? {} : { secret: secrets.seal(password) }),
        revision: row.revision + 1,
      });
    await renameInRules(trx, { what: 'mailbox', from: row.name, to: settings.name }, clock);
    await recordChange(trx, seen.id);
  });
}

/** A password goes only where its owner sent it: never to another server, another user or over a weaker connection. */
export function requireSameAccount(before: MailboxSettings, settings: MailboxSettings): void {
  if (before.kind !== 'imap' || settings.kind !== 'imap') return;
  if ((['host', 'port', 'security', 'user'] as const).every((key) => before[key] === settings[key])) return;
  const message = 'The server, port, security or user is another now: enter the password again.';
  throw new Failure('input', message, [{ path: 'password', message }]);
}

/** What was seen, where it is another account; how far, in folders whose new mail was not asked for until now. */
async function forgetSeen(
  trx: Knex.Transaction,
  mailbox_id: number,
  before: MailboxSettings,
  settings: MailboxSettings,
): Promise<void> {
  if (accountOf(before) !== accountOf(settings)) {
    await trx('mailbox_folders').where({ mailbox_id }).delete();
    await trx('mailbox_marks').where({ mailbox_id }).delete();
    return;
  }
  const asksForNew = (of: MailboxSettings, folder: string) =>
    of.folders.some((each) => each.folder === folder && each.for.some((t) => t !== 'label' && t !== 'flag'));
  for (const { folder } of settings.folders)
    if (asksForNew(settings, folder) && !asksForNew(before, folder))
      await trx('mailbox_folders').where({ mailbox_id, folder }).delete();
}

const accountOf = (settings: MailboxSettings) =>
  settings.kind === 'imap' ? `${settings.host} ${settings.user}` : 'practice';

/** The password that is kept for these settings; none where there is no such mailbox, or it has none. */
export async function keptPassword(
  { read }: Store,
  id: number | null,
  settings: MailboxSettings,
  secrets: Secrets,
): Promise<string> {
  const row = (await mailboxRows(read)).find((each) => each.id === id);
  if (row?.secret == null) return '';
  requireSameAccount(settingsOf(row), settings);
  return secrets.unseal(row.secret);
}

export async function pauseMailbox(store: Store, seen: Seen, paused: boolean, clock: Clock): Promise<void> {
  await store.write(async (trx) => {
    const row = await rowAsSeen(trx, seen);
    await trx('mailboxes')
      .where({ id: seen.id })
      .update({ paused_at: paused ? clock().toISOString() : null, revision: row.revision + 1 });
    await record(trx, [{ kind: 'mailbox', ref: String(seen.id) }]);
  });
}

/** Its password is forgotten; its arrivals stay. Refused where rules at work need it. */
export async function removeMailbox(store: Store, guarded: Guarded, seen: Seen, clock: Clock): Promise<void> {
  await store.write(async (trx) => {
    await rowAsSeen(trx, seen);
    await trx('mailbox_folders').where({ mailbox_id: seen.id }).delete();
    await trx('mailbox_marks').where({ mailbox_id: seen.id }).delete();
    await guarded(trx, async () => {
      await trx('mailboxes')
        .where({ id: seen.id })
        .update({ removed_at: clock().toISOString(), paused_at: null, secret: null });
    });
    await recordChange(trx, seen.id);
  });
}

/** The user's own addresses that watched mailboxes fetch. */
export async function ownAddresses({ read }: Store): Promise<string[]> {
  const rows = await mailboxRows(read);
  const watching = rows
    .map(settingsOf)
    .filter(({ folders }) => folders.some((each) => each.for.includes('plus-word')));
  return [...new Set(watching.flatMap(({ addresses }) => addresses))];
}
