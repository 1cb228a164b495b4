import type { FromWorker, WorkerPort } from '@tarnpass/core';

/** Start the core in a worker of the page. */
export function spawnWorker(): WorkerPort {
  const worker = new Worker(new URL('./check.worker.ts', import.meta.url), { type: 'module' });
  return {
    post: (message) => worker.postMessage(message),
    listen: (onMessage, onDeath) => {
      worker.onmessage = ({ data }: MessageEvent<FromWorker>) => onMessage(data);
      worker.onerror = (event) => {
        event.preventDefault();
        worker.terminate();
        onDeath(event.message || 'The checker stopped.');
      };
    },
    end: () => worker.terminate(),
  };
}
