import { connect } from 'node:net';

interface Load {
  messages: number;
  connections: number;
  /** Told of each 250. */
  onStored?: () => void;
}

/** Sends different messages over several connections at once and resolves when each has its 250. */
export async function sendAll(port: number, to: string, mailOf: MailOf, load: Load): Promise<void> {
  const share = load.messages / load.connections;
  await Promise.all(
    Array.from({ length: load.connections }, () =>
      sendOver(port, to, mailOf, { count: share, onStored: load.onStored }),
    ),
  );
}

/** A message, each of its own words by its number. */
type MailOf = (serial: number) => Buffer;

let serial = 0;

/** A client that does no more than the protocol asks for, so that the server is what is measured. */
function sendOver(
  port: number,
  to: string,
  mailOf: MailOf,
  { count, onStored }: { count: number; onStored: (() => void) | undefined },
): Promise<void> {
  return new Promise((resolve, reject) => {
    const socket = connect(port, '127.0.0.1').setNoDelay(true).on('error', reject);
    let left = count;
    let greeted = false;
    let rest = '';
    const sendEnvelope = () => socket.write(`MAIL FROM:<a@b.example>\r\nRCPT TO:<${to}>\r\nDATA\r\n`);
    const onLine = (line: string) => {
      if (/^[45]/.test(line)) reject(new Error(line));
      else if (line.startsWith('220')) socket.write('EHLO bench\r\n');
      else if (line.startsWith('354')) {
        socket.write(Buffer.concat([mailOf((serial += 1)), Buffer.from('\r\n.\r\n')]));
      } else if (line.startsWith('250 ') && !greeted) {
        greeted = true;
        sendEnvelope();
      } else if (line.includes('stored')) {
        left -= 1;
        onStored?.();
        if (left > 0) sendEnvelope();
        else {
          socket.end('QUIT\r\n');
          resolve();
        }
      }
    };
    socket.on('data', (data) => {
      const lines = (rest + data.toString()).split('\r\n');
      rest = lines.pop() ?? '';
      lines.forEach(onLine);
    });
  });
}
