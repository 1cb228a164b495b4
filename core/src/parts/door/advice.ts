import type { MoverCheck } from '../../clearance/checkMover';
import type { Proposal } from '../family';
import type { Door } from './schema';

/** A stop nearer shut than this makes no use of the door. */
const LEAST_USEFUL_DEG = 20;

/** Left between a rack and what it stood in, mm. */
const RUNNING = 2;
const LEAST_RACK = 20;

/** A rack that stands in something when the leaf is shut, made so shallow that it does not. */
function shallower({ rack }: Door, { encounters: [worst] }: MoverCheck): Proposal | undefined {
  if (!rack || !worst || worst.startDepth <= 0 || !worst.moving.endsWith('/rack')) return undefined;
  const mm = Math.floor(rack.depth.mm - worst.startDepth - RUNNING);
  if (mm < LEAST_RACK) return undefined;
  return {
    words: 'make what is on its back shallower',
    changes: [{ path: ['rack', 'depth'], before: rack.depth, after: { mm } }],
  };
}

/** A stop at the last whole degree that keeps every needed clearance. */
export function adviseDoor(door: Door, check: MoverCheck): Proposal | undefined {
  if (check.verdict === 'clear') return undefined;
  const rack = shallower(door, check);
  if (rack) return rack;
  const comfortable = Math.floor((check.comfortable * 180) / Math.PI);
  const usable = Math.floor((check.usable * 180) / Math.PI);
  // Where the needed gap is short all the way, a stop can still keep it from hitting.
  const stop = comfortable >= LEAST_USEFUL_DEG ? comfortable : check.verdict === 'hits' ? usable : 0;
  if (stop < LEAST_USEFUL_DEG || stop >= door.limit) return undefined;
  return { words: `stop it at ${stop}°`, changes: [{ path: ['limit'], before: door.limit, after: stop }] };
}
