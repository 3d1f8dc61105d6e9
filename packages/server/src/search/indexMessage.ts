import type { Reading } from '@hatband/core/reading';
import type { Knex } from 'knex';

/** Makes a message that was read findable by its words. */
export async function indexMessage(
  trx: Knex.Transaction,
  arrivalId: number,
  { message, anatomy }: Reading,
): Promise<void> {
  const people = [message.from, anatomy.who, ...message.to, ...message.cc];
  await trx.raw(
    'INSERT OR REPLACE INTO message_search (rowid, subject, people, text, attachments) VALUES (?, ?, ?, ?, ?)',
    [
      arrivalId,
      message.subject,
      people.map((who) => (who ? `${who.name} ${who.address}` : '')).join(' '),
      message.text,
      message.attachments.map(({ name }) => name).join(' '),
    ],
  );
}
