import type { FilterNames } from '@hatband/core/tasks';
import type { ReactNode } from 'react';
import { ErrorLine } from '../shared/page/Page.tsx';
import { ConflictNote } from './ConflictNote.tsx';
import type { Picked } from '../shared/usePicked.ts';
import type { Work } from './list/useWork.ts';
import { PickedBar, type Asking } from './PickedBar.tsx';
import css from './Tasks.module.css';
import { WhatYouDid } from './WhatYouDid.tsx';

interface Props {
  work: Work;
  names: FilterNames;
  picked: Picked;
  isBin?: boolean;
  asking: Asking | null;
  onAsk: (asking: Asking | null) => void;
  /** What stands there while no task is picked. */
  children: ReactNode;
}

/** The foot of a grid: what can be done with the picked tasks, what went wrong, and what can be taken back. */
export function Foot({ work, names, picked, isBin = false, asking, onAsk, children }: Props) {
  const ids = [...picked.ids];
  return (
    <footer className={css.foot}>
      <ErrorLine error={work.error} />
      {work.conflict && <ConflictNote conflict={work.conflict} names={names} onSettle={work.settle} />}
      {ids.length === 0 ? (
        children
      ) : (
        <PickedBar
          ids={ids}
          isBin={isBin}
          asking={asking}
          onAsk={onAsk}
          onChange={(change) => {
            work.change(ids, change);
          }}
          onLetGo={picked.letGo}
        />
      )}
      <WhatYouDid />
    </footer>
  );
}
