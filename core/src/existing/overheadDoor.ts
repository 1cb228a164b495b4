import { lengthMark } from '../length/lengthMark';
import { trainMotions } from '../motion/train';
import type { PlacedTrack } from '../motion/track';
import { linkOfExisting } from '../piece/existing';
import { hull } from '../solid/hull';
import type { Convex } from '../solid/convex';
import type { Point3 } from '../solid/prism';
import type { ExistingKind, ExistingPlace } from './kind';
import type { OverheadDoor } from './schema';

/** From the wall's inner face to the panel's outer one, and from the panel's inner face to the line of its rollers, mm. Common practice. */
const OFF_WALL = 15;
const ROLLER = 35;
/** The rails: how far beside the panel, how wide, and how deep about the rollers' line, mm. Common practice. */
const RAIL = { off: 6, wide: 40, deep: 30 };
/** A section longer than so many radii binds in the bend: it would stand steeper than its rollers run. Common practice. */
const SPAN = 2;
/** Straight pieces that a bend of the rail is drawn in; they cover it. */
const BEND = 8;

/** Along the track from its foot: where it bends, and how it lies in the door's frame. */
interface Lie {
  /** y of the upright track's line, and z of the level track's; the room is at smaller y. */
  readonly line: number;
  readonly bend: number;
  readonly level: number;
  readonly radius: number;
  readonly back: number;
}

function lieOf({ height, headroom, radius, thickness }: OverheadDoor): Lie {
  const level = height.mm + headroom.mm;
  return {
    line: -(OFF_WALL + thickness.mm + ROLLER),
    bend: level - radius.mm,
    level,
    radius: radius.mm,
    // Room for all of it, and for the way round the bend that a chord is shorter than.
    back: height.mm + 2 * radius.mm,
  };
}

/** Where the rollers of the door run, in its own frame: (y, z) of the line's foot, and its stretches. Left is into the room. */
export function trackOf(item: OverheadDoor, { frame }: Pick<ExistingPlace, 'frame'>): PlacedTrack {
  const { line, bend, radius, back } = lieOf(item);
  const section = item.height.mm / item.sections;
  return {
    start: frame.toSpace([0, line, 0]),
    along: [0, 0, 1],
    // Left of up is into the room where the axis points to the frame's right.
    axis: frame.turn([1, 0, 0]),
    stretches: [
      { kind: 'line', length: bend },
      { kind: 'arc', radius, angle: Math.PI / 2 },
      { kind: 'line', length: back },
    ],
    front: item.height.mm,
    spacing: section,
  };
}

export const OVERHEAD_DOOR: ExistingKind<OverheadDoor> = {
  word: 'overhead door',
  z: 0,
  usual: {
    kind: 'overhead door',
    width: { mm: 2400 },
    height: { mm: 2100 },
    sections: 4,
    thickness: { mm: 42 },
    radius: { mm: 305 },
    headroom: { mm: 340 },
    wall: { mm: 120 },
  },
  fields: [
    { group: 'Track', label: 'Bend radius', path: ['radius'], input: 'length' },
    { group: 'Track', label: 'Level track over the opening', path: ['headroom'], input: 'length' },
    { group: 'Leaf', label: 'Sections', path: ['sections'], input: 'count' },
    { group: 'Leaf', label: 'Thickness', path: ['thickness'], input: 'length' },
    { group: 'Leaf', label: 'Wall or frame, thick', path: ['wall'], input: 'length' },
  ],
  make: (item, place) => {
    const { frame, words } = place;
    const section = item.height.mm / item.sections;
    const { motions, to } = trainMotions(trackOf(item, place), item.sections, item.height.mm);
    const moving = motions.map((motion, i) => {
      // The foremost section is the topmost.
      const foot = item.height.mm - (i + 1) * section;
      const solid = frame.box(
        [2, -OFF_WALL - item.thickness.mm, foot + 1],
        [item.width.mm - 2, -OFF_WALL, foot + section - 1],
      );
      const id = `section-${item.sections - i}`;
      const said =
        i === 0 ? `the top section of the ${words}` : `section ${item.sections - i} of the ${words}`;
      const link = linkOfExisting(`${item.id}/${id}`, item.id, said, [
        { id: '', role: 'section', words: said, solids: [solid] },
      ]);
      return { link, motion };
    });
    const rails = `the track of the ${words}`;
    const track = linkOfExisting(`${item.id}/track`, item.id, rails, [
      { id: '', role: 'track', words: rails, solids: railSolids(item, place) },
    ]);
    return { moving, still: [track], unit: 'mm', to, joined: true };
  },
  mouth: ({ width, height, wall }) => ({ least: [0, 0, 0], greatest: [width.mm, wall.mm, height.mm] }),
  thick: ({ wall }) => wall.mm,
  deep: ({ wall }) => wall.mm,
  mirror: (item) => item,
  refuse: ({ radius, headroom, height, sections }) => [
    ...(headroom.mm < radius.mm
      ? [
          {
            path: ['headroom'],
            message:
              `The track cannot bend within its headroom: a radius of ${lengthMark(radius.mm)} needs ` +
              `${lengthMark(radius.mm, 'least')} over the opening.`,
          },
        ]
      : []),
    ...(height.mm / sections > SPAN * radius.mm
      ? [
          {
            path: ['sections'],
            message:
              `Sections ${lengthMark(height.mm / sections)} high jam in a bend of ${lengthMark(radius.mm)}: ` +
              'more sections or a larger radius are needed.',
          },
        ]
      : []),
  ],
};

/** Both rails beside the door: upright, bent and level. */
function railSolids(item: OverheadDoor, { frame }: ExistingPlace): Convex[] {
  const { line, bend, level, radius, back } = lieOf(item);
  const half = RAIL.deep / 2;
  const sides = [
    [-RAIL.off - RAIL.wide, -RAIL.off],
    [item.width.mm + RAIL.off, item.width.mm + RAIL.off + RAIL.wide],
  ] as const;
  return sides.flatMap(([x0, x1]): Convex[] => {
    const along = (corners: readonly (readonly [number, number])[]) =>
      hull(corners.flatMap(([y, z]) => [x0, x1].map((x): Point3 => frame.toSpace([x, y, z]))));
    const arc = (angle: number, r: number) =>
      [line - radius + r * Math.cos(angle), bend + r * Math.sin(angle)] as const;
    // Chords of the outer edge are drawn outside it, so that the pieces cover the rail.
    const outer = (radius + half) / Math.cos(Math.PI / 4 / BEND);
    const bends = Array.from({ length: BEND }, (_, i) => {
      const [a, b] = [i, i + 1].map((k) => (k * Math.PI) / 2 / BEND) as [number, number];
      return along([arc(a, radius - half), arc(b, radius - half), arc(a, outer), arc(b, outer)]);
    });
    return [
      along([
        [line - half, 0],
        [line + half, 0],
        [line - half, bend],
        [line + half, bend],
      ]),
      ...bends,
      along([
        [line - radius, level - half],
        [line - radius, level + half],
        [line - radius - back, level - half],
        [line - radius - back, level + half],
      ]),
    ];
  });
}
