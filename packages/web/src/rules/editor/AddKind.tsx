import { Choose } from '../../shared/forms/Choose.tsx';
import { plain } from './editing.ts';
import css from './RuleSheet.module.css';

interface Props<K extends string> {
  name: string;
  words: string;
  /** By their kinds, in the order in which they are offered. */
  kinds: readonly { value: K; label: string; doc: string }[];
  onAdd: (kind: K) => void;
}

/** One of some kinds is added; typing finds it. */
export function AddKind<K extends string>({ name, words, kinds, onAdd }: Props<K>) {
  return (
    <Choose
      className={css.adder ?? ''}
      variant="borderless"
      size="small"
      showSearch
      aria-label={name}
      placeholder={words}
      value={null}
      options={kinds.map(({ value, label, doc }) => ({ value, label, title: plain(doc) }))}
      onChange={onAdd}
    />
  );
}
