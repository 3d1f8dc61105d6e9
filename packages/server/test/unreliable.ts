import { connect, createServer, type AddressInfo, type Socket } from 'node:net';

/** Stands between a client and a server of this machine, and spoils what the server says as it is told to. */
export interface Unreliable {
  port: number;
  /** Breaks off each connection once the server has said so many bytes on it; null: none. */
  cutAfter: (bytes: number | null) => void;
  /** Holds back each piece that the server says. */
  delay: (ms: number) => void;
  cuts: () => number;
  end: () => Promise<void>;
}

export async function standBefore(port: number): Promise<Unreliable> {
  let limit: number | null = null;
  let pause = 0;
  let cuts = 0;
  const open = new Set<Socket>();
  const server = createServer((client) => {
    const upstream = connect(port, '127.0.0.1');
    let said = 0;
    for (const socket of [client, upstream]) {
      open.add(socket);
      socket.on('error', () => undefined);
    }
    const close = () => {
      client.destroy();
      upstream.destroy();
    };
    client.on('data', (data) => upstream.write(data)).on('close', close);
    upstream.on('close', close).on('data', (data: Buffer) => {
      said += data.length;
      if (limit !== null && said > limit) {
        cuts += 1;
        client.end(data.subarray(0, Math.max(0, data.length - (said - limit))));
        upstream.destroy();
      } else if (pause === 0) client.write(data);
      else setTimeout(() => client.write(data), pause);
    });
  });
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
  return {
    port: (server.address() as AddressInfo).port,
    cutAfter: (bytes) => (limit = bytes),
    delay: (ms) => (pause = ms),
    cuts: () => cuts,
    end: async () => {
      for (const socket of open) socket.destroy();
      await new Promise((resolve) => server.close(resolve));
    },
  };
}
