import { renewAddress, type Address } from '@hatband/contract';
import { Button, Input } from 'antd';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { Choose } from '../shared/forms/Choose.tsx';
import { call } from '../api/call.ts';
import { ErrorLine } from '../shared/page/Page.tsx';
import { useAct } from '../shared/useAct.ts';
import css from './Intake.module.css';

const GRACE = [
  { value: 0, label: 'refused from now on' },
  { value: 1, label: 'taken for a day, and marked' },
  { value: 7, label: 'taken for a week, and marked' },
  { value: 30, label: 'taken for 30 days, and marked' },
];

/** Asks before an address that others may know is replaced. */
export function RenewForm({ address, onClose }: { address: Address; onClose: () => void }) {
  const [prefix, setPrefix] = useState(address.address.replace(/-[^-]*@.*$/, ''));
  const [graceDays, setGraceDays] = useState(0);
  const act = useAct('address');
  const navigate = useNavigate();
  const renew = () => {
    act.mutate(async () => {
      const renewed = await call(renewAddress, { params: { id: address.id }, body: { prefix, graceDays } });
      void navigate(`/intake/address/${String(renewed.id)}`);
    });
  };
  return (
    <div className={css.ask} role="alertdialog" aria-label={`Renew the address of ${address.target.name}`}>
      <p>A new secret address is made. What is sent to the old one is</p>
      <div className={css.actions}>
        <Choose
          aria-label="what becomes of the old address"
          value={graceDays}
          options={GRACE}
          onChange={setGraceDays}
        />
        <label>
          The new one begins with{' '}
          <Input
            aria-label="its beginning"
            value={prefix}
            onChange={(e) => {
              setPrefix(e.target.value);
            }}
          />
        </label>
      </div>
      <div className={css.actions}>
        <Button autoFocus size="small" type="primary" danger loading={act.isPending} onClick={renew}>
          Renew it
        </Button>
        <Button size="small" onClick={onClose}>
          Keep it
        </Button>
      </div>
      <ErrorLine error={act.error} />
    </div>
  );
}
