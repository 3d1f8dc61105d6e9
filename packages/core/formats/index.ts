export { parseCsv, writeCsv } from './csv.ts';
export { parseVcards, writeVcards } from './vcard.ts';
