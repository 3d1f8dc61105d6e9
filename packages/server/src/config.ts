import path from 'node:path';
import { z } from 'zod';
import { StartFailure } from './errors.ts';

const port = z.coerce.number().int().min(0).max(65_535);

const Zone = z.string().refine(isZone, 'is no time zone, as in Europe/London');

function isZone(zone: string): boolean {
  try {
    return Boolean(new Intl.DateTimeFormat('en', { timeZone: zone }));
  } catch {
    return false;
  }
}

const Environment = z.strictObject({
  HATBAND_PORT: port.default(4750),
  HATBAND_SMTP_PORT: port.default(2525),
  HATBAND_DATA: z.string().min(1).default('./data'),
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
    .transform((days) =>
      days
        .split(',')
        .map((day) => day.trim())
        .filter(Boolean),
    )
    .pipe(z.array(z.iso.date('is no list of days, as in 2026-12-24,2026-12-31'))),
  /** Where the clock starts, for tests and pictures. */
  HATBAND_NOW: z.iso.datetime({ offset: true }).optional(),
  HATBAND_LOG: z.enum(['silent', 'error', 'warn', 'info', 'debug']).default('warn'),
});

export interface Config {
  port: number;
  smtpPort: number;
  dataFolder: string;
  domain: string;
  me: string[];
  zone: string;
  dateOrder: 'DMY' | 'MDY';
  /** A country or region whose public holidays are no working days; the server asks whether there is one. */
  holidays: string | null;
  /** Further ISO days on which the user does not work, besides Saturday and Sunday. */
  closed: string[];
  startAt: Date | null;
  logLevel: string;
}

/** Reads the HATBAND_* variables. Throws StartFailure for one that is unknown or wrong. */
export function readConfig(environment: Readonly<Record<string, string | undefined>>): Config {
  const own = Object.entries(environment).filter(([name]) => name.startsWith('HATBAND_'));
  const parsed = Environment.safeParse(Object.fromEntries(own));
  if (!parsed.success) throw new StartFailure(sentence(parsed.error));
  const e = parsed.data;
  return {
    port: e.HATBAND_PORT,
    smtpPort: e.HATBAND_SMTP_PORT,
    dataFolder: path.resolve(e.HATBAND_DATA),
    domain: e.HATBAND_DOMAIN.toLowerCase(),
    me: e.HATBAND_ME.split(',')
      .map((address) => address.trim().toLowerCase())
      .filter(Boolean),
    zone: e.HATBAND_ZONE,
    dateOrder: e.HATBAND_DATE_ORDER,
    holidays: e.HATBAND_HOLIDAYS ?? null,
    closed: e.HATBAND_CLOSED,
    startAt: e.HATBAND_NOW === undefined ? null : new Date(e.HATBAND_NOW),
    logLevel: e.HATBAND_LOG,
  };
}

function sentence(error: z.ZodError): string {
  const [issue] = error.issues;
  if (issue?.code === 'unrecognized_keys') return `The setting ${issue.keys.join(', ')} is not known.`;
  return `The setting ${String(issue?.path[0] ?? '')} cannot be used: ${issue?.message ?? 'unknown reason'}.`;
}
