import { fold, LANGUAGES, listOf } from '../languages/index.ts';
import { header, type Message } from '../mail/index.ts';

/**
 * Mail that no person wrote: `reply` answers or reports by itself (RFC 3834, section 5; bounces, RFC 3464; receipts, RFC 8098),
 * `notice` was made by a machine of its own accord.
 */
export type Automatic = 'reply' | 'notice';

const SUBJECTS = LANGUAGES.flatMap((language) => listOf(language.mail.automatic));

export function automaticKind(message: Message): Automatic | null {
  const submitted = header(message, 'Auto-Submitted')?.toLowerCase().split(';')[0]?.trim() ?? 'no';
  const type = header(message, 'Content-Type')?.toLowerCase() ?? '';
  if (submitted === 'auto-replied' || /^multipart\/report\b/.test(type)) return 'reply';
  if (['X-Autoreply', 'X-Autorespond', 'X-Auto-Response'].some((name) => header(message, name) !== null))
    return 'reply';
  if (header(message, 'Return-Path')?.trim() === '<>') return 'reply';
  if (/^auto_reply$/i.test(header(message, 'Precedence')?.trim() ?? '')) return 'reply';
  if (/^(?:mailer-daemon|postmaster)@/i.test(message.from?.address ?? '')) return 'reply';
  const subject = fold(message.subject).trim();
  if (
    SUBJECTS.some(
      (words) =>
        subject.startsWith(words) && /^(?:$|[\s:,.!(-])/.test(subject.slice(words.replace(/:$/, '').length)),
    )
  )
    return 'reply';
  return submitted === 'no' ? null : 'notice';
}
