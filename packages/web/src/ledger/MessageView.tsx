import type { Arrival, ReadMessage } from '@hatband/contract';
import type { Part } from '@hatband/core/anatomy';
import { Fragment } from 'react';
import { PersonLink } from '../shared/page/PersonLink.tsx';
import { dayText, useClock } from '../shared/clock.ts';
import { hueOf, washOf } from '../shared/page/hues.ts';
import { AttachmentLink } from '../shared/page/AttachmentLink.tsx';
import { MakePerson } from './MakePerson.tsx';
import css from './MessageView.module.css';
import { keyOf, same, segmentsOf, unwrap, type Mark, type Pointed } from './marks.ts';

export interface MarkedProps {
  marks: readonly Mark[];
  pointed: Pointed | null;
  onPoint: (pointed: Pointed | null) => void;
}

/** The message by its anatomy: note, newest words, and what is folded away, with the marks drawn on its text. */
export function MessageView({
  arrival,
  read,
  ...marked
}: MarkedProps & { arrival: Arrival; read: ReadMessage }) {
  const { message, anatomy } = read;
  const shown = {
    ...marked,
    marks: marked.marks.filter((mark) => !isWide(mark) || same(marked.pointed, mark)),
  };
  const subjectMarks = shown.marks.filter((mark) => mark.part === 'subject');
  const groups = groupParts(anatomy.parts);
  const own = groups.filter(({ kind }) => kind === 'latest');
  return (
    <section>
      <h2 className={css.subject}>
        <bdi>
          <Marked
            text={message.subject}
            from={0}
            to={message.subject.length}
            {...shown}
            marks={subjectMarks}
          />
        </bdi>
        {message.subject === '' && '(no subject)'}
      </h2>
      <Sender arrival={arrival} read={read} />
      {groups.map((group) => (
        <PartView
          key={group.parts[0]?.start}
          group={group}
          read={read}
          {...shown}
          framed={anatomy.forwarded || own.length > 0}
        />
      ))}
      {message.attachments.length > 0 && (
        <p className={css.attachments}>
          {message.attachments.length === 1
            ? '1 attachment'
            : `${String(message.attachments.length)} attachments`}
          :{' '}
          {message.attachments.map(({ name, size }, n) => (
            <Fragment key={n}>
              {n > 0 && ', '}
              <AttachmentLink arrivalId={arrival.id} n={n} name={name} size={size} />
            </Fragment>
          ))}
        </p>
      )}
      {read.warnings.map((warning) => (
        <p key={warning} className={css.warning}>
          {warning}
        </p>
      ))}
    </section>
  );
}

/** Values that are most of a message would cover all other marks: they are shown while they are pointed at. */
const isWide = ({ field }: Mark) => field === 'notes' || field === 'comment';

interface Group {
  kind: Exclude<Part['kind'], 'quoting'>;
  parts: Part[];
}

/** Parts of one kind that follow one another; quote marks are left out. */
function groupParts(parts: readonly Part[]): Group[] {
  const groups: Group[] = [];
  for (const part of parts) {
    if (part.kind === 'quoting') continue;
    const last = groups.at(-1);
    if (last?.kind === part.kind) last.parts.push(part);
    else groups.push({ kind: part.kind, parts: [part] });
  }
  return groups;
}

function Sender({ arrival, read }: { arrival: Arrival; read: ReadMessage }) {
  const clock = useClock();
  const { message } = read;
  const sent = message.sentAt ?? null;
  return (
    <p className={css.sender}>
      {read.anatomy.forwarded ? 'forwarded by ' : ''}
      {message.from ? <PersonLink who={message.from} /> : 'no sender'},{' '}
      {sent ? dayText(sent.slice(0, 16), clock.today) : `arrived ${clock.ago(arrival.receivedAt)}`}
      {arrival.deliveries > 1 && `, came ${String(arrival.deliveries)} times`}
      {message.from && <MakePerson mailbox={message.from} />}
    </p>
  );
}

