/** A piece of SQL with the values for its question marks. */
export interface Sql {
  sql: string;
  bindings: (string | number)[];
}

export const sql = (text: string, ...bindings: (string | number)[]): Sql => ({ sql: text, bindings });

/** Pieces in a row. */
export const joined = (pieces: readonly Sql[], between: string): Sql => ({
  sql: pieces.map((piece) => piece.sql).join(between),
  bindings: pieces.flatMap((piece) => piece.bindings),
});

export const NEVER = sql('0');
export const ALWAYS = sql('1');

/** As many question marks as there are values. */
export const marks = (values: readonly unknown[]) => values.map(() => '?').join(', ');
