import type { MailboxState } from '@hatband/contract';

/** What a watched mailbox is doing, in a few words. */
export function sayState(state: MailboxState): string {
  switch (state.kind) {
    case 'connecting':
      return 'being connected …';
    case 'watching':
      return 'watched';
    case 'trouble':
      return `trouble: ${state.words}`;
    case 'paused':
      return 'paused';
  }
}
