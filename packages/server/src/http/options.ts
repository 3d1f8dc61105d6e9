import type { CompiledRules } from '@hatband/core/rules';
import type { Logger } from 'pino';
import type { Clock } from '../clock.ts';
import type { Events } from '../events.ts';
import type { Background } from '../background.ts';
import type { ByteBudget } from '../intake/byteBudget.ts';
import type { Directory } from '../intake/directory.ts';
import type { Access } from '../access/access.ts';
import type { Imports } from '../files/imports.ts';
import type { Receive } from '../intake/receive.ts';
import type { Post } from '../mailbox/post.ts';
import type { Secrets } from '../mailbox/secret.ts';
import type { PracticeNews } from '../practice/account.ts';
import type { UserNow } from '../settings/user.ts';
import type { Store } from '../store/index.ts';

export interface AppOptions {
  store: Store;
  directory: Directory;
  events: Events;
  clock: Clock;
  domain: string;
  user: UserNow;
  liveRules: () => Promise<CompiledRules>;
  access: Access;
  receive: Receive;
  budget: ByteBudget;
  background: Background;
  imports: Imports;
  post: () => Post;
  secrets: Secrets;
  practiceNews: PracticeNews;
  smtp: () => { host: string; port: number };
  /** What was stored is to be read. */
  wake: () => void;
  /** Names besides those of loopback under which the page may be asked for. */
  names: readonly string[];
  /** The proxies whose word is taken for the visitor's address and for TLS. */
  proxies: readonly string[];
  /** The built page. */
  webFolder: string;
  /** The built script that reads long files of rules. */
  ruleFileScript: URL;
  log: Logger;
}
