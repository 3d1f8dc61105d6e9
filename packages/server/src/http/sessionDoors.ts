import * as contract from '@hatband/contract';
import type { Express, Request, RequestHandler, Response } from 'express';
import { rateLimit } from 'express-rate-limit';
import type { Access } from '../access/access.ts';
import { Failure } from '../errors.ts';
import { parseInput } from './answer.ts';

const COOKIE = 'hatband';
const MOST_TRIES = 10;
const TRIES_MS = 15 * 60_000;

/** Signing in and out; all of the interface behind it wants a session, where there is a passphrase. */
export function guardBySession(app: Express, access: Access): void {
  const tries = rateLimit({
    windowMs: TRIES_MS,
    limit: MOST_TRIES,
    skipSuccessfulRequests: true,
    standardHeaders: true,
    legacyHeaders: false,
    handler: () => {
      throw new Failure('crowded', 'Too many tries; wait a quarter of an hour.');
    },
  });
  const { getSession, signIn, signOut } = contract;
  const answerState = (response: Response, signedIn: boolean) =>
    response.json({ needsPassphrase: access.needsPassphrase, signedIn } satisfies contract.Session);
  app.get(getSession.path, async (request, response) => {
    answerState(response, await access.isSignedIn(tokenOf(request)));
  });
  app.post(signIn.path, tries, async (request, response) => {
    const token = await access.signIn(parseInput(signIn.body, request.body).passphrase);
    if (token === null) throw new Failure('stranger', 'This is not the passphrase.');
    setCookie(response, token, access.seconds);
    answerState(response, true);
  });
  app.delete(signOut.path, requireSession(access), async (request, response) => {
    const { everywhere } = parseInput(signOut.query, request.query);
    await access.signOut(tokenOf(request), everywhere === 'yes');
    setCookie(response, '', 0);
    answerState(response, !access.needsPassphrase);
  });
  app.use('/api', requireSession(access));
}

export function requireSession(access: Access): RequestHandler {
  return async (request, _, next) => {
    if (await access.isSignedIn(tokenOf(request))) next();
    else throw new Failure('stranger', 'Sign in with the passphrase first.');
  };
}

function setCookie(response: Response, token: string, seconds: number): void {
  response.cookie(COOKIE, token, { httpOnly: true, sameSite: 'strict', path: '/', maxAge: seconds * 1000 });
}

function tokenOf(request: Request): string | null {
  const found = new RegExp(`(?:^|;\\s*)${COOKIE}=([^;]+)`).exec(request.get('Cookie') ?? '')?.[1];
  return found ?? null;
}
