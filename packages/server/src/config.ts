import path from 'node:path';
import type { UserSettings } from '@hatband/contract';
import { Zone } from '@hatband/core/reading';
import { z } from 'zod';
import { StartFailure } from './errors.ts';

const port = z.coerce.number().int().min(0).max(65_535);

const list = (text: string) =>
  text
    .split(',')
    .map((each) => each.trim())
    .filter(Boolean);

const Interface = z.union(
  [z.ipv4(), z.ipv6(), z.literal('localhost')],
  'is no address of an interface, as in 127.0.0.1',
);

const Environment = z.strictObject({
  /** The interface of the page. Beyond this machine it needs a passphrase. */
  HATBAND_HOST: Interface.default('127.0.0.1'),
  HATBAND_PORT: port.default(4750),
  /** Names besides the interface's own under which the page may be asked for, separated by commas. */
  HATBAND_NAMES: z.string().default('').transform(list),
  /** Proxies in front of the page whose X-Forwarded-For and X-Forwarded-Proto are believed: addresses or networks. */
  HATBAND_PROXIES: z
    .string()
    .default('')
    .transform(list)
    .pipe(
      z.array(
        z.union(
          [z.ipv4(), z.ipv6(), z.cidrv4(), z.cidrv6(), z.literal('loopback')],
          'is no list of addresses or networks, as in 127.0.0.1,10.0.0.0/8',
        ),
      ),
    ),
  HATBAND_PASSPHRASE: z.string().min(8, 'has fewer than 8 characters').optional(),
  /** The interface that mail is received on. */
  HATBAND_SMTP_HOST: Interface.default('127.0.0.1'),
  HATBAND_SMTP_PORT: port.default(2525),
  HATBAND_DATA: z.string().min(1).default('./data'),
  /** Begins with nothing where the database was lost; one that is there is kept. */
  HATBAND_ANEW: z.literal('yes', 'is yes or not set').optional(),
  /** The domain of the intake addresses. */
  HATBAND_DOMAIN: z.hostname().default('hatband.test'),
  /** The user's own addresses, separated by commas. */
  HATBAND_ME: z.string().default(''),
  HATBAND_ZONE: Zone.default(() => new Intl.DateTimeFormat().resolvedOptions().timeZone),
  HATBAND_DATE_ORDER: z.enum(['DMY', 'MDY']).default('DMY'),
  /** Whose public holidays are no working days: a country, or a region of it, as in `DE-BY`. */
  HATBAND_HOLIDAYS: z.string().optional(),
  /** Further days on which the user does not work, separated by commas. */
  HATBAND_CLOSED: z
    .string()
    .default('')
    .transform(list)
    .pipe(z.array(z.iso.date('is no list of days, as in 2026-12-24,2026-12-31'))),
  /** Where the clock starts, for tests and pictures. */
  HATBAND_NOW: z.iso.datetime({ offset: true }).optional(),
  HATBAND_LOG: z.enum(['silent', 'error', 'warn', 'info', 'debug']).default('warn'),
});

export interface Config {
  host: string;
  port: number;
  names: string[];
  passphrase: string | null;
  proxies: string[];
  smtpHost: string;
  smtpPort: number;
  dataFolder: string;
  /** A lost database is begun anew. */
  mayBeLost: boolean;
  domain: string;
  /** The user, until he has saved settings of his own. */
  user: UserSettings;
  startAt: Date | null;
  logLevel: string;
}

const LOOPBACK = ['127.0.0.1', '::1', 'localhost'];

/** Reads the HATBAND_* variables. Throws StartFailure for one that is unknown or wrong. */
export function readConfig(environment: Readonly<Record<string, string | undefined>>): Config {
  const own = Object.entries(environment).filter(([name]) => name.startsWith('HATBAND_'));
  const parsed = Environment.safeParse(Object.fromEntries(own));
  if (!parsed.success) throw new StartFailure(sentence(parsed.error));
  const e = parsed.data;
  if (e.HATBAND_PASSPHRASE === undefined && !LOOPBACK.includes(e.HATBAND_HOST))
    throw new StartFailure(
      `The page can be reached from other machines at ${e.HATBAND_HOST}, so it needs a passphrase: set HATBAND_PASSPHRASE.`,
    );
  return {
    host: e.HATBAND_HOST,
    port: e.HATBAND_PORT,
    names: e.HATBAND_NAMES.map((name) => name.toLowerCase()),
    passphrase: e.HATBAND_PASSPHRASE ?? null,
    proxies: e.HATBAND_PROXIES,
    smtpHost: e.HATBAND_SMTP_HOST,
    smtpPort: e.HATBAND_SMTP_PORT,
    dataFolder: path.resolve(e.HATBAND_DATA),
    mayBeLost: e.HATBAND_ANEW === 'yes',
    domain: e.HATBAND_DOMAIN.toLowerCase(),
    user: {
      me: list(e.HATBAND_ME).map((address) => address.toLowerCase()),
      zone: e.HATBAND_ZONE,
      dateOrder: e.HATBAND_DATE_ORDER,
      languages: [],
      workdays: [1, 2, 3, 4, 5],
      holidays: e.HATBAND_HOLIDAYS === undefined ? [] : [e.HATBAND_HOLIDAYS],
      closed: e.HATBAND_CLOSED,
      decimal: null,
      replies: 'task',
    },
    startAt: e.HATBAND_NOW === undefined ? null : new Date(e.HATBAND_NOW),
    logLevel: e.HATBAND_LOG,
  };
}

function sentence(error: z.ZodError): string {
  const [issue] = error.issues;
  if (issue?.code === 'unrecognized_keys') return `The setting ${issue.keys.join(', ')} is not known.`;
  return `The setting ${String(issue?.path[0] ?? '')} cannot be used: ${issue?.message ?? 'unknown reason'}.`;
}
