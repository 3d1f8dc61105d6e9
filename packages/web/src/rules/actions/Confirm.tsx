import { Button } from 'antd';
import type { ReactNode } from 'react';
import { AffectedMail } from '../proof/AffectedMail.tsx';
import { effectOf, sayEffect } from '../proof/effect.ts';
import type { SampleProof } from '../proof/useProof.ts';
import css from '../Rules.module.css';

interface Asking {
  isPending: boolean;
  onYes: () => void;
  onNo: () => void;
}

interface Props extends Asking {
  name: string;
  /** What happens, and what does not. */
  children: ReactNode;
  yes: string;
  no: string;
  danger?: boolean;
}

/** Asks in its place, with what would follow, before something is done. */
function Confirm({ name, children, yes, no, danger = false, isPending, onYes, onNo }: Props) {
  return (
    <div className={css.effect} role="alertdialog" aria-label={name}>
      {children}
      <Button autoFocus danger={danger} type="primary" loading={isPending} onClick={onYes}>
        {yes}
      </Button>
      <Button onClick={onNo}>{no}</Button>
    </div>
  );
}

interface GoLiveProps extends Asking {
  version: number;
  proofs: SampleProof[] | null;
}

export function GoLive({ version, proofs, ...asking }: GoLiveProps) {
  return (
    <Confirm {...asking} name="Going live" yes={`Put version ${String(version)} to work`} no="Not yet">
      <p>
        Version {version} works on mail from now on; tasks already made stay as they are.{' '}
        {proofs && sayEffect(effectOf(proofs))}
      </p>
      {proofs && <AffectedMail proofs={proofs} />}
    </Confirm>
  );
}

export function DeleteRule(asking: Asking) {
  return (
    <Confirm {...asking} name="Deleting" yes="Delete the rule" no="Keep it" danger>
      <p>Mail that it would have taken goes to the rules below it. Its tasks stay.</p>
    </Confirm>
  );
}
