import type { Request, Response } from 'express';

/** Between two signs of life, ms: what stands between server and page closes a silent connection sooner or later. */
const BEAT = 15_000;

/** A stream of server-sent events: send them, and hear when the page has gone. */
export interface EventStream {
  send(type: string, id: number, value: unknown): void;
  onClose(act: () => void): void;
}

/** Begin one as the answer to a request. */
export function eventStream(request: Request, response: Response): EventStream {
  response.status(200).set({
    'Content-Type': 'text/event-stream',
    'Cache-Control': 'no-cache, no-transform',
    Connection: 'keep-alive',
  });
  response.flushHeaders();
  // A page that was cut off comes back after this many ms.
  response.write('retry: 1000\n\n');
  const beat = setInterval(() => response.write(': here\n\n'), BEAT);
  const ends: (() => void)[] = [() => clearInterval(beat)];
  request.on('close', () => ends.forEach((end) => end()));
  return {
    send: (type, id, value) => {
      response.write(`event: ${type}\nid: ${id}\ndata: ${JSON.stringify(value)}\n\n`);
    },
    onClose: (act) => ends.push(act),
  };
}

/** The number of the last event a page has, from the browser's header or the address; undefined at first. */
export function lastSeen(request: Request): number | undefined {
  const asked = request.get('Last-Event-ID') ?? request.query['after'];
  if (typeof asked !== 'string' || !/^\d{1,15}$/.test(asked)) return undefined;
  return Number(asked);
}
