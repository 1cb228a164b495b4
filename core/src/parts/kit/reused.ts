import * as v from 'valibot';
import type { Issue } from '../../item/issue';
import { lengthBetween, positiveLength } from '../../length/length';
import { lengthMark } from '../../length/lengthMark';
import type { WorkIn } from '../../piece/board';
import type { Bounds, Range } from '../../solid/bounds';
import { refuse } from './issues';

/** A hole an old piece has: its middle from the left edge and from the foot, as it was and seen from the front. */
const HoleSchema = v.strictObject({
  x: lengthBetween(0),
  z: lengthBetween(0),
  wide: positiveLength(300),
  deep: positiveLength(300),
});

export const OLD_HOLES = ['kept', 'plugged', 'cleared'] as const;

/**
 * An old door, top or box that is used again as it is: its size as measured, its holes and lock, how it is turned, and
 * what becomes of the holes: kept for the new hardware, plugged, or left and cleared by whatever is bored now.
 */
export const ReusedBoardSchema = v.strictObject({
  width: positiveLength(),
  height: positiveLength(),
  thickness: lengthBetween(3, 1000),
  holes: v.pipe(v.array(HoleSchema), v.maxLength(40, 'At most 40 holes.')),
  lock: v.nullable(HoleSchema),
  turned: v.picklist(
    ['as it was', 'left for right', 'upside down'],
    'It stays as it was, is turned left for right, or upside down.',
  ),
  becomes: v.picklist(OLD_HOLES, 'Old holes are kept, plugged or cleared.'),
});
export type ReusedBoard = v.InferOutput<typeof ReusedBoardSchema>;

/** A hole where it comes to be, mm from the left edge and the foot of the piece as it is turned. */
export interface LeftHole {
  readonly path: Issue['path'];
  readonly words: string;
  readonly x: number;
  readonly z: number;
  readonly wide: number;
  readonly deep: number;
}

/** Every hole of an old piece, its lock last, where its turning brings it. */
export function holesOf(old: ReusedBoard): LeftHole[] {
  const { width, height, turned, holes, lock } = old;
  const placed = (hole: ReusedBoard['holes'][number], path: Issue['path'], words: string): LeftHole => ({
    path,
    words,
    x: turned === 'as it was' ? hole.x.mm : width.mm - hole.x.mm,
    z: turned === 'upside down' ? height.mm - hole.z.mm : hole.z.mm,
    wide: hole.wide.mm,
    deep: hole.deep.mm,
  });
  return [
    ...holes.map((hole, i) => placed(hole, ['holes', i, 'z'], `old hole ${i + 1}`)),
    ...(lock ? [placed(lock, ['lock', 'z'], 'the old lock')] : []),
  ];
}

/** Wood wanted between a new boring and an old hole that was not plugged, mm. Common practice, no single source. */
export const WOOD_BETWEEN = 10;

/** A new boring: a round one of this width about (x, z), or a mortise this high along an edge. */
export interface Boring {
  readonly words: string;
  readonly x: number;
  readonly z: number;
  readonly wide: number;
  readonly high: number;
}

/** Where a new boring comes too near an old hole that stays as it is: the hole, and how far the boring must go up or down. */
export function holeClashes(
  old: ReusedBoard,
  borings: readonly Boring[],
): { hole: LeftHole; boring: Boring; by: number }[] {
  if (old.becomes !== 'cleared') return [];
  return holesOf(old).flatMap((hole) =>
    borings.flatMap((boring) => {
      const across = Math.abs(hole.x - boring.x) - (hole.wide + boring.wide) / 2;
      const up = Math.abs(hole.z - boring.z) - (hole.wide + boring.high) / 2;
      const apart = across <= 0 ? up : Math.hypot(across, Math.max(0, up));
      return apart < WOOD_BETWEEN ? [{ hole, boring, by: WOOD_BETWEEN - up }] : [];
    }),
  );
}

/** What is wrong with the numbers of an old piece themselves. Paths start at it. */
export function reusedIssues(old: ReusedBoard): Issue[] {
  return holesOf(old).flatMap(({ path, words, x, z, wide, deep }) => {
    const half = wide / 2;
    const outside = x < half || x > old.width.mm - half || z < half || z > old.height.mm - half;
    if (outside)
      return refuse(
        path,
        `The hole of ${words} runs off the piece: its middle must be at least ${lengthMark(half, 'least')} from each edge.`,
      );
    if (deep > old.thickness.mm)
      return refuse(
        path,
        `The hole of ${words} is deeper than the piece is thick. At most ${lengthMark(old.thickness.mm, 'most')} will do.`,
      );
    return [];
  });
}

/**
 * The old holes that stay open, as works of the piece.
 *
 * @param put   where a place of the piece is in its frame, given from its left edge and its foot
 * @param deepFrom  from where to where a hole goes that is so deep, mm
 */
export function holesLeft(
  old: ReusedBoard,
  put: (x: number, z: number) => Partial<Readonly<Record<keyof Bounds, number>>>,
  deepFrom: (deep: number) => Range,
  side: 'face' | 'back',
): WorkIn[] {
  if (old.becomes === 'plugged') return [];
  return holesOf(old).map(({ path, x, z, wide, deep }): WorkIn => {
    const at = put(x, z);
    const about = (middle: number | undefined): Range =>
      middle === undefined ? deepFrom(deep) : [middle - wide / 2, middle + wide / 2];
    return {
      key: `old-${path[0] === 'lock' ? 'lock' : Number(path[1]) + 1}`,
      kind: 'hole',
      side,
      round: true,
      at: { x: about(at.x), y: about(at.y), z: about(at.z) },
      words: 'an old hole',
    };
  });
}
