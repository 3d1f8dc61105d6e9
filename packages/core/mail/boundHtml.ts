/** What a conversion takes grows with the number of elements times their depth, so both are bounded before it begins. */
const MOST_TAGS = 60_000;
const LONGEST = 1_000_000;
const DEEPEST = 100;
/** Each of these is laid out anew by every one around it. */
const DEEPEST_LAYOUT = 16;
const LAYOUT = new Set(['ul', 'ol', 'blockquote', 'table']);

/** HTML Standard, sections 13.1.2 (void elements) and 13.1.2.4 (end tags that may be left out). */
const WITHOUT_END = new Set(
  'area base br col embed hr img input link meta source track wbr p li dt dd tr td th tbody thead tfoot colgroup option optgroup rp rt html head body'.split(
    ' ',
  ),
);

const TAG = /<(\/?)([a-z][a-z\d:]{0,30})[^<>]{0,20000}>/gi;

export interface BoundHtml {
  html: string;
  /** What was done to it, in words. */
  warnings: string[];
}

/** HTML that a conversion can take: elements beyond a depth are left out but for their words, the rest is cut. */
export function boundHtml(html: string): BoundHtml {
  const open: { name: string; kept: boolean }[] = [];
  const kept: string[] = [];
  let layouts = 0;
  let tags = 0;
  let from = 0;
  let flattened = false;
  let end = Math.min(html.length, LONGEST);
  for (const found of html.slice(0, end).matchAll(TAG)) {
    const [whole, slash, given = ''] = found;
    const name = given.toLowerCase();
    tags += 1;
    if (tags > MOST_TAGS) {
      end = found.index;
      break;
    }
    if (WITHOUT_END.has(name) || whole.endsWith('/>')) continue;
    let isKept: boolean;
    if (slash === '') {
      isKept = open.length < DEEPEST && (!LAYOUT.has(name) || layouts < DEEPEST_LAYOUT);
      open.push({ name, kept: isKept });
      if (LAYOUT.has(name)) layouts += 1;
    } else {
      const closed = lastOf(open, name);
      isKept = closed?.kept ?? true;
      if (closed && LAYOUT.has(name)) layouts -= 1;
    }
    if (isKept) continue;
    flattened = true;
    kept.push(html.slice(from, found.index), '\n');
    from = found.index + whole.length;
  }
  kept.push(html.slice(from, end));
  return {
    html: kept.join(''),
    warnings: [
      ...(flattened
        ? ['Its formatting is nested very deep; the deepest of it was read as plain words.']
        : []),
      ...(end < html.length ? ['The formatted text is very long; its rest is kept but was not read.'] : []),
    ],
  };
}

/** Elements that were left open in between are looked past, a few of them. */
function lastOf(open: { name: string; kept: boolean }[], name: string) {
  for (let i = open.length - 1; i >= Math.max(0, open.length - 8); i -= 1)
    if (open[i]?.name === name) return open.splice(i, 1)[0];
  return undefined;
}
