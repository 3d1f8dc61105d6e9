/** What is said of a kind `K` that rules are made of, wherever one is shown. */
export interface KindWords<K> {
  /** For the editor, “sender”. */
  label: string;
  /** For the documentation, one sentence. */
  doc: string;
  /** One of this kind in plain words. */
  say: (one: K) => string;
}
