import { once } from 'node:events';
import type { AddressInfo, Socket } from 'node:net';
import type { Logger } from 'pino';
import { SMTPServer, type SMTPServerDataStream, type SMTPServerSession } from 'smtp-server';
import type { Clock } from '../clock.ts';
import { codeOf, StartFailure } from '../errors.ts';
import type { Deposit } from '../intake/deposit.ts';
import type { Directory, Recipient } from '../intake/directory.ts';

export const SIZE_LIMIT = 25 * 1024 * 1024;
/** Bytes that are being received at one time, over all connections. */
const IN_FLIGHT_LIMIT = 64 * 1024 * 1024;

export interface SmtpOptions {
  port: number;
  directory: Directory;
  deposit: Deposit;
  clock: Clock;
  log: Logger;
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

/** Starts the SMTP listener on 127.0.0.1. */
export async function listenSmtp(options: SmtpOptions): Promise<SmtpListener> {
  const { directory, deposit, log } = options;
  const recipients = new WeakMap<SMTPServerSession, Recipient[]>();
  let receiving = 0;
  let lastEnd = -Infinity;
  let inFlight = 0;

  const receive = async (stream: SMTPServerDataStream, session: SMTPServerSession) => {
    const mail = { chunks: new Array<Buffer>(), size: 0, refused: false };
    stream.on('data', (chunk: Buffer) => {
      mail.refused ||= stream.sizeExceeded || inFlight + chunk.length > IN_FLIGHT_LIMIT;
      if (mail.refused) return;
      mail.chunks.push(chunk);
      mail.size += chunk.length;
      inFlight += chunk.length;
    });
    try {
      await once(stream, 'end');
      if (stream.sizeExceeded) throw new SmtpError(552, '5.3.4 The message is larger than 25 MB.');
      if (mail.refused) throw new SmtpError(451, '4.3.1 Too much mail at one time; try again in a minute.');
      await deposit.put({
        bytes: Buffer.concat(mail.chunks),
        recipients: recipients.get(session) ?? [],
        envelopeFrom: session.envelope.mailFrom ? session.envelope.mailFrom.address : '',
        receivedAt: options.clock().toISOString(),
      });
    } finally {
      inFlight -= mail.size;
    }
  };

  const server = new SMTPServer({
    banner: 'Hatband',
    size: SIZE_LIMIT,
    disabledCommands: ['AUTH', 'STARTTLS'],
    authOptional: true,
    disableReverseLookup: true,
    logger: false,
    onMailFrom: (_, session, done) => {
      recipients.set(session, []);
      done();
    },
    onRcptTo: ({ address }, session, done) => {
      const found = directory.find(address);
      const known = recipients.get(session) ?? [];
      if (found && !known.some(({ address: a }) => a.id === found.address.id)) known.push(found);
      done(found ? null : new SmtpError(550, '5.1.1 There is no such intake address here.'));
    },
    onData: (stream, session, done) => {
      receiving += 1;
      receive(stream, session)
        .then(
          () => {
            done(null, 'The message is stored.');
          },
          (error: unknown) => {
            done(error instanceof SmtpError ? error : storeError(error, log));
          },
        )
        .finally(() => {
          receiving -= 1;
          lastEnd = performance.now();
        });
    },
  });
  server.server.on('connection', groupReplies);
  server.on('error', (error) => {
    log.warn({ code: codeOf(error) }, 'an SMTP connection broke off');
  });
  const port = await listen(server, options.port);
  const quietSince = () => (receiving > 0 ? null : lastEnd);
  return {
    port,
    receiving: () => receiving,
    quietSince,
    stop: (graceMs) => stop(server, () => receiving, graceMs),
  };
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

function storeError(error: unknown, log: Logger): SmtpError {
  log.error({ code: codeOf(error) }, 'a message could not be stored');
  return new SmtpError(451, '4.3.0 The message could not be stored; try again later.');
}

async function listen(server: SMTPServer, port: number): Promise<number> {
  await new Promise<void>((resolve, reject) => {
    const refuse = (error: Error) => {
      const inUse = codeOf(error) === 'EADDRINUSE';
      reject(inUse ? new StartFailure(`Port ${String(port)} (SMTP) is in use by another program.`) : error);
    };
    server.server.once('error', refuse);
    server.listen(port, '127.0.0.1', () => {
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
