import { PassThrough } from 'node:stream';
import { expect, test } from 'vitest';
import { collect, makeByteBudget } from '../src/intake/byteBudget.ts';

test('what is given back can be taken again, and no more than the limit is ever out', () => {
  const budget = makeByteBudget(100);
  expect([budget.take(60), budget.take(60), budget.take(40)]).toEqual([true, false, true]);
  budget.give(60);
  expect([budget.take(61), budget.take(60)]).toEqual([false, true]);
});

/** A body of some pieces, collected to its end or until its sender breaks off. */
async function bodyOf(
  pieces: readonly number[],
  { budget = makeByteBudget(100), most = 80, breaks = false },
) {
  const stream = new PassThrough();
  const body = collect(stream, budget, most);
  const whole = body.whole.then(
    () => 'whole',
    () => 'broken',
  );
  for (const size of pieces) stream.write(Buffer.alloc(size));
  if (breaks) setImmediate(() => stream.destroy());
  else stream.end();
  return { body, budget, came: await whole };
}

/** Whether nothing of the budget is out. */
const isFree = (budget: ReturnType<typeof makeByteBudget>) => budget.take(100);

test('a body counts until it is released, and its bytes are all there', async () => {
  const { body, budget, came } = await bodyOf([30, 30], {});
  expect([came, body.refused, body.bytes().length]).toEqual(['whole', null, 60]);
  expect(isFree(budget)).toBe(false);
  body.release();
  expect(isFree(budget)).toBe(true);
});

test.each([
  ['too large', [50, 50]],
  ['crowded', [60, 10]],
] as const)('of a body that is %s nothing is kept', async (refused, pieces) => {
  const budget = makeByteBudget(refused === 'crowded' ? 65 : 100);
  const { body } = await bodyOf(pieces, { budget });
  expect([body.refused, body.bytes().length]).toEqual([refused, 0]);
  expect(budget.take(65)).toBe(true);
});

test('a body whose sender breaks off is told of, and gives back what it held once it is released', async () => {
  const { body, budget, came } = await bodyOf([30], { breaks: true });
  expect(came).toBe('broken');
  body.release();
  expect(isFree(budget)).toBe(true);
});
