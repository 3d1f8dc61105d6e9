/**
 * What a person searches, as an FTS5 expression: all the words, each the beginning of one; words in quotes stand together as
 * they are. Null where there is no letter or digit.
 */
export function searchExpression(words: string): string | null {
  const parts = [...words.matchAll(/["“„”]([^"“”„]*)["“”]?|[^\s"“”„]+/gu)].flatMap(([whole, phrase]) => {
    const text = phrase ?? whole;
    if (!/[\p{L}\p{N}]/u.test(text)) return [];
    const quoted = `"${text.replaceAll('"', '""')}"`;
    return phrase === undefined ? `${quoted} *` : quoted;
  });
  return parts.length === 0 ? null : parts.join(' AND ');
}
