import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';

const FOLDER = path.join(import.meta.dirname, '../demo/mail');

/** The messages of the demo world. */
export function demoMails(): Buffer[] {
  const files = readdirSync(FOLDER, { recursive: true, encoding: 'utf8' }).filter((file) =>
    file.endsWith('.eml'),
  );
  return files.toSorted().map((file) => readFileSync(path.join(FOLDER, file)));
}

export const median = (values: readonly number[]) =>
  values.toSorted((a, b) => a - b)[Math.floor(values.length / 2)] ?? 0;

/** A demo message under an id and with words of its own. */
export function numbered(mail: Buffer): (serial: number) => Buffer {
  const [head = '', ...body] = mail.toString('latin1').split(/\r?\n\r?\n/);
  return (serial) =>
    Buffer.from(
      [
        head.replace(/^Message-ID:.*$/im, `Message-ID: <bench.${serial}@quay.example>`),
        `It has our number ${serial}.`,
        ...body,
      ].join('\r\n\r\n'),
      'latin1',
    );
}
