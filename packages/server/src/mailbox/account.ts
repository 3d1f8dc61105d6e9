/** A label or the flag of messages. */
export type Mark = { kind: 'label'; name: string } | { kind: 'flag' };

export interface Head {
  uid: number;
  /** Its Message-ID. */
  ref: string | null;
  sender: string;
  cameAt: Date;
  /** In bytes. */
  size: number;
}

export interface Fetched {
  bytes: Buffer;
  labels: string[];
  flagged: boolean;
}

/** What is done to a message in its mailbox. */
export interface Change {
  add: string[];
  remove: string[];
  flagged: boolean | null;
  read: boolean;
}

export interface OpenFolder {
  /** Numbers of messages hold for as long as this stays the same (RFC 9051, section 2.3.1.1). */
  uidValidity: string;
  /** The number that the next message will have. */
  nextUid: number;
  newest: () => Promise<Head | null>;
  /** The numbers above this one, ascending. */
  above: (uid: number) => Promise<number[]>;
  /** The numbers of messages that came on this day or later. */
  since: (day: Date) => Promise<number[]>;
  marked: (mark: Mark) => Promise<number[]>;
  heads: (uids: readonly number[]) => Promise<Head[]>;
  has: (uid: number) => Promise<boolean>;
  fetch: (uid: number) => Promise<Fetched | null>;
  /** The number of the message with this Message-ID. */
  find: (ref: string) => Promise<number | null>;
  /** Throws AccountProblem where the mailbox cannot do it. */
  change: (uid: number, change: Change) => Promise<void>;
  /** Its number in the other folder, where the server tells it. */
  move: (uid: number, folder: string) => Promise<number | null>;
  /** Resolves when something may have changed, at the latest after `ms`. */
  wait: (ms: number, stop: AbortSignal) => Promise<void>;
}

/** A mail account as Hatband looks at it and acts on it: an IMAP server, or the practice mailbox. */
export interface Account {
  folders: () => Promise<string[]>;
  open: (folder: string) => Promise<OpenFolder>;
  close: () => Promise<void>;
}

/** What is wrong, in the user's words. `lasting`: trying again will not help. */
export class AccountProblem extends Error {
  constructor(
    message: string,
    readonly lasting: boolean,
  ) {
    super(message);
  }
}
