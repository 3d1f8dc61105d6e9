import { useQuery, useQueryClient } from '@tanstack/react-query';
import { DatePicker, Input } from 'antd';
import dayjs from 'dayjs';
import { useContext, useRef, useState } from 'react';
import { typedDay } from '../../api/queries.ts';
import { dayText, useClock } from '../clock.ts';
import { OffersContext } from './candidates.ts';
import css from './fields.module.css';
import { InPlace } from './InPlace.tsx';
import { None } from './None.tsx';

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

interface EditorProps {
  name: string;
  initial: string | null;
  onDone: (day: string | null) => void;
}

/** A day from the calendar or in words, “fri”, and a clock time if it has one. Enter keeps both. */
function DayEditor({ name, initial, onDone }: EditorProps) {
  const [day, setDay] = useState(initial?.slice(0, 10) ?? null);
  const [time, setTime] = useState(initial?.slice(11) ?? '');
  const [words, setWords] = useState('');
  const { read, understand } = useTypedDay(words);
  const once = useOnce(onDone);
  const done = (date: string | null) => {
    once(date === null ? null : withTime(date, time));
  };
  const takeWords = async () => {
    const typed = await understand();
    if (typed !== null) done(typed);
  };
  return (
    <div
      className={css.due}
      onInput={({ target }) => {
        if (target instanceof HTMLInputElement && target.dataset.time === undefined) setWords(target.value);
      }}
    >
      <DayInput
        name={name}
        day={day}
        words={words}
        read={read}
        onPick={(date) => {
          setDay(date);
          done(date);
        }}
        onWords={() => void takeWords()}
      />
      <TimeInput
        name={name}
        time={time}
        onChange={setTime}
        onEnter={() => {
          done(day);
        }}
      />
    </div>
  );
}

interface InputProps {
  name: string;
  day: string | null;
  /** What is typed, and the day that it means. */
  words: string;
  read: string | null | undefined;
  onPick: (day: string | null) => void;
  /** What is typed is to be taken. */
  onWords: () => void;
}

/** The calendar with a line for words, which the server reads: it takes only its own way of writing a day itself. */
function DayInput({ name, day, words, read, onPick, onWords }: InputProps) {
  const clock = useClock();
  return (
    <DatePicker
      autoFocus
      defaultOpen
      placement="bottomRight"
      aria-label={name}
      placeholder="as fri, 3 Dec"
      format={SHOWN}
      value={day === null ? null : dayjs(day)}
      defaultPickerValue={dayjs(day ?? clock.today)}
      panelRender={(calendar) => (
        <>
          <TypedDayLine words={words} read={read} />
          {calendar}
        </>
      )}
      onChange={(picked) => {
        onPick(picked?.format('YYYY-MM-DD') ?? null);
      }}
      // What is typed replaces the day that stood there.
      onFocus={({ target }) => {
        if (target instanceof HTMLInputElement) target.select();
      }}
      onKeyDown={(event, keepFromCalendar) => {
        if (event.key !== 'Enter' || words.trim() === '') return;
        keepFromCalendar();
        // Nor is what has the focus then pressed by it.
        event.preventDefault();
        onWords();
      }}
      onBlur={() => {
        if (words.trim() !== '') onWords();
      }}
    />
  );
}

/** Enter may be followed by the loss of the focus. */
function useOnce(onDone: (day: string | null) => void) {
  const isOver = useRef(false);
  return (day: string | null) => {
    if (isOver.current) return;
    isOver.current = true;
    onDone(day);
  };
}

/** A time that was written with the day holds before one beside it. */
const withTime = (date: string, time: string) =>
  date.length > 10 || !TIME.test(time) ? date : `${date}T${time.padStart(5, '0')}`;

/** The day that typed words mean, as the server reads them: it knows today, the working days and the task's other days. */
function useTypedDay(words: string) {
  const client = useQueryClient();
  const query = typedDay(words.trim(), useContext(OffersContext)?.taskId ?? null);
  const { data } = useQuery({ ...query, enabled: words.trim() !== '' });
  return { read: data?.day, understand: async () => (await client.query(query)).day };
}

function TypedDayLine({ words, read }: { words: string; read: string | null | undefined }) {
  const clock = useClock();
  if (words.trim() === '' || read === undefined) return null;
  return (
    <p className={css.read} role="status">
      {read === null ? `“${words.trim()}” is no day` : `${dayText(read, clock.today)}: Enter takes it`}
    </p>
  );
}

function TimeInput({
  name,
  time,
  onChange,
  onEnter,
}: {
  name: string;
  time: string;
  onChange: (time: string) => void;
  onEnter: () => void;
}) {
  const isBad = time !== '' && !TIME.test(time);
  return (
    <Input
      data-time=""
      aria-label={name === 'due' ? 'time' : `time of ${name}`}
      placeholder="a time, as 17:00"
      value={time}
      status={isBad ? 'error' : ''}
      onChange={(e) => {
        onChange(e.target.value);
      }}
      onPressEnter={() => {
        if (!isBad) onEnter();
      }}
    />
  );
}
