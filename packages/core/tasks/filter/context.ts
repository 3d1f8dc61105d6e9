import type { Requirements } from '../gaps.ts';
import type { Person } from '../person.ts';
import type { Days } from './days.ts';

/** What a filter's answer depends on besides the task. */
export interface FilterContext extends Days {
  requirements: Requirements;
  people: readonly Person[];
}

/** How a sentence says what a condition holds by its id or as an ISO day. */
export interface FilterNames {
  value: (field: string, value: string) => string;
  day: (iso: string) => string;
}
