/** Ends the start with one sentence for the user and exit status 1. */
export class StartFailure extends Error {}

export interface Issue {
  path: string;
  message: string;
}

/** The only error that the parts of the server throw on purpose; each border maps it once. */
export class Failure extends Error {
  constructor(
    readonly kind:
      | 'input'
      | 'stranger'
      | 'refused'
      | 'missing'
      | 'conflict'
      | 'stale'
      | 'too large'
      | 'crowded'
      | 'transient'
      | 'defect',
    message: string,
    readonly issues: Issue[] = [],
  ) {
    super(message);
  }
}

export const missing = (what: string) => new Failure('missing', `There is no such ${what}.`);

export const messageOf = (error: unknown) => (error instanceof Error ? error.message : String(error));

/** What a log may tell of an error: its kind and place. Its words may hold mail, names or passwords. */
export const traceOf = (error: unknown) => ({
  kind: error instanceof Error ? error.name : typeof error,
  code: codeOf(error),
  at: error instanceof Error ? framesOf(error.stack ?? '') : [],
});

const framesOf = (stack: string) =>
  stack
    .split('\n')
    .filter((line) => /^\s+at /.test(line))
    .slice(0, 5)
    .map((line) => line.trim());

export const codeOf = (error: unknown) =>
  error instanceof Error && 'code' in error && typeof error.code === 'string' ? error.code : null;
