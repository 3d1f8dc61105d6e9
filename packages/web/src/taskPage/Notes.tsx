import { Button, Input } from 'antd';
import { useState } from 'react';
import Markdown from 'react-markdown';
import { LinkButton } from '../shared/page/LinkButton.tsx';
import css from './TaskPage.module.css';

/** Notes as Markdown (CommonMark); HTML in them is shown as it is written, and pictures are not fetched. */
export function Notes({ value, onChange }: { value: string; onChange: (notes: string) => void }) {
  const [draft, setDraft] = useState<string | null>(null);
  const done = () => {
    if (draft !== null && draft.trim() !== value) onChange(draft.trim());
    setDraft(null);
  };
  return (
    <section aria-label="Notes" className={css.notes}>
      <h3>
        Notes{' '}
        {draft === null && (
          <LinkButton
            onClick={() => {
              setDraft(value);
            }}
          >
            {value === '' ? 'write some' : 'change'}
          </LinkButton>
        )}
      </h3>
      {draft === null ? (
        <Markdown disallowedElements={['img']} components={{ a: OutsideLink }}>
          {value}
        </Markdown>
      ) : (
        <>
          <Input.TextArea
            autoFocus
            autoSize={{ minRows: 3 }}
            maxLength={20_000}
            aria-label="notes"
            value={draft}
            onChange={(event) => {
              setDraft(event.target.value);
            }}
            onKeyDown={(event) => {
              if (event.key === 'Escape') setDraft(null);
            }}
          />
          <p className={css.formFoot}>
            <Button size="small" type="primary" onClick={done}>
              Keep
            </Button>
            <LinkButton
              onClick={() => {
                setDraft(null);
              }}
            >
              leave as it was
            </LinkButton>
            <small>Markdown: **bold**, *italic*, - a list, [words](address)</small>
          </p>
        </>
      )}
    </section>
  );
}

function OutsideLink({ href, children }: { href?: string; children?: React.ReactNode }) {
  return (
    <a href={href} target="_blank" rel="noreferrer">
      {children}
    </a>
  );
}
