import type { Request, RequestHandler, Response } from 'express';
import { Failure } from '../errors.ts';
import type { Access } from '../access/access.ts';

const COOKIE = 'hatband';
/** Of a browser that has signed in before; its tries are counted apart from everybody else's. */
const KNOWN_COOKIE = 'hatband-known';
const KNOWN_MS = 365 * 24 * 60 * 60_000;

export function requireSession(access: Access): RequestHandler {
  return async (request, _, next) => {
    if (await access.isSignedIn(tokenOf(request))) next();
    else throw new Failure('stranger', 'Sign in with the passphrase first.');
  };
}

export const tokenOf = (request: Request) => cookie(request, COOKIE);

export const knownBrowserOf = (request: Request) => cookie(request, KNOWN_COOKIE);

export function setToken(request: Request, response: Response, token: string, seconds: number): void {
  response.cookie(COOKIE, token, { ...optionsFor(request), maxAge: seconds * 1000 });
}

export function setKnownBrowser(request: Request, response: Response, sealed: string): void {
  response.cookie(KNOWN_COOKIE, sealed, { ...optionsFor(request), maxAge: KNOWN_MS });
}

/** Behind TLS it is sent over TLS only. */
const optionsFor = ({ secure }: Request) =>
  ({ httpOnly: true, sameSite: 'strict', path: '/', secure }) as const;

function cookie(request: Request, name: string): string | null {
  const found = new RegExp(`(?:^|;\\s*)${name}=([^;]+)`).exec(request.get('Cookie') ?? '')?.[1];
  return found === undefined ? null : decodeURIComponent(found);
}
