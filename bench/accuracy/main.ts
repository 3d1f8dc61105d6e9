import { baselines } from './baselines.ts';
import { readCases, type Case } from './corpus.ts';
import { share } from './interval.ts';
import { countItems, MEASURES, readCase, type Result } from './score.ts';

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
  printItems(judged, errors && half === 'tuning');
  for (const line of await baselines(cases)) console.log(`  ${line}`);
}

function printItems(judged: readonly Judged[], listed: boolean): void {
  const counts = judged.map(({ wanted, got }) => ({ ...countItems(wanted, got), id: wanted.id, got }));
  const sum = (key: 'hits' | 'wanted' | 'found') => counts.reduce((total, count) => total + count[key], 0);
  const f1 = (2 * sum('hits')) / (sum('wanted') + sum('found'));
  console.log(
    `  items F1       ${f1.toFixed(3)} (${sum('hits')} of ${sum('wanted')}, ${sum('found')} found)`,
  );
  for (const { id, hits, wanted, found, got } of counts)
    if (listed && (hits !== wanted || found !== wanted))
      console.log(`    ${id}: ${JSON.stringify(got.items)}`);
}
