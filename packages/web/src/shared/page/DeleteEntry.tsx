import { getUses, type Uses } from '@hatband/contract';
import { useQuery } from '@tanstack/react-query';
import { Button } from 'antd';
import { useState } from 'react';
import { Link } from 'react-router';
import { call } from '../../api/call.ts';
import { ErrorLine } from './Page.tsx';
import type { Act } from '../useAct.ts';
import css from './DeleteEntry.module.css';
import { LinkButton } from './LinkButton.tsx';

interface Props {
  kind: 'people' | 'tables' | 'templates' | 'tags' | 'projects' | 'mailboxes';
  id: string;
  name: string;
  onRemove: () => Promise<unknown>;
  act: Act;
}

/** Deletes something that has a name, once it was seen what hangs on it; what rules at work need is not deleted. */
export function DeleteEntry({ kind, id, name, onRemove, act }: Props) {
  const [asking, setAsking] = useState(false);
  const { data, error } = useQuery({
    queryKey: ['rules', 'uses', kind, id],
    queryFn: () => call(getUses, { params: { kind, id } }),
    enabled: asking,
    staleTime: 0,
  });
  if (!asking)
    return (
      <LinkButton
        onClick={() => {
          setAsking(true);
        }}
      >
        delete …
      </LinkButton>
    );
  const isNeeded = data?.rules.some(({ state }) => state !== 'draft') ?? true;
  return (
    <div className={css.deleting} role="alertdialog" aria-label={`Deleting ${name}`}>
      {data && <WhatHangsOnIt name={name} uses={data} isNeeded={isNeeded} />}
      <ErrorLine error={error} />
      {data && !isNeeded && (
        <Button
          size="small"
          danger
          loading={act.isPending}
          onClick={() => {
            act.mutate(onRemove);
          }}
        >
          Delete {name}
        </Button>
      )}
      <Button
        size="small"
        onClick={() => {
          setAsking(false);
        }}
      >
        Keep it
      </Button>
    </div>
  );
}

function WhatHangsOnIt({ name, uses, isNeeded }: { name: string; uses: Uses; isNeeded: boolean }) {
  const { rules, openTasks } = uses;
  return (
    <>
      {rules.length > 0 && (
        <p>
          {isNeeded ? `${name} cannot be deleted while these rules name it: ` : 'Drafts of rules name it: '}
          {rules.map((rule, i) => (
            <span key={rule.id}>
              {i > 0 && ', '}
              <Link to={`/rules/${rule.id}`}>{rule.name}</Link> ({rule.state})
            </span>
          ))}
          .
        </p>
      )}
      <p>
        {openTasks === 0
          ? 'No open task has it.'
          : openTasks === 1
            ? '1 open task has it.'
            : `${String(openTasks)} open tasks have it.`}
      </p>
    </>
  );
}
