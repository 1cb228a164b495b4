import { withoutArticle } from '../../item/called';
import { trueShape, type TrueShape } from '../../survey/trueShape';
import { newPlan } from '../../plan/fresh';
import { summarise } from '../../readings/summary';
import type { Point2 } from '../../solid/prism';
import { wallsOf, withOutline } from '../../space/outline';
import type { Space } from '../../space/schema';
import { diceOf, type Dice } from '../dice';
import { readingOf, uuid } from './readingOf';
import { bell, slippedBy } from './slips';

/** What came of many rooms whose lengths between corners were read, half of them with a slip in one. */
export interface RoomTally {
  /** Rooms whose lengths fix them with one or more to spare. */
  readonly rooms: number;
  /** No shape, or one more than 100 mm off, though no length is wrong. */
  readonly lost: number;
  /** Corners farther off than three of the standard deviations they are told with; counted where they are told. */
  readonly beyond: number;
  readonly good: number;
  readonly falseAlarms: number;
  readonly slipped: number;
  readonly silent: number;
  /** Slips that were told, and how often the wrong length was named first, or first or second. */
  readonly told: number;
  readonly first: number;
  readonly second: number;
}

/** Shapes of rooms, in parts of their width and depth; the last is a dart, its inward corner the last. */
const SHAPES: readonly (readonly Point2[])[] = [
  [[0, 0], [1, 0], [1, 1], [0, 1]],
  [[0, 0], [1, 0], [1, 0.6], [0.55, 0.6], [0.55, 1], [0, 1]],
  [[0, 0], [1, 0], [1, 1], [0.7, 1], [0.7, 0.5], [0.3, 0.5], [0.3, 1], [0, 1]],
  [[0, 0], [1, 0], [1, 0.7], [0.8, 0.7], [0.65, 1], [0.35, 1], [0.2, 0.7], [0, 0.7]],
  [[0, 0], [1, 0.2], [0.9, 1], [0.55, 0.4]],
]; // prettier-ignore

/** A room as it stands, as it was drawn, and the lengths read in it. */
interface Room {
  readonly truth: readonly Point2[];
  readonly space: Space;
  readonly ties: readonly { readonly ends: readonly [number, number]; readonly mm: number }[];
  /** The tie that was misread. */
  readonly slipped: number | undefined;
}

function drawn(dice: Dice, sigma: number): Room {
  const shape = dice.one(SHAPES);
  const [wide, deep] = [dice.real(1500, 5000), dice.real(1500, 5000)];
  const square = shape.map(([u, v]): Point2 => [Math.round(u * wide), Math.round(v * deep)]);
  const truth = square.map(([x, y]): Point2 => [x + dice.real(-20, 20), y + dice.real(-20, 20)]);
  const n = truth.length;
  const pairs = [...Array(n).keys()].flatMap((i) =>
    [...Array(n).keys()].slice(i + 1).map((j) => [i, j] as const),
  );
  // All there are between few corners; between many, walls and some of the diagonals.
  const read = pairs.filter(
    ([i, j]) => j === i + 1 || (i === 0 && j === n - 1) || n < 6 || dice.chance(0.75),
  );
  const slipped = dice.chance(0.5) ? dice.below(read.length) : undefined;
  const ties = read.map((ends, k) => {
    const [p, q] = ends.map((end) => truth[end]!) as [Point2, Point2];
    const mm = Math.max(1, Math.round(Math.hypot(q[0] - p[0], q[1] - p[1]) + bell(dice, sigma)));
    return { ends, mm: k === slipped ? Math.max(1, mm + slippedBy(dice, mm)) : mm };
  });
  const corners = square.map(([x, y], i) => ({ id: `c${i + 1}`, x: { mm: x }, y: { mm: y } }));
  return { truth, space: withOutline(newPlan('A room').space, corners), ties, slipped };
}

function shapeOf({ space, ties }: Room): TrueShape {
  const ids = space.outline?.map(({ id }) => id) ?? ['south', 'east', 'north', 'west'];
  const readings = ties.map(({ ends: [i, j], mm }, k) =>
    readingOf(k, `space/${ids[i]}:${ids[j]}`, mm, uuid(99)),
  );
  const instruments = [{ id: uuid(99), name: 'Tape', kind: 'tape' as const, trusted: true }];
  return trueShape(
    { space },
    summarise({ instruments, readings }, () => 'mean'),
  );
}

/** The words by which a length may be called. */
function namesOf(space: Space, [i, j]: readonly [number, number]): string[] {
  const plain = ['south-west', 'south-east', 'north-east', 'north-west'];
  const walls = wallsOf(space);
  const wall = j === i + 1 ? walls[i] : i === 0 && j === walls.length - 1 ? walls[j] : undefined;
  return [
    `length from corner ${i + 1} to corner ${j + 1}`,
    ...(wall ? [withoutArticle(wall.name)] : [`diagonal from the ${plain[i]} corner`]),
  ];
}

/** The farthest that any distance between corners is off, mm. */
function farOff(truth: readonly Point2[], corners: readonly Point2[]): number {
  const gap = (of: readonly Point2[], i: number, j: number) =>
    Math.hypot(of[i]![0] - of[j]![0], of[i]![1] - of[j]![1]);
  return Math.max(
    ...truth.flatMap((_, i) => truth.map((__, j) => Math.abs(gap(truth, i, j) - gap(corners, i, j)))),
  );
}

/** So many rooms of five shapes, their lengths read with a tape of so much doubt. */
export function studyRooms(count: number, seed: number, sigma = 1): RoomTally {
  const tally = {
    rooms: 0, lost: 0, beyond: 0, good: 0, falseAlarms: 0, slipped: 0, silent: 0, told: 0, first: 0, second: 0,
  }; // prettier-ignore
  for (let i = 0; i < count; i += 1) {
    const room = drawn(diceOf(seed + i), sigma);
    if (room.ties.length < 2 * room.truth.length - 2) continue;
    const shape = shapeOf(room);
    if (shape.kind === 'wanting') continue;
    tally.rooms += 1;
    const off = shape.kind === 'found' ? farOff(room.truth, shape.corners) : Infinity;
    if (room.slipped === undefined) {
      tally.good += 1;
      if (!(off < 100)) tally.lost += 1;
      else if (shape.kind === 'found') {
        if (shape.suspects.length > 0) tally.falseAlarms += 1;
        if (shape.worst.sigma > 0 && off > 6 * shape.worst.sigma) tally.beyond += 1;
      }
      continue;
    }
    tally.slipped += 1;
    const names = namesOf(room.space, room.ties[room.slipped]!.ends);
    const suspects = 'suspects' in shape ? shape.suspects : [];
    const at = suspects.findIndex(({ words }) => names.includes(words));
    if (shape.kind === 'found' && suspects.length === 0) tally.silent += 1;
    else tally.told += 1;
    if (at === 0) tally.first += 1;
    if (at === 0 || at === 1) tally.second += 1;
  }
  return tally;
}
