import { isBuiltIn } from '@hatband/core/tasks';

/** A field's own hue, as a variable of tokens.css; fields of projects' own share one. */
export const hueOf = (field: string) => `var(--field-${nameOf(field)})`;
export const washOf = (field: string) => `var(--field-${nameOf(field)}-wash)`;

const nameOf = (field: string) => (isBuiltIn(field) ? field : 'own');
