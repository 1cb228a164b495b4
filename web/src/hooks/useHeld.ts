import { startTransition, useEffect, useRef, useState } from 'react';

/**
 * A value, drawn of when nothing more urgent is to be done, and held back while `waits` says so, though never longer than `most` ms:
 * what would be drawn now and again for an answer that is about to come is drawn once.
 *
 * @param waits  asked when the value changes; must be stable
 */
export function useHeld<T>(value: T, awaited: boolean, waits: () => boolean, most: number): T {
  const [shown, setShown] = useState(value);
  const since = useRef<number>(undefined);
  useEffect(() => {
    const show = () => {
      since.current = undefined;
      startTransition(() => setShown(value));
    };
    if (!awaited || !waits()) {
      show();
      return undefined;
    }
    since.current ??= performance.now();
    const timer = setTimeout(show, Math.max(0, since.current + most - performance.now()));
    return () => clearTimeout(timer);
  }, [value, awaited, waits, most]);
  return shown;
}
