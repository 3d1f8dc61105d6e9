import { describe, expect, test } from 'vitest';
import { decode } from '../mail/index.ts';
import { automaticKind, cleanSubject, findPairs } from './index.ts';

describe('cleanSubject', () => {
  test.each([
    ['Fwd: Re: Loan form', 'Loan form'],
    ['AW: WG: Leihschein', 'Leihschein'],
    ['[BLD-0412] Re: Case 7', 'Case 7'],
    ['Re[2]: Loan form.', 'Loan form'],
    ['Return: the form', 'Return: the form'],
    ['Re:', 'Re:'],
    ['', ''],
  ])('%s → %s', (subject, cleaned) => {
    const { start, end } = cleanSubject(subject);
    expect(subject.slice(start, end)).toBe(cleaned);
  });
});

describe('findPairs', () => {
  test('finds labelled lines with the places of their values', () => {
    const text =
      'Ticket: BLD-0412\n- Wished day : 26 November\nsee https://quay.example/x\n12:30 lunch\nDue:\n';
    const pairs = findPairs(text);
    expect(pairs.map(({ label, value }) => [label, value])).toEqual([
      ['Ticket', 'BLD-0412'],
      ['Wished day', '26 November'],
    ]);
    for (const { start, end, value } of pairs) expect(text.slice(start, end)).toBe(value);
  });

  test('on two lines and in rows of two cells', () => {
    const text =
      'Case number:\n2026/118\n\nApplicant\tNoor Halim\nDesk:\t3\nDear Ines:\nplease sign it.\nA\tB\tC\n';
    const pairs = findPairs(text);
    expect(pairs.map(({ label, value }) => [label, value])).toEqual([
      ['Case number', '2026/118'],
      ['Applicant', 'Noor Halim'],
      ['Desk', '3'],
    ]);
    for (const { start, end, value } of pairs) expect(text.slice(start, end)).toBe(value);
  });
});

describe('automaticKind', () => {
  test.each([
    ['Auto-Submitted: auto-replied', 'reply'],
    ['Auto-Submitted: auto-generated', 'notice'],
    ['Auto-Submitted: no', null],
    ['Content-Type: multipart/report; boundary=x', 'reply'],
    ['Return-Path: <>', 'reply'],
    ['X-Other: 1', null],
  ])('%s', async (line, kind) => {
    expect(automaticKind(await decode(new TextEncoder().encode(`Subject: x\n${line}\n\nhello`)))).toBe(kind);
  });
});
