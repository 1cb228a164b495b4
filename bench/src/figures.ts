/** The figures of a run, in the order they were measured, rounded for reading. */
export class Figures {
  readonly values: Record<string, number> = {};

  note(name: string, value: number): void {
    this.values[name] = Math.abs(value) >= 100 ? Math.round(value) : Number(value.toPrecision(3));
  }
}

export const median = (values: readonly number[]): number =>
  [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)]!;

/** Milliseconds that an act takes. */
export function timed(act: () => void): number {
  const start = performance.now();
  act();
  return performance.now() - start;
}
