import type { Entry } from './corpus.ts';

export const ME = 'ines.tavare@saltmarsh.example';

/** A message in bytes with what its layout makes true of it. */
export interface Wrapped {
  shape: string;
  bytes: Uint8Array;
  who: string;
  sentAt: string;
  note: string;
  latest: string;
}

const SENDERS = [
  ['Orla Penhale', 'orla@northcape.example'],
  ['Dr. Jonas Weiß', 'j.weiss@hafenamt.example'],
  ["Siobhán O'Neill", 'siobhan.oneill@tidegate.example'],
  ['Núria Ferré', 'nuria@costera.example'],
  ['quay office', 'office@quay.example'],
] as const;

interface Labels {
  from: string;
  sent: string;
  to: string;
  subject: string;
  forwarded: string;
  original: string;
  begin: string;
  prefix: string;
  reply: string;
  long: string;
  short: string;
  wrote: (date: string, who: string) => string;
}

const LABELS: Record<string, Labels> = {
  en: { from: 'From', sent: 'Sent', to: 'To', subject: 'Subject', forwarded: 'Forwarded message', original: 'Original Message', begin: 'Begin forwarded message:', prefix: 'Fwd', reply: 'Re', long: 'Tuesday, March 10, 2026 10:15 AM', short: 'Tue, 10 Mar 2026 at 10:15', wrote: (d, w) => `On ${d}, ${w} wrote:` },
  de: { from: 'Von', sent: 'Gesendet', to: 'An', subject: 'Betreff', forwarded: 'Weitergeleitete Nachricht', original: 'Ursprüngliche Nachricht', begin: 'Anfang der weitergeleiteten Nachricht:', prefix: 'WG', reply: 'AW', long: 'Dienstag, 10. März 2026 10:15', short: '10.03.2026 um 10:15', wrote: (d, w) => `Am ${d} schrieb ${w}:` },
  fr: { from: 'De', sent: 'Envoyé', to: 'À', subject: 'Objet', forwarded: 'Message transféré', original: 'Message d’origine', begin: 'Début du message transféré :', prefix: 'TR', reply: 'RE', long: 'mardi 10 mars 2026 10:15', short: 'mar. 10 mars 2026 à 10:15', wrote: (d, w) => `Le ${d}, ${w} a écrit :` },
  es: { from: 'De', sent: 'Enviado', to: 'Para', subject: 'Asunto', forwarded: 'Mensaje reenviado', original: 'Mensaje original', begin: 'Inicio del mensaje reenviado:', prefix: 'RV', reply: 'RE', long: 'martes, 10 de marzo de 2026 10:15', short: 'mar, 10 mar 2026 a las 10:15', wrote: (d, w) => `El ${d}, ${w} escribió:` },
  pt: { from: 'De', sent: 'Enviado', to: 'Para', subject: 'Assunto', forwarded: 'Mensagem encaminhada', original: 'Mensagem original', begin: 'Início da mensagem reencaminhada:', prefix: 'ENC', reply: 'RE', long: 'terça-feira, 10 de março de 2026 10:15', short: 'terça, 10 de mar. de 2026 às 10:15', wrote: (d, w) => `Em ${d}, ${w} escreveu:` },
  nl: { from: 'Van', sent: 'Verzonden', to: 'Aan', subject: 'Onderwerp', forwarded: 'Doorgestuurd bericht', original: 'Oorspronkelijk bericht', begin: 'Begin doorgestuurd bericht:', prefix: 'FW', reply: 'Antw', long: 'dinsdag 10 maart 2026 10:15', short: 'di 10 mrt 2026 om 10:15', wrote: (d, w) => `Op ${d} schreef ${w}:` },
  it: { from: 'Da', sent: 'Inviato', to: 'A', subject: 'Oggetto', forwarded: 'Messaggio inoltrato', original: 'Messaggio originale', begin: 'Inizio messaggio inoltrato:', prefix: 'I', reply: 'R', long: 'martedì 10 marzo 2026 10:15', short: 'mar 10 mar 2026 alle ore 10:15', wrote: (d, w) => `Il giorno ${d} ${w} ha scritto:` },
  sv: { from: 'Från', sent: 'Skickat', to: 'Till', subject: 'Ämne', forwarded: 'Vidarebefordrat meddelande', original: 'Ursprungligt meddelande', begin: 'Vidarebefordrat brev:', prefix: 'VB', reply: 'SV', long: 'den 10 mars 2026 10:15', short: 'tis 10 mars 2026 kl. 10:15', wrote: (d, w) => `Den ${d} skrev ${w}:` },
}; // prettier-ignore

