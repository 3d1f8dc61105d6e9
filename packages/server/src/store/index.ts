export { record, type Change, type OnChange } from './changes.ts';
export { deflateJson, inflateJson, parseJson } from './json.ts';
export { DATABASE_FILE, KEY_FILE } from './folder.ts';
export { openStore, type Store } from './openStore.ts';
export { prepared } from './prepared.ts';
export type * from './mailRows.ts';
export type * from './rows.ts';
export type * from './taskRows.ts';
