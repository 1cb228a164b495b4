import { spawn } from 'node:child_process';
import { fromRoot } from './paths.mjs';
import { Told } from './run.mjs';

/**
 * Start page and API on one loopback port; resolves once it listens.
 *
 * @returns its address, a function that stops it, and a promise of its exit code
 */
export function startServer({ url, port = 0, args = [] }) {
  return new Promise((resolve, reject) => {
    const child = spawn(process.execPath, ['--import', 'tsx', fromRoot('server/src/main.ts'), ...args], {
      cwd: fromRoot(''),
      env: { ...process.env, DATABASE_URL: url, PORT: String(port), NODE_ENV: 'production' },
      // Its own process group: a Ctrl-C at the shell reaches this command, which then stops the server in order.
      detached: true,
      stdio: ['ignore', 'pipe', 'inherit', 'ipc'],
    });
    const ended = new Promise((done) => child.on('close', (code) => done(code ?? 1)));
    let told = '';
    child.stdout.on('data', (chunk) => {
      told += chunk;
      const address = /listening (\S+)/.exec(told)?.[1];
      if (!address) return;
      const stop = async () => {
        child.kill('SIGTERM');
        await ended;
      };
      resolve({ address, stop, ended });
    });
    child.on('error', reject);
    void ended.then((code) => reject(new Told(`The server ended before it listened, with ${code}.`)));
  });
}
