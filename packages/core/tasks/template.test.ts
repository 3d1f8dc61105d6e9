import { expect, test } from 'vitest';
import { parseDuration, sayDuration, TaskTemplate, WrittenTemplate } from './index.ts';

test('an effort is written as people do, and kept as ISO 8601 writes it', () => {
  const effortOf = (effort: string) => WrittenTemplate.parse({ name: 'Loan', effort }).effort;
  expect(effortOf('1 hour')).toBe('PT1H');
  expect(effortOf('90 min')).toBe('PT1H30M');
  expect(effortOf('PT45M')).toBe('PT45M');
  expect(effortOf('')).toBe(null);
  const refused = WrittenTemplate.safeParse({ name: 'Loan', effort: 'a while' });
  expect(refused.error?.issues[0]?.message).toBe('Write an effort as in “1 h 30 min” or “2 days”.');
});

test('a template that was stored with other words can still be read', () => {
  expect(TaskTemplate.parse({ name: 'Loan', effort: 'a while' }).effort).toBe('a while');
});

test.each(['PT1H', 'PT1H30M', 'PT45M', 'P1D', 'P2D', 'PT26H30M'])('%s in words is the same again', (iso) => {
  expect(sayDuration(iso)).not.toContain('P');
  expect(parseDuration(sayDuration(iso))).toBe(iso);
});
