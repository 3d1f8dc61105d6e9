import { createContext, useContext } from 'react';
import css from './fields.module.css';

/** What stands where a field is empty. */
export const EmptyWord = createContext('none');

export function None() {
  return <span className={css.none}>{useContext(EmptyWord)}</span>;
}
