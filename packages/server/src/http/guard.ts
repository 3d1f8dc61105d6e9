import type { RequestHandler } from 'express';
import helmet from 'helmet';
import { sendProblem } from './answer.ts';

const LOOPBACK = new Set(['localhost', '127.0.0.1', '[::1]']);

/** Only pages of this server, asked for under a loopback name, may speak with it (no rebinding, no foreign forms). */
export const sameSite: RequestHandler = (request, response, next) => {
  const { host = '', origin } = request.headers;
  if (
    isLoopback(`http://${host}`) &&
    (origin === undefined || (isLoopback(origin) && new URL(origin).host === host))
  ) {
    next();
    return;
  }
  sendProblem(response, {
    type: 'about:blank',
    title: 'Refused',
    status: 403,
    detail: 'Hatband answers only its own page on this machine.',
  });
};

function isLoopback(address: string): boolean {
  return URL.canParse(address) && LOOPBACK.has(new URL(address).hostname);
}

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
