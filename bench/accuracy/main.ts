import { baselines } from './baselines.ts';
import { readCases, type Case } from './corpus.ts';
import { share } from './interval.ts';
import { countItems, countPairs, MEASURES, readCase, type Count, type Result } from './score.ts';

/**
 * npm run bench:accuracy: how well the built-in reading does on the labelled messages. `-- --errors` lists what was
 * read otherwise in the half for tuning; `-- --aside` runs the half that was set aside too, which is logged in RUNS.md.
 */
const errors = process.argv.includes('--errors');
const halves = process.argv.includes('--aside') ? (['tuning', 'aside'] as const) : (['tuning'] as const);

interface Judged {
  wanted: Case;
  got: Result;
}

for (const half of halves) {
  const cases = readCases(half);
  const judged = await Promise.all(
    cases.map(async (wanted): Promise<Judged> => ({ wanted, got: await readCase(wanted) })),
  );
  console.log(`${half}: ${cases.length} messages`);
  for (const [name, { holds, show }] of Object.entries(MEASURES)) {
    const asked = judged.filter(({ wanted, got }) => holds(wanted, got) !== null);
    const missed = asked.filter(({ wanted, got }) => !holds(wanted, got));
    console.log(`  ${name.padEnd(14)} ${share(asked.length - missed.length, asked.length)}`);
    if (errors && half === 'tuning')
      for (const { wanted, got } of missed)
        console.log(`    ${wanted.id} ${wanted.shape}: ${show(wanted, got)}`);
  }
  printF1('items F1', judged, countItems, ({ items }) => items, errors && half === 'tuning');
  printF1('pairs F1', judged, countPairs, ({ pairs }) => pairs, errors && half === 'tuning');
  for (const line of await baselines(cases)) console.log(`  ${line}`);
}

function printF1(
  name: string,
  judged: readonly Judged[],
  count: (wanted: Case, got: Result) => Count,
  shown: (got: Result) => unknown,
  listed: boolean,
): void {
  const counts = judged.map(({ wanted, got }) => ({ ...count(wanted, got), id: wanted.id, got }));
  const sum = (key: keyof Count) => counts.reduce((total, one) => total + one[key], 0);
  const f1 = (2 * sum('hits')) / (sum('wanted') + sum('found'));
  const figures = `${sum('hits')} of ${sum('wanted')}, ${sum('found')} found`;
  console.log(`  ${name.padEnd(14)} ${Number.isNaN(f1) ? 'none labelled' : f1.toFixed(3)} (${figures})`);
  for (const { id, hits, wanted, found, got } of counts)
    if (listed && (hits !== wanted || found !== wanted))
      console.log(`    ${id}: ${JSON.stringify(shown(got))}`);
}
