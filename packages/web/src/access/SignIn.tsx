import { signIn } from '@hatband/contract';
import { Button, Input } from 'antd';
import { useState, type SyntheticEvent } from 'react';
import { call } from '../api/call.ts';
import { ErrorLine } from '../shared/page/Page.tsx';
import { useAct } from '../shared/useAct.ts';
import css from './SignIn.module.css';

/** Asks for the passphrase, where the page can be reached from elsewhere. */
export function SignIn() {
  const [passphrase, setPassphrase] = useState('');
  const act = useAct('session');
  const submit = (event: SyntheticEvent) => {
    event.preventDefault();
    act.mutate(() => call(signIn, { body: { passphrase } }));
  };
  return (
    <form className={css.form} onSubmit={submit}>
      <h1>Hatband</h1>
      <label htmlFor="passphrase">The passphrase that this Hatband was started with</label>
      <Input.Password
        id="passphrase"
        autoFocus
        autoComplete="current-password"
        value={passphrase}
        onChange={(e) => {
          setPassphrase(e.target.value);
        }}
      />
      <Button type="primary" htmlType="submit" loading={act.isPending} disabled={passphrase === ''}>
        Open it
      </Button>
      <ErrorLine error={act.error} />
    </form>
  );
}
