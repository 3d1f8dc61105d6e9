import type { Person } from '../../../tasks/index.ts';
import type { CONDITION_KINDS, Delivery, KnownTasks, LeafCondition } from '../../index.ts';

export const MAIL = `From: Ines <ines@quay.example>
To: tasks@quay.example, Odile Marsh <odile@keel.example>
Cc: tomas@quay.example
Subject: Fwd: Loan form for the gauge
Date: Mon, 23 Nov 2026 10:00:00 +0000
Importance: high
List-Id: Registrars <registrars.lists.example>
X-Ticket: open case 12
In-Reply-To: <m1@cape.example>
Content-Type: multipart/mixed; boundary=b

--b
Content-Type: text/plain

Please see to it.

---------- Forwarded message ---------
From: Orla Penhale <orla@loans.cape.example>
Date: Mon, 23 Nov 2026 at 09:00
Subject: Loan form for the gauge

Please return the signed form for café-Übersicht SQ-0231 by 7 December.

Object: Tide gauge no. 4
The fee is EUR 412.50.
--b
Content-Type: application/pdf; name="loan-form.pdf"
Content-Disposition: attachment; filename="loan-form.pdf"

JVBERi0xLjQ=
--b--
`;
const LIST = `From: o@cape.example\nSubject: Actions\n\nActions:\n- Tom: book the hall\n- print the posters\n`;
const NOTICE = `From: o@cape.example\nSubject: Actions\nAuto-Submitted: auto-generated\n\nhello`;

export const PEOPLE: Person[] = [
  { name: 'Orla Penhale', addresses: ['orla@loans.cape.example'], organisation: 'Cape', groups: ['Lenders'] },
  { name: 'Odile Marsh', addresses: ['odile@keel.example'], organisation: null, groups: [] },
];
export const LABELLED: Partial<Delivery> = {
  source: 'mailbox',
  target: { kind: 'project', name: 'Loans in' },
  address: 'loans-x@quay.example',
  plusWord: 'Urgent',
  labels: ['To do', 'Loans'],
  flagged: true,
  folder: 'Work',
};
export const THREAD: Partial<KnownTasks> = { thread: [{ key: '1', title: 'Gauge', open: true }] };

interface Case {
  condition: LeafCondition | Record<string, unknown>;
  holds: boolean;
  /** The words that are evidence for it. */
  quote?: string;
  mail?: string;
}

