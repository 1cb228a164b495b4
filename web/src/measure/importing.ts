import type { ImportAnswer, ImportTask } from './import.worker';

type Result<Kind extends ImportTask['kind']> = Extract<ImportAnswer, { kind: Kind }>;

/** Have a file read by a worker of its own, which ends with it. Rejects with a sentence where it cannot be read. */
export function importing<Task extends ImportTask>(
  task: Task,
  onProgress: (share: number) => void = () => undefined,
): Promise<Result<Task['kind']>> {
  const worker = new Worker(new URL('./import.worker.ts', import.meta.url), { type: 'module' });
  return new Promise<Result<Task['kind']>>((resolve, reject) => {
    worker.onmessage = ({ data }: MessageEvent<ImportAnswer>) => {
      if (data.kind === 'progress') onProgress(data.share);
      else if (data.kind === 'failed') reject(new Error(data.message));
      else resolve(data as Result<Task['kind']>);
    };
    worker.onerror = () =>
      reject(new Error('The file could not be read here: it may be too large for this browser.'));
    worker.postMessage(task);
  }).finally(() => worker.terminate());
}
