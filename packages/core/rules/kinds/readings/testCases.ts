import type { FieldKind, Value } from '../../../tasks/index.ts';
import { Context, type Delivery, type Makes, type READING_KINDS } from '../../index.ts';
import { LIST, PLAIN } from './testMails.ts';

export const CONTEXT: Partial<Context> = {
  ...Context.parse({
    me: ['ines@quay.example'],
    people: [
      {
        name: 'Orla Penhale',
        addresses: ['orla@loans.cape.example'],
        organisation: 'Cape Museum',
        groups: ['Lenders'],
      },
      { name: 'Tom' },
    ],
    projects: [{ name: 'Loans' }],
    tables: [
      { name: 'Lenders', by: 'domains', rows: [['cape.example', 'Cape']] },
      { name: 'Desks', by: 'senders', rows: [['orla@loans.cape.example', 'Loans desk']] },
      {
        name: 'Rooms',
        rows: [
          ['boat house', 'B 12'],
          ['north hall', 'N 1'],
        ],
      },
    ],
    calendar: { closed: ['2026-11-27'] },
  }),
};
export const DELIVERY: Partial<Delivery> = { labels: ['project/Loans', 'Later'] };

interface Case {
  reading: Record<string, unknown>;
  value: Value | null;
  kind?: FieldKind;
  quote?: string;
  mail?: string;
  makes?: Makes;
  /** Why nothing was found. */
  missed?: 'absent' | 'notOfKind' | 'unknown';
}

const ITEMS: Makes = { kind: 'items' };
const absent = { value: null, missed: 'absent' as const, mail: PLAIN };

