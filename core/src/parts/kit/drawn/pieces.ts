import { lengthMark } from '../../../length/lengthMark';
import type { GroundWork } from '../../../carcass/build';
import { called } from '../../../item/called';
import { ordinal } from '../../../item/ordinal';
import { alsoWorked, board, type Board, type WorkIn } from '../../../piece/board';
import type { Link, Piece } from '../../../piece/piece';
import { plain } from '../../../piece/plain';
import type { Bounds } from '../../../solid/bounds';
import { middleOf, span } from '../../../solid/bounds';
import type { Way } from '../../../piece/lie';
import { frameOf, type Frame } from '../../../item/frame';
import type { SumLine } from '../../../sizing/sum';
import type { PartPieces, PartPlace } from '../../contract/family';
import { contentPiece, contentId, nameOf } from '../contents/contents';
import { runPieces, type RunPieces } from '../runs/pieces';
import { countOf, frontHeightLines } from './bank';
import { isOwn } from './construction';
import type { DrawerAt, LaidDrawn } from './lay';
import type { DrawnOut } from './schema';

/** As a list says it, and as a sentence does. */
export const titleOf = ({ name }: Pick<DrawnOut, 'name'>, { nth }: Pick<DrawerAt, 'nth'>): string =>
  nth === 0 ? name : `${name}, ${nth}`;
export function saidOf(
  { name, bank }: Pick<DrawnOut, 'name' | 'bank'>,
  { nth }: Pick<DrawerAt, 'nth'>,
): string {
  const plainName = called(name);
  if (nth === 0) return plainName;
  const words = nth === 1 ? 'top' : nth === countOf(bank) ? 'bottom' : ordinal(nth);
  return `${words} drawer of the ${plainName}`;
}

/** Each drawer with its front, its box, its handle, slides and contents; and what of its slides stays in the case. */
export function drawnPieces(laid: LaidDrawn): PartPieces {
  // From the top down, as one counts them.
  const all = [...laid.drawers].reverse().map((at) => oneDrawn(laid, at));
  return {
    moving: all.map(({ moving }) => moving),
    still: all.flatMap(({ still }) => (still.pieces.length > 0 ? [still] : [])),
    onGround: all.flatMap(({ onGround }) => onGround),
  };
}

/** Screws that hold an applied front: so many, so far in from the box's corners, mm. Common practice, no single source. */
const SCREW_IN = 40;
const SCREW_WIDE = 4;
/** Holes for a handle's screws, across, mm. Common practice. */
const HANDLE_HOLE = 5;

function oneDrawn(
  laid: LaidDrawn,
  at: DrawerAt,
): { moving: Link; still: Link; onGround: readonly GroundWork[] } {
  const { part, place, construction, opening, slide, length, start, room, side } = laid;
  const { key } = at;
  const frame = frameOf(place.carcass);
  const said = saidOf(part, at);
  const told = (id: string, words: string) => ({ key: `${key}/${id}`, words });
  const boxTold = told('box', at.front ? `the box of the ${said}` : `the ${said}`);
  const made = construction.boards(
    at.box,
    { width: boxWidthLines(laid, at), depth: boxDepthLines(laid, at) },
    {
      key,
      item: part.id,
      name: `${part.name} box`,
      told: boxTold,
    },
  );
  const runs = runPieces({
    ...{ place, frame, opening, slide, length, start, room, side, said },
    runs: part.runs,
    box: at.box,
    height: at.place,
    packing: at.packing,
    material: part.box.material,
    moving: key,
    still: `${key}/ground`,
    item: part.id,
    name: part.name,
    holds: made.holds,
  });
  const screws = fixings(laid, at, made.holds.front);
  const boards = made.boards.map((one): Piece => {
    const onIt = alsoWorked(one, [...onSlides(one, made.holds, runs), ...onBack(one, runs, at.box)]);
    return board(frame, one.key === made.holds.front ? alsoWorked(onIt, screws.through) : onIt);
  });
  const pieces: Piece[] = [
    ...(at.front
      ? [
          frontPiece(laid, at, frame, told('front', `the ${said}`), () => [
            ...made.intoFront,
            ...screws.into(),
          ]),
        ]
      : []),
    ...boards,
    ...(made.old ? [oldBox(laid, at, frame, boxTold, made.old)] : []),
    ...handleOf(laid, at, frame, told('handle', `the handle of the ${said}`)),
    ...runs.moving,
    ...stored(laid, at, frame),
    ...loose(laid, at, frame),
  ];
  return {
    moving: { key, item: part.id, words: `the ${said}`, pieces },
    still: { key: `${key}/ground`, item: part.id, words: `what carries the ${said}`, pieces: runs.still },
    onGround: runs.onGround,
  };
}

