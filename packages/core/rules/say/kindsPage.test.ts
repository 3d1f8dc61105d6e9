import path from 'node:path';
import { expect, test } from 'vitest';
import { CONDITION_KINDS, kindsPage, READING_KINDS, ruleFileSchema } from '../index.ts';

test('the page of kinds is as the tables are; `vitest -u` writes it anew', async () => {
  const page = kindsPage();
  for (const name of [...Object.keys(CONDITION_KINDS), ...Object.keys(READING_KINDS)])
    expect(page).toContain(`### ${name}\n`);
  await expect(page).toMatchFileSnapshot(path.join(import.meta.dirname, '../../../../docs/kinds.md'));
});

test('the published schema of rule files is as the schemas are', async () => {
  const schema = `${JSON.stringify(ruleFileSchema(), null, 2)}\n`;
  await expect(schema).toMatchFileSnapshot(
    path.join(import.meta.dirname, '../../../../docs/rules.schema.json'),
  );
});
