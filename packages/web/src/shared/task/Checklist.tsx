import type { ChecklistLine } from '@hatband/core/tasks';
import { Checkbox, Input } from 'antd';
import { useState } from 'react';
import { Foreign } from '../page/Foreign.tsx';
import { LinkButton } from '../page/LinkButton.tsx';
import css from './fields.module.css';

interface Props {
  lines: readonly ChecklistLine[];
  onChange: (lines: ChecklistLine[]) => void;
  /** Makes a task of its own of a line. */
  onSplit?: (line: number) => void;
  /** Whether lines can be added here. */
  canAdd?: boolean;
}

/** The steps of a task, each ticked off by itself. */
export function Checklist({ lines, onChange, onSplit, canAdd = false }: Props) {
  const done = lines.filter((line) => line.done).length;
  if (lines.length === 0 && !canAdd) return null;
  return (
    <section aria-label="Checklist" className={css.checklist}>
      <h3>
        Checklist{' '}
        {lines.length > 0 && (
          <small>
            {done} of {lines.length}
          </small>
        )}
      </h3>
      <ul>
        {lines.map(({ text, done: isDone }, i) => (
          <li key={`${String(i)} ${text}`}>
            <Checkbox
              checked={isDone}
              onChange={(event) => {
                onChange(lines.map((line, n) => (n === i ? { ...line, done: event.target.checked } : line)));
              }}
            >
              <span className={isDone ? css.ticked : undefined}>
                <Foreign words={text} />
              </span>
            </Checkbox>
            {onSplit && (
              <span className={css.lineActions}>
                <LinkButton
                  aria-label={`make “${text}” a task`}
                  onClick={() => {
                    onSplit(i);
                  }}
                >
                  make it a task
                </LinkButton>
                <LinkButton
                  aria-label={`remove “${text}”`}
                  onClick={() => {
                    onChange(lines.filter((_, n) => n !== i));
                  }}
                >
                  remove
                </LinkButton>
              </span>
            )}
          </li>
        ))}
      </ul>
      {canAdd && (
        <NewLine
          onAdd={(text) => {
            onChange([...lines, { text, done: false }]);
          }}
        />
      )}
    </section>
  );
}

function NewLine({ onAdd }: { onAdd: (text: string) => void }) {
  const [text, setText] = useState('');
  return (
    <Input
      size="small"
      aria-label="a new line of the checklist"
      placeholder="Add a step"
      maxLength={500}
      value={text}
      onChange={(event) => {
        setText(event.target.value);
      }}
      onPressEnter={() => {
        if (text.trim() === '') return;
        onAdd(text.trim());
        setText('');
      }}
    />
  );
}
