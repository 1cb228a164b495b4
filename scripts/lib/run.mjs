import { spawn } from 'node:child_process';
import { createServer } from 'node:net';

/** A sentence for the person at the shell, instead of a stack of calls. */
export class Told extends Error {}

/** Run a command to its end; resolves to its exit code and, unless `show`, what it printed. */
export function run(command, args, { cwd, env, show = false, user } = {}) {
  return new Promise((resolve, reject) => {
    const child = spawn(command, args, {
      cwd,
      env: { ...process.env, ...env },
      stdio: show ? ['ignore', 'inherit', 'inherit'] : ['ignore', 'pipe', 'pipe'],
      ...user,
    });
    let output = '';
    child.stdout?.on('data', (chunk) => (output += chunk));
    child.stderr?.on('data', (chunk) => (output += chunk));
    child.on('error', (error) =>
      error.code === 'ENOENT' ? resolve({ code: 127, output: `${command} is not there` }) : reject(error),
    );
    child.on('close', (code) => resolve({ code: code ?? 1, output }));
  });
}

/** A TCP port on loopback that nobody listens on just now: `preferred` where it is free. */
export function freePort(preferred = 0) {
  return new Promise((resolve, reject) => {
    const probe = createServer();
    probe.once('error', (error) =>
      preferred && error.code === 'EADDRINUSE' ? freePort().then(resolve, reject) : reject(error),
    );
    probe.listen(preferred, '127.0.0.1', () => {
      const { port } = probe.address();
      probe.close(() => resolve(port));
    });
  });
}

/** Run the main function of a command; a Told error is printed as its sentence, any other with its stack. */
export async function command(main) {
  try {
    process.exitCode = await main();
  } catch (error) {
    console.error(error instanceof Told ? error.message : error);
    process.exitCode = 1;
  }
}
