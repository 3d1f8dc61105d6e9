import type { ArrivalSheet, Task } from '@hatband/contract';
import { isDone } from '@hatband/core/tasks';
import { useQuery } from '@tanstack/react-query';
import { useRef, useState } from 'react';
import { Link } from 'react-router';
import { arrivalSheet } from '../api/queries.ts';
import { answeredBy } from './answerUrl.ts';
import { ConflictNote } from '../tasks/ConflictNote.tsx';
import { useFilterNames } from '../tasks/filter/useFilterNames.ts';
import { FieldRow, type Pointing } from '../ledger/FieldRow.tsx';
import { MessageView } from '../ledger/MessageView.tsx';
import { marksOf, marksOfOffer, type Pointed } from '../ledger/marks.ts';
import { ValueLine } from '../ledger/ValueLine.tsx';
import { Foreign } from '../shared/page/Foreign.tsx';
import { ErrorLine } from '../shared/page/Page.tsx';
import { OffersContext } from '../shared/task/candidates.ts';
import { useOffers } from '../shared/task/useOffers.ts';
import { Checklist } from '../shared/task/Checklist.tsx';
import { TaskRows } from '../shared/task/TaskRows.tsx';
import { TitleField } from '../shared/task/TextField.tsx';
import { WhatYouDid } from '../tasks/WhatYouDid.tsx';
import { Comments } from './Comments.tsx';
import { History } from './History.tsx';
import { MailLinks } from './MailLinks.tsx';
import { MergeForm } from './MergeForm.tsx';
import { Notes } from './Notes.tsx';
import { Proposals } from '../proposals/Proposals.tsx';
import { SheetBar } from './SheetBar.tsx';
import { SheetKeys } from './SheetKeys.tsx';
import { TaskAddress } from './TaskAddress.tsx';
import { Thread } from './Thread.tsx';
import { SheetActions } from './SheetActions.tsx';
import { useSheetActions } from './useSheetActions.ts';
import { useTaskWork, type OpenTask, type TaskWork } from './useTaskWork.ts';
import { Waiting } from './Waiting.tsx';
import css from './TaskPage.module.css';

/** A task with its mail: every value with where it came from, what was said on it, and what became of it. */
export function TaskSheet(props: OpenTask) {
  const { task, order, onOpen } = props;
  const work = useTaskWork(props);
  const names = useFilterNames();
  const { data: mail } = useQuery(arrivalSheet(task.arrivalId));
  const [isMerging, setMerging] = useState(false);
  const answered = mail ? answeredBy(mail) : null;
  const { at, go, actions } = useSheetActions(props, { work, answered, isMerging, setMerging });
  const close = () => {
    onOpen(null);
  };
  const doneMerging = () => {
    setMerging(false);
  };
  return (
    <article className={css.sheet} aria-label="Task">
      <SheetBar task={task} at={at} of={order.length} onGo={go} onClose={close} />
      <div className={css.scroll}>
        <header className={css.title}>
          <h2 className={isDone(task.status) ? css.over : undefined}>
            <TitleField
              value={task.title}
              onChange={(title) => {
                work.set({ title });
              }}
            />
          </h2>
          <SheetActions task={task} answered={answered} work={work} />
        </header>
        <ErrorLine error={work.error} />
        {work.part && <Part part={work.part} />}
        {work.conflict && <ConflictNote conflict={work.conflict} names={names} onSettle={work.settle} />}
        {isMerging && <MergeForm task={task} order={order} onDone={doneMerging} />}
        <Proposals of={{ task: task.id }} />
        <Columns task={task} mail={mail} work={work} />
        <History taskId={task.id} />
      </div>
      <footer className={css.foot}>
        <SheetKeys actions={actions} />
        <WhatYouDid />
      </footer>
    </article>
  );
}

interface ColumnsProps {
  task: Task;
  mail: ArrivalSheet | undefined;
  work: TaskWork;
}

/** The mail and what was said, beside the fields; a value that is pointed at is tied to its words. */
function Columns({ task, mail, work }: ColumnsProps) {
  const [pointed, setPointed] = useState<Pointed | null>(null);
  const both = useRef<HTMLDivElement>(null);
  const offers = useOffers(task.id);
  const offered = offers.pointed && { taskId: task.id, field: offers.pointed.field };
  const pointing = { pointed: offered ?? pointed, onPoint: setPointed };
  const marks = [...marksOf([task]), ...marksOfOffer(task.id, offers.pointed)];
  return (
    <div className={css.columns} ref={both}>
      <section aria-label="The mail">
        {mail?.read && (
          <>
            <MessageView arrival={mail.arrival} read={mail.read} marks={marks} {...pointing} />
            <MailLinks
              sheet={mail}
              onSplit={(title) => {
                work.split(title, null);
              }}
            />
          </>
        )}
        <Notes
          value={task.notes}
          onChange={(notes) => {
            work.set({ notes });
          }}
        />
        <Comments taskId={task.id} />
        <Thread taskId={task.id} />
      </section>
      <OffersContext value={{ taskId: task.id, take: work.set, ...offers }}>
        <Fields task={task} work={work} {...pointing} />
      </OffersContext>
      <ValueLine container={both} pointed={pointing.pointed} />
    </div>
  );
}

function Fields({ task, work, ...pointing }: Omit<ColumnsProps, 'mail'> & Pointing) {
  return (
    <section aria-label="Fields">
      <TaskRows
        task={task}
        filled={false}
        onChange={work.set}
        row={(field, editor) =>
          field !== 'notes' && (
            <FieldRow key={field} task={task} field={field} {...pointing} onChange={work.set}>
              {editor}
            </FieldRow>
          )
        }
      />
      <Waiting task={task} onChange={work.set} />
      <Checklist
        lines={task.checklist}
        canAdd
        onChange={(checklist) => {
          work.set({ checklist });
        }}
        onSplit={(line) => {
          work.split(task.checklist[line]?.text ?? '', line);
        }}
      />
      <TaskAddress taskId={task.id} />
    </section>
  );
}

/** A task that was split off, for going there. */
function Part({ part }: { part: Pick<Task, 'id' | 'title'> }) {
  return (
    <p role="status">
      “<Foreign words={part.title} />” is a task of its own now. <Link to={`/tasks/${String(part.id)}`}>Open it</Link>
    </p>
  );
} // prettier-ignore
