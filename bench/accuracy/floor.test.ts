import { beforeAll, describe, expect, test } from 'vitest';
import { readCases, type Case } from './corpus.ts';
import { MEASURES, readCase, type Result } from './score.ts';

const SAMPLES = 300;
/** Below what was measured of these messages by the width of a few of them; raised as the reading gets better. */
const FLOORS = {
  'due exact': 0.93,
  'no false due': 0.93,
  title: 0.82,
  priority: 0.95,
  who: 0.98,
  latest: 0.95,
};

let judged: { wanted: Case; got: Result }[];
beforeAll(async () => {
  const all = readCases('tuning');
  const step = Math.floor(all.length / SAMPLES);
  const cases = all.filter((_, i) => i % step === 0).slice(0, SAMPLES);
  judged = await Promise.all(cases.map(async (wanted) => ({ wanted, got: await readCase(wanted) })));
});

describe('300 fixed messages are read no worse than they were', () => {
  test.each(Object.entries(FLOORS))('%s: at least %d', (name, floor) => {
    const asked = judged.flatMap(({ wanted, got }) => {
      const holds = MEASURES[name]?.holds(wanted, got) ?? null;
      return holds === null ? [] : [{ holds, id: wanted.id }];
    });
    const missed = asked.filter(({ holds }) => !holds).map(({ id }) => id);
    expect(asked.length).toBeGreaterThan(30);
    expect(1 - missed.length / asked.length, missed.join(', ')).toBeGreaterThanOrEqual(floor);
  });
});
