import type { Trigger, WatchedFolder } from '@hatband/contract';
import type { MailboxFolderRow } from '../store/index.ts';
import type { Head, Mark, OpenFolder } from './account.ts';
import { bringIn, type Bringing } from './bringIn.ts';

export interface Looking extends Bringing {
  /** The labels that live rules start by. */
  labels: () => Promise<string[]>;
}

type Folder = OpenFolder & { path: string };

/**
 * Looks a folder through once for what is new since the last look. Mail that was there when the watch began stays out.
 * A message counts as seen only once it is stored.
 */
export async function look(looking: Looking, folder: Folder, watched: WatchedFolder): Promise<void> {
  const known = await knownFolder(looking, folder);
  const isRenumbered = known !== null && known.uid_validity !== folder.uidValidity;
  const triggers = watched.for.filter((each) => each !== 'label' && each !== 'flag');
  if (known !== null && triggers.length > 0) {
    if (isRenumbered) await lookForNewAgain(looking, folder, triggers, new Date(known.since));
    else await lookForNew(looking, folder, triggers, known.last_uid);
  }
  for (const mark of await marksOf(looking, watched)) await lookForMarks(looking, folder, mark, isRenumbered);
  if (isRenumbered) await saveFolder(looking, folder, folder.nextUid - 1);
}

const placeOf = ({ mailboxId }: Looking, folder: Folder) => ({ mailbox_id: mailboxId, folder: folder.path });

async function knownFolder(looking: Looking, folder: Folder): Promise<MailboxFolderRow | null> {
  const row = await looking.store.read('mailbox_folders').where(placeOf(looking, folder)).first();
  if (row) return row;
  const newest = await folder.newest();
  await looking.store.write((trx) =>
    trx('mailbox_folders').insert({
      ...placeOf(looking, folder),
      uid_validity: folder.uidValidity,
      last_uid: folder.nextUid - 1,
      since: (newest?.cameAt ?? new Date(0)).toISOString(),
    }),
  );
  return null;
}

async function saveFolder(looking: Looking, folder: Folder, last_uid: number): Promise<void> {
  await looking.store.write((trx) =>
    trx('mailbox_folders')
      .where(placeOf(looking, folder))
      .update({ uid_validity: folder.uidValidity, last_uid }),
  );
}

/** What mail that came is kept as among the marks. */
const CAME = 'came';

async function lookForNew(
  looking: Looking,
  folder: Folder,
  triggers: readonly Trigger[],
  lastUid: number,
): Promise<void> {
  for (const head of await folder.heads(await folder.above(lastUid))) {
    await bringIn(looking, folder, head, { kind: 'arrival', for: triggers });
    await saveMark(looking, folder, CAME, head);
    await saveFolder(looking, folder, head.uid);
  }
}

/** Messages that were numbered anew are known by their Message-ID; those from before the watch stay out. */
async function lookForNewAgain(
  looking: Looking,
  folder: Folder,
  triggers: readonly Trigger[],
  since: Date,
): Promise<void> {
  const refs = await seenRefs(looking, folder, CAME);
  for (const head of await folder.heads(await folder.since(since))) {
    const isOld = head.cameAt <= since || (head.ref !== null && refs.has(head.ref));
    if (!isOld) await bringIn(looking, folder, head, { kind: 'arrival', for: triggers });
    await saveMark(looking, folder, CAME, head);
  }
}

async function marksOf({ labels }: Looking, watched: WatchedFolder): Promise<Mark[]> {
  const flag: Mark[] = watched.for.includes('flag') ? [{ kind: 'flag' }] : [];
  const wanted = watched.for.includes('label') ? await labels() : [];
  return [...flag, ...wanted.map((name): Mark => ({ kind: 'label', name }))];
}

const nameOf = (mark: Mark) => (mark.kind === 'flag' ? 'flag' : `label ${mark.name.toLowerCase()}`);

/** Stands among the marks for the first look itself. */
const FIRST_LOOK = 0;

async function lookForMarks(
  looking: Looking,
  folder: Folder,
  mark: Mark,
  isRenumbered: boolean,
): Promise<void> {
  const name = nameOf(mark);
  const rows = await looking.store
    .read('mailbox_marks')
    .where({ ...placeOf(looking, folder), mark: name })
    .select('uid', 'message_ref');
  const uids = await folder.marked(mark);
  const isFirst = rows.length === 0;
  const refs = new Set(rows.flatMap(({ message_ref }) => message_ref ?? []));
  const seen = new Set(isRenumbered ? [] : rows.map(({ uid }) => uid));
  const fresh = await folder.heads(uids.filter((uid) => !seen.has(uid)));
  const gone = isRenumbered ? rows : rows.filter(({ uid }) => uid !== FIRST_LOOK && !uids.includes(uid));
  await forgetMarks(
    looking,
    folder,
    name,
    gone.map(({ uid }) => uid),
  );
  if (isFirst || isRenumbered) await saveMark(looking, folder, name, { uid: FIRST_LOOK, ref: null });
  for (const head of fresh) {
    const isKnown = isFirst || (isRenumbered && head.ref !== null && refs.has(head.ref));
    if (!isKnown) await bringIn(looking, folder, head, mark);
    await saveMark(looking, folder, name, head);
  }
}

async function seenRefs(looking: Looking, folder: Folder, mark: string): Promise<Set<string>> {
  const rows = await looking.store
    .read('mailbox_marks')
    .where({ ...placeOf(looking, folder), mark })
    .select('message_ref');
  return new Set(rows.flatMap(({ message_ref }) => message_ref ?? []));
}

async function saveMark(
  looking: Looking,
  folder: Folder,
  mark: string,
  { uid, ref }: Pick<Head, 'uid' | 'ref'>,
): Promise<void> {
  await looking.store.write((trx) =>
    trx('mailbox_marks')
      .insert({ ...placeOf(looking, folder), mark, uid, message_ref: ref })
      .onConflict(['mailbox_id', 'folder', 'mark', 'uid'])
      .merge(),
  );
}

/** A label that is set again after it was taken off counts again. */
async function forgetMarks(
  looking: Looking,
  folder: Folder,
  mark: string,
  uids: readonly number[],
): Promise<void> {
  if (uids.length === 0) return;
  await looking.store.write((trx) =>
    trx('mailbox_marks')
      .where({ ...placeOf(looking, folder), mark })
      .whereIn('uid', [...uids])
      .delete(),
  );
}
