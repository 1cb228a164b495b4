import type { Bounds } from '../../solid/bounds';
import type { LaidDrawn } from '../kit/drawn/lay';

/** A guide strip is about so wide, mm. Common practice. */
const WIDE = 20;

/** A strip over the middle of its top, all along the bay, with so much play beneath it. */
export function boundsOfGuide({ start, room, drawers }: LaidDrawn, play: number): Bounds {
  const { box, place } = drawers[0]!;
  const middle = (box.x[0] + box.x[1]) / 2;
  return {
    x: [middle - WIDE / 2, middle + WIDE / 2],
    y: [start, start + room],
    z: [box.z[1] + play, place[1]],
  };
}
