import type { ButtonHTMLAttributes } from 'react';

/** A small thing to do among words, beside antd's buttons, which are for what a screen is for. */
export function LinkButton(props: Omit<ButtonHTMLAttributes<HTMLButtonElement>, 'type' | 'className'>) {
  return <button {...props} type="button" className="link" />;
}
