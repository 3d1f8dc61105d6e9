import { BUILT_IN_FIELDS, isBuiltIn } from '../../tasks/index.ts';

/** A field's name in words. */
export const fieldName = (field: string) => (isBuiltIn(field) ? BUILT_IN_FIELDS[field].name : field);
