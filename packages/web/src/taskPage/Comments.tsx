import { addComment, type Comment } from '@hatband/contract';
import { useMutation, useQuery } from '@tanstack/react-query';
import { Button, Input } from 'antd';
import { useState } from 'react';
import { Link } from 'react-router';
import { call } from '../api/call.ts';
import { comments } from '../api/queries.ts';
import { useRefresh } from '../api/stale.ts';
import { useClock } from '../shared/clock.ts';
import { AttachmentLink } from '../shared/page/AttachmentLink.tsx';
import { Foreign } from '../shared/page/Foreign.tsx';
import { ErrorLine } from '../shared/page/Page.tsx';
import css from './TaskPage.module.css';

/** What was said on a task, by mail or by the user. */
export function Comments({ taskId }: { taskId: number }) {
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
      <ol>
        {data?.items.map((comment) => (
          <CommentLine key={comment.id} comment={comment} />
        ))}
      </ol>
      <Input.TextArea
        autoSize
        placeholder="Write a comment"
        aria-label="a new comment"
        value={text}
        onChange={(e) => {
          setText(e.target.value);
        }}
      />
      <Button
        size="small"
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
