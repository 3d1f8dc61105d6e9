import { readCommand } from './readCommand.ts';

const USAGE = `usage: hatband read [--me ADDRESS]... [--zone ZONE] [--date-order DMY|MDY] [--languages en,de,…] [--text] PATH...

PATH is an .eml file, an mbox file, a folder of them, or - for standard input.`;

const [command, ...rest] = process.argv.slice(2);
if (command === 'read') process.exitCode = await readCommand(rest, USAGE);
else {
  console.error(USAGE);
  process.exitCode = 2;
}
