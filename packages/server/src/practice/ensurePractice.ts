import { MailboxSettings } from '@hatband/contract';
import type { Clock } from '../clock.ts';
import { insertMailbox } from '../mailbox/mailboxes.ts';
import type { Secrets } from '../mailbox/secret.ts';
import type { UserNow } from '../settings/user.ts';
import type { Store } from '../store/index.ts';

/** The practice mailbox is there from the first start on, and watched as a mailbox would be. */
export async function ensurePractice(
  store: Store,
  secrets: Secrets,
  user: UserNow,
  clock: Clock,
): Promise<void> {
  const { me } = (await user()).settings;
  await store.write(async (trx) => {
    if (await trx('mailboxes').where({ kind: 'practice' }).first()) return;
    const settings = MailboxSettings.parse({
      kind: 'practice',
      name: 'Practice',
      addresses: [me[0] ?? 'you@practice.example'],
      folders: [
        { folder: 'INBOX', for: ['label', 'flag', 'plus-word'] },
        { folder: 'Sent', for: ['recipient'] },
      ],
    });
    await insertMailbox(trx, { settings }, secrets, clock);
  });
}
