import { besideBay, isOn } from '../../../carcass/beside';
import type { GroundWork } from '../../../carcass/build';
import type { Opening } from '../../../carcass/layout';
import { board, type Board, type WorkIn } from '../../../piece/board';
import { sideTowards, type Way } from '../../../piece/lie';
import type { Piece } from '../../../piece/piece';
import { plain } from '../../../piece/plain';
import type { Edge } from '../../../piece/work';
import { span, type Bounds, type Range } from '../../../solid/bounds';
import type { Frame } from '../../../item/frame';
import type { PartPlace } from '../../contract/family';
import type { Slide } from './runs';
import type { Runs } from './schema';

/** What carries one box: halves that stay in the case, with what packs them out, and halves that move with the box. */
export interface RunPieces {
  readonly moving: readonly Piece[];
  readonly still: readonly Piece[];
  /** Where its slides are on the box, by side. */
  readonly onBox: Readonly<Partial<Record<'left' | 'right', readonly WorkIn[]>>>;
  /** What they want worked into the back of the box, side by side. */
  readonly onBack: readonly WorkIn[];
  readonly onGround: readonly GroundWork[];
}

/** One box, shut, and what it runs between. */
export interface Carried {
  readonly runs: Runs;
  readonly place: PartPlace;
  /** Its carcass's. */
  readonly frame: Frame;
  readonly opening: Opening;
  /** The slide with its length, where boxes begin, how deep the bay is clear behind that, and how thick the box's sides are. */
  readonly slide: Slide | undefined;
  readonly length: number | undefined;
  readonly start: number;
  readonly room: number;
  readonly side: number;
  readonly box: Bounds;
  /** From the foot of its place to the head. */
  readonly height: Range;
  readonly packing: { readonly left: number; readonly right: number };
  /** What packing is cut from. */
  readonly material: string;
  /** Keys of what moves and what stays, the plan item, how a list begins and how a sentence ends: "the top drawer". */
  readonly moving: string;
  readonly still: string;
  readonly item: string;
  readonly name: string;
  readonly said: string;
  /** The boards of the box that slides are fixed to, by their keys. */
  readonly holds: { readonly left?: string; readonly right?: string };
}

/** Left between the halves of a slide as drawn, mm: they never touch. */
const BETWEEN = 0.25;
/** Packing thinner than this is a shim, and not drawn; thinner than that it is card or veneer, and not cut. */
const SHIM = 0.3;
const LEAST_PACKING = 1.5;
/** A kicker strip is about so high, mm. Common practice. */
const KICKER = 20;
const SIDES = ['left', 'right'] as const;

/** On edge along the depth, its face to the box. */
const EDGEWISE: Readonly<Record<'left' | 'right', Way>> = { left: ['-y', 'z'], right: ['y', 'z'] };
/** Flat along the depth, its face up. */
const FLAT: Way = ['y', 'x'];

/** Slides or runners of one box. */
export function runPieces(one: Carried): RunPieces {
  const { runs, slide, length } = one;
  if (runs.kind === 'wooden runners') return onRunners(one, runs);
  if (!slide || length === undefined) return { moving: [], still: [], onBox: {}, onBack: [], onGround: [] };
  return slide.kind === 'under slide' ? underBox(one, slide, length) : besideBox(one, slide, length);
}

/** From a side of the box outward, or inward where it is less than 0. */
const out = ({ box }: Carried, which: 'left' | 'right', [from, to]: Range): Range =>
  which === 'left' ? [box.x[0] - to, box.x[0] - from] : [box.x[1] + from, box.x[1] + to];

function onRunners(one: Carried, runs: Extract<Runs, { kind: 'wooden runners' }>): RunPieces {
  const { box, height, start, room, place } = one;
  const y: Range = [start, start + room];
  const play = runs.play.mm;
  const { kicker } = runs;
  const strip = (role: 'runner' | 'kicker', words: string, z: Range): Piece[] =>
    SIDES.map((which) =>
      board(one.frame, {
        ...named(one, role === 'runner' ? 'runs' : 'kicker', `${role}-${which}`, words),
        role,
        name: `${one.name} ${role}`,
        at: { x: out(one, which, [play - runs.wide.mm, play]), y, z },
        way: FLAT,
        length: [{ words: 'clear depth', mm: room }],
        width: [{ words: 'as chosen', mm: runs.wide.mm }],
        thick: [{ words: role === 'runner' ? 'as chosen' : 'as there is room', mm: span(z) }],
        material: place.carcass.sheet,
      }),
    );
  const under: Range = [box.z[0] - runs.thick.mm, box.z[0]];
  const over: Range | undefined = kicker
    ? [
        box.z[1] + kicker.gap.mm,
        Math.max(box.z[1] + kicker.gap.mm + 1, Math.min(height[1], box.z[1] + kicker.gap.mm + KICKER)),
      ]
    : undefined;
  return {
    moving: [],
    still: [
      ...strip('runner', 'a runner', under),
      ...(over ? strip('kicker', 'the kicker', over) : []),
      ...packing(one, play, y, under, 'as the runner'),
    ],
    onBox: {},
    onBack: [],
    onGround: [...onSides(one, 'runs', y, under), ...(over ? onSides(one, 'kicker', y, over) : [])],
  };
}

