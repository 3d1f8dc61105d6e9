import { Input } from 'antd';
import { useState } from 'react';
import { Foreign } from '../page/Foreign.tsx';
import css from './fields.module.css';
import { InPlace } from './InPlace.tsx';
import { None } from './None.tsx';

export function TitleField({ value, onChange }: { value: string; onChange: (value: string) => void }) {
  const editor = (close: () => void) => (
    <TextEditor
      name="title"
      initial={value}
      onDone={(text) => {
        if (text.trim() !== '' && text.trim() !== value) onChange(text.trim());
        close();
      }}
    />
  );
  return (
    <InPlace
      name="title"
      shown={
        <b className={css.title}>
          <Foreign words={value} />
        </b>
      }
      editor={editor}
    />
  );
}

interface TextEditorProps {
  name: string;
  initial: string;
  /** Line ends are kept, and Enter makes one. */
  long?: boolean;
  onDone: (text: string) => void;
}

function TextEditor({ name, initial, long = false, onDone }: TextEditorProps) {
  const [text, setText] = useState(initial);
  return (
    <Input.TextArea
      autoFocus
      autoSize
      aria-label={name}
      value={text}
      maxLength={long ? 20_000 : 500}
      onChange={(e) => {
        setText(long ? e.target.value : e.target.value.replaceAll('\n', ' '));
      }}
      onBlur={() => {
        onDone(text);
      }}
      onPressEnter={() => {
        if (!long) onDone(text);
      }}
    />
  );
}

/** Words in one line or, where they are long, in several; empty ones are none. */
export function TextField({
  name,
  value,
  long = false,
  onChange,
}: {
  name: string;
  value: string;
  long?: boolean;
  onChange: (value: string) => void;
}) {
  const editor = (close: () => void) => (
    <TextEditor
      name={name}
      initial={value}
      long={long}
      onDone={(text) => {
        if (text.trim() !== value) onChange(text.trim());
        close();
      }}
    />
  );
  const shown =
    value === '' ? (
      <None />
    ) : (
      <span className={css.words}>
        <Foreign words={value} />
      </span>
    );
  return <InPlace name={name} shown={shown} editor={editor} />;
}
