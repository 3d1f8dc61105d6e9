/** What a rule can name. `who`: a person or a group of people. */
export type NamedThing = 'project' | 'mailbox' | 'who' | 'table' | 'template' | 'tag';

/** Gives the name that takes the place of another; used to rename, and to find what a rule names. */
export type Rename = (what: NamedThing, name: string) => string;
