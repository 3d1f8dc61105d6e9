import type { Rule } from '@hatband/contract';
import { addRule } from '@hatband/contract';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useNavigate, useParams, Link } from 'react-router';
import { call } from '../api/call.ts';
import { AddButton } from '../shared/AddButton.tsx';
import { Band } from '../shared/Band.tsx';
import { Failed, Notice, PageHeader, PartLinks } from '../shared/Page.tsx';
import { newRule } from './newRule.ts';
import { rules } from './queries.ts';
import { RuleFiles } from './RuleFiles.tsx';
import css from './Rules.module.css';
import { RuleWorkplace } from './RuleWorkplace.tsx';

/** The rules in the order in which they are asked; one as a sheet with its proof beside it. */
export function RulesPage() {
  const { id } = useParams();
  const { data, error, refetch } = useQuery(rules);
  const present = data?.items.filter((rule) => !rule.deleted) ?? [];
  const open = data?.items.find((rule) => rule.id === (id ?? present[0]?.id));
  return (
    <div className={css.page}>
      <PageHeader title="Rules">
        <PartLinks
          parts={[
            { to: '/rules', name: 'rules', current: true },
            { to: '/tables', name: 'lookup tables' },
          ]}
        />
        <RuleFiles />
        <AddRule all={present} />
      </PageHeader>
      {error && <Failed error={error} retry={() => void refetch()} />}
      {data && (
        <>
          <nav className={css.stack} aria-label="Rules in order">
            {present.map((rule) => (
              <StackLine key={rule.id} rule={rule} open={rule.id === open?.id} />
            ))}
            <p className={css.last}>
              Asked from the top; the first that takes a message makes its task. Mail that none takes becomes
              an unclaimed task by the built-in reading.
            </p>
          </nav>
          <Open rule={open} all={present} />
        </>
      )}
    </div>
  );
}

function Open({ rule, all }: { rule: Rule | undefined; all: Rule[] }) {
  if (!rule)
    return (
      <Notice title="No rules yet">
        Add one: it says which mail it takes, what it reads from it and where the task goes.
      </Notice>
    );
  if (rule.deleted)
    return (
      <Notice title="This rule was deleted">
        Tasks that it made keep their values and where those came from.
      </Notice>
    );
  return <RuleWorkplace key={rule.id} rule={rule} all={all} />;
}

const STATES = { live: 'live', draft: 'draft', paused: 'paused' };

function StackLine({ rule, open }: { rule: Rule; open: boolean }) {
  const shown = rule.draft ?? rule.live;
  const changed = rule.draft !== null && rule.version !== null;
  return (
    <Link to={`/rules/${rule.id}`} className={css.stackLine} aria-current={open ? 'true' : undefined}>
      <Band band={rule.state === 'live' ? (shown?.band ?? null) : null} />
      <span className={css.stackName}>
        <b>{shown?.name}</b>
        <span>
          {rule.problems.length > 0 && <b className={css.broken}>⚠ broken: </b>}
          {rule.problems[0]?.message ?? STATES[rule.state]}
          {changed && ', draft of a change'}
        </span>
      </span>
      <span className={css.count} title="taken in the last 30 days">
        {rule.takenIn30Days}
        <br />
        in 30 d
      </span>
    </Link>
  );
}

function AddRule({ all }: { all: readonly Rule[] }) {
  const client = useQueryClient();
  const navigate = useNavigate();
  const empty = JSON.stringify(newRule());
  const add = async () => {
    // One that was begun and left as it was is gone on with.
    const begun = all.find(({ version, draft }) => version === null && JSON.stringify(draft) === empty);
    if (begun) {
      await navigate(`/rules/${begun.id}`);
      return;
    }
    const rule = await call(addRule, { body: { definition: newRule() } });
    await client.invalidateQueries({ queryKey: ['rules'] });
    await navigate(`/rules/${rule.id}`);
  };
  return <AddButton words="New rule" add={add} />;
}
