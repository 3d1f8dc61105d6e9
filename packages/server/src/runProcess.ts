import { readConfig } from './config.ts';
import { messageOf, StartFailure } from './errors.ts';
import { startServer, type Parts } from './startServer.ts';

/** The life of the server's process: start or one sentence and exit 1; on SIGINT or SIGTERM finish, close, exit 0. */
export async function runProcess(more: Pick<Parts, 'prepare' | 'anew'> = {}): Promise<void> {
  try {
    const config = readConfig(process.env);
    const server = await startServer(config, {
      readerScript: new URL('./reader.js', import.meta.url),
      webFolder: new URL('../web', import.meta.url).pathname,
      ...more,
    });
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

const named = (host: string) => (host.includes(':') ? `[${host}]` : host);
