/** Letters and figures only, in lower case: what spaces, quote marks and line ends cannot change. */
export const foldWords = (text: string) =>
  text
    .normalize('NFKC')
    .toLowerCase()
    .replace(/[^\p{L}\p{N}]+/gu, '');
