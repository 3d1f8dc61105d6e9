import { compile, type FormatCallback } from 'html-to-text';
import { boundHtml } from './boundHtml.ts';

/** A row is a line; its cells stand apart by a tab, as long as there are several. */
const row: FormatCallback = (elem, walk, builder) => {
  builder.openBlock({ leadingLineBreaks: 1 });
  const cells = elem.children.filter(
    (child) => child.type === 'tag' && (child.name === 'td' || child.name === 'th'),
  );
  if (isOfData(cells)) for (const cell of cells) layInline(cell);
  cells.forEach((cell, i) => {
    if (i > 0) builder.addLiteral('\t');
    walk(cell.children, builder);
  });
  builder.closeBlock({ trailingLineBreaks: 1 });
};

/** Longer cells hold text of their own, laid out by a table. */
const LONGEST_CELL = 300;

/** Several cells with words in them and nothing that is a table or a list itself: a row of data, which stays one line. */
function isOfData(cells: readonly Node[]): boolean {
  const filled = cells.filter((cell) => textOf(cell).trim() !== '');
  return (
    filled.length >= 2 && cells.every((cell) => textOf(cell).length <= LONGEST_CELL && !holdsLayout(cell))
  );
}

/** As the parser makes them: only elements have children. */
interface Node {
  type: string;
  name?: string;
  data?: string;
  children?: Node[];
}

const LAYOUT = new Set(['table', 'ul', 'ol', 'pre', 'blockquote']);
const BLOCKS = new Set([
  'p',
  'div',
  'br',
  'h1',
  'h2',
  'h3',
  'h4',
  'h5',
  'h6',
  'center',
  'section',
  'article',
]);

const textOf = (node: Node): string =>
  node.type === 'text' ? (node.data ?? '') : (node.children ?? []).map(textOf).join('');

const holdsLayout = (node: Node): boolean =>
  (node.children ?? []).some((child: Node) => LAYOUT.has(child.name ?? '') || holdsLayout(child));

/** Paragraphs and line breaks within a cell become blanks. */
function layInline(cell: Node): void {
  const blank: Node = { type: 'text', data: ' ' };
  cell.children = (cell.children ?? []).flatMap((child: Node) => {
    layInline(child);
    if (!BLOCKS.has(child.name ?? '')) return [child];
    return [blank, ...(child.children ?? []), blank];
  });
}

/** A table, its sections and cells are blocks without blank lines of their own. */
const block: FormatCallback = (elem, walk, builder) => {
  builder.openBlock({ leadingLineBreaks: 1 });
  walk(elem.children, builder);
  builder.closeBlock({ trailingLineBreaks: 1 });
};

const quote: FormatCallback = (elem, walk, builder) => {
  builder.openBlock({ leadingLineBreaks: 1, reservedLineLength: 2 });
  walk(elem.children, builder);
  builder.closeBlock({
    trailingLineBreaks: 1,
    blockTransform: (text) =>
      text
        .split('\n')
        .map((line) => (line.startsWith('>') ? `>${line}` : `> ${line}`))
        .join('\n'),
  });
};

const convert = compile({
  wordwrap: false,
  limits: { maxInputLength: 1_000_000, maxDepth: 200, maxChildNodes: 20_000 },
  formatters: { row, block, quote },
  selectors: [
    { selector: 'img', format: 'skip' },
    { selector: 'style', format: 'skip' },
    { selector: 'title', format: 'skip' },
    { selector: 'a', options: { hideLinkHrefIfSameAsText: true, ignoreHref: true } },
    ...['h1', 'h2', 'h3', 'h4', 'h5', 'h6'].map((selector) => ({ selector, options: { uppercase: false } })),
    { selector: 'table', format: 'block' },
    { selector: 'tr', format: 'row' },
    { selector: 'blockquote', format: 'quote' },
    { selector: 'ul', options: { itemPrefix: '- ' } },
    { selector: 'hr', options: { length: 12 } },
  ],
});

/** HTML as plain text: lists keep their marks, rows their cells (apart by tabs), quotes get `> `. */
export function htmlText(given: string, warnings: string[] = []): string {
  const { html, warnings: bounded } = boundHtml(hideUnseen(given));
  warnings.push(...bounded);
  return convert(html);
}

/** Preview lines that mail programs hide from the reader. */
function hideUnseen(html: string): string {
  return html.replace(/<(span|div)[^>]{0,300}display:\s?none[^>]{0,300}>[^<]{0,2000}<\/\1>/gi, '');
}

/** The words of HTML, roughly and fast: how many there are. */
export function countHtmlWords(html: string): number {
  return countWords(withoutUnread(html).replace(/<[^<>]*>|&[a-z#\d]{1,8};/gi, ' '));
}

/** Without what no reader sees, each stretch up to the next end tag of its kind. */
function withoutUnread(html: string): string {
  const kept: string[] = [];
  const folded = html.toLowerCase();
  let from = 0;
  for (const { index, 1: name = '' } of html.matchAll(/<(style|script|head)\b/gi)) {
    if (index < from) continue;
    const end = folded.indexOf(`</${name.toLowerCase()}>`, index);
    if (end === -1) break;
    kept.push(html.slice(from, index));
    from = end;
  }
  return [...kept, html.slice(from)].join(' ');
}

export const countWords = (text: string) => text.match(/[\p{L}\p{N}]+/gu)?.length ?? 0;
