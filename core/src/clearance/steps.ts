/** Work that can be stopped between steps, run to its end. */
export function finish<T>(steps: Generator<unknown, T>): T {
  for (;;) {
    const { done, value } = steps.next();
    if (done) return value as T;
  }
}

/** The same steps, each telling how far all has come. */
export function* withProgress<P, T>(steps: Generator<unknown, T>, progress: P): Generator<P, T> {
  for (;;) {
    const { done, value } = steps.next();
    if (done) return value as T;
    yield progress;
  }
}
