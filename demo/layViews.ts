import { NamedView, ownField } from '@hatband/core/tasks';
import { findProject } from '@hatband/server/named/projects';
import type { Store } from '@hatband/server/store/index';
import { addView } from '@hatband/server/views/views';

const SOON = { any: [{ kind: 'next', field: 'due', count: 14, unit: 'days' }, { kind: 'overdue' }] };

/** The views that the user saved. */
export async function layViews(store: Store): Promise<void> {
  const idOf = async (name: string) => (await findProject(store.read, name))?.id ?? '';
  const views = [
    {
      name: 'Loans, next two weeks',
      view: {
        filter: { all: [{ kind: 'is', field: 'project', values: [await idOf('Loans in')] }, SOON] },
        group: ownField('Lender'),
        sort: [{ field: 'due' }],
        columns: ['due', ownField('Object no.'), ownField('Insured value'), 'effort', 'asks'].map(
          (field) => ({ field }),
        ),
      },
    },
    {
      name: 'Invoices',
      view: {
        filter: { all: [{ kind: 'is', field: 'project', values: [await idOf('Accounts')] }] },
        sort: [{ field: 'due' }],
        columns: ['due', ownField('Amount'), 'asks', 'tags', 'status'].map((field) => ({ field })),
      },
    },
    {
      name: 'Something is missing',
      view: {
        filter: { all: [{ kind: 'gap', field: null }, { none: [{ kind: 'unclaimed' }] }] },
        group: 'project',
        columns: ['due', 'project', 'rule', 'asks'].map((field) => ({ field })),
      },
    },
  ];
  for (const view of views) await addView(store, NamedView.parse(view));
}
