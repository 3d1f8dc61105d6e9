import { DatePicker, Input } from 'antd';
import dayjs from 'dayjs';
import customParseFormat from 'dayjs/plugin/customParseFormat';
import { useState } from 'react';
import { dayText, useClock } from '../clock.ts';
import css from './fields.module.css';
import { InPlace } from './InPlace.tsx';
import { None } from './None.tsx';

dayjs.extend(customParseFormat);

const TIME = /^([01]?\d|2[0-3]):[0-5]\d$/;

/** A day, with a clock time where there is one. */
export function DayField({
  name,
  value,
  onChange,
}: {
  name: string;
  value: string | null;
  onChange: (value: string | null) => void;
}) {
  const clock = useClock();
  const shown = value === null ? <None /> : dayText(value, clock.today);
  const editor = (close: () => void) => (
    <DayEditor
      name={name}
      initial={value}
      onDone={(day) => {
        if (day !== value) onChange(day);
        close();
      }}
    />
  );
  return <InPlace name={name} shown={shown} editor={editor} />;
}

const SHOWN = 'ddd D MMM YYYY';
const TYPED = ['D MMM YYYY', 'D MMMM YYYY', 'D MMM', 'D MMMM', 'YYYY-MM-DD', 'D.M.YYYY', 'D/M/YYYY'];

/** The day that is written in the field, with or without its weekday. */
function typedDay(target: EventTarget): string | null {
  if (!(target instanceof HTMLInputElement)) return null;
  const day = dayjs(target.value.replace(/^[A-Za-z]+,? (?=\d)/, ''), TYPED, true);
  return day.isValid() ? day.format('YYYY-MM-DD') : null;
}

/** A day from the calendar or typed, and a clock time if it has one. Enter keeps both. */
function DayEditor({
  name,
  initial,
  onDone,
}: {
  name: string;
  initial: string | null;
  onDone: (day: string | null) => void;
}) {
  const [day, setDay] = useState(initial?.slice(0, 10) ?? null);
  const [time, setTime] = useState(initial?.slice(11) ?? '');
  const done = (date: string | null) => {
    onDone(date !== null && TIME.test(time) ? `${date}T${time.padStart(5, '0')}` : date);
  };
  const badTime = time !== '' && !TIME.test(time);
  return (
    <div className={css.due}>
      <DatePicker
        autoFocus
        defaultOpen
        placement="bottomRight"
        aria-label={name}
        placeholder="a day, as 3 Dec"
        format={[SHOWN, ...TYPED]}
        value={day === null ? null : dayjs(day)}
        onChange={(picked) => {
          const date = picked?.format('YYYY-MM-DD') ?? null;
          setDay(date);
          done(date);
        }}
        onKeyDown={(event) => {
          const typed = typedDay(event.target);
          if (event.key === 'Enter' && typed !== null) done(typed);
        }}
      />
      <Input
        aria-label={name === 'due' ? 'time' : `time of ${name}`}
        placeholder="a time, as 17:00"
        value={time}
        status={badTime ? 'error' : ''}
        onChange={(e) => {
          setTime(e.target.value);
        }}
        onPressEnter={() => {
          if (!badTime) done(day);
        }}
      />
    </div>
  );
}
