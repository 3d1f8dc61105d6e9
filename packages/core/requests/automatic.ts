import { header, type Message } from '../mail/index.ts';

/**
 * Mail that no person wrote: `reply` answers or reports by itself (RFC 3834, section 5; bounces, RFC 3464; receipts, RFC 8098),
 * `notice` was made by a machine of its own accord.
 */
export type Automatic = 'reply' | 'notice';

export function automaticKind(message: Message): Automatic | null {
  const submitted = header(message, 'Auto-Submitted')?.toLowerCase().split(';')[0]?.trim() ?? 'no';
  const type = header(message, 'Content-Type')?.toLowerCase() ?? '';
  if (submitted === 'auto-replied' || /^multipart\/report\b/.test(type)) return 'reply';
  if (header(message, 'X-Autoreply') !== null || header(message, 'X-Autorespond') !== null) return 'reply';
  if (header(message, 'Return-Path')?.trim() === '<>') return 'reply';
  return submitted === 'no' ? null : 'notice';
}
