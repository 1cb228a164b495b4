import { useCallback, useEffect, useRef, useState } from 'react';
import type { ImportTask } from '../../formats/import.worker';
import { importing, Stopped } from '../../formats/importing';

/** Reading one file at a time: what is under way, how far it is, how to stop it, and why it could not be read. */
export function useImport() {
  const [busy, setBusy] = useState<{ readonly name: string; readonly share: number }>();
  const [trouble, setTrouble] = useState<string>();
  const stopper = useRef<AbortController>(undefined);
  useEffect(() => () => stopper.current?.abort(), []);
  const stop = useCallback(() => stopper.current?.abort(), []);

  /** What a task comes to; undefined where it could not be read, or was stopped. Another call stops the one before. */
  const run = useCallback(async <Task extends ImportTask>(name: string, task: Task) => {
    stopper.current?.abort();
    const mine = new AbortController();
    stopper.current = mine;
    setTrouble(undefined);
    setBusy({ name, share: 0 });
    try {
      return await importing(task, {
        signal: mine.signal,
        onProgress: (share) => setBusy({ name, share }),
      });
    } catch (error) {
      if (stopper.current === mine) setTrouble((error as Error).message);
      else if (!(error instanceof Stopped)) throw error;
      return undefined;
    } finally {
      if (stopper.current === mine) setBusy(undefined);
    }
  }, []);
  return { busy, trouble, setTrouble, run, stop };
}
