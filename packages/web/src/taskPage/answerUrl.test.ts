import { expect, test } from 'vitest';
import { answerUrl, midUrl } from './answerUrl.ts';

const to = { name: 'Orla Penhale', address: 'orla+loans@northcape.example' };

test.each([
  ['Loan form', 'Re: Loan form'],
  ['Fwd: RE: Loan form', 'Re: Loan form'],
  ['AW[2]: Fwd: Leihe', 'Re: Leihe'],
  ['Re: [BLD-0421] Case 7', 'Re: [BLD-0421] Case 7'],
  ['Antw.: Kist', 'Re: Kist'],
  ['Regarding: us', 'Re: Regarding: us'],
  ['50 % & more?', 'Re: 50 % & more?'],
])('an answer to “%s” has one Re: in front', (subject, wanted) => {
  const url = new URL(answerUrl({ to, subject, messageId: null }));
  expect(decodeURIComponent(url.pathname)).toBe(to.address);
  expect(url.searchParams.get('subject')).toBe(wanted);
  expect(url.searchParams.has('in-reply-to')).toBe(false);
});

test('it names the message that it answers', () => {
  const url = answerUrl({ to, subject: 'x', messageId: 'a&b@x.example' });
  expect(new URL(url).searchParams.get('in-reply-to')).toBe('<a&b@x.example>');
  expect(midUrl('<a%b@x.example>')).toBe('mid:a%25b%40x.example');
});

test('an address cannot smuggle fields into the message', () => {
  const url = answerUrl({
    to: { name: '', address: 'a@b.example?bcc=x@y.example' },
    subject: 's',
    messageId: null,
  });
  expect(new URL(url).searchParams.has('bcc')).toBe(false);
});
