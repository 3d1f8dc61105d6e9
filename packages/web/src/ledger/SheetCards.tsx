import type { ArrivalSheet } from '@hatband/contract';
import { Link } from 'react-router';
import { Foreign } from '../shared/page/Foreign.tsx';
import { AgainNote } from './AgainNote.tsx';
import { DoorNote } from './DoorNote.tsx';
import { Effects } from './Effects.tsx';
import { HeldNote } from './HeldNote.tsx';
import { Proposals } from '../proposals/Proposals.tsx';
import type { Pointed } from './marks.ts';
import { PossibleTasks } from './PossibleTasks.tsx';
import css from './ReadingSheet.module.css';
import { Remarks } from './Remarks.tsx';
import { TaskCard } from './TaskCard.tsx';

interface Props {
  sheet: ArrivalSheet;
  pointed: Pointed | null;
  onPoint: (pointed: Pointed | null) => void;
}

/** Beside the message: its tasks, and what else became of it or could. */
export function SheetCards({ sheet, pointed, onPoint }: Props) {
  const { arrival, tasks, read } = sheet;
  return (
    <div className={css.cards}>
      {tasks.map((task) => (
        <TaskCard
          key={task.id}
          task={task}
          pointed={pointed}
          onPoint={onPoint}
          who={read?.anatomy.who ?? null}
        />
      ))}
      <Proposals of={{ arrival: arrival.id }} />
      <Remarks remarks={sheet.remarks} />
      <DoorNote arrival={arrival} />
      {sheet.before && <AgainNote arrivalId={arrival.id} kind={arrival.outcome.kind} before={sheet.before} />}
      {arrival.outcome.held.map((held) => (
        <HeldNote key={held.ruleId} arrivalId={arrival.id} held={held} />
      ))}
      {sheet.comments.map(({ taskId, title }) => (
        <p key={taskId} className={css.noTask}>
          A comment on{' '}
          <Link to={`/tasks/${String(taskId)}`}>
            <Foreign words={title} />
          </Link>
          .
        </p>
      ))}
      {tasks.length === 0 && <NoTask sheet={sheet} />}
      {tasks.length === 0 && read && <PossibleTasks arrival={arrival} />}
      <Effects effects={sheet.effects} carriedOut={sheet.carriedOut} />
    </div>
  );
}

function NoTask({ sheet }: { sheet: ArrivalSheet }) {
  const words = noTask(sheet);
  return words && <p className={css.noTask}>{words}</p>;
}

const NOTHING: Readonly<Record<string, string>> = {
  'a rule says so': 'No task: its rule makes none.',
  'answers itself': 'No task: this is an automatic reply.',
  'made by a machine': 'No task: this is an automatic notice, and no rule takes it.',
  'no rule took it': 'No task: no rule takes this mail from its mailbox.',
  'to be started by hand': 'No task yet: choose what is made of it.',
  'you dealt with it': 'No task: you dealt with it.',
  'its sender is blocked': 'No task: you have blocked its sender.',
};

function noTask({ arrival: { outcome }, comments }: ArrivalSheet): string | null {
  switch (outcome.kind) {
    case 'nothing':
      return NOTHING[outcome.reason ?? ''] ?? 'No task was made.';
    case 'again':
      return null;
    case 'failed':
      return 'No task was made.';
    case 'waiting':
      return 'Its task will stand here.';
    default:
      return comments.length > 0 || outcome.held.length > 0 || outcome.gate ? null : 'No task was made.';
  }
}
