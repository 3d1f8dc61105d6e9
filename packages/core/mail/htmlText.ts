import { compile } from 'html-to-text';

const convert = compile({
  wordwrap: false,
  limits: { maxInputLength: 2_000_000, maxDepth: 200, maxChildNodes: 20_000 },
  selectors: [
    { selector: 'img', format: 'skip' },
    { selector: 'a', options: { hideLinkHrefIfSameAsText: true, linkBrackets: ['<', '>'] } },
    ...['h1', 'h2', 'h3', 'h4', 'h5', 'h6'].map((selector) => ({ selector, options: { uppercase: false } })),
    { selector: 'table', options: { uppercaseHeaderCells: false } },
  ],
});

/** HTML as plain text: lists keep their marks, quotes get `> `. */
export function htmlText(html: string): string {
  return convert(html);
}
