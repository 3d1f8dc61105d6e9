import { z } from 'zod';
import { endpoint } from './endpoint.ts';

/** Whether this page has to be signed in, and is. */
export const Session = z.object({ needsPassphrase: z.boolean(), signedIn: z.boolean() });
export type Session = z.infer<typeof Session>;

export const getSession = endpoint({ method: 'get', path: '/api/session', answer: Session });

/** Sets the session's cookie. */
export const signIn = endpoint({
  method: 'post',
  path: '/api/session',
  body: z.object({ passphrase: z.string().max(1000) }),
  answer: Session,
});

/** Ends this session, or all that there are. */
export const signOut = endpoint({
  method: 'delete',
  path: '/api/session',
  query: z.object({ everywhere: z.enum(['yes', 'no']).default('no') }),
  answer: Session,
});
