import Papa from 'papaparse';

/** The rows of comma-separated values (RFC 4180); tabs and semicolons part them too, as spreadsheets copy and write them. */
export function parseCsv(text: string): string[][] {
  const words = text.replace(/^\uFEFF/, '');
  const { data } = Papa.parse<string[]>(words, { skipEmptyLines: 'greedy', delimiter: delimiterOf(words) });
  return data.map((row) => row.map((cell) => cell.trim().replace(/^'(?=[=+\-@\t\r])/, '')));
}

/** The first sign that parts cells, outside of quotes. */
const delimiterOf = (text: string) => /[,;\t]/.exec(text.replace(/"(?:[^"]|"")*"/g, ''))?.[0] ?? ',';

/**
 * Comma-separated values (RFC 4180), every cell in quotes, with CRLF line ends. A cell that a spreadsheet would take for
 * a formula begins with an apostrophe, which `parseCsv` takes off again.
 */
export const writeCsv = (rows: readonly (readonly string[])[]): string =>
  `${Papa.unparse(
    rows.map((row) => [...row]),
    { quotes: true, escapeFormulae: true },
  )}\r\n`;
