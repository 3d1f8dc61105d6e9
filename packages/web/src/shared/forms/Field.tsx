import type { ReactNode } from 'react';
import css from './Field.module.css';

interface Props {
  name: string;
  /** It takes the whole width, as what grows with what is in it does. */
  wide?: boolean;
  children: ReactNode;
}

/** One choice of a form, its name before it. */
export function Field({ name, wide = false, children }: Props) {
  return (
    <div className={wide ? `${css.field ?? ''} ${css.wide ?? ''}` : css.field}>
      <span>{name}</span>
      {children}
    </div>
  );
}
