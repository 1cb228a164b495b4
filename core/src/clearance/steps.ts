/** Work that can be stopped between steps, run to its end. */
export function finish<T>(steps: Generator<unknown, T>): T {
  for (;;) {
    const { done, value } = steps.next();
    if (done) return value as T;
  }
}
