import type { MessageScope, Scope } from '@hatband/core/rules';
import { Select } from 'antd';
import { z } from 'zod';

const PLACES = {
  item: 'the item’s own text',
  subject: 'subject',
  note: 'your note',
  newest: 'newest words',
  whole: 'whole text',
};
const HEADER = 'header ';

type Place = Scope | MessageScope;
const Places = z.array(z.union([z.string(), z.object({ header: z.string() })])).catch([]);

/** Where to look, in order; a header by “header” and its name. */
export function Scopes({
  name,
  own,
  value,
  onChange,
}: {
  name: string;
  own: boolean;
  value: unknown;
  onChange: (value: unknown) => void;
}) {
  const places = Object.entries(PLACES).filter(([key]) => own || key !== 'item');
  return (
    <Select
      mode="tags"
      aria-label={name}
      popupMatchSelectWidth={false}
      value={Places.parse(value).map((each) =>
        typeof each === 'string' ? (isPlace(each) ? PLACES[each] : each) : `${HEADER}${each.header}`,
      )}
      options={places.map(([, label]) => ({ value: label, label }))}
      onChange={(chosen: string[]) => {
        onChange(chosen.flatMap(placeOf));
      }}
    />
  );
}

function placeOf(words: string): Place[] {
  const place = (Object.keys(PLACES) as (keyof typeof PLACES)[]).find((key) => PLACES[key] === words);
  if (place) return [place];
  const header = words.replace(/^header\s+/i, '').trim();
  return header === '' ? [] : [{ header }];
}

const isPlace = (words: string): words is keyof typeof PLACES => words in PLACES;
