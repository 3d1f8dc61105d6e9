import type { RouteLine } from '@hatband/core/rules';
import { useState } from 'react';
import { Choose } from '../../shared/forms/Choose.tsx';
import { Words } from '../../shared/forms/Words.tsx';
import { useEditing } from './editing.ts';
import { NewProjectName } from './NewProjectName.tsx';
import css from './RuleSheet.module.css';

/** A choice that stands for a value read; names of things do not begin so. */
const READ = 'read: ';
const NEW = 'a new project …';
const OF_ADDRESS = 'the project of its address';

const refWords = (ref: RouteLine['project']) => {
  if (ref === null) return '';
  if (typeof ref === 'string') return ref;
  return 'of' in ref ? OF_ADDRESS : `${READ}${ref.value}`;
};

interface FormProps {
  line: RouteLine;
  of: string;
  onChange: (line: RouteLine) => void;
}

/** Where the tasks of a line go, and what they get there. */
export function LineForm({ line, of, onChange }: FormProps) {
  const { context, fields } = useEditing();
  const set = (part: Partial<RouteLine>) => {
    onChange({ ...line, ...part });
  };
  const read = fields.map((field) => `${READ}${field}`);
  const home = context.projects.find(({ name }) => name === line.project);
  return (
    <div className={css.fieldForm}>
      <ProjectOfLine line={line} of={of} onChange={onChange} />
      <Choice
        label="section"
        of={of}
        value={refWords(line.section)}
        options={[...(home?.sections ?? []), ...read]}
        onChange={(words) => {
          set({ section: refOf(words) });
        }}
      />
      <Choice
        label="place"
        of={of}
        value={line.place}
        options={['bottom', 'top']}
        none={false}
        onChange={(words) => {
          set({ place: words === 'top' ? 'top' : 'bottom' });
        }}
      />
      <Choice
        label="assign to"
        of={of}
        value={refWords(line.assignee)}
        options={[...context.people.map(({ name }) => name), ...read]}
        onChange={(words) => {
          set({ assignee: refOf(words) });
        }}
      />
      <label className={css.wideLabel}>
        tags
        <Words
          name={`tags of ${of}`}
          words={line.tags}
          onChange={(tags) => {
            set({ tags });
          }}
        />
      </label>
      <Choice
        label="template"
        of={of}
        value={line.template ?? ''}
        options={context.templates.map(({ name }) => name)}
        onChange={(words) => {
          set({ template: words === '' ? null : words });
        }}
      />
    </div>
  );
}

/** The project, which may be named by a value that was read, or be made here. */
function ProjectOfLine({ line, of, onChange }: FormProps) {
  const { context, fields } = useEditing();
  const [isNaming, setNaming] = useState(false);
  const set = (project: RouteLine['project']) => {
    onChange({ ...line, project, section: null });
  };
  const read = fields.map((field) => `${READ}${field}`);
  const leave = () => {
    setNaming(false);
  };
  if (isNaming)
    return (
      <NewProjectName
        onMade={(name) => {
          set(name);
          leave();
        }}
        onCancel={leave}
      />
    );
  return (
    <>
      <Choice
        label="project"
        of={of}
        value={refWords(line.project)}
        options={[OF_ADDRESS, ...context.projects.map(({ name }) => name), ...read, NEW]}
        onChange={(words) => {
          if (words === NEW) setNaming(true);
          else set(words === OF_ADDRESS ? { of: 'address' } : refOf(words));
        }}
      />
      {line.project !== null && typeof line.project === 'object' && 'value' in line.project && (
        <Choice
          label="if there is no such project"
          of={of}
          value={line.unknown}
          options={['otherwise', 'hold', 'make']}
          none={false}
          onChange={(words) => {
            onChange({ ...line, unknown: words === 'hold' || words === 'make' ? words : 'otherwise' });
          }}
        />
      )}
    </>
  );
}

const refOf = (words: string): string | { value: string } | null => {
  if (words === '') return null;
  return words.startsWith(READ) ? { value: words.slice(READ.length) } : words;
};

interface ChoiceProps {
  label: string;
  of: string;
  value: string;
  options: readonly string[];
  none?: boolean;
  onChange: (words: string) => void;
}

function Choice({ label, of, value, options, none = true, onChange }: ChoiceProps) {
  const known = value === '' || options.includes(value) ? options : [value, ...options];
  return (
    <label>
      {label}
      <Choose
        aria-label={`${label} of ${of}`}
        showSearch
        value={value}
        options={[
          ...(none ? [{ value: '', label: 'none' }] : []),
          ...known.map((each) => ({ value: each, label: each })),
        ]}
        onChange={onChange}
      />
    </label>
  );
}
