import { connect } from 'node:net';

interface Load {
  messages: number;
  connections: number;
}

/** Sends different messages over several connections at once and resolves when each has its 250. */
export async function sendAll(port: number, to: string, mail: Buffer, load: Load): Promise<void> {
  const share = load.messages / load.connections;
  await Promise.all(Array.from({ length: load.connections }, () => sendOver(port, to, mail, share)));
}

let serial = 0;

/** A client that does no more than the protocol asks for, so that the server is what is measured. */
function sendOver(port: number, to: string, mail: Buffer, count: number): Promise<void> {
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
        const head = Buffer.from(`X-Serial: ${(serial += 1)}\r\n`);
        socket.write(Buffer.concat([head, mail, Buffer.from('\r\n.\r\n')]));
      } else if (line.startsWith('250 ') && !greeted) {
        greeted = true;
        sendEnvelope();
      } else if (line.includes('stored')) {
        left -= 1;
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
