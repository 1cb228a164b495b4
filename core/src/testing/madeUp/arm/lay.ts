import { frameOf, type Frame } from '../../../item/frame';
import type { GroundPlace } from '../../../parts/contract/family';
import type { Bounds } from '../../../solid/bounds';
import type { Arm } from './schema';

/** An arm in the frame of its ground: its board, along that from its left end, and standing out of it by its thickness. */
export interface LaidArm {
  readonly arm: Arm;
  readonly place: GroundPlace;
  readonly frame: Frame;
  readonly board: Bounds;
}

export function layArm(arm: Arm, place: GroundPlace): LaidArm {
  const { long, high } = arm;
  const thick = place.stock.thickness(arm.material);
  // Under a ceiling there is no up.
  const foot = arm.mount.on === 'ceiling' ? -high.mm : 0;
  return {
    arm,
    place,
    frame: frameOf(place.at),
    board: { x: [0, long.mm], y: [-thick, 0], z: [foot, foot + high.mm] },
  };
}
