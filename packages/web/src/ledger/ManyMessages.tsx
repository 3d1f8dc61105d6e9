import { workMany, type Arrival, type ManyWork } from '@hatband/contract';
import { BUILT_IN } from '@hatband/core/rules';
import { useQuery } from '@tanstack/react-query';
import { Button } from 'antd';
import { useState } from 'react';
import { call } from '../api/call.ts';
import { ruleNames } from '../api/queries.ts';
import { Foreign } from '../shared/page/Foreign.tsx';
import { LinkButton } from '../shared/page/LinkButton.tsx';
import { ErrorLine } from '../shared/page/Page.tsx';
import { useAct } from '../shared/useAct.ts';
import css from './ManyMessages.module.css';

interface Result {
  name: string;
  done: number;
  refused: readonly { id: number; subject: string; detail: string }[];
}

/** What can be done with several messages at once. */
export function ManyMessages({ items, onLetGo }: { items: readonly Arrival[]; onLetGo: () => void }) {
  const { data: rules } = useQuery(ruleNames);
  const act = useAct('arrival', 'task', 'address');
  const [result, setResult] = useState<Result | null>(null);
  const ids = items.map(({ id }) => id);
  const atDoor = items.filter(({ outcome }) => outcome.gate !== null).length;
  const held = items.filter(
    ({ outcome: { kind, reason } }) =>
      kind === 'held' || kind === 'failed' || kind === 'again' || reason === 'to be started by hand',
  ).length;
  const run = (name: string, work: ManyWork) => () => {
    act.mutate(async () => {
      setResult({ name, ...(await call(workMany, { body: { ids, work } })) });
    });
  };
  const button = (name: string, work: ManyWork) => (
    <Button key={name} loading={act.isPending} onClick={run(name, work)}>
      {name}
    </Button>
  );
  return (
    <section className={css.many} aria-label="Picked messages">
      <h2>
        {ids.length === 1 ? '1 message is picked' : `${String(ids.length)} messages are picked`}{' '}
        <LinkButton onClick={onLetGo}>let go</LinkButton>
      </h2>
      <ul className={css.subjects}>
        {items.slice(0, SHOWN).map(({ id, subject }) => (
          <li key={id}>
            <Foreign words={subject || '(no subject)'} />
          </li>
        ))}
        {items.length > SHOWN && <li>and {items.length - SHOWN} more</li>}
      </ul>
      <h3>Make tasks of them</h3>
      <div className={css.buttons}>
        {(rules?.items ?? [])
          .filter((rule) => rule.isByHand)
          .map(({ id, name }) => button(name, { do: 'rule', ruleId: id }))}
        {button('By the built-in reading', { do: 'rule', ruleId: BUILT_IN })}
      </div>
      {held > 0 && (
        <>
          <h3>{held === 1 ? '1 waits for you' : `${String(held)} wait for you`}</h3>
          <div className={css.buttons}>
            {atDoor > 0 && button('Let in', { do: 'let in' })}
            {atDoor > 0 && button('Block their senders', { do: 'block' })}
            {button('Mark as dealt with', { do: 'dealt with' })}
          </div>
        </>
      )}
      <ErrorLine error={act.error} />
      {result && <ResultLines result={result} />}
    </section>
  );
}

const SHOWN = 12;

function ResultLines({ result: { name, done, refused } }: { result: Result }) {
  return (
    <div role="status">
      <p>
        {name}: done with {done === 1 ? '1 message' : `${String(done)} messages`}
        {refused.length > 0 && ', not with'}
      </p>
      <ul>
        {refused.map(({ id, subject, detail }) => (
          <li key={id}>
            <b>
              <Foreign words={subject || '(no subject)'} />
            </b>
            : {detail}
          </li>
        ))}
      </ul>
    </div>
  );
}