function underBox(one: Carried, slide: Extract<Slide, { kind: 'under slide' }>, length: number): RunPieces {
  const { box, height, start, side } = one;
  const y: Range = [start, start + length];
  const inner = side + slide.rail;
  const halves = (key: string, id: string, run: Range, z: Range): Piece[] =>
    SIDES.map((which) => half(one, slide, key, `${id}-${which}`, { x: out(one, which, run), y, z }));
  const z: Range = [height[0] + BETWEEN, Math.max(height[0] + 1, box.z[0] - 1)];
  return {
    moving: halves(
      'slides',
      'slide',
      [-inner, -side - BETWEEN],
      [box.z[0], box.z[0] + slide.recess - BETWEEN],
    ),
    still: [
      ...halves('runs', 'slide', [-inner, slide.inner / 2 - side], z),
      ...packing(one, slide.inner / 2 - side, y, z, 'as the slide'),
    ],
    onBox: {},
    onBack: intoBack(one, slide),
    onGround: onSides(one, 'runs', y, z),
  };
}

/** Slides that come out behind the box pass its back through notches, and hook into it. */
const intoBack = (one: Carried, slide: Extract<Slide, { kind: 'under slide' }>): WorkIn[] =>
  SIDES.flatMap((which) => [...notchInBack(one, slide, which), ...hookInBack(one, slide, which)]);

/** From the inner face of a side of the box inward. */
const withinSide = ({ box, side }: Carried, which: 'left' | 'right', [from, to]: Range): Range =>
  which === 'left'
    ? [box.x[0] + side + from, box.x[0] + side + to]
    : [box.x[1] - side - to, box.x[1] - side - from];

function notchInBack(
  one: Carried,
  { notch, recess }: Extract<Slide, { kind: 'under slide' }>,
  which: 'left' | 'right',
): WorkIn[] {
  const { box, side } = one;
  if (notch <= 0) return [];
  return [
    {
      key: `slide-notch-${which}`,
      kind: 'notch',
      side: 'left',
      at: {
        x: withinSide(one, which, [0, notch]),
        y: [box.y[1] - side, box.y[1]],
        z: [box.z[0], box.z[0] + recess],
      },
      words: 'its slide',
    },
  ];
}

function hookInBack(
  one: Carried,
  { hook, hookIn, hookUp, recess }: Extract<Slide, { kind: 'under slide' }>,
  which: 'left' | 'right',
): WorkIn[] {
  const { box, side } = one;
  if (hook <= 0) return [];
  const up = box.z[0] + recess + hookUp;
  return [
    {
      key: `hook-${which}`,
      kind: 'hole',
      side: 'face',
      round: true,
      at: {
        x: withinSide(one, which, [hookIn - hook / 2, hookIn + hook / 2]),
        y: [box.y[1] - Math.min(HOOK_DEEP, side - WOOD_BEHIND), box.y[1]],
        z: [up - hook / 2, up + hook / 2],
      },
      from: ['left'],
      words: 'the hook of its slide',
    },
  ];
}
/** A slide's hook goes in so deep, and so much wood stays behind it, mm. Common practice. */
const HOOK_DEEP = 10;
const WOOD_BEHIND = 2;

/** A pair of slides beside the box, and a second at its head where it has one. */
function besideBox(one: Carried, slide: Extract<Slide, { kind: 'slide' }>, length: number): RunPieces {
  const { box, runs } = one;
  const up = runs.kind === 'side slides' ? runs.up.mm : 0;
  const upper = runs.kind === 'side slides' ? runs.upper : null;
  const pairs = [
    pairBeside(one, slide, length, 'slide', box.z[0] + up),
    ...(upper ? [pairBeside(one, slide, length, 'upper-slide', box.z[1] - upper.mm - slide.high)] : []),
  ];
  return {
    moving: pairs.flatMap(({ moving }) => moving),
    still: pairs.flatMap(({ still }) => still),
    onBox: Object.fromEntries(
      SIDES.map((which) => [which, pairs.flatMap(({ onBox }) => onBox[which] ?? [])] as const),
    ),
    onBack: [],
    onGround: pairs.flatMap(({ onGround }) => onGround),
  };
}

