import { readFileSync } from 'node:fs';
import path from 'node:path';
import { gzipSync } from 'node:zlib';
import { z } from 'zod';

const FOLDER = path.join(import.meta.dirname, '../dist/web');
const Manifest = z.record(
  z.string(),
  z.object({
    file: z.string(),
    imports: z.array(z.string()).optional(),
    isEntry: z.boolean().optional(),
    css: z.array(z.string()).optional(),
  }),
);

/** Gzipped script that the page fetches before the Ledger stands: the entry, the Ledger, and all that they import. */
export function firstLoad(): void {
  const manifest = Manifest.parse(JSON.parse(readFileSync(path.join(FOLDER, '.vite/manifest.json'), 'utf8')));
  const wanted = new Set<string>();
  const want = (key: string) => {
    if (wanted.has(key)) return;
    wanted.add(key);
    manifest[key]?.imports?.forEach(want);
  };
  for (const key of Object.keys(manifest))
    if (manifest[key]?.isEntry || key.endsWith('LedgerPage.tsx')) want(key);
  const files = [...wanted]
    .flatMap((key) => manifest[key]?.file ?? [])
    .filter((file) => file.endsWith('.js'));
  const size = files.reduce((sum, file) => sum + gzipSync(readFileSync(path.join(FOLDER, file))).length, 0);
  console.log(
    `first load: ${(size / 1000).toFixed(0)} kB of gzipped script in ${files.length} files (goal: under 500)`,
  );
}
