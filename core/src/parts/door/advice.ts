import { frameOf } from '../../carcass/frame';
import type { MoverCheck } from '../../clearance/checkMover';
import { lengthMark } from '../../length/lengthMark';
import { segmentInside } from '../../solid/segmentInside';
import type { Issue } from '../../item/issue';
import type { Body } from '../../scene/scene';
import type { PartPlace, Proposal } from '../family';
import { leafOf } from './leaf';
import type { Door } from './schema';

/** An inset gap wider than this leaves a slot one sees through. CP, no single source. */
const WIDEST_GAP = 20;
/** A stop nearer shut than this makes no use of the door. */
const LEAST_USEFUL_DEG = 20;

const EDGES = { hinge: 'hinge edge', free: 'free edge', top: 'top', bottom: 'foot' } as const;

/** What cannot be built, with the number that would do. */
export function refuseDoor(door: Door, place: PartPlace, still: readonly Body[]): Issue[] {
  const covered = coverIssues(door);
  return covered.length > 0 ? covered : [...leafIssues(door, place), ...pinIssues(door, place, still)];
}

function coverIssues({ fit }: Door): Issue[] {
  const issues: Issue[] = [];
  for (const edge of ['hinge', 'free', 'top', 'bottom'] as const) {
    const { mm } = fit[edge];
    const say = (message: string) => issues.push({ path: ['fit', edge], message });
    if (fit.kind === 'overlay' && mm <= 0) {
      say(
        `The leaf cannot cover its opening: at the ${EDGES[edge]} it ends ${lengthMark(-mm)} short of lying over it. ` +
          'An overlay must be more than 0.',
      );
    } else if (fit.kind === 'inset' && mm < 0) {
      say(
        `The leaf is ${lengthMark(-mm)} larger than its opening at the ${EDGES[edge]}. A gap must be 0 or more.`,
      );
    } else if (fit.kind === 'inset' && mm > WIDEST_GAP) {
      say(
        `The leaf cannot cover its opening: a gap of ${lengthMark(mm)} at the ${EDGES[edge]} stays open. ` +
          `At most ${lengthMark(WIDEST_GAP, 'most')} will do.`,
      );
    }
  }
  return issues;
}

function leafIssues(door: Door, { carcass }: PartPlace): Issue[] {
  const { x, z } = leafOf(door, carcass);
  const width = x[1] - x[0];
  const height = z[1] - z[0];
  if (width <= 0)
    return [{ path: ['fit', 'free'], message: 'The gaps leave no leaf: they are as wide as the opening.' }];
  if (height <= 0)
    return [{ path: ['fit', 'top'], message: 'The gaps leave no leaf: they are as high as the opening.' }];
  const { handle } = door;
  if (!handle) return [];
  const across = handle.fromFree.mm + handle.width.mm;
  const up = handle.fromBottom.mm + handle.height.mm;
  if (across > width) {
    const most = lengthMark(Math.max(0, width - handle.width.mm), 'most');
    return [
      {
        path: ['handle', 'fromFree'],
        message: `The handle would stand off the leaf. At most ${most} will do.`,
      },
    ];
  }
  if (up > height) {
    const most = lengthMark(Math.max(0, height - handle.height.mm), 'most');
    return [
      {
        path: ['handle', 'fromBottom'],
        message: `The handle would stand off the leaf. At most ${most} will do.`,
      },
    ];
  }
  return [];
}

function pinIssues(door: Door, { carcass }: PartPlace, still: readonly Body[]): Issue[] {
  const { fit, hinge, thickness } = door;
  const room = fit.kind === 'inset' ? thickness.mm : carcass.sheet.mm;
  if (hinge.knuckle === 'let in' && hinge.pin.mm > room) {
    return [
      {
        path: ['hinge', 'pin'],
        message: `The pin cannot be let in deeper than ${lengthMark(room, 'most')} of wood.`,
      },
    ];
  }
  const { pin, z } = leafOf(door, carcass);
  const frame = frameOf(carcass);
  const foot = frame.toSpace([pin[0], pin[1], z[0]]);
  const head = frame.toSpace([pin[0], pin[1], z[1]]);
  const solid = still
    .filter((body) => body.item !== carcass.id && !body.zone)
    .find((body) => body.pieces.some((piece) => segmentInside(piece, foot, head) > 0));
  if (!solid) return [];
  return [
    {
      path: ['hinge', 'pin'],
      message: `The hinge pin would stand inside ${solid.name}. Move the carcass, or change the pin.`,
    },
  ];
}

/** A stop at the last whole degree that keeps every needed clearance. */
export function adviseDoor(door: Door, check: MoverCheck): Proposal | undefined {
  if (check.verdict === 'clear') return undefined;
  const comfortable = Math.floor((check.comfortable * 180) / Math.PI);
  const usable = Math.floor((check.usable * 180) / Math.PI);
  // Where the needed gap is short all the way, a stop can still keep it from hitting.
  const stop = comfortable >= LEAST_USEFUL_DEG ? comfortable : check.verdict === 'hits' ? usable : 0;
  if (stop < LEAST_USEFUL_DEG || stop >= door.limit) return undefined;
  return { words: `stop it at ${stop}°`, changes: [{ path: ['limit'], before: door.limit, after: stop }] };
}
