import Papa from 'papaparse';

/** The rows of comma-separated values (RFC 4180); tabs and semicolons part them too, as spreadsheets copy and write them. */
export function parseCsv(text: string): string[][] {
  const { data } = Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), {
    skipEmptyLines: 'greedy',
    delimitersToGuess: [',', ';', '\t'],
  });
  return data.map((row) => row.map((cell) => cell.trim()));
}

/** Comma-separated values (RFC 4180), with CRLF line ends. */
export const writeCsv = (rows: readonly (readonly string[])[]): string =>
  `${Papa.unparse(rows.map((row) => [...row]))}\r\n`;
