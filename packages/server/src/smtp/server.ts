import type { AddressInfo, Socket } from 'node:net';
import type { Logger } from 'pino';
import { SMTPServer, type SMTPServerDataStream, type SMTPServerSession } from 'smtp-server';
import { codeOf, StartFailure } from '../errors.ts';
import type { Directory, Recipient } from '../intake/directory.ts';
import { collect, type ByteBudget } from '../intake/byteBudget.ts';
import type { Receipt, Receive } from '../intake/receive.ts';
import { SIZE_LIMIT } from '../limits.ts';

/** Addresses of one message beyond these are refused (RFC 5321, section 4.5.3.1.8). */
const MOST_RECIPIENTS = 100;
const MOST_CLIENTS = 250;
/** A client that says nothing for this long, or takes longer than the other for one message, is sent away. */
const SILENCE_MS = 60_000;
const LONGEST_MESSAGE_MS = 600_000;

export interface SmtpOptions {
  host: string;
  port: number;
  directory: Directory;
  receive: Receive;
  budget: ByteBudget;
  log: Logger;
  /** Shorter ones for tests. */
  silenceMs?: number | undefined;
  longestMs?: number | undefined;
}

export interface SmtpListener {
  port: number;
  /** How many messages are being received just now. */
  receiving: () => number;
  /** Since when there are none, by `performance.now()`; null while there are some. */
  quietSince: () => number | null;
  /** Stops accepting and waits until what is being received is stored, at most `graceMs`. */
  stop: (graceMs: number) => Promise<void>;
}

class SmtpError extends Error {
  constructor(
    readonly responseCode: number,
    message: string,
  ) {
    super(message);
  }
}

/** Starts the SMTP listener. Its replies carry enhanced status codes (RFC 3463). */
export async function listenSmtp(options: SmtpOptions): Promise<SmtpListener> {
  const recipients = new WeakMap<SMTPServerSession, Recipient[]>();
  const busy = countBusy();
  const server = new SMTPServer({
    banner: 'Hatband',
    size: SIZE_LIMIT,
    disabledCommands: ['AUTH', 'STARTTLS'],
    authOptional: true,
    disableReverseLookup: true,
    logger: false,
    socketTimeout: options.silenceMs ?? SILENCE_MS,
    maxClients: MOST_CLIENTS,
    onMailFrom: (_, session, done) => {
      recipients.set(session, []);
      done();
    },
    onRcptTo: ({ address }, session, done) => {
      done(refuseRecipient(options.directory, address, recipients.get(session) ?? []));
    },
    onData: (stream, session, done) => {
      const late = setTimeout(() => {
        closeConnection(server, session);
      }, options.longestMs ?? LONGEST_MESSAGE_MS);
      const whole = busy.during(takeIn(options, stream, session, recipients.get(session) ?? []));
      void whole
        .then(
          () => {
            done(null, 'The message is stored.');
          },
          (error: unknown) => {
            done(error instanceof SmtpError ? error : storeError(error, options.log));
          },
        )
        .finally(() => {
          clearTimeout(late);
        });
    },
  });
  server.server.on('connection', groupReplies);
  server.on('error', (error) => {
    options.log.warn({ code: codeOf(error) }, 'an SMTP connection broke off');
  });
  return {
    port: await listen(server, options),
    receiving: busy.count,
    quietSince: busy.quietSince,
    stop: (graceMs) => stop(server, busy.count, graceMs),
  };
}

/** How many messages are being received, and since when there are none. */
function countBusy() {
  let count = 0;
  let lastEnd = -Infinity;
  return {
    count: () => count,
    quietSince: () => (count > 0 ? null : lastEnd),
    during: <T>(work: Promise<T>): Promise<T> => {
      count += 1;
      return work.finally(() => {
        count -= 1;
        lastEnd = performance.now();
      });
    },
  };
}

