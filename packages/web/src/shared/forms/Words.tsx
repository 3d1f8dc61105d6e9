import { Select } from 'antd';
import { asOptions } from './schemaForm.ts';

/** Several words or phrases; each ends with Enter, a comma or leaving the field. */
export function Words({
  name,
  words,
  options = [],
  onChange,
}: {
  name: string;
  words: string[];
  options?: readonly string[];
  onChange: (words: string[]) => void;
}) {
  return (
    <Select
      mode="tags"
      aria-label={name}
      placeholder={options.length > 0 ? 'choose or write' : 'Enter after each'}
      {...(options.length === 0 ? { open: false, suffix: <span /> } : {})}
      popupMatchSelectWidth={false}
      tokenSeparators={[',']}
      value={words}
      options={asOptions(options)}
      onChange={(changed: string[]) => {
        onChange(changed.map((word) => word.trim()).filter((word) => word !== ''));
      }}
    />
  );
}
