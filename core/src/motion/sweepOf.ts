import { ChainSweep } from './chainSweep';
import type { Motion } from './motion';
import { SlideSweep } from './slideSweep';
import type { Sweep } from './sweep';
import { TurnSweep } from './turnSweep';

/** The sweep of a piece's corners, as built, along a motion. */
export function sweepOf(motion: Motion, corners: Float64Array): Sweep {
  const stages = motion.knots.length === 0 ? motion.stagesAt(0) : undefined;
  if (stages?.every(({ drive }) => drive.even)) {
    if (stages.every(({ joint }) => joint.kind === 'slide')) return new SlideSweep(stages, corners);
    const [only] = stages;
    if (stages.length === 1 && only!.joint.kind === 'turn')
      return new TurnSweep(only!.joint, only!.drive, corners);
  }
  return new ChainSweep(motion, corners);
}