/** Adds a recipient to those that are known, or says why not. */
function refuseRecipient(directory: Directory, address: string, known: Recipient[]): SmtpError | null {
  const found = directory.find(address);
  if (typeof found === 'string') return REFUSALS[found];
  if (known.length >= MOST_RECIPIENTS)
    return new SmtpError(452, '4.5.3 Too many recipients; send the rest in another message.');
  if (!known.some((each) => each.address.id === found.address.id)) known.push(found);
  return null;
}

/** Resolves once the message is stored for all its recipients. */
async function takeIn(
  { budget, receive }: SmtpOptions,
  stream: SMTPServerDataStream,
  session: SMTPServerSession,
  recipients: Recipient[],
): Promise<void> {
  const body = collect(stream, budget, SIZE_LIMIT);
  try {
    await body.whole;
    if (stream.sizeExceeded || body.refused === 'too large')
      throw new SmtpError(552, '5.3.4 The message is larger than 25 MB.');
    if (body.refused !== null)
      throw new SmtpError(451, '4.3.1 Too much mail at one time; try again in a minute.');
    const receipts = await receive({
      bytes: body.bytes(),
      source: 'smtp',
      recipients,
      envelopeFrom: session.envelope.mailFrom ? session.envelope.mailFrom.address : '',
    });
    refuseWhereAllDo(receipts);
  } finally {
    body.release();
  }
}

/** Replies to commands that came together go out together (RFC 2920, section 3.2). */
function groupReplies(socket: Socket): void {
  const group = () => {
    socket.cork();
    setImmediate(() => {
      socket.uncork();
    });
  };
  // A listener of ours before the server has its own would swallow what an early client sends.
  socket.once('resume', () => socket.prependListener('data', group));
}

const REFUSALS = {
  unknown: new SmtpError(550, '5.1.1 There is no such intake address here.'),
  renewed: new SmtpError(550, '5.1.6 This address was renewed; ask its owner for the new one.'),
  'not loaded': new SmtpError(451, '4.3.0 The addresses are not loaded yet; try again in a minute.'),
  paused: new SmtpError(450, '4.2.1 This address is paused; try again later.'),
} as const;

/** One answer stands for all recipients: where one took the message, it is taken. */
function refuseWhereAllDo(receipts: readonly Receipt[]): void {
  const refused = receipts.flatMap((each) => (each.result === 'refused' ? [each.verdict] : []));
  const [verdict] = refused;
  if (!verdict || refused.length < receipts.length) return;
  const { failure, words, permanent } = verdict;
  if (failure === 'unwelcome sender') throw new SmtpError(550, `5.7.1 ${words}`);
  throw permanent
    ? new SmtpError(552, `5.3.4 ${words}`)
    : new SmtpError(452, `4.2.2 ${words} Try again tomorrow.`);
}

function closeConnection(server: SMTPServer, session: SMTPServerSession): void {
  for (const connection of server.connections) if (connection.session === session) connection.close();
}

function storeError(error: unknown, log: Logger): SmtpError {
  log.error({ code: codeOf(error) }, 'a message could not be stored');
  return new SmtpError(451, '4.3.0 The message could not be stored; try again later.');
}

async function listen(server: SMTPServer, { host, port }: SmtpOptions): Promise<number> {
  await new Promise<void>((resolve, reject) => {
    const refuse = (error: Error) => {
      const inUse = codeOf(error) === 'EADDRINUSE';
      reject(inUse ? new StartFailure(`Port ${String(port)} (SMTP) is in use by another program.`) : error);
    };
    server.server.once('error', refuse);
    server.listen(port, host, () => {
      server.server.off('error', refuse);
      resolve();
    });
  });
  return (server.server.address() as AddressInfo).port;
}

async function stop(server: SMTPServer, receiving: () => number, graceMs: number): Promise<void> {
  server.server.close();
  const end = Date.now() + graceMs;
  while (receiving() > 0 && Date.now() < end) await new Promise((resolve) => setTimeout(resolve, 20));
  for (const connection of server.connections) connection.close();
}
