import { addComment, type Comment, type Task } from '@hatband/contract';
import { useMutation, useQuery } from '@tanstack/react-query';
import { Button, Checkbox, Input } from 'antd';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { Foreign } from '../shared/page/Foreign.tsx';
import { call } from '../api/call.ts';
import { useRefresh } from '../api/stale.ts';
import { comments, task as taskQuery } from '../api/queries.ts';
import { useClock } from '../shared/clock.ts';
import { TitleField } from '../shared/task/TextField.tsx';
import { hueOf } from '../shared/page/hues.ts';
import { ErrorLine, Failed, PageHeader } from '../shared/page/Page.tsx';
import { TaskRows } from '../shared/task/TaskRows.tsx';
import { useChangeTask } from '../shared/task/useChangeTask.ts';
import { AttachmentLink } from '../shared/page/AttachmentLink.tsx';
import { Proposals } from './Proposals.tsx';
import { TaskAddress } from './TaskAddress.tsx';
import css from './TaskPage.module.css';

/** One task: all its fields, where it came from, and what was said on it. */
export function TaskPage() {
  const id = Number(useParams().id);
  const { data, error, refetch } = useQuery(taskQuery(id));
  return (
    <div className={css.page}>
      <PageHeader title="Task">
        <Link to="/tasks">all tasks</Link>
      </PageHeader>
      {error && <Failed error={error} retry={() => void refetch()} />}
      {data && (
        <div className={css.body}>
          <Fields task={data} />
          <div>
            <Proposals taskId={id} />
            <Comments taskId={id} />
            <TaskAddress taskId={id} />
          </div>
        </div>
      )}
    </div>
  );
}

function Fields({ task }: { task: Task }) {
  const change = useChangeTask(task);
  const set = change.mutate;
  return (
    <section className={css.sheet} aria-label="Task">
      <h2>
        <TitleField
          value={task.title}
          onChange={(title) => {
            set({ title });
          }}
        />
      </h2>
      <p className={css.source}>
        from{' '}
        <Link to={`/ledger/${String(task.arrivalId)}`}>
          <Foreign words={task.source.subject || 'a message without a subject'} />
        </Link>
        , <Foreign words={task.source.from} />
      </p>
      <dl className={css.fields}>
        <TaskRows
          task={task}
          filled={false}
          onChange={set}
          row={(field, editor) => (
            <div key={field}>
              <dt style={{ color: hueOf(field) }}>{field}</dt>
              <dd>{editor}</dd>
            </div>
          )}
        />
      </dl>
      {task.checklist.length > 0 && (
        <ul aria-label="checklist">
          {task.checklist.map((each) => (
            <li key={each}>{each}</li>
          ))}
        </ul>
      )}
      <Checkbox
        checked={task.status === 'completed'}
        onChange={(e) => {
          set({ status: e.target.checked ? 'completed' : 'needs action' });
        }}
      >
        done
      </Checkbox>
      <ErrorLine error={change.error} />
    </section>
  );
}

function Comments({ taskId }: { taskId: number }) {
  const { data } = useQuery(comments(taskId));
  const [text, setText] = useState('');
  const refresh = useRefresh();
  const add = useMutation({
    mutationFn: () => call(addComment, { params: { id: taskId }, body: { text } }),
    onSuccess: async () => {
      setText('');
      await refresh('task');
    },
  });
  return (
    <section className={css.comments} aria-label="Comments">
      <h3>Comments</h3>
      {data?.items.length === 0 && <p className={css.none}>Nothing was said on it so far.</p>}
      <ol>
        {data?.items.map((comment) => (
          <CommentLine key={comment.id} comment={comment} />
        ))}
      </ol>
      <Input.TextArea
        autoSize={{ minRows: 2 }}
        aria-label="a new comment"
        value={text}
        onChange={(e) => {
          setText(e.target.value);
        }}
      />
      <Button
        disabled={text.trim() === ''}
        loading={add.isPending}
        onClick={() => {
          add.mutate();
        }}
      >
        Add the comment
      </Button>
      <ErrorLine error={add.error} />
    </section>
  );
}

function CommentLine({ comment: { text, at, by, attachments } }: { comment: Comment }) {
  const clock = useClock();
  return (
    <li>
      <p className={css.source}>
        {by.kind === 'user' ? (
          'you'
        ) : (
          <>
            <Link to={`/ledger/${String(by.arrivalId)}`}>
              <Foreign words={by.from || 'a message'} />
            </Link>
            , by the rule {by.ruleName}
          </>
        )}
        , {clock.ago(at)}
      </p>
      <p className={css.words}>
        <Foreign words={text} />
      </p>
      {by.kind === 'rule' && attachments.length > 0 && (
        <p className={css.source}>
          With it:{' '}
          {attachments.map(({ n, name, size }) => (
            <AttachmentLink key={n} arrivalId={by.arrivalId} n={n} name={name} size={size} />
          ))}
        </p>
      )}
    </li>
  );
}
