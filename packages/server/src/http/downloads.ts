import * as contract from '@hatband/contract';
import { Reading } from '@hatband/core/reading';
import { attachedFiles } from '@hatband/core/mail';
import type { Express } from 'express';
import { z } from 'zod';
import { missing } from '../errors.ts';
import { rawBytes } from '../intake/deposit.ts';
import { inflateJson, type Store } from '../store/index.ts';
import { parseInput } from './answer.ts';

/** Letters that turn the direction of others make `fdp.exe` look like `exe.pdf` (Unicode, UAX #9); others are none. */
const withoutControls = (name: string) =>
  name.replace(/[\p{Cc}\u061C\u200E\u200F\u202A-\u202E\u2066-\u2069]/gu, '') || 'unnamed';

const Numbered = contract.RowId.extend({ n: z.coerce.number().int().min(0) });

/** Messages and what came along with them: always as downloads, so that nothing of them is shown as a page of ours. */
export function answerDownloads(app: Express, store: Store): void {
  app.get(contract.rawPath, async (request, response) => {
    const { id } = parseInput(contract.RowId, request.params);
    const row = await store.read('arrivals').where({ id }).first();
    if (!row) throw missing('arrival');
    response
      .attachment(`message-${String(id)}.eml`)
      .type('message/rfc822')
      .send(await rawBytes(store, row.message_id));
  });
  app.get(contract.attachmentPath, async (request, response) => {
    const { id, n } = parseInput(Numbered, request.params);
    const row: { message_id: number; body: Buffer } | undefined = await store
      .read('arrivals')
      .join('readings', 'readings.id', 'arrivals.reading_id')
      .where('arrivals.id', id)
      .first('arrivals.message_id', 'body');
    const name = row ? inflateJson(Reading, row.body).message.attachments[n]?.name : undefined;
    const content = row ? (await attachedFiles(await rawBytes(store, row.message_id)))[n] : undefined;
    if (name === undefined || !content) throw missing('attachment');
    response.attachment(withoutControls(name)).type('application/octet-stream').send(Buffer.from(content));
  });
}
