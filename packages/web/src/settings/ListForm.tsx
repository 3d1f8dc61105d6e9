import type { z } from 'zod';
import { KindForm } from '../shared/forms/KindForm.tsx';
import { emptyOf } from '../shared/forms/schemaForm.ts';
import { List } from './List.tsx';

interface Props<S extends z.ZodObject> {
  heading: string;
  /** What one of them is called. */
  one: string;
  schema: S;
  items: readonly z.infer<S>[];
  /** Parts that mean nothing for one of them. */
  without?: (item: z.infer<S>) => readonly string[];
  onChange: (items: z.infer<S>[]) => void;
}

/** Several things of one schema, each a row of choices. */
export function ListForm<S extends z.ZodObject>({ schema, without = () => [], ...list }: Props<S>) {
  return (
    <List
      {...list}
      fresh={() => emptyOf(schema, '')}
      editor={(item, name, onChange) => (
        <KindForm
          schema={schema}
          apart={without(item)}
          value={item}
          of={name}
          suggest={() => []}
          onChange={onChange}
        />
      )}
    />
  );
}
