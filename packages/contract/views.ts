import { NamedView } from '@hatband/core/tasks';
import { z } from 'zod';
import { TextId } from './common.ts';
import { endpoint } from './endpoint.ts';

export const StoredView = NamedView.extend({ id: z.string(), revision: z.number() });
export type StoredView = z.infer<typeof StoredView>;

const answer = z.object({ items: z.array(StoredView) });

export const listViews = endpoint({ method: 'get', path: '/api/views', answer });
export const addView = endpoint({ method: 'post', path: '/api/views', body: NamedView, answer: StoredView });
export const saveView = endpoint({
  method: 'put',
  path: '/api/views/:id',
  params: TextId,
  body: NamedView,
  revision: true,
  answer: StoredView,
});
export const deleteView = endpoint({
  method: 'delete',
  path: '/api/views/:id',
  params: TextId,
  revision: true,
  answer,
});
