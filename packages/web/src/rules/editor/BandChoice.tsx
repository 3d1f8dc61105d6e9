import { Band as BandSchema, type Band as BandValue } from '@hatband/core/rules';
import { Select } from 'antd';
import { Band } from '../../shared/page/Band.tsx';
import css from './RuleSheet.module.css';

const BANDS = BandSchema.shape.hue.options.flatMap((hue) =>
  BandSchema.shape.pattern.options.map((pattern): BandValue => ({ hue, pattern })),
);
const wordsOf = ({ hue, pattern }: BandValue) => `${hue}, ${pattern}`;

/** The rule's own colour and pattern. */
export function BandChoice({ band, onChange }: { band: BandValue; onChange: (band: BandValue) => void }) {
  return (
    <Select
      className={css.bandChoice ?? ''}
      aria-label="colour and pattern"
      size="small"
      labelRender={() => 'colour'}
      popupMatchSelectWidth={false}
      value={wordsOf(band)}
      options={BANDS.map((value) => ({ value: wordsOf(value), label: wordsOf(value), band: value }))}
      optionRender={(option) => (
        <span className={css.bandOption}>
          <Band band={option.data.band} />
          {option.label}
        </span>
      )}
      onChange={(words) => {
        const chosen = BANDS.find((value) => wordsOf(value) === words);
        if (chosen) onChange(chosen);
      }}
    />
  );
}
