import { Button } from 'antd';
import type { ReactNode } from 'react';
import css from '../Rules.module.css';

interface Props {
  name: string;
  /** What happens, and what does not. */
  children: ReactNode;
  yes: string;
  no: string;
  danger?: boolean;
  isPending: boolean;
  onYes: () => void;
  onNo: () => void;
}

/** Asks in its place, with what would follow, before something is done. */
export function Confirm({ name, children, yes, no, danger = false, isPending, onYes, onNo }: Props) {
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
