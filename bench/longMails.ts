const HEAD = 'From: a@b.example\nTo: c@d.example\nSubject: x\nDate: Tue, 10 Mar 2026 10:15:00 +0100\n';
const HTML = `${HEAD}Content-Type: text/html\n\n`;

function nested(levels: number): string {
  let body = 'Content-Type: text/plain\n\nhello by Friday\n';
  for (let i = 0; i < levels; i += 1)
    body = `Content-Type: multipart/mixed; boundary="b${i}"\n\n--b${i}\n${body}\n--b${i}--\n`;
  return HEAD + body;
}

/** Messages that are long, deep or made to make backtracking explode; of a smaller `share` shorter ones. */
export const LONG_MAILS: Record<string, (share: number) => string> = {
  '5 MB of text': (share) =>
    `${HEAD}\n${'Please send the report by Friday 12 June, otherwise we cannot go on. '.repeat(75_000 * share)}`,
  '5 MB of lines': (share) =>
    `${HEAD}\n${'Please send it by Friday 12 June.\nAnd then some words, more words.\n'.repeat(75_000 * share)}`,
  '100,000 quoted lines': (share) => `${HEAD}\n${'> quoted words by Friday\n'.repeat(100_000 * share)}`,
  '10,000 table cells': (share) =>
    `${HTML}<table>${`<tr>${'<td>send it by 12 June</td>'.repeat(10)}</tr>`.repeat(1000 * share)}</table>`,
  '200 levels of multipart': () => nested(200),
  'a line of 1 MB': (share) => `${HEAD}\n${'a'.repeat(1_000_000 * share)}`,
  '1 MB of digits': (share) => `${HEAD}\n${'1'.repeat(1_000_000 * share)}`,
  '1 MB of blanks': (share) => `${HEAD}\nx${' '.repeat(1_000_000 * share)}y`,
  'dates in one line': (share) => `${HEAD}\n${'12/06/2026 - '.repeat(15_000 * share)}`,
  'header lines': (share) => `${HEAD}\n${'From: a\nSent: 1\n'.repeat(10_000 * share)}`,
  'lines that may be intros': (share) => `${HEAD}\n${'On 5 May 2026 he wrote\n'.repeat(9000 * share)}`,
  'a list of 10,000': (share) => `${HEAD}\n${'- send it by Friday\n'.repeat(10_000 * share)}`,
  bars: (share) => `${HEAD}\n${'| a | b '.repeat(20_000 * share)}`,
  politeness: (share) => `${HEAD}\n${'please '.repeat(28_000 * share)}`,
  'half a span': (share) => `${HEAD}\n${'within the next '.repeat(12_000 * share)}`,
  'half a file': (share) => `${HEAD}\n${'begin 644 x\n'.repeat(15_000 * share)}`,
  'open tags': (share) => `${HTML}${'<div style="display:none">'.repeat(20_000 * share)}x`,
};
