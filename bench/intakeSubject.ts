import Database from 'better-sqlite3';
import type { AddressInfo } from 'node:net';
import path from 'node:path';
import { SMTPServer } from 'smtp-server';
import { readConfig } from '@hatband/server/config';
import { listAddresses } from '@hatband/server/intake/addresses';
import { startServer } from '@hatband/server/startServer';

const [, , subject, folder = ''] = process.argv;

/** smtp-server with one durable insert a message and nothing else. */
function startBare() {
  const db = new Database(path.join(folder, 'bare.db'));
  db.pragma('journal_mode = WAL');
  db.pragma('synchronous = FULL');
  db.exec('CREATE TABLE messages (id INTEGER PRIMARY KEY, raw BLOB)');
  const insert = db.prepare('INSERT INTO messages (raw) VALUES (?)');
  const server = new SMTPServer({
    disabledCommands: ['AUTH', 'STARTTLS'],
    authOptional: true,
    disableReverseLookup: true,
    onData: (stream, _session, done) => {
      const chunks: Buffer[] = [];
      stream.on('data', (chunk: Buffer) => chunks.push(chunk));
      stream.on('end', () => {
        insert.run(Buffer.concat(chunks));
        done(null, 'stored');
      });
    },
  });
  server.listen(0, '127.0.0.1', () => {
    process.send?.({ smtpPort: (server.server.address() as AddressInfo).port, address: 'x@hatband.test' });
  });
}

async function startHatband() {
  const config = readConfig({ HATBAND_PORT: '0', HATBAND_SMTP_PORT: '0', HATBAND_DATA: folder });
  const dist = path.join(import.meta.dirname, '../dist');
  const server = await startServer(config, {
    readerScript: new URL(`file://${dist}/server/reader.js`),
    ruleFileScript: new URL(`file://${dist}/server/ruleFile.js`),
    webFolder: `${dist}/web`,
  });
  const [inbox] = await listAddresses(server.store, config.domain, () => new Date());
  process.send?.({ smtpPort: server.smtpPort, address: inbox?.address, port: server.port });
}

if (subject === 'bare') startBare();
else await startHatband();
