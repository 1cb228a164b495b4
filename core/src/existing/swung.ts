import { wordChoice, type Field } from '../card/field';
import { facesOf, type TurningLeaf } from '../item/ground';
import { motionOf } from '../motion/motion';
import type { Range } from '../solid/bounds';
import type { Point3 } from '../solid/prism';
import { linkOfExisting } from '../piece/existing';
import type { ExistingKind, ExistingMade, ExistingPlace } from './kind';
import type { Casement, RoomDoor } from './schema';

type Swung = RoomDoor | Casement;

/** Between leaf and frame, and how far the pin stands proud, mm. Common practice, no single source. */
const GAP = 3;
const PIN = 6;
/** Left over at the free edge once the leaf's corner has passed it, mm. */
const SPARE = 0.5;
/** A lever's length and thickness, and how far from the leaf's free edge it begins, mm. Common practice. */
const LEVER = { long: 120, thick: 22, from: 50 };

const FIELDS: readonly Field<Swung>[] = [
  { group: 'Opening', label: 'Opens to its stop', path: ['stop'], input: 'degrees' },
  { group: 'Leaf', label: 'Hinged on the', path: ['hinge'], input: wordChoice(['hinge'], ['left', 'right']) },
  {
    group: 'Leaf',
    label: 'Swings',
    path: ['swings'],
    input: wordChoice(['swings'], ['into the room', 'away']),
  },
  {
    group: 'Leaf',
    label: 'It is',
    path: ['core'],
    input: {
      words: ['not known', 'solid', 'hollow'],
      word: (item) => ('core' in item && item.core) || 'not known',
      value: (word) => (word === 'not known' ? undefined : word),
    },
    when: ({ kind }) => kind === 'room door',
  },
  { group: 'Leaf', label: 'Thickness', path: ['thickness'], input: 'length' },
  { group: 'Leaf', label: 'Wall or frame, thick', path: ['wall'], input: 'length' },
  { group: 'Handle', label: 'Stands out', path: ['handle', 'projection'], input: 'length' },
  { group: 'Handle', label: 'From the foot', path: ['handle', 'height'], input: 'length' },
];

const kind = <Item extends Swung>(
  word: Item['kind'],
  z: number,
  usual: ExistingKind<Item>['usual'],
): ExistingKind<Item> => ({
  word,
  z,
  usual,
  fields: FIELDS as readonly Field<Item>[],
  make: makeSwung,
  mouth: ({ width, height, wall }) => ({ least: [0, 0, 0], greatest: [width.mm, wall.mm, height.mm] }),
  thick: ({ wall }) => wall.mm,
  deep: ({ wall }) => wall.mm,
  mirror: (item) => ({ ...item, hinge: item.hinge === 'left' ? 'right' : 'left' }),
  refuse: ({ handle, height, thickness, wall }) => [
    ...(handle.projection.mm > 0 && handle.height.mm + LEVER.thick > height.mm
      ? [{ path: ['handle', 'height'], message: 'The handle is higher up than the leaf.' }]
      : []),
    ...(thickness.mm > wall.mm
      ? [{ path: ['thickness'], message: 'The leaf is thicker than the wall or frame it stands in.' }]
      : []),
  ],
});

const mm = (value: number) => ({ mm: value });

export const ROOM_DOOR = kind<RoomDoor>('room door', 0, {
  kind: 'room door',
  width: mm(768),
  height: mm(1986),
  hinge: 'left',
  swings: 'into the room',
  thickness: mm(40),
  wall: mm(100),
  stop: 90,
  handle: { projection: mm(55), height: mm(1000) },
});

export const CASEMENT = kind<Casement>('casement window', 950, {
  kind: 'casement window',
  width: mm(600),
  height: mm(1000),
  hinge: 'left',
  swings: 'away',
  thickness: mm(55),
  wall: mm(110),
  stop: 80,
  handle: { projection: mm(40), height: mm(450) },
});

/** The leaf fills its opening but for a gap all round, flush with the face it swings out of. */
function makeSwung(item: Swung, { frame, words }: ExistingPlace): ExistingMade {
  const [w, h, t] = [item.width.mm, item.height.mm, item.thickness.mm];
  const into = item.swings === 'into the room';
  const [front, back] = into ? [0, t] : [item.wall.mm - t, item.wall.mm];
  const left = item.hinge === 'left';
  // A thick or narrow leaf is planed to a slant at its free edge so far that it passes: drawn as a wider gap.
  const arm = w - GAP - GAP / 2;
  const free = Math.max(GAP, Math.hypot(arm, t + PIN) - arm + GAP / 2 + SPARE);
  const pin: readonly [number, number] = [left ? GAP / 2 : w - GAP / 2, into ? front - PIN : back + PIN];
  const motion = motionOf({
    kind: 'turn',
    point: frame.toSpace([pin[0], pin[1], 0]),
    axis: [0, 0, left === into ? -1 : 1],
  });
  const { projection, height } = item.handle;
  const x0 = left ? w - GAP - LEVER.from - LEVER.long : GAP + LEVER.from;
  const lever = (y0: number, y1: number) =>
    frame.box([x0, y0, height.mm], [x0 + LEVER.long, y1, height.mm + LEVER.thick]);
  const out = projection.mm;
  const levers =
    out > 0
      ? [lever(front - out, front), ...(item.kind === 'room door' ? [lever(back, back + out)] : [])]
      : [];
  const [least, greatest]: readonly [Point3, Point3] = [
    [left ? GAP : free, front, GAP],
    [w - (left ? free : GAP), back, h - GAP],
  ];
  const leaf = frame.box(least, greatest);
  const link = linkOfExisting(item.id, item.id, `the ${words}`, [
    { id: 'leaf', role: 'leaf', words: `the ${words}`, solids: [leaf] },
    { id: 'handle', role: 'lever', words: `the handle of the ${words}`, solids: levers },
  ]);
  const core = 'core' in item ? item.core : undefined;
  const up: Range = [height.mm - least[2], height.mm + LEVER.thick - least[2]];
  const seen = (outside: boolean): TurningLeaf => {
    // From behind, left and right change places.
    const along = (x: number) => (outside ? x - least[0] : greatest[0] - x);
    const ends = [along(x0), along(x0 + LEVER.long)];
    const handle = {
      along: [Math.min(...ends), Math.max(...ends)] as const,
      up,
      out,
    };
    return {
      side: left === outside ? 'left' : 'right',
      axis: { along: along(pin[0]), out: outside ? front - pin[1] : pin[1] - back },
      towards: into === outside,
      thick: t,
      core,
      ...(out > 0 && (outside || item.kind === 'room door') && { handle }),
    };
  };
  return {
    moving: [{ link, motion }],
    still: [],
    unit: 'rad',
    to: (item.stop * Math.PI) / 180,
    grounds: facesOf(frame, least, greatest, `the ${words}`, link.key, {
      outside: seen(true),
      inside: seen(false),
    }),
  };
}
