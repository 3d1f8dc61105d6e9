import { readConfig } from './config.ts';
import { messageOf, StartFailure, traceOf } from './errors.ts';
import { startServer, type Parts, type RunningServer } from './startServer.ts';

interface Options extends Pick<Parts, 'prepare' | 'anew'> {
  /** Done once mail is read, before the server is told of. */
  work?: (server: RunningServer) => Promise<void>;
}

/** The life of the server's process: start or one sentence and exit 1; on SIGINT or SIGTERM finish, close, exit 0. */
export async function runProcess({ work, ...more }: Options = {}): Promise<void> {
  // What is written is the user's own: database, imports, backups.
  process.umask(0o077);
  try {
    const config = readConfig(process.env);
    const server = await startServer(config, {
      readerScript: new URL('./reader.js', import.meta.url),
      ruleFileScript: new URL('./ruleFile.js', import.meta.url),
      webFolder: new URL('../web', import.meta.url).pathname,
      ...more,
    });
    outlive(server);
    await work?.(server);
    const stop = () => {
      server.stop().then(
        () => process.exit(0),
        (error: unknown) => {
          console.error(messageOf(error));
          process.exit(1);
        },
      );
    };
    process.once('SIGINT', stop).once('SIGTERM', stop);
    console.log(
      `Hatband is at http://${named(config.host)}:${String(server.port)}/ and receives mail at ${named(config.smtpHost)}:${String(server.smtpPort)} (SMTP).`,
    );
  } catch (error) {
    console.error(
      error instanceof StartFailure ? error.message : `Hatband could not start: ${messageOf(error)}`,
    );
    process.exit(1);
  }
}

/** What was forgotten to be caught ends nothing, as long as the store can be written: mail goes on coming in. */
function outlive({ log, store }: RunningServer): void {
  const report = (what: string) => (error: unknown) => {
    log.error({ error: traceOf(error) }, what);
    store.write((trx) => trx.raw('SELECT 1')).catch(() => process.exit(1));
  };
  process.on('unhandledRejection', report('a promise was rejected and nobody heard it'));
  process.on('uncaughtException', report('an error was not caught'));
}

const named = (host: string) => (host.includes(':') ? `[${host}]` : host);
