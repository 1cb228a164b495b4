import type { Carcass } from '../carcass/schema';
import { frameOf } from '../item/frame';
import type { Plan } from '../plan/schema';
import type { Range } from '../solid/bounds';
import type { Point3 } from '../solid/prism';
import type { ShapeOf, Thing } from '../things/schema';

type Framed = Thing & { readonly shape: ShapeOf<'framing'> };

/** What is behind a carcass's back, or above it, that may hold its fixings. */
export interface Behind {
  readonly thing: Thing;
  /** What a fixing there holds, N. */
  readonly holds: number;
  /** How many timbers lie behind it; undefined of what is alike all over. */
  readonly timbers: number | undefined;
}

/** A fixing wants so much board beside it, mm. Common practice. */
const FROM_END = 30;
/** What is behind a face begins within so much of it, mm: its lining. */
const LINING = 40;

const isFramed = (thing: Thing): thing is Framed =>
  thing.shape?.kind === 'framing' && thing.state !== 'to be removed';

/** What holds fixings at the height of a carcass's head behind its back, or over it where it hangs from the ceiling. */
export function behindOf(plan: Plan, carcass: Carcass): Behind[] {
  const frame = frameOf(carcass);
  const [width, depth, height] = [carcass.width.mm, carcass.depth.mm, carcass.height.mm];
  const hung = carcass.stands.on === 'the ceiling';
  // Where its fixings go: along its back, or over its top.
  return behindLine(plan, [
    frame.toSpace([FROM_END, hung ? 0 : depth, height]),
    frame.toSpace([width - FROM_END, depth, height]),
  ]);
}

/** What holds fixings anywhere in the box between two places of the space: along a rail, or all over a top. */
export function behindLine({ things }: Plan, [a, b]: readonly [Point3, Point3]): Behind[] {
  const run = (axis: 0 | 1 | 2): Range => [Math.min(a[axis], b[axis]), Math.max(a[axis], b[axis])];
  const [xs, ys, zs] = [run(0), run(1), run(2)];
  return things.filter(isFramed).flatMap((thing): Behind[] => {
    const { x, y, z, width: wide, depth: deep, height: high, shape } = thing;
    const near = (from: number, size: number, [least, most]: Range) =>
      from <= most + LINING && from + size >= least - LINING;
    if (!near(x.mm, wide.mm, xs) || !near(y.mm, deep.mm, ys) || !near(z.mm, high.mm, zs)) return [];
    if (shape.spacing.mm === 0) return [{ thing, holds: shape.holds, timbers: undefined }];
    // Timbers follow each other along the longer way of their box.
    const along = wide.mm >= deep.mm ? ([x.mm, wide.mm, xs] as const) : ([y.mm, deep.mm, ys] as const);
    const [from, long, [least, most]] = along;
    let timbers = 0;
    for (let at = shape.first.mm; at <= long; at += shape.spacing.mm)
      if (from + at >= least && from + at <= most) timbers += 1;
    return [{ thing, holds: shape.holds, timbers }];
  });
}