interface Context {
  record: Entry;
  labels: Labels;
  name: string;
  address: string;
  body: string;
}

type Shape = (context: Context) => { eml: string; sentAt: string; note: string };

const STATED = '2026-03-10T10:15:00';
const OUTER = 'Wed, 11 Mar 2026 09:00:00 +0100';
const INNER = 'Tue, 10 Mar 2026 10:15:00 +0100';
const own = ({ labels, record }: Context, prefix: keyof Labels | null, date = OUTER) => [
  `From: Ines Tavare <${ME}>`,
  'To: inbox@hatband.test',
  `Subject: ${encode(prefix ? `${String(labels[prefix])}: ${record.subject}` : record.subject)}`,
  `Date: ${date}`,
];
const theirs = ({ name, address, record }: Context) => [
  `From: ${encode(name)} <${address}>`,
  `To: Ines Tavare <${ME}>`,
  'Cc: inbox@hatband.test',
  `Subject: ${encode(record.subject)}`,
  `Date: ${INNER}`,
];
const lines = (...parts: string[]) => parts.join('\n');

const direct: Shape = (c) => ({ eml: plain(theirs(c), c.body), sentAt: `${STATED}+01:00`, note: '' });

const withHistory: Shape = (c) => ({
  eml: plain(
    theirs(c),
    lines(c.body, '', c.labels.wrote(c.labels.short, `Ines Tavare <${ME}>`), '> 1 + 1 = 2', '> ok'),
  ),
  sentAt: `${STATED}+01:00`,
  note: '',
});

const dashed: Shape = (c) => ({
  eml: plain(own(c, 'prefix'), lines(c.record.note ?? '', '', `---------- ${c.labels.forwarded} ---------`, `${c.labels.from}: ${c.name} <${c.address}>`, `Date: ${c.labels.short}`, `${c.labels.subject}: ${c.record.subject}`, `${c.labels.to}: Ines Tavare <${ME}>`, '', '', c.body)),
  sentAt: STATED,
  note: c.record.note ?? '',
}); // prettier-ignore

const underscored: Shape = (c) => ({
  eml: plain(own(c, 'prefix'), lines(c.record.note ?? '', '', '________________________________', `${c.labels.from}: ${c.name} <${c.address}>`, `${c.labels.sent}: ${c.labels.long}`, `${c.labels.to}: Ines Tavare`, `${c.labels.subject}: ${c.record.subject}`, '', c.body)),
  sentAt: STATED,
  note: c.record.note ?? '',
}); // prettier-ignore

const begun: Shape = (c) => ({
  eml: plain(own(c, 'prefix'), lines(c.record.note ?? '', '', c.labels.begin, '', ...[`${c.labels.from}: ${c.name} <${c.address}>`, `${c.labels.subject}: ${c.record.subject}`, `${c.labels.sent}: ${c.labels.long}`, `${c.labels.to}: Ines Tavare <${ME}>`, '', ...c.body.split('\n')].map((l) => `> ${l}`))),
  sentAt: STATED,
  note: c.record.note ?? '',
}); // prettier-ignore

const answered: Shape = (c) => ({
  eml: plain(own(c, 'reply'), lines(c.record.note ?? 'ok', '', c.labels.wrote(c.labels.short, `${c.name} <${c.address}>`), '', ...c.body.split('\n').map((l) => `> ${l}`.trimEnd()))),
  sentAt: STATED,
  note: c.record.note ?? 'ok',
}); // prettier-ignore

const tight: Shape = (c) => ({
  eml: plain(own(c, 'reply'), lines(c.record.note ?? 'ok', c.labels.wrote(c.labels.short, `${c.name}\n<${c.address}>`), '', ...c.body.split('\n').map((l) => `> ${l}`.trimEnd()))),
  sentAt: STATED,
  note: c.record.note ?? 'ok',
}); // prettier-ignore

