import * as contract from '@hatband/contract';
import express, { type Express, type Request, type Response } from 'express';
import { ipKeyGenerator, rateLimit } from 'express-rate-limit';
import { randomUUID } from 'node:crypto';
import type { Access } from '../access/access.ts';
import { Failure } from '../errors.ts';
import type { Secrets } from '../mailbox/secret.ts';
import { parseInput } from './answer.ts';
import { knownBrowserOf, requireSession, setKnownBrowser, setToken, tokenOf } from './session.ts';

const MOST_TRIES = 10;
const TRIES_MS = 15 * 60_000;

/** Signing in and out; all of the interface behind it wants a session, where there is a passphrase. */
export function guardBySession(app: Express, access: Access, secrets: Secrets): void {
  const tries = rateLimit({
    windowMs: TRIES_MS,
    limit: MOST_TRIES,
    skipSuccessfulRequests: true,
    standardHeaders: true,
    legacyHeaders: false,
    // Whoever shares the owner's address, behind a proxy say, does not lock his browser out.
    keyGenerator: (request) => browserOf(request, secrets) ?? ipKeyGenerator(request.ip ?? ''),
    validate: { xForwardedForHeader: false },
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
  app.post(signIn.path, tries, express.json({ limit: '8kb' }), async (request, response) => {
    const token = await access.signIn(parseInput(signIn.body, request.body).passphrase);
    if (token === null) throw new Failure('stranger', 'This is not the passphrase.');
    setToken(request, response, token, access.seconds);
    const browser = secrets.seal(browserOf(request, secrets) ?? `browser ${randomUUID()}`);
    setKnownBrowser(request, response, browser.toString('base64url'));
    answerState(response, true);
  });
  app.delete(signOut.path, requireSession(access), async (request, response) => {
    const { everywhere } = parseInput(signOut.query, request.query);
    await access.signOut(tokenOf(request), everywhere === 'yes');
    setToken(request, response, '', 0);
    answerState(response, !access.needsPassphrase);
  });
  app.use('/api', requireSession(access));
}

/** Which browser this is, where it has signed in before. */
function browserOf(request: Request, secrets: Secrets): string | null {
  const sealed = knownBrowserOf(request);
  if (sealed === null) return null;
  try {
    return secrets.unseal(Buffer.from(sealed, 'base64url'));
  } catch {
    return null;
  }
}
