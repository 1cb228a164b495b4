import { fileURLToPath } from 'node:url';
import { outageOnce } from './db/away';
import { connect } from './db/connect';
import { createApp } from './http/app';
import { layDemo } from './jobs/demo';

/**
 * Serve page and API on one loopback port until told to end. DATABASE_URL and PORT come from the command that
 * starts it; port 0 takes a free one. The line it prints says where it listens.
 */
const url = process.env['DATABASE_URL'];
if (!url) throw new Error('DATABASE_URL must name a PostgreSQL.');
const log = outageOnce((line) => console.error(line));

const fresh = process.argv.includes('--fresh-demo');
const connection = await connect(url, log, (prepared) =>
  layDemo(prepared, new URL('../../demo/', import.meta.url), fresh),
);

const page = fileURLToPath(new URL('../../web/dist', import.meta.url));
const server = createApp({ connection, page, log }).listen(
  Number(process.env['PORT'] ?? 0),
  '127.0.0.1',
  (error?: Error) => {
    if (error) {
      console.error(error.message);
      process.exit(1);
    }
    const address = server.address();
    if (typeof address === 'object' && address) console.log(`listening http://127.0.0.1:${address.port}`);
  },
);

let ending = false;
async function end(): Promise<void> {
  if (ending) return;
  ending = true;
  server.closeIdleConnections();
  await new Promise<void>((resolve) => {
    server.close(() => resolve());
    setTimeout(() => server.closeAllConnections(), 1000).unref();
  });
  await connection.close();
  process.exit(0);
}
process.on('SIGTERM', () => void end());
process.on('SIGINT', () => void end());
// The command that started it is gone: so is the reason to run.
process.on('disconnect', () => void end());
