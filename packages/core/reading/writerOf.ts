import type { Mailbox } from '../mail/index.ts';
import type { EvidenceSpan } from './facts.ts';
import type { Reading } from './reading.ts';

/** Who wrote words of a message: what stands above a forward its sender, all else who wrote the newest words. */
export function writerOf({ message, anatomy }: Reading, [first]: readonly EvidenceSpan[]): Mailbox | null {
  const isNote = anatomy.parts.some(
    ({ kind, start, end }) =>
      kind === 'note' && first?.part === 'text' && start <= first.start && first.start < end,
  );
  return isNote ? message.from : anatomy.who;
}
