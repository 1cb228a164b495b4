/** `npm start`: everything the application needs, from a fresh checkout to an address to open. Plain Node. */
import { existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { ensurePackages } from './lib/packages.mjs';
import { fromRoot } from './lib/paths.mjs';
import { buildPage } from './lib/page.mjs';
import { startCluster } from './lib/postgres.mjs';
import { Told, command, freePort } from './lib/run.mjs';
import { startServer } from './lib/server.mjs';

/** A fixed address, so that bookmarks and what the browser keeps for it last; another one only while it is taken. */
const PORT = 4617;
const HOME = fromRoot('.tarnpass');
const RUNNING = fromRoot('.tarnpass/running.json');

await command(async () => {
  refuseOldNode();
  const running = alreadyRunning();
  if (running) throw new Told(`Tarnpass runs already: ${running.address} (process ${running.pid}).`);

  const stops = [];
  let ending;
  const end = () => (ending ??= stopAll(stops));
  process.on('SIGINT', () => void end().then(() => process.exit(0)));
  process.on('SIGTERM', () => void end().then(() => process.exit(0)));

  try {
    await ensurePackages();
    mkdirSync(HOME, { recursive: true });
    writeFileSync(RUNNING, JSON.stringify({ pid: process.pid, address: 'starting' }));
    stops.push(async () => rmSync(RUNNING, { force: true }));
    let url = process.env.DATABASE_URL;
    if (!url) {
      const cluster = await startCluster(fromRoot('.tarnpass/postgres'));
      stops.push(cluster.stop);
      url = cluster.url;
    }
    await buildPage();
    const port = await freePort(Number(process.env.PORT) || PORT);
    const server = await startServer({ url, port, args: process.argv.slice(2) });
    stops.push(server.stop);
    writeFileSync(RUNNING, JSON.stringify({ pid: process.pid, address: server.address }));
    console.log(`\nTarnpass is at ${server.address}\nCtrl-C stops it; what you made is kept.`);
    const code = await server.ended;
    const asked = ending !== undefined;
    if (!asked) console.error(`The server ended by itself, with ${code}.`);
    await end();
    return asked ? 0 : 1;
  } catch (error) {
    await end();
    throw error;
  }
});

function refuseOldNode() {
  const [major, minor] = process.versions.node.split('.').map(Number);
  if (major < 20 || (major === 20 && minor < 19))
    throw new Told(`Tarnpass needs Node.js 20.19 or newer; this is ${process.versions.node}.`);
}

/** Another start of this checkout that still lives; a note left by a killed one is no reason to refuse. */
function alreadyRunning() {
  if (!existsSync(RUNNING)) return undefined;
  try {
    const note = JSON.parse(readFileSync(RUNNING, 'utf8'));
    process.kill(note.pid, 0);
    const words = existsSync(`/proc/${note.pid}/cmdline`)
      ? readFileSync(`/proc/${note.pid}/cmdline`, 'utf8')
      : 'start.mjs';
    return words.includes('start.mjs') ? note : undefined;
  } catch {
    return undefined;
  }
}

/** Last started, first stopped: the server lets go of the database before it ends. */
async function stopAll(stops) {
  for (const stop of stops.reverse()) await stop();
}
