import type { Point3 } from '../../solid/prism';

/** What a part is fixed with to a wall, and what that must hold. */
export interface FixedTo {
  readonly fixing: { readonly hardware: string; readonly count: number };
  /** Its fixings go along this line, in the space. */
  readonly line: readonly [Point3, Point3];
  /** "With 120 kg on its far edge its cleat": what pulls, N, and what bears down, N. */
  readonly what: string;
  readonly pull: number;
  readonly down: number;
  /** Somebody sits or stands on it: what holds in a lining alone does not do. */
  readonly person: boolean;
}