/** For each kind: found with its evidence, not found, and found but of another kind. */
export const CASES: Record<keyof typeof READING_KINDS, Case[]> = {
  title: [
    {
      reading: {},
      value: 'Loan form for the gauge; due fri; area Loans',
      quote: 'Loan form for the gauge; due fri; area Loans',
    },
    { reading: {}, value: 'Book the hall, SQ-0777', mail: LIST, makes: ITEMS },
    { reading: {}, value: null, missed: 'absent', mail: 'From: o@keel.example\nSubject:\n\n' },
    { reading: {}, value: null, kind: 'number', missed: 'notOfKind' },
  ],
  subject: [
    {
      reading: {},
      value: 'Loan form for the gauge; due fri; area Loans',
      quote: 'Loan form for the gauge; due fri; area Loans',
    },
    { reading: {}, value: null, missed: 'absent', mail: 'From: o@keel.example\nSubject:\n\nx' },
    { reading: {}, value: null, kind: 'date', missed: 'notOfKind', mail: PLAIN },
  ],
  deadline: [
    { reading: {}, value: '2026-12-07', kind: 'date', quote: 'by 7 December' },
    { reading: {}, value: '2026-12-03', kind: 'date', quote: 'by 3 December', mail: LIST, makes: ITEMS },
    { reading: {}, ...absent },
    { reading: {}, value: null, kind: 'number', missed: 'notOfKind' },
  ],
  priority: [
    { reading: {}, value: 'high', quote: '%urgent'.slice(1) },
    { reading: {}, ...absent },
    { reading: {}, value: null, kind: 'yes/no', missed: 'notOfKind' },
  ],
  asker: [
    { reading: {}, value: 'Orla Penhale' },
    { reading: { part: 'address' }, value: 'orla@loans.cape.example' },
    { reading: {}, value: 'o@keel.example', mail: PLAIN },
    { reading: {}, value: null, missed: 'absent', mail: 'Subject: x\n\nx' },
    { reading: {}, value: 'Orla Penhale', kind: 'person' },
    { reading: {}, value: null, kind: 'person', missed: 'unknown', mail: PLAIN },
  ],
  person: [
    { reading: {}, value: 'Orla Penhale' },
    { reading: { part: 'organisation' }, value: 'Cape Museum' },
    { reading: { part: 'groups' }, value: ['Lenders'], kind: 'several choices' },
    { reading: {}, ...absent },
    { reading: {}, value: null, kind: 'money', missed: 'notOfKind' },
  ],
  newest: [
    { reading: {}, value: 'It was a lovely evening.', mail: PLAIN, quote: 'It was a lovely evening.' },
    { reading: {}, value: null, missed: 'absent', mail: 'From: o@keel.example\nSubject: x\n\n' },
    { reading: {}, value: null, kind: 'money', missed: 'notOfKind', mail: PLAIN },
  ],
  note: [
    { reading: {}, value: '%urgent %"two words" see below', quote: '%urgent %"two words" see below' },
    { reading: {}, ...absent },
    { reading: {}, value: null, kind: 'number', missed: 'notOfKind' },
  ],
  message: [
    { reading: {}, value: 'It was a lovely evening.', mail: PLAIN, quote: 'It was a lovely evening.' },
    {
      reading: { as: 'markdown' },
      kind: 'long text',
      value: '**o@keel.example:** Greetings\n\nIt was a lovely evening.',
      mail: PLAIN,
    },
    { reading: {}, value: null, missed: 'absent', mail: 'From: o@keel.example\nSubject: x\n\n' },
    { reading: {}, value: null, kind: 'number', missed: 'notOfKind', mail: PLAIN },
  ],
  owner: [
    { reading: {}, value: 'Tom', kind: 'person', mail: LIST, makes: ITEMS, quote: 'Tom' },
    { reading: {}, value: null, missed: 'absent' },
    { reading: {}, value: null, kind: 'number', missed: 'notOfKind', mail: LIST, makes: ITEMS },
  ],
  below: [
    { reading: {}, value: 'the large one', mail: LIST, makes: ITEMS },
    { reading: {}, value: null, missed: 'absent' },
    { reading: {}, value: null, kind: 'number', missed: 'notOfKind', mail: LIST, makes: ITEMS },
  ],
  detail: [
    { reading: { of: 'reference' }, value: 'SQ-0231', quote: 'SQ-0231' },
    { reading: { of: 'reference' }, value: 'SQ-0777', quote: 'SQ-0777', mail: LIST, makes: ITEMS },
    {
      reading: { of: 'money' },
      value: { amount: 1412.5, currency: 'EUR' },
      kind: 'money',
      quote: 'EUR 1,412.50',
    },
    {
      reading: { of: 'link' },
      value: 'https://cape.example/form',
      kind: 'link',
      quote: 'https://cape.example/form',
    },
    { reading: { of: 'duration' }, value: 'PT1H30M', kind: 'duration', quote: '90 minutes' },
    { reading: { of: 'phone' }, value: null, missed: 'absent' },
    { reading: { of: 'reference', in: ['note', 'subject'] }, value: null, missed: 'absent' },
    { reading: { of: 'link' }, value: null, kind: 'number', missed: 'notOfKind' },
  ],
  event: [
    {
      reading: {},
      value: '2026-12-03T10:00',
      kind: 'date and time',
      quote: 'on Thursday, 3 December at 10:00',
    },
    { reading: { part: 'place' }, value: 'the Boat House' },
    { reading: {}, ...absent },
    { reading: { part: 'place' }, value: null, kind: 'number', missed: 'notOfKind' },
  ],
  pair: [
    { reading: { labels: ['case', 'OBJECT'] }, value: 'Tide gauge no. 4', quote: 'Tide gauge no. 4' },
    {
      reading: { labels: ['Value'] },
      value: { amount: 1412.5, currency: 'EUR' },
      kind: 'money',
      quote: 'EUR 1,412.50 insured',
    },
    { reading: { labels: ['Insured'] }, value: true, kind: 'yes/no', quote: 'yes' },
    { reading: { labels: ['Case'] }, value: null, missed: 'absent' },
    { reading: { labels: ['Object'], in: ['note'] }, value: null, missed: 'absent' },
    { reading: { labels: ['Crates'] }, value: null, kind: 'number', missed: 'notOfKind' },
    { reading: { labels: ['Object'] }, value: null, kind: 'project', missed: 'unknown' },
  ],
  between: [
    {
      reading: { after: 'the signed form for', before: 'by' },
      value: 'SQ-0231 and SQ-0232',
      quote: 'SQ-0231 and SQ-0232',
    },
    { reading: { after: 'Crates' }, value: 'many', quote: 'many' },
    { reading: { before: 'insured' }, value: 'Value: EUR 1,412.50', quote: 'Value: EUR 1,412.50' },
    { reading: { after: 'no such words' }, value: null, missed: 'absent' },
    { reading: { after: 'Crates' }, value: null, kind: 'number', missed: 'notOfKind' },
  ],
  pattern: [
    { reading: { pattern: 'SQ-\\d{4}' }, value: 'SQ-0231', quote: 'SQ-0231' },
    { reading: { pattern: 'SQ-(?P<no>\\d{4})', group: 'no' }, value: 231, kind: 'number', quote: '0231' },
    { reading: { pattern: 'SQ-\\d{4}' }, value: ['SQ-0231', 'SQ-0232'], kind: 'several choices' },
    { reading: { pattern: 'SQ-\\d{4}', in: ['subject'] }, value: null, missed: 'absent' },
    { reading: { pattern: 'SQ-\\d{4}' }, value: null, kind: 'date', missed: 'notOfKind' },
    { reading: { pattern: '\\w+ \\d+', in: [{ header: 'X-Ticket' }] }, value: 'case 12', quote: 'case 12' },
  ],
  column: [
    { reading: { names: ['place'] }, value: 'North hall', quote: 'North hall' },
    {
      reading: { names: ['Place'] },
      value: 'North hall',
      makes: { kind: 'rows', columns: ['object no.'], in: ['note', 'newest'] },
      quote: 'North hall',
    },
    { reading: { names: ['Weight'] }, value: null, missed: 'absent' },
    { reading: { names: ['Place'] }, value: null, kind: 'number', missed: 'notOfKind' },
  ],
  matchGroup: [
    {
      reading: { group: 'no' },
      value: '0231',
      quote: '0231',
      makes: { kind: 'matches', in: ['newest'], pattern: 'SQ-(?P<no>\\d+)' },
    },
    {
      reading: {},
      value: 'SQ-0231',
      quote: 'SQ-0231',
      makes: { kind: 'matches', in: ['newest'], pattern: 'SQ-(?P<no>\\d+)' },
    },
    { reading: { group: 'no' }, value: null, missed: 'absent' },
    {
      reading: {},
      value: null,
      kind: 'date',
      missed: 'notOfKind',
      makes: { kind: 'matches', in: ['newest'], pattern: 'SQ-\\d+' },
    },
  ],
  shorthand: [
    { reading: { words: ['due'] }, value: '2026-11-27', kind: 'date', quote: 'fri' },
    { reading: { words: ['project', 'area'] }, value: 'Loans', kind: 'project', quote: 'Loans' },
    { reading: { sign: '%' }, value: ['urgent', 'two words'], kind: 'several choices', quote: 'urgent' },
    { reading: { sign: '%', upTo: 'end of line' }, value: 'urgent %"two words" see below' },
    { reading: { words: ['who'] }, value: null, missed: 'absent' },
    { reading: { words: ['area'] }, value: null, kind: 'date', missed: 'notOfKind' },
  ],
  labels: [
    { reading: {}, value: ['project/Loans', 'Later'], kind: 'several choices' },
    { reading: { beginWith: 'Project/' }, value: 'Loans', kind: 'project' },
    { reading: { beginWith: 'who/' }, value: null, missed: 'absent' },
    { reading: {}, value: null, kind: 'number', missed: 'notOfKind' },
  ],
  header: [
    { reading: { name: 'x-ticket' }, value: 'case 12', quote: 'case 12' },
    { reading: { name: 'X-Other' }, value: null, missed: 'absent' },
    { reading: { name: 'X-Ticket' }, value: null, kind: 'number', missed: 'notOfKind' },
  ],
  lookup: [
    { reading: { table: 'lenders' }, value: 'Cape' },
    { reading: { table: 'Desks' }, value: 'Loans desk' },
    { reading: { table: 'Rooms' }, value: 'B 12', quote: 'Boat House' },
    { reading: { table: 'Lenders' }, ...absent },
    { reading: { table: 'Rooms' }, value: null, kind: 'number', missed: 'notOfKind' },
  ],
  day: [
    { reading: { from: 'arrival', plus: 4, unit: 'working days' }, value: '2026-12-01', kind: 'date' },
    {
      reading: { from: 'deadline', plus: -2, unit: 'working days', time: '08:30' },
      value: '2026-12-03T08:30',
      kind: 'date and time',
      quote: 'by 7 December',
    },
    { reading: { from: '2026-12-01', to: 'end of the month' }, value: '2026-12-31', kind: 'date' },
    { reading: { from: 'sent', to: 'friday', offDays: 'move later' }, value: '2026-11-30', kind: 'date' },
    { reading: { from: 'deadline' }, ...absent },
    { reading: { from: 'arrival' }, value: null, kind: 'number', missed: 'notOfKind' },
  ],
  template: [
    {
      reading: { text: 'From {{ mail.from.name }}: {{ title | upcase }}' },
      value: 'From Orla Penhale: LOAN FORM FOR THE GAUGE; DUE FRI; AREA LOANS',
    },
    { reading: { text: '{{ fields["Nothing"] }}' }, value: null, missed: 'absent' },
    { reading: { text: 'x {{ title }}' }, value: null, kind: 'number', missed: 'notOfKind' },
  ],
  fixed: [
    { reading: { value: 'museum' }, value: 'museum' },
    { reading: { value: 12 }, value: 12, kind: 'number' },
  ],
};