/** What stands or hangs in it, each thing with its own mass. */
function stored({ part }: LaidDrawn, at: DrawerAt, frame: Frame): Piece[] {
  return at.contents.map((one) => {
    const id = `${at.key}/content-${contentId(one)}`;
    const { x, y, z } = one.bounds;
    return plain(frame, {
      key: id,
      item: part.id,
      role: 'content',
      is: 'content',
      name: nameOf(one),
      told: { key: id, words: `${called(one.content.name)} in the ${saidOf(part, at)}` },
      solids: [contentPiece(one, frame)],
      mass: { kg: one.content.load, centre: frame.toSpace([middleOf(x), middleOf(y), middleOf(z)]) },
    });
  });
}

function onSlides({ key }: Board, holds: RunHolds, { onBox }: RunPieces): WorkIn[] {
  return (['left', 'right'] as const).flatMap((which) => (holds[which] === key ? (onBox[which] ?? []) : []));
}
/** What slides want of the back of their box, where a notch for pipes has left it. */
const onBack = ({ role, at }: Board, { onBack: works }: RunPieces, box: Bounds): WorkIn[] =>
  role === 'box end' && Math.abs(at.y[1] - box.y[1]) < SAME
    ? works.filter((work) => work.at.x[0] >= at.x[0] - SAME && work.at.x[1] <= at.x[1] + SAME)
    : [];
const SAME = 1e-9;
type RunHolds = Readonly<Partial<Record<'left' | 'right' | 'front', string>>>;

/** The holes of the screws that hold an applied front: through the board `end` of what it is on, and into the front as deep as they go. */
function fixings(
  { part, frontThick, side }: LaidDrawn,
  { key, front, box }: DrawerAt,
  end: string | undefined,
): { through: () => WorkIn[]; into: () => WorkIn[] } {
  if (!front || isOwn(part) || end === undefined) return NO_SCREWS;
  const deep = part.front.screw.mm - side;
  if (deep <= 0 || deep >= frontThick) return NO_SCREWS;
  const xs = [box.x[0] + side + SCREW_IN, box.x[1] - side - SCREW_IN];
  const zs = [box.z[0] + Math.min(SCREW_IN, span(box.z) / 4), box.z[1] - Math.min(SCREW_IN, span(box.z) / 4)];
  if (xs[1]! <= xs[0]!) return NO_SCREWS;
  const holes = (y: Bounds['y'], mate: string, screw?: WorkIn['screw']): WorkIn[] =>
    xs.flatMap((x, i) =>
      zs.map((z, j): WorkIn => {
        const own = `screw-${i + 1}${j + 1}`;
        return {
          key: own,
          kind: 'screw',
          side: 'back',
          round: true,
          at: { x: about(x, SCREW_WIDE), y, z: about(z, SCREW_WIDE) },
          mate: { piece: mate, work: `${mate}#${own}` },
          ...(screw && { screw }),
        };
      }),
    );
  return {
    through: () => holes([box.y[0], box.y[0] + side], `${key}/front`, { long: part.front.screw.mm }),
    into: () => holes([front.y[1] - deep, front.y[1]], end),
  };
}

const NO_SCREWS = { through: () => [], into: () => [] };

const about = (middle: number, wide: number): Bounds['x'] => [middle - wide / 2, middle + wide / 2];

