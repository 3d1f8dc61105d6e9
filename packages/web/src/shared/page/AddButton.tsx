import { useMutation } from '@tanstack/react-query';
import { Button } from 'antd';
import { ErrorLine } from './Page.tsx';
import css from './page.module.css';

/** Makes a new thing and goes there, at the end of a page's head. */
export function AddButton({ words, add }: { words: string; add: () => Promise<void> }) {
  const adding = useMutation({ mutationFn: add });
  return (
    <div className={css.add}>
      <Button
        loading={adding.isPending}
        onClick={() => {
          adding.mutate();
        }}
      >
        {words}
      </Button>
      <ErrorLine error={adding.error} />
    </div>
  );
}
