import type { Bounds } from '../solid/bounds';
import type { Solid } from '../solid/halfSpace';
import type { Frame } from '../item/frame';

/** What solids take up in a frame, mm; undefined where one of them has no end. */
export function boundsIn(
  frame: Frame,
  { pieces }: { readonly pieces: readonly Solid[] },
): Bounds | undefined {
  const origin = frame.toSpace([0, 0, 0]);
  const axes = (
    [
      [1, 0, 0],
      [0, 1, 0],
      [0, 0, 1],
    ] as const
  ).map(frame.turn);
  const found = axes.map((): [number, number] => [Infinity, -Infinity]);
  for (const solid of pieces) {
    if (solid.kind !== 'convex') return undefined;
    const { corners } = solid;
    for (let i = 0; i < corners.length; i += 3)
      axes.forEach((axis, k) => {
        const at = axis.reduce((sum, one, j) => sum + one * (corners[i + j]! - origin[j]!), 0);
        found[k] = [Math.min(found[k]![0], at), Math.max(found[k]![1], at)];
      });
  }
  return { x: found[0]!, y: found[1]!, z: found[2]! };
}
