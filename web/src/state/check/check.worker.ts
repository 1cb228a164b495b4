import { serve, type ToWorker } from '@tarnpass/core';

/** The page's end of the core's worker: messages in, answers out, a pause between slices of work. */
const breathing = new MessageChannel();
let resume: (() => void) | undefined;
breathing.port1.onmessage = () => resume?.();

const take = serve({
  post: (message) => self.postMessage(message),
  now: () => performance.now(),
  breathe: () =>
    new Promise((resolve) => {
      resume = resolve;
      breathing.port2.postMessage(0);
    }),
  rest: (ms) => new Promise((resolve) => setTimeout(resolve, ms)),
});
self.onmessage = ({ data }: MessageEvent<ToWorker>) => take(data);
