import { taskAddress } from '@hatband/contract';
import { Button } from 'antd';
import { useState } from 'react';
import { call } from '../api/call.ts';
import { CopyButton } from '../shared/page/CopyButton.tsx';
import { ErrorLine } from '../shared/page/Page.tsx';
import { useAct } from '../shared/useAct.ts';
import css from './TaskPage.module.css';

/** The task's own address: what is sent there becomes a comment on it. */
export function TaskAddress({ taskId }: { taskId: number }) {
  const [address, setAddress] = useState<string | null>(null);
  const act = useAct();
  return (
    <section className={css.own}>
      <p className={css.none}>Mail to an address of this task’s own becomes a comment on it.</p>
      {address === null ? (
        <Button
          size="small"
          loading={act.isPending}
          onClick={() => {
            act.mutate(async () => {
              setAddress((await call(taskAddress, { params: { id: taskId } })).address);
            });
          }}
        >
          Show its address
        </Button>
      ) : (
        <p className={css.settle}>
          <code>{address}</code> <CopyButton text={address} />
        </p>
      )}
      <ErrorLine error={act.error} />
    </section>
  );
}
