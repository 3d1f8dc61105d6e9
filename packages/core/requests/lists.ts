import { linesOf, type Line, type Slice } from '../anatomy/index.ts';
import { asks, type DatePhrase } from '../dates/index.ts';
import {
  alternatives,
  beginsWithVerb,
  fold,
  isVerb,
  pattern,
  perLanguage,
  verbsOf,
  wholeWords,
  type Language,
} from '../languages/index.ts';
import { isPlainData, itemAt, MOST_ITEMS, type Item } from './item.ts';
import { ownerOf } from './owner.ts';

interface Entry extends Slice {
  box: 'open' | 'done' | null;
  notes: string[];
}

interface List {
  heading: Line | null;
  entries: Entry[];
}

const MARK =
  /^(?<indent>[ \t]*)(?<mark>[-*•–—·▪◦‣●○+]|\(?\d{1,2}[.)]|\(?[a-zA-Z][.)]|☐|☑|✓|✔|\[[ xX✓]?\])[ \t]+(?:(?<box>\[[ xX✓]?\]|☐|☑)[ \t]+)?(?=\S)/u;
/** A line this long was broken by a mail program rather than by its writer. */
const WRAPPED = 58;

/** The tasks of the lists in a text that ask for something. `own`: a note to oneself, where every mark is a task. */
export function listItems(
  text: string,
  dates: readonly DatePhrase[],
  language: Language,
  own: boolean,
): Item[] {
  return listsOf(text).flatMap((list) => {
    if (!asksForItems(list, text, dates, language, own)) return [];
    const due = dueOf(list.heading, dates);
    return list.entries
      .filter((entry) => entry.box !== 'done')
      .slice(0, MOST_ITEMS)
      .map((entry) => itemAt(text, entry, dates, language, entry.notes.join('\n')))
      .map((item) => ({ ...item, due: item.due ?? due }));
  });
}

/** “Before you lock up on Sunday:”: the day of all that has none of its own. */
function dueOf(heading: Line | null, dates: readonly DatePhrase[]): DatePhrase | null {
  const inside = dates.filter((d) => heading && d.start >= heading.start && d.end <= heading.end);
  return inside.find((d) => d.verdict === 'deadline' || (d.verdict === 'other' && d.score > -4)) ?? null;
}

function listsOf(text: string): List[] {
  const lists: List[] = [];
  let open: { list: List; indent: number } | null = null;
  let gap = 0;
  let heading: Line | null = null;
  for (const line of linesOf(text, { start: 0, end: text.length })) {
    if (line.text.trim() === '') {
      gap += 1;
      continue;
    }
    const found = MARK.exec(line.text);
    const indent = /^[ \t]*/.exec(line.text)?.[0].length ?? 0;
    if (found && open && indent > open.indent + 1) addNote(open.list, line);
    else if (found) {
      if (!open || gap > 1 || indent < open.indent) {
        open = { list: { heading, entries: [] }, indent };
        lists.push(open.list);
      }
      open.list.entries.push(entryOf(line, found));
    } else if (open && (gap === 0 || indent > open.indent + 1)) follow(open.list, line, text);
    else {
      open = null;
      heading = heading && gap === 0 && isBroken(heading.text) ? joined(heading, line) : line;
    }
    gap = 0;
  }
  return lists;
}

const isBroken = (words: string) =>
  words.slice(words.lastIndexOf('\n') + 1).length >= WRAPPED && !/[.!?]\s*$/.test(words);

const joined = (first: Line, { text, end, next }: Line): Line => ({
  ...first,
  text: `${first.text}\n${text}`,
  end,
  next,
});

function entryOf(line: Line, found: RegExpExecArray): Entry {
  const sign = found.groups?.box ?? found.groups?.mark ?? '';
  const box = /^\[ ?\]$|☐/.test(sign) ? 'open' : /\[[xX✓]\]|☑|✓|✔/.test(sign) ? 'done' : null;
  return { start: line.start + found[0].length, end: line.end, box, notes: [] };
}

/** A line below an entry: the rest of it where it was broken, else its note. */
function follow(list: List, line: Line, text: string): void {
  const last = list.entries.at(-1);
  if (!last) return;
  const whole = text.slice(last.start, last.end);
  const lastLine = whole.slice(whole.lastIndexOf('\n') + 1);
  if (last.notes.length === 0 && lastLine.length >= WRAPPED && /^\s*[\p{Ll}\d(]/u.test(line.text))
    last.end = line.end;
  else last.notes.push(line.text.trim());
}

const addNote = (list: List, line: Line) =>
  list.entries.at(-1)?.notes.push(line.text.trim().replace(MARK, ''));

function asksForItems(
  list: List,
  text: string,
  dates: readonly DatePhrase[],
  language: Language,
  own: boolean,
): boolean {
  const entries = list.entries.slice(0, MOST_ITEMS);
  const heading = list.heading?.text.trim() ?? '';
  const open = entries.filter((entry) => entry.box !== 'done');
  if (open.length < 2 && !(open.length === 1 && entries.length > 1)) return false;
  const head = fold(heading);
  const { other, tasks } = headingsOf(language);
  if ((other.test(head) || /^to \p{L}+ .*:$/u.test(head)) && !asks(head, language)) return false;
  if (own || entries.some((entry) => entry.box !== null)) return true;
  const like = open.filter((entry) => isLikeTask(text, entry, dates, language)).length;
  const data = open.filter((entry) => isPlainData(text.slice(entry.start, entry.end))).length;
  if (data * 2 > open.length && like * 2 < open.length) return false;
  const asked =
    heading.length < 200 && /[:?]\s*$/.test(heading) && (asks(head, language) || tasks.test(head));
  return asked && !namesThings(head, language) ? like * 4 >= open.length : like * 5 >= open.length * 3;
}

const headingsOf = perLanguage(({ requests }: Language) => ({
  other: pattern(`^\\W*${alternatives(requests.otherHeading)}(?![\\p{L}])`),
  tasks: wholeWords(requests.taskHeading),
  verb: pattern(`${alternatives(requests.polite)}\\s+(?<verb>\\p{L}+)`),
}));

/** “Please bring the following:” is one task, whose list says what; “please do the following:” is none itself. */
function namesThings(head: string, language: Language): boolean {
  const verb = headingsOf(language).verb.exec(head)?.groups?.verb;
  return verb !== undefined && isVerb(verb, language) && !verbsOf(language).generic.has(verb);
}

function isLikeTask(text: string, entry: Entry, dates: readonly DatePhrase[], language: Language): boolean {
  const words = text.slice(entry.start, entry.end);
  const owned = ownerOf(words, language);
  if (owned.owner !== null && owned.words.trim().split(/\s+/).length > 1 && !isPlainData(words)) return true;
  if (dates.some((d) => d.start >= entry.start && d.end <= entry.end && d.verdict === 'deadline'))
    return true;
  return asks(fold(words), language) || beginsWithVerb(owned.words.replace(/\s*\([^)]*\)\s*$/, ''), language);
}
