import { judge, type Policy, type Verdict } from '@hatband/core/intake';
import { decode, dropAttachments } from '@hatband/core/mail';
import { localTime } from '@hatband/core/reading';
import type { Context } from '@hatband/core/rules';
import type { Clock } from '../clock.ts';
import type { Store } from '../store/index.ts';
import type { Admitted, Deposit, Deposited, Delivery } from './deposit.ts';
import type { Recipient } from './directory.ts';
import { noteTurnedAway } from './turnedAway.ts';

/** A message at the door. */
export type Mail = Omit<Delivery, 'recipients' | 'receivedAt'> & { recipients: readonly Recipient[] };

/** What became of it at one of its ways in: an arrival, or why there is none. */
export type Receipt = Taken | TurnedAway;
interface Taken {
  recipient: Recipient;
  result: 'taken';
  deposited: Deposited;
  /** Why it waits at the door. */
  gate: Verdict | null;
}
interface TurnedAway {
  recipient: Recipient;
  result: 'refused' | 'dropped';
  verdict: Verdict;
}

/** Takes a message in by the policies of its addresses. Rejects where the store cannot write. */
export type Receive = (mail: Mail) => Promise<Receipt[]>;

interface Options {
  store: Store;
  deposit: Deposit;
  /** The user's addresses, his zone and the people he knows, as they are now. */
  context: () => Promise<Pick<Context, 'me' | 'people' | 'zone'>>;
  clock: Clock;
}

export function makeReceive(options: Options): Receive {
  return async (mail) => {
    const verdicts = await Promise.all(mail.recipients.map((each) => verdictOn(options, mail, each)));
    const asked = mail.recipients.map((recipient, i) => ({ recipient, verdict: verdicts[i] ?? null }));
    const receipts: Receipt[] = [];
    for (const attachments of ['keep', 'drop'] as const) {
      const group = asked.filter(({ recipient }) => recipient.policy.attachments === attachments);
      if (group.length > 0) receipts.push(...(await takeIn(options, mail, group, attachments)));
    }
    return receipts;
  };
}

interface Asked {
  recipient: Recipient;
  verdict: Verdict | null;
}

async function takeIn(
  { store, deposit, clock }: Options,
  mail: Mail,
  asked: readonly Asked[],
  attachments: Policy['attachments'],
): Promise<Receipt[]> {
  const admitted = asked.filter(({ verdict }) => isAdmitted(verdict));
  const bytes = attachments === 'drop' ? Buffer.from(dropAttachments(mail.bytes)) : mail.bytes;
  const receivedAt = clock().toISOString();
  const recipients = admitted.map(({ recipient, verdict }): Admitted => ({
    ...recipient,
    gate: verdict ?? undefined,
  }));
  const deposited =
    recipients.length === 0 ? [] : await deposit.put({ ...mail, bytes, recipients, receivedAt });
  const taken = admitted.flatMap(({ recipient, verdict }, i): Receipt[] => {
    const at = deposited[i];
    return at ? [{ recipient, result: 'taken', deposited: at, gate: verdict }] : [];
  });
  const turned = asked.flatMap(({ recipient, verdict }): TurnedAway[] =>
    verdict === null || isAdmitted(verdict)
      ? []
      : [{ recipient, result: verdict.remedy === 'drop' ? 'dropped' : 'refused', verdict }],
  );
  for (const { recipient, result, verdict } of turned) {
    const addressId = recipient.address.id;
    const sender = (await senderOf(mail.bytes)) ?? mail.envelopeFrom;
    const { words } = verdict;
    await noteTurnedAway(store, { addressId, sender, what: result, words }, receivedAt);
  }
  return [...taken, ...turned];
}

const isAdmitted = (verdict: Verdict | null) =>
  verdict === null || verdict.remedy === 'hold' || verdict.remedy === 'report';

async function verdictOn(options: Options, mail: Mail, { address, policy }: Recipient) {
  const { senders, blocked, perDay, largest } = policy;
  const asksSender = senders.kind !== 'anyone' || blocked.length > 0;
  if (!asksSender && perDay === null && largest === null) return null;
  const context = await options.context();
  // What the user brings in himself is his own.
  const isOwn = mail.source === 'file';
  const knock = {
    sender: asksSender && !isOwn ? await senderOf(mail.bytes) : null,
    size: mail.bytes.length,
    today: perDay === null ? 0 : await countToday(options, address.id, context.zone),
  };
  return judge(isOwn ? { ...policy, senders: { kind: 'anyone' }, blocked: [] } : policy, knock, context);
}

/** A head beyond this length is no letter's. */
const LONGEST_HEAD = 64 * 1024;

/** The address in the message's own From. */
async function senderOf(bytes: Buffer): Promise<string | null> {
  const start = bytes.subarray(0, LONGEST_HEAD);
  const blank = /\r?\n\r?\n/.exec(start.toString('latin1'));
  const { from } = await decode(start.subarray(0, blank ? blank.index : start.length));
  return from === null || from.address === '' ? null : from.address.toLowerCase();
}

/** Arrivals at the address since midnight where the user is. */
async function countToday({ store, clock }: Options, addressId: number, zone: string): Promise<number> {
  const now = clock();
  const wall = localTime(now.toISOString(), zone);
  const minutes = Number(wall.slice(11, 13)) * 60 + Number(wall.slice(14, 16));
  const midnight = new Date(now.getTime() - minutes * 60_000 - (now.getTime() % 60_000));
  const row = await store
    .read('arrivals')
    .where({ address_id: addressId })
    .where('received_at', '>=', midnight.toISOString())
    .count({ n: '*' })
    .first();
  return Number(row?.n ?? 0);
}
