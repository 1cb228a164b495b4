import type { CheckReply, CheckRequest } from './messages';

/**
 * Asks the worker one plan at a time. While it works only the newest plan waits: what came between is never checked.
 * A worker that dies is started again and the plan it died on is tried once more, then reported.
 */
export class CheckChannel {
  private worker: Worker | undefined;
  private asked: CheckRequest | undefined;
  private waiting: CheckRequest | undefined;
  private retried = false;

  constructor(private readonly onReply: (reply: CheckReply) => void) {}

  ask(request: CheckRequest): void {
    if (this.asked) this.waiting = request;
    else this.send(request, false);
  }

  close(): void {
    this.worker?.terminate();
    this.worker = undefined;
    this.waiting = undefined;
  }

  private send(request: CheckRequest, again: boolean): void {
    this.asked = request;
    this.retried = again;
    this.worker ??= this.start();
    this.worker.postMessage(request);
  }

  private start(): Worker {
    const worker = new Worker(new URL('./check.worker.ts', import.meta.url), { type: 'module' });
    worker.onmessage = ({ data }: MessageEvent<CheckReply>) => this.answered(data);
    worker.onerror = (event) => {
      event.preventDefault();
      worker.terminate();
      this.worker = undefined;
      const { asked } = this;
      if (!asked) return;
      if (this.retried)
        this.answered({
          version: asked.version,
          ok: false,
          message: event.message || 'The checker stopped.',
        });
      else this.send(this.waiting ?? asked, true);
    };
    return worker;
  }

  private answered(reply: CheckReply): void {
    this.asked = undefined;
    this.onReply(reply);
    const { waiting } = this;
    this.waiting = undefined;
    if (waiting && waiting.version !== reply.version) this.send(waiting, false);
  }
}
