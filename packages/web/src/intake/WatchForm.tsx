import type { MailboxSettings, Trigger, WatchedFolder } from '@hatband/contract';
import { AutoComplete, Checkbox } from 'antd';
import { Words } from '../shared/forms/Words.tsx';
import { Field } from '../shared/forms/Field.tsx';
import { useRows } from '../shared/forms/useRows.ts';
import css from './Intake.module.css';
import { LinkButton } from '../shared/page/LinkButton.tsx';

interface Props {
  settings: MailboxSettings;
  /** Those that are there, where they are known. */
  folders: readonly string[];
  onChange: (settings: MailboxSettings) => void;
}

const TRIGGERS: { value: Trigger; label: string }[] = [
  { value: 'label', label: 'labels that rules start by' },
  { value: 'flag', label: 'the flag' },
  { value: 'plus-word', label: 'plus-words' },
  { value: 'arrival', label: 'all new mail' },
  { value: 'recipient', label: 'recipients named below' },
];

/** Which folders of a mailbox are watched, and what there brings mail in. */
export function WatchForm({ settings, folders, onChange }: Props) {
  const rows = useRows<WatchedFolder>(settings.folders, (watched) => {
    onChange({ ...settings, folders: watched });
  });
  const isAsked = settings.folders.some((each) => each.for.includes('recipient'));
  return (
    <section>
      <h3>What brings its mail in</h3>
      <table className={css.watch}>
        <thead>
          <tr>
            <th>folder</th>
            {TRIGGERS.map(({ value, label }) => (
              <th key={value}>{label}</th>
            ))}
            <th />
          </tr>
        </thead>
        <tbody>
          {rows.entries.map(({ key, value, change, remove }) => (
            <FolderRow key={key} watched={value} folders={folders} onChange={change} onRemove={remove} />
          ))}
        </tbody>
      </table>
      <LinkButton
        onClick={() => {
          rows.insert({ folder: '', for: ['arrival'] });
        }}
      >
        another folder …
      </LinkButton>
      <Field name="Your addresses in it" wide>
        <Words
          name="your addresses in it"
          words={settings.addresses}
          onChange={(addresses) => {
            onChange({ ...settings, addresses });
          }}
        />
      </Field>
      {isAsked && (
        <Field name="Recipients" wide>
          <Words
            name="recipients"
            words={settings.recipients}
            onChange={(recipients) => {
              onChange({ ...settings, recipients });
            }}
          />
        </Field>
      )}
      <p className={css.hint}>
        Mail that was there before the watch began stays out; a label or flag set from now on brings it in.
      </p>
    </section>
  );
}

interface RowProps {
  watched: WatchedFolder;
  folders: readonly string[];
  onChange: (watched: WatchedFolder) => void;
  onRemove: () => void;
}

function FolderRow({ watched, folders, onChange, onRemove }: RowProps) {
  return (
    <tr>
      <td>
        <AutoComplete
          aria-label="folder"
          className={css.folder ?? ''}
          popupMatchSelectWidth={false}
          value={watched.folder}
          options={folders.map((value) => ({ value }))}
          onChange={(folder) => {
            onChange({ ...watched, folder });
          }}
        />
      </td>
      {TRIGGERS.map(({ value, label }) => (
        <td key={value}>
          <Checkbox
            aria-label={`${label} in ${watched.folder}`}
            checked={watched.for.includes(value)}
            onChange={(e) => {
              const others = watched.for.filter((each) => each !== value);
              onChange({ ...watched, for: e.target.checked ? [...others, value] : others });
            }}
          />
        </td>
      ))}
      <td>
        <LinkButton aria-label={`remove ${watched.folder}`} onClick={onRemove}>
          remove
        </LinkButton>
      </td>
    </tr>
  );
}
