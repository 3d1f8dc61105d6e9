import type { CompiledRules } from '@hatband/core/rules';
import type { Logger } from 'pino';
import type { Clock } from '../clock.ts';
import type { Events } from '../events.ts';
import type { Directory } from '../intake/directory.ts';
import type { User } from '../rules/ruleSet.ts';
import type { Store } from '../store/index.ts';

export interface AppOptions {
  store: Store;
  directory: Directory;
  events: Events;
  clock: Clock;
  domain: string;
  user: User;
  liveRules: () => Promise<CompiledRules>;
  smtpPort: () => number;
  /** The built page. */
  webFolder: string;
  log: Logger;
}
