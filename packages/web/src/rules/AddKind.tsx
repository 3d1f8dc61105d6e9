import { Select } from 'antd';
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
    <Select<K | null, { value: K; label: string; title: string }>
      className={css.adder ?? ''}
      variant="borderless"
      size="small"
      showSearch={{ optionFilterProp: 'label' }}
      aria-label={name}
      placeholder={words}
      popupMatchSelectWidth={false}
      value={null}
      options={kinds.map(({ value, label, doc }) => ({ value, label, title: plain(doc) }))}
      onSelect={(_, option) => {
        onAdd(option.value);
      }}
    />
  );
}
