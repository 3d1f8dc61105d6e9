import { isBuiltIn } from '@hatband/core/tasks';
import { Input, Select } from 'antd';
import type { TextAreaRef } from 'antd/es/input/TextArea';
import { useRef } from 'react';
import css from './KindForm.module.css';
import { asOptions } from './schemaForm.ts';

/** A text of a template; fields are inserted where one writes. */
export function TemplateText({
  name,
  value,
  fields,
  onChange,
}: {
  name: string;
  value: string;
  fields: readonly string[];
  onChange: (value: string) => void;
}) {
  const area = useRef<TextAreaRef>(null);
  const insert = (field: string) => {
    const at = area.current?.resizableTextArea?.textArea.selectionStart ?? value.length;
    const mark = /^[a-z]+$/.test(field) && isBuiltIn(field) ? field : `fields[${JSON.stringify(field)}]`;
    onChange(`${value.slice(0, at)}{{ ${mark} }}${value.slice(at)}`);
    area.current?.focus();
  };
  return (
    <span className={css.template}>
      <Input.TextArea
        ref={area}
        autoSize
        aria-label={name}
        value={value}
        onChange={(e) => {
          onChange(e.target.value);
        }}
      />
      {fields.length > 0 && (
        <Select
          size="small"
          variant="borderless"
          aria-label={`insert a field into ${name}`}
          placeholder="insert a field …"
          popupMatchSelectWidth={false}
          value={null}
          options={asOptions(fields)}
          onSelect={(field: string | null) => {
            if (field !== null) insert(field);
          }}
        />
      )}
    </span>
  );
}
