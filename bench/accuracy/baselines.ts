import { decode } from '@hatband/core/mail';
import * as chrono from 'chrono-node';
import EmailReplyParser from 'email-reply-parser';
import type { Case } from './corpus.ts';
import { share } from './interval.ts';
import { plain } from './score.ts';

const LOCALES: Record<string, { parse: typeof chrono.de.parse }> = {
  en: chrono.en.GB,
  de: chrono.de,
  fr: chrono.fr,
  es: chrono.es,
  pt: chrono.pt,
  nl: chrono.nl,
  it: chrono.it,
  sv: chrono.sv,
};

/** What two plain readers make of the same messages: the first date of all, and the visible text of a reply. */
export async function baselines(cases: readonly Case[]): Promise<string[]> {
  const read = await Promise.all(
    cases.map(async (wanted) => ({ wanted, text: (await decode(wanted.bytes)).text })),
  );
  const dated = read.filter(({ wanted }) => wanted.items === null);
  const firstDate = dated.filter(
    ({ wanted, text }) => firstDay(text, wanted.language) === (wanted.due?.slice(0, 10) ?? null),
  );
  const visible = read.filter(
    ({ wanted, text }) => plain(new EmailReplyParser().read(text).getVisibleText()) === plain(wanted.latest),
  );
  return [
    `beside it: chrono-node's first date, due exact to the day ${share(firstDate.length, dated.length)}`,
    `beside it: email-reply-parser's visible text, latest ${share(visible.length, read.length)}`,
  ];
}

function firstDay(text: string, language: string): string | null {
  const [found] =
    LOCALES[language]?.parse(text, new Date('2026-03-10T10:15:00Z'), { forwardDate: true }) ?? [];
  return found ? found.date().toISOString().slice(0, 10) : null;
}
