import type { Rule } from '@hatband/contract';
import { sayRule, withIds, type Context, type Misfit, type RuleDefinition } from '@hatband/core/rules';
import { Input } from 'antd';
import { useState } from 'react';
import { Band } from '../../shared/page/Band.tsx';
import { useClock, type ClockView } from '../../shared/clock.ts';
import { BandChoice } from './BandChoice.tsx';
import { EditingContext, type Editing } from './editing.ts';
import { GroupEditor } from './GroupEditor.tsx';
import { ReadTable } from './ReadTable.tsx';
import { Problems } from './Row.tsx';
import { RouteTable } from './RouteTable.tsx';
import css from './RuleSheet.module.css';
import { StartRow } from './StartRow.tsx';
import { LinkButton } from '../../shared/page/LinkButton.tsx';

interface Props {
  rule: Rule;
  definition: RuleDefinition;
  context: Context;
  problems: readonly Misfit[];
  sample: Editing['sample'];
  senders: Editing['senders'];
  onChange: (definition: RuleDefinition) => void;
}

/** A rule as three small tables, with a plain sentence of the whole on top. */
export function RuleSheet({ rule, definition, context, problems, sample, senders, onChange }: Props) {
  const [open, setOpen] = useState<string | null>(null);
  const set = (part: Partial<RuleDefinition>) => {
    onChange(withIds({ ...definition, ...part }));
  };
  const fields = ['title', ...definition.read.map(({ field }) => field).filter((field) => field !== 'title')];
  return (
    <EditingContext value={{ context, definition, fields, problems, open, setOpen, sample, senders }}>
      <section className={css.sheet} aria-label="Rule">
        <Head rule={rule} definition={definition} set={set} />
        <h2 className={css.heading}>
          When{' '}
          <StartRow
            start={definition.start}
            onChange={(start) => {
              set({ start });
            }}
          />
        </h2>
        <div className={css.table}>
          <GroupEditor
            group={definition.when}
            path="when"
            of="When"
            onChange={(when) => {
              set({ when });
            }}
          />
        </div>
        <ReadTable
          rows={definition.read}
          onChange={(read) => {
            set({ read });
          }}
        />
        <RouteTable definition={definition} onChange={set} />
        <Input.TextArea
          className={css.note ?? ''}
          variant="borderless"
          autoSize
          aria-label="note on this rule"
          placeholder="A note on this rule, for yourself"
          value={definition.description}
          maxLength={2000}
          onChange={(e) => {
            set({ description: e.target.value });
          }}
        />
      </section>
    </EditingContext>
  );
}

interface HeadProps {
  rule: Rule;
  definition: RuleDefinition;
  set: (part: Partial<RuleDefinition>) => void;
}

function Head({ rule, definition, set }: HeadProps) {
  const clock = useClock();
  return (
    <div className={css.head}>
      <Band band={definition.band} />
      <div>
        <Input
          className={css.name ?? ''}
          variant="borderless"
          aria-label="name"
          value={definition.name}
          maxLength={80}
          onChange={(e) => {
            set({ name: e.target.value });
          }}
        />
        {definition.name.trim() === '' && <Problems problems={[{ message: 'A rule needs a name.' }]} />}
        <Sentence words={sayRule(definition)} version={versionWords(rule, clock)} />
      </div>
      <BandChoice
        band={definition.band}
        onChange={(band) => {
          set({ band });
        }}
      />
    </div>
  );
}

/** The whole rule in words; of a long one the beginning, until all of it is asked for. */
function Sentence({ words, version }: { words: string; version: string }) {
  const [all, setAll] = useState(false);
  const isLong = words.length > LONG;
  return (
    <p className={css.sentence}>
      {isLong && !all ? `${words.slice(0, words.lastIndexOf(' ', LONG))} …` : words} <em>{version}</em>{' '}
      {isLong && (
        <LinkButton
          aria-expanded={all}
          onClick={() => {
            setAll(!all);
          }}
        >
          {all ? 'less' : 'all of it'}
        </LinkButton>
      )}
    </p>
  );
}

const LONG = 260;

function versionWords(rule: Rule, clock: ClockView): string {
  if (rule.version === null) return 'a draft, not at work yet';
  const last =
    rule.lastTakenAt === null ? 'has taken nothing so far' : `took mail ${clock.ago(rule.lastTakenAt)}`;
  return `version ${String(rule.version)}${rule.state === 'paused' ? ', paused' : ''}, ${last}`;
}
