import { expect, test } from 'vitest';
import { parseDateHeader } from './sentDate.ts';

test.each([
  ['Mon, 23 Nov 2026 16:48:00 +0100', '2026-11-23T16:48:00+01:00'],
  ['23 Nov 26 16:48 -0530', '2026-11-23T16:48:00-05:30'],
  ['Mon, 23 November 2026 16:48:07 GMT', '2026-11-23T16:48:07+00:00'],
  ['Tue, 31 Jun 2026 10:00:00 +0000', null],
  ['Fri, 13 Nov 0026 10:00:00 +0000', null],
  ['yesterday', null],
])('%s is %s', (header, iso) => {
  expect(parseDateHeader(header)).toBe(iso);
});