function PartView({
  group,
  read,
  framed,
  ...marked
}: MarkedProps & { group: Group; read: ReadMessage; framed: boolean }) {
  const { text } = read.message;
  const from = group.parts[0]?.start ?? 0;
  const words = group.parts.map((part) => text.slice(part.start, part.end)).join('');
  if (words.trim() === '') return null;
  const body = <Words text={text} parts={group.parts} {...marked} />;
  switch (group.kind) {
    case 'note':
      return (
        <div className={css.note}>
          <span className={css.label}>your note</span>
          {body}
        </div>
      );
    case 'latest':
      return (
        <div className={framed ? css.latest : undefined}>
          {read.anatomy.parts.some((p) => p.kind === 'heading' && p.end <= from) && (
            <InnerSender read={read} />
          )}
          {body}
        </div>
      );
    case 'heading':
      return <Folded name="lines of the forward">{body}</Folded>;
    case 'signature':
      return <Folded name={`signature, ${lineCount(words)}`}>{body}</Folded>;
    case 'footer':
      return <Folded name={`added by a mail program or a list, ${lineCount(words)}`}>{body}</Folded>;
    case 'history':
      return <Folded name={`earlier in this thread, ${lineCount(words)}`}>{body}</Folded>;
  }
}

function InnerSender({ read: { anatomy } }: { read: ReadMessage }) {
  const clock = useClock();
  if (!anatomy.who) return null;
  return (
    <p className={css.inner}>
      <b>
        <PersonLink who={anatomy.who} />
      </b>
      {anatomy.who.name !== '' && anatomy.who.address !== '' && ` · ${anatomy.who.address}`}
      {anatomy.sentAt && ` · ${dayText(anatomy.sentAt.slice(0, 16), clock.today)}`}
      <MakePerson mailbox={anatomy.who} />
    </p>
  );
}

function Folded({ name, children }: { name: string; children: React.ReactNode }) {
  return (
    <details className={css.folded}>
      <summary>{name}</summary>
      {children}
    </details>
  );
}

const lineCount = (words: string) => {
  const lines = words.trim().split('\n').length;
  return lines === 1 ? '1 line' : `${String(lines)} lines`;
};

/** The words of some parts, as paragraphs, without the blank lines around them. */
function Words({ text, parts, ...marked }: MarkedProps & { text: string; parts: readonly Part[] }) {
  const marks = marked.marks.filter((mark) => mark.part === 'text');
  const soft = unwrap(text);
  const first = parts[0]?.start ?? 0;
  const last = parts.at(-1)?.end ?? 0;
  return (
    <div className={css.words}>
      {parts.map((part) => {
        const start =
          part.start === first ? part.start + leading(text.slice(part.start, part.end)) : part.start;
        const end =
          part.end === last ? part.start + text.slice(part.start, part.end).trimEnd().length : part.end;
        return <Marked key={part.start} text={soft} from={start} to={end} {...marked} marks={marks} />;
      })}
    </div>
  );
}

const leading = (words: string) => words.length - words.trimStart().length;

function Marked({
  text,
  from,
  to,
  marks,
  pointed,
  onPoint,
}: MarkedProps & { text: string; from: number; to: number }) {
  return segmentsOf(from, to, marks).map(({ start, end, mark }) => {
    const words = text.slice(start, end);
    if (!mark) return <span key={start}>{words}</span>;
    const on = same(pointed, mark);
    return (
      <mark
        key={start}
        className={on ? `${css.mark ?? ''} ${css.on ?? ''}` : css.mark}
        style={
          {
            '--hue': hueOf(mark.field),
            '--wash': washOf(mark.field),
          } as React.CSSProperties
        }
        data-mark={keyOf(mark)}
        title={mark.field}
        onMouseEnter={() => {
          onPoint(mark);
        }}
        onMouseLeave={() => {
          onPoint(null);
        }}
      >
        {words}
      </mark>
    );
  });
}
