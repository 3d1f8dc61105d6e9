import type { Rule } from '@hatband/contract';
import { addRule } from '@hatband/contract';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import { call } from '../api/call.ts';
import { useRefresh } from '../api/stale.ts';
import { AddButton } from '../shared/page/AddButton.tsx';
import { Failed, Notice, PageHeader, PartLinks } from '../shared/page/Page.tsx';
import { newRule } from './drafts/newRule.ts';
import { rules } from './queries.ts';
import { isOrderOf, moveTo } from './stack/order.ts';
import { RuleFiles } from './RuleFiles.tsx';
import { RuleStack } from './stack/RuleStack.tsx';
import css from './Rules.module.css';
import { RuleWorkplace } from './RuleWorkplace.tsx';

/** The rules in the order in which they are asked; one as a sheet with its proof beside it. */
export function RulesPage() {
  const { id } = useParams();
  const { data, error, refetch } = useQuery(rules);
  const present = data?.items.filter((rule) => !rule.deleted) ?? [];
  const open = data?.items.find((rule) => rule.id === (id ?? present[0]?.id));
  const navigate = useNavigate();
  const [wanted, setWanted] = useState<{ moved: string; order: string[] } | null>(null);
  // It is looked at with the rule that moves; once rules were added or deleted it means nothing any more.
  const isShown = wanted !== null && wanted.moved === open?.id && isOrderOf(wanted.order, present);
  const order = isShown ? wanted.order : null;
  const shown = order ? order.flatMap((each) => present.find((rule) => rule.id === each) ?? []) : present;
  const move = (moved: string, to: number) => {
    setWanted({ moved, order: moveTo(present, moved, to) });
    void navigate(`/rules/${moved}`);
  };
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
          <RuleStack rules={shown} openId={open?.id} onMove={move} />
          <Open
            rule={open}
            all={present}
            order={order}
            onOrder={(next) => {
              setWanted(next && open ? { moved: open.id, order: next } : null);
            }}
          />
        </>
      )}
    </div>
  );
}

interface OpenProps {
  rule: Rule | undefined;
  all: Rule[];
  order: string[] | null;
  onOrder: (order: string[] | null) => void;
}

function Open({ rule, all, order, onOrder }: OpenProps) {
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
  return <RuleWorkplace key={rule.id} rule={rule} all={all} order={order} onOrder={onOrder} />;
}

function AddRule({ all }: { all: readonly Rule[] }) {
  const refresh = useRefresh();
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
    await refresh('rule');
    await navigate(`/rules/${rule.id}`);
  };
  return <AddButton words="New rule" add={add} />;
}
