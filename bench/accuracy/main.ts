import { readCases, type Case } from './corpus.ts';
import { countItems, MEASURES, readCase, type Result } from './score.ts';

/** npm run bench:accuracy [-- --errors]: how well the built-in reading does on the labelled messages. */
const errors = process.argv.includes('--errors');
const halves = process.argv.includes('--aside') ? (['tuning', 'aside'] as const) : (['tuning'] as const);

for (const half of halves) {
  const cases = readCases(half);
  const results = await Promise.all(cases.map(readCase));
  console.log(`${half}: ${cases.length} messages`);
  for (const [name, measure] of Object.entries(MEASURES)) {
    const judged = cases.map((wanted, i) => measure(wanted, results[i] as Result));
    const asked = judged.filter((j) => j !== null);
    console.log(line(name, asked.filter(Boolean).length, asked.length));
    if (errors && half === 'tuning') cases.forEach((wanted, i) => judged[i] === false && report(name, wanted, results[i] as Result));
  }
  const counts = cases.map((wanted, i) => countItems(wanted, results[i] as Result));
  const sum = (key: 'hits' | 'wanted' | 'found') => counts.reduce((total, count) => total + count[key], 0);
  console.log(`  items F1      ${((2 * sum('hits')) / (sum('wanted') + sum('found'))).toFixed(3)} (${sum('hits')} of ${sum('wanted')}, ${sum('found')} found)`);
  if (errors && half === 'tuning')
    cases.forEach((wanted, i) => {
      const { hits, wanted: all, found } = countItems(wanted, results[i] as Result);
      if (hits !== all || found !== all) console.log('    !', wanted.id, wanted.shape, JSON.stringify((results[i] as Result).items));
    });
}

/** Share with its Wilson interval (95 %). */
function line(name: string, hits: number, n: number): string {
  const z = 1.96;
  const p = hits / n;
  const middle = (p + (z * z) / (2 * n)) / (1 + (z * z) / n);
  const half = (z * Math.sqrt((p * (1 - p)) / n + (z * z) / (4 * n * n))) / (1 + (z * z) / n);
  const percent = (x: number) => (100 * x).toFixed(1);
  return `  ${name.padEnd(13)} ${percent(p)} % (${hits} of ${n}; ${percent(middle - half)} to ${percent(middle + half)})`;
}

function report(name: string, wanted: Case, got: Result): void {
  const want = name === 'title' ? wanted.title.map((s) => s.join('/')).join(' ') : name === 'due exact' ? wanted.due : name === 'latest' ? wanted.latest : name === 'note' ? wanted.note : name === 'who' ? wanted.who : name === 'sent date' ? wanted.sentAt : wanted.priority;
  const has = name === 'title' ? got.title : name === 'due exact' || name === 'no false due' ? got.due : name === 'latest' ? got.latest : name === 'note' ? got.note : name === 'who' ? got.who : name === 'sent date' ? got.sentAt : got.priority;
  console.log('    !', wanted.id, wanted.shape, '|', JSON.stringify(want), '≠', JSON.stringify(has));
}
