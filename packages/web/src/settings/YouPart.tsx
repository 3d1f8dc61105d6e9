import { saveSettings, signOut, UserSettings } from '@hatband/contract';
import { parseSenders } from '@hatband/core/intake';
import type { DecimalMark } from '@hatband/core/tasks';
import { useQuery } from '@tanstack/react-query';
import { Button, Checkbox, Select } from 'antd';
import { useState } from 'react';
import { Choose, ChooseSeveral, type Option } from '../shared/forms/Choose.tsx';
import { call } from '../api/call.ts';
import { holidayPlaces, session, settings as settingsQuery } from '../api/queries.ts';
import { Field } from '../shared/forms/Field.tsx';
import { Words } from '../shared/forms/Words.tsx';
import { ErrorLine } from '../shared/page/Page.tsx';
import { useAct } from '../shared/useAct.ts';
import css from './Settings.module.css';

/** Who the user is, his clock, and the days on which he works. */
export function YouPart() {
  const { data } = useQuery(settingsQuery);
  return (
    <div className={css.body}>
      {data && <SettingsForm key={data.revision} {...data} />}
      <SignedIn />
    </div>
  );
}

interface FormProps {
  settings: UserSettings;
  revision: number;
  known: { from: string; to: string } | null;
}

function SettingsForm({ settings: before, revision, known }: FormProps) {
  const [settings, setSettings] = useState(before);
  const [own, setOwn] = useState<Error | null>(null);
  const act = useAct('settings');
  const set = (part: Partial<UserSettings>) => {
    setSettings({ ...settings, ...part });
  };
  const save = () => {
    const parsed = UserSettings.safeParse(settings);
    setOwn(parsed.success ? null : new Error(parsed.error.issues[0]?.message ?? 'This cannot be kept.'));
    if (parsed.success) act.mutate(() => call(saveSettings, { body: parsed.data, revision }));
  };
  return (
    <section className={css.you} aria-label="You">
      <Mail settings={settings} set={set} />
      <ClockFields settings={settings} set={set} />
      <Days settings={settings} known={known} set={set} />
      <div className={css.buttons}>
        <Button
          type="primary"
          disabled={JSON.stringify(settings) === JSON.stringify(before)}
          loading={act.isPending}
          onClick={save}
        >
          Save
        </Button>
        <span className={css.hint}>It holds for mail that comes from now on.</span>
        <ErrorLine error={own ?? act.error} />
      </div>
    </section>
  );
}

interface PartProps {
  settings: UserSettings;
  set: (part: Partial<UserSettings>) => void;
}

const REPLIES = [
  { value: 'task' as const, label: 'becomes a task of its own' },
  { value: 'comment' as const, label: 'becomes a comment on that task' },
];

const LANGUAGES = [
  { value: 'en' as const, label: 'English' },
  { value: 'de' as const, label: 'German' },
  { value: 'fr' as const, label: 'French' },
  { value: 'es' as const, label: 'Spanish' },
  { value: 'pt' as const, label: 'Portuguese' },
  { value: 'nl' as const, label: 'Dutch' },
  { value: 'it' as const, label: 'Italian' },
  { value: 'sv' as const, label: 'Swedish' },
];

function Mail({ settings, set }: PartProps) {
  return (
    <>
      <Field name="Your own addresses" wide>
        <Words
          name="your own addresses"
          words={settings.me}
          onChange={(me) => {
            set({ me: parseSenders(me.join('\n')) });
          }}
        />
      </Field>
      <Field name="Languages of your mail" wide>
        <ChooseSeveral
          aria-label="languages of your mail"
          placeholder="all that Hatband reads"
          value={settings.languages}
          options={LANGUAGES}
          onChange={(languages) => {
            set({ languages });
          }}
        />
      </Field>
      <Field name="A reply to mail with an open task" wide>
        <Select
          aria-label="replies"
          value={settings.replies}
          options={REPLIES}
          onChange={(replies) => {
            set({ replies });
          }}
        />
      </Field>
    </>
  );
}

const ZONES = Intl.supportedValuesOf('timeZone').map((zone) => ({ value: zone, label: zone }));

const DECIMALS: Option<DecimalMark | ''>[] = [
  { value: '', label: 'one thousand two hundred and fifty, as most write it' },
  { value: ',', label: '1250: the comma is the decimal mark' },
  { value: '.', label: '1¼: the point is the decimal mark' },
];

function ClockFields({ settings, set }: PartProps) {
  return (
    <>
      <Field name="Time zone" wide>
        <Select
          showSearch
          aria-label="time zone"
          value={settings.zone}
          options={ZONES}
          onChange={(zone) => {
            set({ zone });
          }}
        />
      </Field>
      <Field name="4/5 means" wide>
        <Choose
          aria-label="order of dates"
          value={settings.dateOrder}
          options={[
            { value: 'DMY', label: 'the 4th of May' },
            { value: 'MDY', label: 'the 5th of April' },
          ]}
          onChange={(dateOrder) => {
            set({ dateOrder });
          }}
        />
      </Field>
      <Field name="1.250 means" wide>
        <Choose
          aria-label="decimal mark"
          value={settings.decimal ?? ''}
          options={DECIMALS}
          onChange={(mark) => {
            set({ decimal: mark === '' ? null : mark });
          }}
        />
      </Field>
    </>
  );
}

const WEEKDAYS = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'].map((label, i) => ({
  value: i + 1,
  label,
}));

function Days({ settings, known, set }: PartProps & Pick<FormProps, 'known'>) {
  const { data } = useQuery(holidayPlaces);
  return (
    <>
      <Field name="Days on which you work">
        <Checkbox.Group
          options={WEEKDAYS}
          value={settings.workdays}
          onChange={(workdays) => {
            set({ workdays: workdays.toSorted((a, b) => a - b) });
          }}
        />
      </Field>
      <Field name="Public holidays of" wide>
        <ChooseSeveral
          aria-label="public holidays of"
          placeholder="a country, or a region of it"
          value={settings.holidays}
          options={(data?.items ?? []).map(({ code, name }) => ({ value: code, label: name }))}
          showSearch
          onChange={(holidays) => {
            set({ holidays });
          }}
        />
      </Field>
      {known && (
        <p className={css.fieldHint}>
          They are known from {known.from} to {known.to}; a count of working days beyond says so.
        </p>
      )}
      <Field name="Closed besides on" wide>
        <Words
          name="closed days"
          words={settings.closed}
          onChange={(closed) => {
            set({ closed });
          }}
        />
      </Field>
      <p className={css.fieldHint}>Days as in 2026-12-24.</p>
    </>
  );
}

/** Where the page asks for a passphrase, the way out. */
function SignedIn() {
  const { data } = useQuery(session);
  const act = useAct('session');
  if (!data?.needsPassphrase) return null;
  const leave = (everywhere: 'yes' | 'no') => () => {
    act.mutate(() => call(signOut, { query: { everywhere } }));
  };
  return (
    <section className={css.you} aria-label="Sessions">
      <div className={css.buttons}>
        <Button onClick={leave('no')}>Sign out here</Button>
        <Button onClick={leave('yes')}>Sign out everywhere</Button>
        <ErrorLine error={act.error} />
      </div>
    </section>
  );
}
