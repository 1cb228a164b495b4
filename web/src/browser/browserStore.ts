/**
 * What this browser keeps for the page. A person may have turned its storage off, and it may be full: then reading finds nothing
 * and keeping says so; neither is an error of the page.
 */
const tried = <T>(act: () => T, otherwise: T): T => {
  try {
    return act();
  } catch {
    return otherwise;
  }
};

export const browserStore = {
  get: (key: string): string | null => tried(() => localStorage.getItem(key), null),
  /** Whether it is kept. */
  set: (key: string, text: string): boolean =>
    tried(() => {
      localStorage.setItem(key, text);
      return true;
    }, false),
  remove: (key: string): void => tried(() => localStorage.removeItem(key), undefined),
  /** How all keys go on that begin so. */
  after: (start: string): readonly string[] =>
    tried(
      () =>
        Object.keys(localStorage).flatMap((name) =>
          name.startsWith(start) ? [name.slice(start.length)] : [],
        ),
      [],
    ),
};