function frontPiece(
  laid: LaidDrawn,
  at: DrawerAt,
  frame: Frame,
  told: Piece['told'],
  works: () => readonly WorkIn[],
): Piece {
  const { part, place, opening, over, between, frontThick } = laid;
  const { fit, front, bank } = part;
  const edge = (words: string, mm: number): SumLine => ({
    words: `${words} ${fit.kind === 'inset' ? 'gap' : 'overlay'}`,
    mm,
  });
  const whole = () => [...opening.height.lines, edge('top', over.top), edge('bottom', over.bottom)];
  const high = () => frontHeightLines(bank, whole(), between, at.row);
  const wide = () => [...opening.width.lines, edge('left', over.left), edge('right', over.right)];
  const { mm } = front.banding;
  const across = grainAcross(laid);
  return board(frame, {
    key: told.key,
    item: part.id,
    role: 'front',
    name: titleOf(part, at),
    told,
    at: at.front!,
    way: across ? ACROSS : UPWARD,
    length: across ? wide : high,
    width: across ? high : wide,
    thick: [{ words: 'as the board', mm: frontThick }],
    material: front.material,
    banded: { start: mm, end: mm, left: mm, right: mm },
    works: () => [...works(), ...handleHoles(laid, at)],
    sides: across
      ? { start: 'left end', end: 'right end', left: 'head', right: 'foot', face: 'face', back: 'back' }
      : { start: 'foot', end: 'head', left: 'left edge', right: 'right edge', face: 'face', back: 'back' },
    notes: front.made === 'applied' ? [FIXING[place.stock.schools.front]] : [],
  });
}

/** The grain of a front of solid wood runs from side to side; a sheet's upward, through a whole bank. */
const grainAcross = ({ part, place }: LaidDrawn): boolean =>
  place.stock.material(part.front.material).kind === 'solid wood';
const UPWARD: Way = ['z', 'x'];
const ACROSS: Way = ['x', '-z'];

/** How an applied front is set to its neighbours before it is screwed, by the school of the job. */
const FIXING: Readonly<Record<PartPlace['stock']['schools']['front'], string>> = {
  pinned: 'Set the front by shims, pin it from before, then screw it from inside the box.',
  'pressed points':
    'Let screw points stand a hair out of the box, press the front on them, and screw it where they mark.',
  'taped or wedged': 'Hold the front in its gaps by tape or wedges while you screw it from inside.',
  glued: 'Glue the front to its box and clamp it; it cannot be set again.',
};

/** Holes for its handle, through the front: two for a bar, one for a knob. */
function handleHoles(laid: LaidDrawn, { front }: DrawerAt): WorkIn[] {
  const { handle } = laid.part;
  if (!handle || !front) return [];
  const across = grainAcross(laid);
  const [x, z] = [middleOf(front.x), middleOf(front.z)];
  const holes = handle.holes.mm > 0 ? [x - handle.holes.mm / 2, x + handle.holes.mm / 2] : [x];
  return holes.map((middle, i) => ({
    key: `handle-${i + 1}`,
    kind: 'hole',
    side: 'face',
    round: true,
    at: { x: about(middle, HANDLE_HOLE), y: front.y, z: about(z, HANDLE_HOLE) },
    from: across ? [i === 0 ? 'start' : 'end', 'right'] : [i === 0 ? 'left' : 'right', 'start'],
    words: 'the handle',
  }));
}

/** A handle in the middle of its front, or of its box where it has none. */
function handleOf({ part }: LaidDrawn, { front, box }: DrawerAt, frame: Frame, told: Piece['told']): Piece[] {
  const { handle } = part;
  if (!handle) return [];
  const on = front ?? box;
  const y: Bounds['y'] = [on.y[0] - handle.projection.mm, on.y[0]];
  const at: Bounds = {
    x: about(middleOf(on.x), handle.width.mm),
    y,
    z: about(middleOf(on.z), handle.height.mm),
  };
  return [
    plain(frame, {
      key: told.key,
      item: part.id,
      role: 'handle',
      is: 'bought',
      name: HANDLES[handle.kind],
      told,
      at: [at],
    }),
  ];
}
const HANDLES = { bar: 'Bar handle', knob: 'Knob' } as const;

