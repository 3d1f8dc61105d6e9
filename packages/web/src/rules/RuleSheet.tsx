import type { Rule } from '@hatband/contract';
import { sayRule, type RuleDefinition } from '@hatband/core/rules';
import { Input, Select } from 'antd';
import { useQuery } from '@tanstack/react-query';
import { projects } from '../api/queries.ts';
import { Band } from '../shared/Band.tsx';
import { useNames } from '../shared/names.ts';
import { BandChoice } from './BandChoice.tsx';
import { ReadTable } from './ReadTable.tsx';
import css from './RuleSheet.module.css';
import { WhenTable } from './WhenTable.tsx';

interface Props {
  rule: Rule;
  definition: RuleDefinition;
  onChange: (definition: RuleDefinition) => void;
}

/** A rule as three small tables, with a plain sentence of the whole on top. */
export function RuleSheet({ rule, definition, onChange }: Props) {
  const names = useNames();
  const set = (part: Partial<RuleDefinition>) => {
    onChange({ ...definition, ...part });
  };
  return (
    <section className={css.sheet} aria-label="Rule">
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
          <p className={css.sentence}>
            {sayRule(definition, names)} <em>{versionWords(rule)}</em>
          </p>
        </div>
        <BandChoice
          band={definition.band}
          onChange={(band) => {
            set({ band });
          }}
        />
      </div>
      <WhenTable
        conditions={definition.when.all}
        onChange={(all) => {
          set({ when: { all } });
        }}
      />
      <ReadTable
        rows={definition.read}
        onChange={(read) => {
          set({ read });
        }}
      />
      <RouteTable
        definition={definition}
        onChange={(route) => {
          set({ route });
        }}
      />
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
  );
}

function versionWords(rule: Rule): string {
  if (rule.version === null) return 'a draft, not at work yet';
  return `version ${String(rule.version)}${rule.state === 'paused' ? ', paused' : ''}`;
}

function RouteTable({
  definition,
  onChange,
}: {
  definition: RuleDefinition;
  onChange: (route: RuleDefinition['route']) => void;
}) {
  const { data } = useQuery(projects);
  const { project } = definition.route;
  const options = [
    { value: 'ofAddress', label: 'the project of its address' },
    { value: 'none', label: 'no project' },
    ...(data?.items ?? []).map(({ id, name }) => ({ value: id, label: name })),
  ];
  return (
    <>
      <h2 className={css.heading}>Route</h2>
      <table className={css.table}>
        <tbody>
          <tr>
            <th style={{ color: 'var(--field-project)' }}>project</th>
            <td>
              <Select
                className={css.wide ?? ''}
                variant="borderless"
                aria-label="project of the route"
                value={project.kind === 'named' ? project.id : project.kind}
                options={options}
                onChange={(value: string) => {
                  const kind = value === 'ofAddress' || value === 'none' ? value : null;
                  onChange({ project: kind ? { kind } : { kind: 'named', id: value } });
                }}
              />
            </td>
          </tr>
        </tbody>
      </table>
    </>
  );
}
