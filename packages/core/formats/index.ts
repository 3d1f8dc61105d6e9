export { parseCsv, writeCsv } from './csv.ts';
