import { parentPort, Worker } from 'node:worker_threads';
import { setImmediate } from 'node:timers/promises';
import { serve } from '../src/workers/serve';
import type { WorkerPort } from '../src/workers/pool';
import type { ToWorker } from '../src/workers/protocol';

/**
 * Start the core in a worker of Node's: one end of the channel for a `WorkPool`.
 *
 * @param background  the process may end while it works
 */
export function spawnNodeWorker(background = false): WorkerPort {
  const worker = new Worker(new URL('./worker.boot.mjs', import.meta.url), { execArgv: [] });
  return {
    post: (message) => worker.postMessage(message),
    listen: (onMessage, onDeath) => {
      let dead = false;
      const die = (why: string) => {
        if (!dead) onDeath(why);
        dead = true;
      };
      worker.on('message', onMessage);
      worker.on('error', (error) => die(error.message));
      worker.on('exit', (code) => die(`The worker ended with ${code}.`));
      // Listening holds the process again, so it is let go of last.
      if (background) worker.unref();
    },
    end: () => void worker.terminate(),
  };
}

if (parentPort) {
  const port = parentPort;
  const take = serve({
    post: (message) => port.postMessage(message),
    now: () => performance.now(),
    breathe: () => setImmediate(),
  });
  port.on('message', (message: ToWorker) => take(message));
}
