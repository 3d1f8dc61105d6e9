import type { RequestHandler } from 'express';
import helmet from 'helmet';
import { networkInterfaces } from 'node:os';
import { sendProblem } from './answer.ts';

const LOOPBACK = ['localhost', '127.0.0.1', '[::1]'];

/**
 * Only pages of this server, asked for under a name of its own, may speak with it (no rebinding, no foreign forms).
 * `names`: those under which it is reached besides loopback.
 */
export function sameSite(names: readonly string[]): RequestHandler {
  const known = new Set([...LOOPBACK, ...names, ...ownAddresses()]);
  const isOwn = (address: string) => URL.canParse(address) && known.has(new URL(address).hostname);
  return (request, response, next) => {
    const { host = '', origin } = request.headers;
    if (
      isOwn(`http://${host}`) &&
      (origin === undefined || (isOwn(origin) && new URL(origin).host === host))
    ) {
      next();
      return;
    }
    sendProblem(response, {
      type: 'about:blank',
      title: 'Refused',
      status: 403,
      detail: 'Hatband answers only its own page, asked for under a name of its own.',
    });
  };
}

/** What the interface answers is nobody else's, and is true only now. */
export const notStored: RequestHandler = (_, response, next) => {
  response.setHeader('Cache-Control', 'no-store');
  next();
};

/** The addresses of this machine's interfaces: no foreign name can stand for them. */
const ownAddresses = () =>
  Object.values(networkInterfaces()).flatMap((each = []) =>
    each.map(({ address, family }) => (family === 'IPv6' ? `[${address}]` : address)),
  );

/** Scripts, workers, fonts and connections of our own only; the component library writes style elements. */
export const securityHeaders = helmet({
  contentSecurityPolicy: {
    useDefaults: false,
    directives: {
      defaultSrc: ["'none'"],
      scriptSrc: ["'self'"],
      workerSrc: ["'self'"],
      styleSrc: ["'self'", "'unsafe-inline'"],
      fontSrc: ["'self'"],
      imgSrc: ["'self'", 'data:'],
      connectSrc: ["'self'"],
      baseUri: ["'none'"],
      formAction: ["'none'"],
      frameAncestors: ["'none'"],
    },
  },
  strictTransportSecurity: false,
  referrerPolicy: { policy: 'no-referrer' },
});
