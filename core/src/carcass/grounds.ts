import { called } from '../item/called';
import { frameOf } from '../item/frame';
import { edgesOf, type Ground } from '../item/ground';
import type { Layout } from './layout';
import type { Carcass } from './schema';

/** The edges of its own top; none of one that has none. */
export function carcassGrounds(carcass: Carcass, { shell }: Layout): Ground[] {
  if (carcass.top === 'none' || shell.topThick === 0) return [];
  const [wide, deep, high] = [carcass.width.mm, carcass.depth.mm, carcass.height.mm];
  return edgesOf(
    frameOf(carcass),
    [0, 0, high - shell.topThick],
    [wide, deep, high],
    `the top of the ${called(carcass.name)}`,
  );
}