/** @param foot  of its slides' lower edges, in the carcass's frame */
function pairBeside(
  one: Carried,
  slide: Extract<Slide, { kind: 'slide' }>,
  length: number,
  id: 'slide' | 'upper-slide',
  foot: number,
): RunPieces {
  const { runs, start } = one;
  const screw = runs.kind === 'side slides' ? { long: runs.screw.mm } : undefined;
  const y: Range = [start, start + length];
  const z: Range = [foot, foot + slide.high];
  const middle = slide.side / 2;
  const halves = (key: string, run: Range): Piece[] =>
    SIDES.map((which) => half(one, slide, key, `${id}-${which}`, { x: out(one, which, run), y, z }));
  const upper = id === 'upper-slide';
  return {
    moving: halves('slides', [0, middle - BETWEEN]),
    still: [
      ...halves('runs', [middle + BETWEEN, slide.side]),
      ...packing(one, slide.side, y, z, 'as the slide', upper ? 'upper-packing' : 'packing'),
    ],
    onBox: Object.fromEntries(
      SIDES.filter((which) => one.holds[which]).map((which) => [
        which,
        [
          {
            key: id,
            kind: 'footprint',
            side: 'face',
            at: { x: out(one, which, [0, 0]), y, z },
            from: ['left'],
            words: upper ? 'its upper slide' : 'its slide',
            ...(screw && { screw }),
          } satisfies WorkIn,
        ],
      ]),
    ),
    onBack: [],
    onGround: onSides(one, upper ? 'upper-runs' : 'runs', y, z, screw && { ...screw, on: id }),
  };
}

const named = ({ moving, still, item, said }: Carried, part: string, id: string, words: string) => {
  const link = part === 'slides' ? moving : still;
  return { key: `${link}/${id}`, item, told: { key: `${link}/${part}`, words: `${words} of the ${said}` } };
};

const half = (one: Carried, slide: Slide, part: string, id: string, at: Bounds): Piece => {
  const { key, item, told } = named(one, part, id, 'a slide');
  // They are sold as pairs, each of two halves.
  const hardware = { id: slide.id, share: 1 / 4, ...(one.length !== undefined && { length: one.length }) };
  return plain(one.frame, {
    key,
    item,
    told,
    role: 'slide',
    is: 'bought',
    name: slide.name,
    at: [at],
    hardware,
  });
};

/** What stands between the case's sides and its slides. What is thick enough is cut; the rest is card or veneer. */
function packing(
  one: Carried,
  from: number,
  y: Range,
  z: Range,
  high: string,
  id: 'packing' | 'upper-packing' = 'packing',
): Piece[] {
  const onFloor = one.place.stock.schools.slides === 'on floor cleats' && id === 'packing';
  return SIDES.flatMap((which): Piece[] => {
    const mm = one.packing[which];
    if (mm <= SHIM) return [];
    // A cleat stands on the bottom of its place and holds the slide at its head.
    const foot = onFloor ? Math.min(one.height[0], z[0]) : z[0];
    const at: Bounds = { x: out(one, which, [from, from + mm]), y, z: [foot, z[1]] };
    const given = {
      ...named(one, 'packing', `${id}-${which}`, 'the packing'),
      role: 'packing' as const,
      name: `${one.name} packing`,
    };
    if (mm < LEAST_PACKING) return [plain(one.frame, { ...given, is: 'bought', at: [at] })];
    return [
      board(one.frame, {
        ...given,
        at,
        way: EDGEWISE[which],
        length: [{ words: 'as what runs on it', mm: span(y) }],
        width: [
          { words: high, mm: span(z) },
          ...(foot < z[0] ? [{ words: 'down to the bottom', mm: z[0] - foot }] : []),
        ],
        thick: [{ words: 'between the case and what runs on it', mm }],
        material: one.material,
        notes: [
          `Between the case’s side and what the ${one.said} runs on, on the ${which}${foot < z[0] ? ': it stands on the bottom, screwed down' : ''}.`,
        ],
      }),
    ];
  });
}

/** The edge of an upright board that stands at its foot, and its front. */
const foot = ({ way }: Board): readonly Edge[] =>
  (['-z', '-y'] as const)
    .map((axis) => sideTowards(way, axis))
    .filter((side) => side !== 'face' && side !== 'back');

/** Where its slides or strips are on the case's sides. */
/** @param screw  how long those are that hold it, and on which slide of the box */
function onSides(
  one: Carried,
  id: string,
  y: Range,
  z: Range,
  screw?: NonNullable<WorkIn['screw']> & { readonly on: string },
): GroundWork[] {
  const { place, opening, moving, slide } = one;
  return SIDES.flatMap((which): GroundWork[] => {
    const beside = besideBay(place.built, opening, which);
    if (!beside || !isOn(beside, { y, z })) return [];
    const { board: into, side, at } = beside;
    return [
      {
        into: into.key,
        work: {
          key: `${moving}/${id}-${which}`,
          kind: 'footprint',
          side,
          at: { x: [at, at], y, z },
          words: `${id === 'kicker' ? 'the kicker' : slide ? 'the slide' : 'the runner'} of the ${one.said}`,
          from: foot(into),
          ...(screw && { screw: { long: screw.long } }),
          ...(screw &&
            one.holds[which] && {
              mate: { piece: one.holds[which], work: `${one.holds[which]}#${screw.on}` },
            }),
        },
      },
    ];
  });
}