const tabbed: Shape = (c) => ({
  eml: plain(own(c, 'prefix'), lines(c.record.note ?? '', '', `-------- ${c.labels.forwarded} --------`, `${c.labels.subject}: \t${c.record.subject}`, `${c.labels.sent}: \t${c.labels.short}`, `${c.labels.from}: \t${c.name} <${c.address}>`, `${c.labels.to}: \tInes Tavare <${ME}>`, '', '', c.body)),
  sentAt: STATED,
  note: c.record.note ?? '',
}); // prettier-ignore

const html: Shape = (c) => ({
  eml: formatted(own(c, 'prefix'), `<div>${escape(c.record.note ?? '')}</div><br><div><hr><p><b>${c.labels.from}:</b> ${escape(c.name)} &lt;${c.address}&gt;<br><b>${c.labels.sent}:</b> ${c.labels.long}<br><b>${c.labels.to}:</b> Ines Tavare<br><b>${c.labels.subject}:</b> ${escape(c.record.subject)}</p>${paragraphs(c.body)}</div>`),
  sentAt: STATED,
  note: c.record.note ?? '',
}); // prettier-ignore

const attached: Shape = (c) => ({
  eml: lines(...own(c, 'prefix'), 'MIME-Version: 1.0', 'Content-Type: multipart/mixed; boundary="bb"', '', '--bb', 'Content-Type: text/plain; charset=utf-8', 'Content-Transfer-Encoding: 8bit', '', c.record.note ?? '', '--bb', 'Content-Type: message/rfc822', '', plain(theirs(c), c.body), '--bb--', ''),
  sentAt: `${STATED}+01:00`,
  note: c.record.note ?? '',
}); // prettier-ignore

const NOTED: readonly [string, Shape][] = [['dashed', dashed], ['answered', answered], ['underscored', underscored], ['html', html], ['begun', begun], ['attached', attached], ['tight', tight], ['tabbed', tabbed]]; // prettier-ignore
const BARE: readonly [string, Shape][] = [['direct', direct], ['dashed', dashed], ['history', withHistory], ['underscored', underscored], ['html', html], ['begun', begun], ['attached', attached], ['tabbed', tabbed]]; // prettier-ignore

/** The halves take the layouts in another order, so that a trade and its layout are together in one half only. */
export function wrap(record: Entry, index: number, reversed: boolean): Wrapped {
  const shapes = record.note === null ? BARE : NOTED;
  const turn = index + record.language.charCodeAt(0) + (reversed ? 3 : 0);
  const [name, shape] = shapes[turn % shapes.length] ?? ['direct', direct];
  const [who, address] = SENDERS[turn % SENDERS.length] ?? SENDERS[0];
  const labels = LABELS[record.language];
  if (!labels) throw new Error(`No labels for ${record.language}.`);
  const broken = turn % 2 === 0 ? (line: string) => line : hardWrapped;
  const body = record.body
    .map((line) => broken(line.replace(/^~/, '')))
    .join('\n')
    .trim();
  const latest = record.body
    .filter((line) => !line.startsWith('~'))
    .join('\n')
    .trim();
  const { eml, sentAt, note } = shape({ record, labels, name: who, address, body });
  return { shape: name, bytes: new TextEncoder().encode(eml), who: address, sentAt, note, latest };
}

/** As mail programs break lines that go out as plain text. */
const hardWrapped = (line: string) =>
  line.includes('|') ? line : line.replace(/(.{1,70})(?: |$)/g, '$1\n').trimEnd();

const plain = (head: string[], text: string) =>
  lines(
    ...head,
    'MIME-Version: 1.0',
    'Content-Type: text/plain; charset=utf-8',
    'Content-Transfer-Encoding: 8bit',
    '',
    text,
    '',
  );
const formatted = (head: string[], body: string) =>
  lines(
    ...head,
    'MIME-Version: 1.0',
    'Content-Type: text/html; charset=utf-8',
    'Content-Transfer-Encoding: 8bit',
    '',
    `<html><body>${body}</body></html>`,
    '',
  );
const paragraphs = (body: string) =>
  body
    .split('\n')
    .map((line) => `<div>${line === '' ? '<br>' : escape(line)}</div>`)
    .join('');
const escape = (text: string) => text.replaceAll('&', '&amp;').replaceAll('<', '&lt;');
const encode = (text: string) =>
  /^[\x20-\x7e]*$/.test(text) ? text : `=?utf-8?B?${Buffer.from(text).toString('base64')}?=`;
