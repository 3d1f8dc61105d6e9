import { addView, deleteView, saveView, type StoredView } from '@hatband/contract';
import type { TaskView } from '@hatband/core/tasks';
import { useMutation } from '@tanstack/react-query';
import { Button, Input } from 'antd';
import { useState } from 'react';
import { call } from '../api/call.ts';
import { useRefresh } from '../api/stale.ts';
import { LinkButton } from '../shared/page/LinkButton.tsx';
import { Opening } from '../shared/page/Opening.tsx';
import { ErrorLine } from '../shared/page/Page.tsx';
import { changedParts, type ShownView } from './list/viewUrl.ts';
import css from './Tasks.module.css';

interface Props {
  shown: ShownView;
  /** Shows a saved view, or with null the open tasks. */
  onGo: (view: StoredView | null) => void;
  onPutBack: () => void;
}

const PARTS: Readonly<Record<keyof TaskView, string>> = {
  scope: 'which tasks',
  filter: 'the filter',
  sort: 'the order',
  group: 'the groups',
  columns: 'the columns',
};

/** Whether the view is as it was saved, and what can be done about it. */
export function ViewState({ shown: { saved, base, view }, onGo, onPutBack }: Props) {
  const refresh = useRefresh();
  const changes = Object.keys(changedParts(base, view)) as (keyof TaskView)[];
  const save = useMutation({
    mutationFn: () =>
      call(saveView, {
        params: { id: saved?.id ?? '' },
        revision: saved?.revision ?? 0,
        body: { name: saved?.name ?? '', view },
      }),
    onSuccess: async (stored) => {
      await refresh('view');
      onGo(stored);
    },
  });
  return (
    <span className={css.viewState}>
      {changes.length > 0 && (
        <>
          <span className={css.changed}>
            Changed, not saved: {changes.map((part) => PARTS[part]).join(', ')}
          </span>
          {saved && (
            <Button
              type="primary"
              size="small"
              loading={save.isPending}
              onClick={() => {
                save.mutate();
              }}
            >
              Save
            </Button>
          )}
          <SaveAs view={view} isNew={saved === null} onSaved={onGo} />
          <Button size="small" onClick={onPutBack}>
            Put back
          </Button>
        </>
      )}
      {changes.length === 0 && saved && (
        <DeleteView
          saved={saved}
          onDeleted={() => {
            onGo(null);
          }}
        />
      )}
      <ErrorLine error={save.error} />
    </span>
  );
}

function DeleteView({ saved, onDeleted }: { saved: StoredView; onDeleted: () => void }) {
  const refresh = useRefresh();
  const remove = useMutation({
    mutationFn: () => call(deleteView, { params: { id: saved.id }, revision: saved.revision }),
    onSuccess: async () => {
      await refresh('view');
      onDeleted();
    },
  });
  return (
    <Opening placement="bottomRight" trigger={<LinkButton>Delete this view …</LinkButton>}>
      <div className={css.form}>
        <p>Delete the view “{saved.name}”? Its tasks stay.</p>
        <Button
          danger
          loading={remove.isPending}
          onClick={() => {
            remove.mutate();
          }}
        >
          Delete the view
        </Button>
        <ErrorLine error={remove.error} />
      </div>
    </Opening>
  );
}

function SaveAs({
  view,
  isNew,
  onSaved,
}: {
  view: TaskView;
  isNew: boolean;
  onSaved: (view: StoredView) => void;
}) {
  const [name, setName] = useState('');
  const [isOpen, setOpen] = useState(false);
  const refresh = useRefresh();
  const add = useMutation({
    mutationFn: () => call(addView, { body: { name, view } }),
    onSuccess: async (stored) => {
      setOpen(false);
      await refresh('view');
      onSaved(stored);
    },
  });
  const save = () => {
    if (name.trim() !== '') add.mutate();
  };
  return (
    <Opening
      isOpen={isOpen}
      onOpenChange={setOpen}
      trigger={<Button size="small">{isNew ? 'Save as a view …' : 'Save as another view …'}</Button>}
    >
      <div className={css.form}>
        <Input
          aria-label="name of the view"
          placeholder="a name, as “Loans, next two weeks”"
          maxLength={60}
          value={name}
          onChange={(event) => {
            setName(event.target.value);
          }}
          onPressEnter={save}
        />
        <ErrorLine error={add.error} />
        <Button type="primary" disabled={name.trim() === ''} loading={add.isPending} onClick={save}>
          Save the view
        </Button>
      </div>
    </Opening>
  );
}
