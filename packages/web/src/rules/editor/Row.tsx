import type { Misfit } from '@hatband/core/rules';
import type { ReactNode } from 'react';
import { problemsAt, useEditing } from './editing.ts';
import { MakeMissing } from './MakeMissing.tsx';
import css from './RuleSheet.module.css';

interface Props {
  /** The place in the definition, `when.all.0`. */
  path: string;
  /** What the button is called for those who do not see it. */
  name: string;
  /** The part in words; pressing it opens its editor. */
  words: ReactNode;
  children: ReactNode;
  actions?: ReactNode;
}

/** A part of the rule in words, which opens into its editor; what is wrong with it stands below. */
export function Row({ path, name, words, children, actions }: Props) {
  const { open, setOpen, problems } = useEditing();
  const isOpen = open === path || (open?.startsWith(`${path}.`) ?? false);
  return (
    <div className={`${css.part ?? ''} ${isOpen ? (css.openPart ?? '') : ''}`}>
      <div className={css.partHead}>
        <button
          type="button"
          className={css.words}
          aria-expanded={isOpen}
          aria-label={`${isOpen ? 'close' : 'write'}: ${name}`}
          onClick={() => {
            setOpen(isOpen ? null : path);
          }}
        >
          {words}
        </button>
        <span className={css.off}>{actions}</span>
      </div>
      {isOpen && <div className={css.editor}>{children}</div>}
      <Problems problems={problemsAt(problems, path)} />
    </div>
  );
}

type Told = Pick<Misfit, 'message' | 'lacks'>;

export function Problems({ problems }: { problems: readonly Told[] }) {
  const distinct = new Map(problems.map((each) => [each.message, each]));
  return [...distinct.values()].map(({ message, lacks }) => (
    <div key={message} className={css.problem} role="alert">
      {message} {lacks && <MakeMissing lacks={lacks} />}
    </div>
  ));
}

export function TakeOff({ of, onClick }: { of: string; onClick: () => void }) {
  return (
    <button type="button" aria-label={`remove: ${of}`} onClick={onClick}>
      ✕
    </button>
  );
}

export function Earlier({ of, onClick }: { of: string; onClick: () => void }) {
  return (
    <button type="button" aria-label={`try earlier: ${of}`} onClick={onClick}>
      ↑
    </button>
  );
}
