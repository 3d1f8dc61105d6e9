import { z } from 'zod';
import { header } from '../../../mail/index.ts';
import type { Incoming } from '../../message/incoming.ts';
import { answer, conditionKind } from './kind.ts';

export const isReply = ({ reading: { message } }: Incoming) =>
  message.inReplyTo !== null || header(message, 'References') !== null;

export const reply = conditionKind(z.strictObject({ kind: z.literal('reply') }), {
  label: 'reply',
  doc: 'It answers another message (a header `In-Reply-To` or `References`).',
  compile:
    () =>
    ({ incoming }) =>
      answer(isReply(incoming), isReply(incoming) ? 'a reply' : 'no reply'),
  say: () => 'is a reply',
  terms: () => [['reply']],
});
