import { Select, type SelectProps } from 'antd';

export interface Option<T> {
  value: T;
  /** What is shown and read out; of each option another. */
  label: string;
  title?: string;
}

type Looks = Pick<
  SelectProps,
  | 'aria-label'
  | 'autoFocus'
  | 'className'
  | 'defaultOpen'
  | 'labelRender'
  | 'onBlur'
  | 'onOpenChange'
  | 'placeholder'
  | 'showSearch'
  | 'size'
  | 'variant'
>;

interface Props<T> extends Looks {
  /** Null: nothing is chosen yet. */
  value: T | null;
  options: readonly Option<T>[];
  onChange: (value: T) => void;
}

/** The list knows its options by their labels alone: what stands behind them is never read out. */
const byLabel = <T,>(options: readonly Option<T>[]) =>
  options.map(({ label, title }) => ({ value: label, label, title: title ?? label }));

/** One of some things. */
export function Choose<T extends string | number | boolean>({
  value,
  options,
  onChange,
  ...looks
}: Props<T>) {
  return (
    <Select
      popupMatchSelectWidth={false}
      {...looks}
      value={options.find((option) => option.value === value)?.label ?? null}
      options={byLabel(options)}
      onSelect={(chosen: string | null) => {
        const option = options.find(({ label }) => label === chosen);
        if (option && option.value !== value) onChange(option.value);
      }}
    />
  );
}

interface SeveralProps<T> extends Looks {
  value: readonly T[];
  options: readonly Option<T>[];
  onChange: (value: T[]) => void;
}

/** Several of some things. */
export function ChooseSeveral<T extends string>({ value, options, onChange, ...looks }: SeveralProps<T>) {
  return (
    <Select
      mode="multiple"
      popupMatchSelectWidth={false}
      {...looks}
      value={value.map((each) => options.find((option) => option.value === each)?.label ?? each)}
      options={byLabel(options)}
      onChange={(chosen: string[]) => {
        onChange(chosen.flatMap((label) => options.find((option) => option.label === label)?.value ?? []));
      }}
    />
  );
}
