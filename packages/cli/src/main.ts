import { readCommand } from './readCommand.ts';
import { tryCommand } from './tryCommand.ts';

const USAGE = `usage: hatband read [--me ADDRESS]... [--zone ZONE] [--date-order DMY|MDY] [--languages en,de,…] [--text] PATH...
       hatband try --rules FILE [--me ADDRESS]... [--zone ZONE] [--date-order DMY|MDY] [--trace] PATH...
       hatband schema

PATH is an .eml file, an mbox file, a folder of them, or - for standard input. FILE holds rules (docs/rules.md); their
JSON Schema is what “schema” prints.`;

const [command, ...rest] = process.argv.slice(2);
if (command === 'read') process.exitCode = await readCommand(rest, USAGE);
else if (command === 'try') process.exitCode = await tryCommand(rest, USAGE);
else if (command === 'schema') {
  const { ruleFileSchema } = await import('@hatband/core/rules');
  process.stdout.write(`${JSON.stringify(ruleFileSchema(), null, 2)}\n`);
} else {
  console.error(USAGE);
  process.exitCode = 2;
}