/** For each kind: what holds, and what does not. */
export const CASES: Record<keyof typeof CONDITION_KINDS, Case[]> = {
  source: [
    { condition: { is: ['mailbox', 'http'] }, holds: true },
    { condition: { is: ['smtp'] }, holds: false },
  ],
  address: [
    { condition: { is: ['loans in'] }, holds: true },
    { condition: { is: ['LOANS-X@quay.example'] }, holds: true },
    { condition: { is: ['Inbox'] }, holds: false },
  ],
  plusWord: [
    { condition: { is: ['urgent'] }, holds: true },
    { condition: { is: ['urg'] }, holds: false },
  ],
  label: [
    { condition: { is: ['done', 'to do'] }, holds: true },
    { condition: { is: ['to'] }, holds: false },
  ],
  flag: [{ condition: {}, holds: true }],
  folder: [
    { condition: { is: ['work'] }, holds: true },
    { condition: { is: ['home'] }, holds: false },
  ],
  sender: [
    { condition: { is: ['orla@loans.cape.example'] }, holds: true },
    { condition: { is: ['cape.example'] }, holds: true },
    { condition: { is: ['ape.example'] }, holds: false },
    { condition: { is: ['me'] }, holds: true },
    { condition: { is: ['lenders'] }, holds: true },
    { condition: { is: ['Orla Penhale'] }, holds: true },
    { condition: { is: ['Odile Marsh', 'x@y.example'] }, holds: false },
  ],
  recipient: [
    { condition: { is: ['odile marsh'] }, holds: true },
    { condition: { is: ['tomas@quay.example'], in: 'cc' }, holds: true },
    { condition: { is: ['tomas@quay.example'], in: 'to' }, holds: false },
  ],
  words: [
    { condition: { in: ['subject'], words: ['LOAN  form'] }, holds: true, quote: 'Loan form' },
    { condition: { in: ['newest'], words: ['cafe-ubersicht'] }, holds: true, quote: 'café-Übersicht' },
    { condition: { in: ['newest'], words: ['sign*'] }, holds: true, quote: 'signed' },
    { condition: { in: ['newest'], words: ['sign'] }, holds: false },
    { condition: { in: ['note'], words: ['signed'] }, holds: false },
    {
      condition: { in: ['note'], how: 'equal', words: ['please see to it.'] },
      holds: true,
      quote: 'Please see to it.',
    },
    { condition: { in: ['note'], how: 'equal', words: ['please see'] }, holds: false },
    {
      condition: { in: ['newest'], how: 'begin with', words: ['please return'] },
      holds: true,
      quote: 'Please return',
    },
    { condition: { in: ['newest'], how: 'begin with', words: ['return'] }, holds: false },
    { condition: { in: [{ header: 'x-ticket' }], words: ['open'] }, holds: true, quote: 'open' },
    { condition: { in: ['whole'], words: ['forwarded message'] }, holds: true, quote: 'Forwarded message' },
  ],
  pattern: [
    { condition: { pattern: 'sq-\\d{4}' }, holds: true, quote: 'SQ-0231' },
    { condition: { in: ['subject'], pattern: 'SQ-\\d{4}' }, holds: false },
  ],
  attachment: [
    { condition: {}, holds: true },
    { condition: { name: ['loan-form'], type: ['application/'], largerThan: 5 }, holds: true },
    { condition: { largerThan: 10_000 }, holds: false },
    { condition: { type: ['image/'] }, holds: false },
  ],
  importance: [
    { condition: { is: ['high'] }, holds: true },
    { condition: { is: ['normal', 'low'] }, holds: false },
  ],
  mailingList: [
    { condition: {}, holds: true },
    { condition: { is: ['registrars.lists.example'] }, holds: true },
    { condition: { is: ['other.example'] }, holds: false },
  ],
  header: [
    { condition: { name: 'X-Ticket' }, holds: true, quote: 'open case 12' },
    { condition: { name: 'X-Ticket', contain: ['case'] }, holds: true, quote: 'open case 12' },
    { condition: { name: 'X-Ticket', contain: ['closed'] }, holds: false },
  ],
  automatic: [
    { condition: {}, holds: false },
    { condition: { is: ['notice'] }, holds: true, mail: NOTICE },
    { condition: { is: ['reply'] }, holds: false, mail: NOTICE },
  ],
  language: [
    { condition: { is: ['en'] }, holds: true },
    { condition: { is: ['de', 'fr'] }, holds: false },
  ],
  forward: [
    { condition: {}, holds: true },
    { condition: {}, holds: false, mail: LIST },
  ],
  reply: [
    { condition: {}, holds: true },
    { condition: {}, holds: false, mail: LIST },
  ],
  openTask: [{ condition: {}, holds: true }],
  arrival: [
    { condition: { on: ['tuesday'], from: '14:00', to: '15:00' }, holds: true },
    { condition: { from: '13:00', to: '02:00' }, holds: true },
    { condition: { to: '14:00' }, holds: false },
    { condition: { on: ['monday'] }, holds: false },
    { condition: { after: '2026-11-23', before: '2026-11-25' }, holds: true },
    { condition: { after: '2026-11-24' }, holds: false },
  ],
  deadline: [
    { condition: {}, holds: true, quote: 'by 7 December' },
    { condition: { within: 13 }, holds: true, quote: 'by 7 December' },
    { condition: { within: 12 }, holds: false },
    { condition: {}, holds: false, mail: LIST },
  ],
  asks: [
    { condition: {}, holds: true },
    {
      condition: {},
      holds: false,
      mail: 'From: o@cape.example\nSubject: Thanks\n\nIt was a lovely evening.',
    },
  ],
  items: [
    { condition: {}, holds: true, mail: LIST },
    { condition: { atLeast: 3 }, holds: false, mail: LIST },
    { condition: {}, holds: false },
  ],
  pair: [
    { condition: { labels: ['object'] }, holds: true, quote: 'Tide gauge no. 4' },
    { condition: { labels: ['object'], contain: ['gauge'] }, holds: true, quote: 'Tide gauge no. 4' },
    { condition: { labels: ['object'], contain: ['sextant'] }, holds: false },
    { condition: { labels: ['case'] }, holds: false },
  ],
  amount: [
    { condition: {}, holds: true, quote: 'EUR 412.50' },
    { condition: { over: 400, under: 500, currency: 'eur' }, holds: true, quote: 'EUR 412.50' },
    { condition: { over: 412.5 }, holds: false },
    { condition: { currency: 'GBP' }, holds: false },
  ],
  // Asked only in the route, where a value has been read.
  value: [],
};
