import { dropToken, intakePath, makeToken, type Address } from '@hatband/contract';
import { Button } from 'antd';
import { useState } from 'react';
import { call } from '../api/call.ts';
import { CopyButton } from '../shared/page/CopyButton.tsx';
import { ErrorLine } from '../shared/page/Page.tsx';
import { useAct } from '../shared/useAct.ts';
import css from './Intake.module.css';

/** Messages that other programs hand in over HTTP. */
export function TokenPart({ address: { id, address, hasToken } }: { address: Address }) {
  const [token, setToken] = useState<string | null>(null);
  const act = useAct('address');
  const params = { id };
  return (
    <section>
      <h3>Over HTTP</h3>
      <p className={css.hint}>
        Programs hand in a raw message by <code>POST {intakePath.replace(':address', address)}</code> with a
        token.
      </p>
      {token !== null && (
        <div className={css.token}>
          <code>{token}</code>
          <CopyButton text={token} />
          <p>It is shown this once only.</p>
        </div>
      )}
      <div className={css.actions}>
        <Button
          size="small"
          onClick={() => {
            act.mutate(async () => {
              setToken((await call(makeToken, { params })).token);
            });
          }}
        >
          {hasToken ? 'A new token; the old one is void' : 'Make a token'}
        </Button>
        {hasToken && (
          <Button
            size="small"
            onClick={() => {
              setToken(null);
              act.mutate(() => call(dropToken, { params }));
            }}
          >
            Take it back
          </Button>
        )}
      </div>
      <ErrorLine error={act.error} />
    </section>
  );
}
