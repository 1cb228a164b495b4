import type { ImportAnswer, ImportTask } from './import.worker';

type Result<Kind extends ImportTask['kind']> = Extract<ImportAnswer, { kind: Kind }>;

/** Longer than this no file is worked at, ms. */
const LONGEST = 30_000;

/** The person called it off. */
export class Stopped extends Error {}

export interface ImportOptions {
  readonly onProgress?: (share: number) => void;
  /** Calls it off. */
  readonly signal?: AbortSignal;
}

/**
 * Have a file read by a worker of its own, which ends with it: when it is read, when it takes too long, or when it is called off.
 * Rejects with a sentence where it cannot be read, and as `Stopped` where it was called off.
 */
export function importing<Task extends ImportTask>(
  task: Task,
  { onProgress = () => undefined, signal }: ImportOptions = {},
): Promise<Result<Task['kind']>> {
  const worker = new Worker(new URL('./import.worker.ts', import.meta.url), { type: 'module' });
  let timer: ReturnType<typeof setTimeout> | undefined;
  return new Promise<Result<Task['kind']>>((resolve, reject) => {
    timer = setTimeout(
      () =>
        reject(
          new Error(
            `This file is not read after ${LONGEST / 1000} seconds: it is damaged, or too fine. Export it coarser, or only the part that matters here.`,
          ),
        ),
      LONGEST,
    );
    signal?.addEventListener('abort', () => reject(new Stopped('Reading it was stopped.')));
    worker.onmessage = ({ data }: MessageEvent<ImportAnswer>) => {
      if (data.kind === 'progress') onProgress(data.share);
      else if (data.kind === 'failed') reject(new Error(data.message));
      else resolve(data as Result<Task['kind']>);
    };
    worker.onerror = () =>
      reject(new Error('The file could not be read here: it may be too large for this browser.'));
    worker.postMessage(task);
  }).finally(() => {
    clearTimeout(timer);
    worker.terminate();
  });
}