/** An old box as it is: its outer size as measured. */
function oldBox(
  { part }: LaidDrawn,
  { key, box }: DrawerAt,
  frame: Frame,
  told: Piece['told'],
  walls: readonly Bounds[],
): Piece {
  const asIs = (mm: number): SumLine[] => [{ words: 'the old box', mm }];
  return board(frame, {
    key: `${key}/old-box`,
    item: part.id,
    role: 'old box',
    is: 'kept',
    name: `${part.name} box`,
    told,
    at: box,
    way: ['y', '-x'],
    length: asIs(span(box.y)),
    width: asIs(span(box.x)),
    thick: asIs(span(box.z)),
    material: part.box.material,
    notes: ['Used again as it is.'],
    solids: walls.map(({ x, y, z }) => frame.box([x[0], y[0], z[0]], [x[1], y[1], z[1]])),
  });
}

/** What is loose in it, spread over its box. */
function loose({ part }: LaidDrawn, { key, box, loose: load }: DrawerAt, frame: Frame): Piece[] {
  if (load === 0) return [];
  const centre = frame.toSpace([middleOf(box.x), middleOf(box.y), middleOf(box.z)]);
  return [
    plain(frame, {
      key: `${key}/load`,
      item: part.id,
      role: 'load',
      is: 'content',
      name: 'Loose in it',
      told: { key: `${key}/load`, words: 'what is loose in it' },
      mass: { kg: load, centre },
    }),
  ];
}

/** How the box's outer depth came about: by its slides, which are the longest that its clear depth takes, or as it was typed. */
function boxDepthLines({ part, slide, length, room, depth }: LaidDrawn, { box }: DrawerAt): SumLine[] {
  const mm = span(box.y);
  if (part.old) return [{ words: 'the old box', mm }];
  if (part.box.depth || !slide || length === undefined)
    return part.box.depth
      ? [{ words: 'box depth, as typed', mm }]
      : [
          { words: 'clear depth', mm: room },
          { words: 'left behind it', mm: mm - room },
        ];
  const longest = part.runs.kind !== 'wooden runners' && part.runs.length === null;
  const words = longest
    ? `slides, the longest in a clear depth of ${lengthMark(room, 'most')}`
    : `slides, in a clear depth of ${lengthMark(room, 'most')}`;
  return [
    { words, mm: length },
    ...(Math.abs(depth - length) > 1e-9 ? [{ words: 'box shorter than they', mm: depth - length }] : []),
  ];
}

/** How the box's outer width came about. */
function boxWidthLines(laid: LaidDrawn, { box: at }: DrawerAt): SumLine[] {
  const { part, opening, clear, slide, side } = laid;
  // Each to its own opening, where that is the school.
  const own = span(at.x) - laid.width;
  const { runs, old, box } = part;
  if (old) return [{ words: 'the old box', mm: old.width.mm }];
  const { left, right } = box.aside;
  const rest = clear[1] - clear[0] + left.mm + right.mm - opening.width.mm;
  const kept = (['left', 'right'] as const).flatMap((which): SumLine[] => {
    const { mm } = box.aside[which];
    return mm > 0 ? [{ words: `kept clear on the ${which}`, mm: -mm }] : [];
  });
  const from = [
    ...opening.width.lines,
    ...(Math.abs(rest) > 1e-9 ? [{ words: 'narrower within', mm: rest }] : []),
    ...(Math.abs(own) > 1e-9 ? [{ words: 'wider where it runs', mm: own }] : []),
    ...kept,
  ];
  if (runs.kind === 'wooden runners')
    return [...from, { words: 'free at the sides', mm: -2 * runs.play.mm, times: [2, runs.play.mm] }];
  if (slide?.kind === 'under slide')
    return [
      ...from,
      { words: 'slides take of the inside', mm: -slide.inner },
      { words: 'sides', mm: 2 * side, times: [2, side] },
    ];
  return [...from, { words: 'slides', mm: -2 * slide!.side, times: [2, slide!.side] }];
}
