import { registers, type Task, type TaskChange } from '@hatband/contract';
import { useQuery } from '@tanstack/react-query';
import { AutoComplete, Button } from 'antd';
import { useState } from 'react';
import { register } from '../api/queries.ts';
import { dayText, useClock } from '../shared/clock.ts';
import { Foreign } from '../shared/page/Foreign.tsx';
import { LinkButton } from '../shared/page/LinkButton.tsx';
import { DayField } from '../shared/task/DayField.tsx';
import { isWaiting } from '../shared/task/isWaiting.ts';
import css from './TaskPage.module.css';

interface Props {
  task: Task;
  onChange: (change: TaskChange) => void;
}

/** A task is out of sight until somebody's next mail in its thread, or until a day. */
export function Waiting({ task, onChange }: Props) {
  const clock = useClock();
  const { waiting } = task;
  if (waiting === null) return <WaitForm task={task} onChange={onChange} />;
  const until = waiting.until === null ? null : dayText(waiting.until, clock.today);
  return (
    <section aria-label="Waiting" className={css.waiting}>
      {isWaiting(task, clock.today) ? 'Waits for ' : 'Waited for '}
      <b>
        <Foreign words={waiting.for} />
      </b>
      {until !== null && ` until ${until}`}
      {isWaiting(task, clock.today) &&
        (until === null ? ': their next mail brings it back.' : ', or their next mail.')}{' '}
      <LinkButton
        onClick={() => {
          onChange({ waiting: null });
        }}
      >
        wait no longer
      </LinkButton>
    </section>
  );
}

function WaitForm({ task, onChange }: Props) {
  const { data } = useQuery(register(registers.people));
  const [who, setWho] = useState('');
  const [until, setUntil] = useState<string | null>(null);
  const names = [...new Set([task.source.from, ...(data?.items ?? []).map(({ body }) => body.name)])];
  return (
    <section aria-label="Waiting" className={css.waiting}>
      Wait for{' '}
      <AutoComplete
        size="small"
        aria-label="for whom it waits"
        placeholder="whom"
        className={css.whom ?? ''}
        value={who}
        options={names
          .filter((name) => name.toLowerCase().includes(who.toLowerCase()))
          .map((name) => ({ value: name }))}
        onChange={setWho}
      />{' '}
      until{' '}
      <span className={css.until}>
        <DayField name="the day until it waits" value={until} onChange={setUntil} />
      </span>{' '}
      or their next mail{' '}
      <Button
        size="small"
        disabled={who.trim() === ''}
        onClick={() => {
          onChange({ waiting: { for: who.trim(), until } });
        }}
      >
        Wait
      </Button>
    </section>
  );
}
