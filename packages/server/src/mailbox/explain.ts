import type { ImapSettings } from '@hatband/contract';
import { codeOf, messageOf } from '../errors.ts';
import { AccountProblem } from './account.ts';

type Where = Pick<ImapSettings, 'host' | 'port' | 'security'>;

/** What the errors of a connection mean for somebody who has to mend it. */
const WORDS: Readonly<Record<string, (where: Where) => string>> = {
  ENOTFOUND: ({ host }) => `There is no server ${host}. Is its name written rightly?`,
  EAI_AGAIN: ({ host }) => `The name ${host} could not be looked up. Is this machine online?`,
  ECONNREFUSED: ({ host, port }) =>
    `${host} answers, but nothing takes mail connections at port ${String(port)}.`,
  ETIMEDOUT: ({ host, port }) => `${host} does not answer at port ${String(port)}.`,
  EHOSTUNREACH: ({ host }) => `${host} cannot be reached from this machine.`,
  ENETUNREACH: ({ host }) => `${host} cannot be reached from this machine.`,
  CONNECT_TIMEOUT: ({ host, port }) => `${host} does not answer at port ${String(port)}.`,
  GREETING_TIMEOUT: ({ host, port }) =>
    `${host} answers at port ${String(port)}, but does not speak as a mail server does. Is it the right port, and the right security?`,
  UPGRADE_TIMEOUT: ({ host }) => `${host} did not begin its encryption.`,
  DEPTH_ZERO_SELF_SIGNED_CERT: ({ host }) => `The certificate of ${host} is its own; nobody vouches for it.`,
  SELF_SIGNED_CERT_IN_CHAIN: ({ host }) => `The certificate of ${host} is not vouched for by anybody known.`,
  CERT_HAS_EXPIRED: ({ host }) => `The certificate of ${host} has expired.`,
  ERR_TLS_CERT_ALTNAME_INVALID: ({ host }) =>
    `The certificate of the server is for another name than ${host}.`,
  ERR_SSL_WRONG_VERSION_NUMBER: ({ port }) =>
    `The server does not speak SSL/TLS at port ${String(port)}; choose STARTTLS, or another port.`,
  NoConnection: ({ host }) => `${host} closed the connection.`,
  EConnectionClosed: ({ host }) => `${host} closed the connection.`,
  ECONNRESET: ({ host }) => `${host} broke off the connection.`,
};

/** An error of the connection as the user can use it. */
export function explain(error: unknown, where: Where): AccountProblem {
  if (error instanceof AccountProblem) return error;
  if (error instanceof Error && 'authenticationFailed' in error && error.authenticationFailed === true)
    return new AccountProblem('The server does not accept this user with this password.', true);
  const words = WORDS[codeOf(error) ?? '']?.(where);
  const answer =
    error instanceof Error && 'responseText' in error && typeof error.responseText === 'string'
      ? `The server says: ${error.responseText}`
      : `The connection failed: ${messageOf(error)}`;
  return new AccountProblem(words ?? answer, false);
}
