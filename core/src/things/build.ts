import { called } from '../item/called';
import { offsetCurve } from '../measure/offsets';
import { linkOfExisting, type ExistingPart } from '../piece/existing';
import { bodyOfLink } from '../scene/linkBody';
import type { Body } from '../scene/scene';
import { withCorners, type Convex } from '../solid/convex';
import { hull } from '../solid/hull';
import { convexOutlines } from '../solid/outline';
import { box, prism, type Point2, type Point3 } from '../solid/prism';
import { OPPOSITE } from '../item/schema';
import { SHELL, type Void } from '../space/shell';
import { backFrame, boxOf, type Box } from './frame';
import { compartmentBodies, liningPieces } from './hollow';
import { AXES, SIGHT_KINDS, ZONE_KINDS, type ShapeOf, type Thing } from './schema';

/** Sides of the polygon that is drawn round a round bar: it covers the bar, by 2 percent of the radius at most. */
const ROUND = 16;
/** Air that must stay empty covers a round of it by so much at most, mm; and has so many sides at most. */
const ZONE_STRAY = 0.5;
const MOST_SIDES = 1000;
/** A curve's chords may stray so far from it, mm; the solid is made larger by as much, never smaller. */
const STRAY = 0.2;
/** A plug is taken to be so wide and high, and its cable so thick, mm. Common practice, no single source. */
const PLUG = 50;
const CABLE = 9;

/** What a thing is in the space: bodies that stand in the way, air that must stay empty, or air that is looked at at rest. */
export function thingBodies(thing: Thing): Body[] {
  const { shape } = thing;
  const own = boxOf(thing);
  const words = called(thing.name);
  const said = `the ${words}`;
  /** All that is solid of it is one rigid link, told part by part. */
  const solid = (...parts: readonly Solid[]): Body[] => [
    {
      ...bodyOfLink(linkOfExisting(`thing-${thing.id}`, thing.id, said, parts.map(partOf)), undefined),
      ...(thing.kind === 'keep-clear zone' && { zone: true as const }),
      ...(thing.state === 'to come' && { toCome: true as const }),
    },
  ];
  const whole = (...solids: readonly Convex[]): Body[] => solid(['', said, solids]);
  switch (shape?.kind) {
    case undefined:
    case 'reach':
      return whole(box(own.least, own.greatest));
    case 'round':
      return whole(roundPiece(own, shape.along, thing.kind === 'keep-clear zone' ? ZONE_STRAY : undefined));
    case 'arch':
      return whole(prismAlong(own, shape.along, archOutline()));
    case 'prism':
      return whole(...convexOutlines(shape.outline).map((part) => prismAlong(own, shape.along, part)));
    case 'hulls':
      return whole(...shape.hulls.map((points) => hull(points.map((share) => within(own, share)))));
    case 'leaning':
      return whole(leaning(own, shape));
    case 'offsets':
      return whole(...offsetPieces(own, shape));
    case 'plug': {
      const { plug, cable } = plugPieces(own, shape);
      return solid(
        ['', said, [box(own.least, own.greatest)]],
        ['plug', `the plug in the ${words}`, plug ? [plug] : []],
        ['cable', `the cable of the ${words}`, cable ? [cable] : []],
      );
    }
    case 'aired':
      return [...whole(box(own.least, own.greatest)), ...airBodies(thing, own, shape)];
    case 'compartment':
      return solid(
        ...compartmentBodies(own, shape).map(([part, pieces]): Solid => [
          part,
          `the ${part} of the ${words}`,
          pieces,
        ]),
      );
    case 'framing':
      return whole(...timbers(own, shape));
    case 'void': {
      const lining = shape.through ? [] : liningPieces(own, shape.into);
      return lining.length > 0 ? whole(...lining) : [];
    }
  }
}

/** The air that an appliance wants about it. */
const airBodies = (thing: Thing, own: Box, shape: ShapeOf<'aired'>): Body[] =>
  airPieces(own, shape).map(([part, where, piece]) => ({
    id: `thing-${thing.id}/${part}`,
    name: `the air ${where} the ${called(thing.name)}`,
    item: thing.id,
    pieces: [piece],
    zone: true,
    ...(thing.state === 'to come' && { toCome: true as const }),
  }));

/** A part of a thing: the end of its key, what a finding calls it, and what it fills. */
type Solid = readonly [part: string, words: string, solids: readonly Convex[]];
const partOf = ([id, words, solids]: Solid): ExistingPart => ({ id, role: 'thing', words, solids });

const zonesKept = new WeakMap<Thing, readonly Convex[]>();

/** What fills a thing that is air, as convex pieces, each less a skin all round that what stands beside it may touch. */
export function zonePieces(thing: Thing, skin: number): readonly Convex[] {
  let pieces = zonesKept.get(thing);
  if (!pieces) zonesKept.set(thing, (pieces = filling(thing, skin).map((piece) => lessSkin(piece, skin))));
  return pieces;
}

function filling(thing: Thing, skin: number): readonly Convex[] {
  const own = boxOf(thing);
  if (thing.shape?.kind === 'round') return [roundPiece(own, thing.shape.along, skin / 2)];
  const pieces = thingBodies(thing).flatMap((body) => body.pieces as readonly Convex[]);
  return pieces.length > 0 ? pieces : [box(own.least, own.greatest)];
}

/** A piece drawn in about the middle of its box, so that its ends come in by a skin; by a quarter where it is thinner than that. */
function lessSkin(piece: Convex, skin: number): Convex {
  const about = extentsOf(piece.corners);
  const corners = piece.corners.map((value, i) => {
    const [least, greatest] = about[i % 3]!;
    const middle = (least + greatest) / 2;
    const by = Math.min(skin, (greatest - least) / 4);
    return middle + (value - middle) * (1 - (2 * by) / (greatest - least));
  });
  return withCorners(piece, corners);
}

const extentsOf = (corners: Float64Array): readonly (readonly [number, number])[] =>
  [0, 1, 2].map((axis) => {
    const along = corners.filter((_, i) => i % 3 === axis);
    return [Math.min(...along), Math.max(...along)];
  });

/** Behind the face of a wall or over a ceiling, or an eye and what it looks for: it is drawn, and nothing that moves meets it. */
export const isHidden = ({ shape, kind }: Thing): boolean =>
  shape?.kind === 'framing' || (SIGHT_KINDS as readonly string[]).includes(kind);

/** Timbers along the longer way of their box, as deep and as high as that; where it is alike all over, all of it. */
function timbers({ least, greatest }: Box, { first, spacing, wide }: ShapeOf<'framing'>): Convex[] {
  if (spacing.mm === 0) return [box(least, greatest)];
  const axis = greatest[0] - least[0] >= greatest[1] - least[1] ? 0 : 1;
  const [from, to] = [least[axis], greatest[axis]];
  const all: Convex[] = [];
  for (let at = from + first.mm; at <= to && all.length < MOST_TIMBERS; at += spacing.mm) {
    const [near, far] = [at - wide.mm / 2, at + wide.mm / 2];
    all.push(
      axis === 0
        ? box([near, least[1], least[2]], [far, greatest[1], greatest[2]])
        : box([least[0], near, least[2]], [greatest[0], far, greatest[2]]),
    );
  }
  return all;
}
/** More are not drawn. */
const MOST_TIMBERS = 200;

/** Whether a thing is air that is only looked at with everything at rest. */
export const isAir = ({ kind }: Thing): boolean =>
  kind !== 'keep-clear zone' && (ZONE_KINDS as readonly string[]).includes(kind);

/** What a thing cuts out of the space's walls, floor and ceiling. */
export function thingVoid(thing: Thing): Void | undefined {
  if (thing.shape?.kind !== 'void') return undefined;
  const { least, greatest } = boxOf(thing);
  if (!thing.shape.through) return { least, greatest };
  // An opening goes right through, however thick the shell is drawn.
  const reach = {
    north: [1, 1],
    east: [0, 1],
    up: [2, 1],
    south: [1, 0],
    west: [0, 0],
    down: [2, 0],
  } as const;
  const [axis, up] = reach[thing.shape.into];
  const [l, g] = [[...least], [...greatest]] as [[number, number, number], [number, number, number]];
  if (up) g[axis] += SHELL;
  else l[axis] -= SHELL;
  return { least: l, greatest: g };
}

/** Where shares of a box lie, mm. */
function within({ least, greatest }: Box, share: Point3): Point3 {
  const at = (axis: 0 | 1 | 2) => least[axis] + share[axis] * (greatest[axis] - least[axis]);
  return [at(0), at(1), at(2)];
}

/** A convex outline of shares, drawn out along one axis of the box. */
function prismAlong(own: Box, along: (typeof AXES)[number], outline: readonly Point2[]): Convex {
  const place = alongAxis(own, along);
  return hull([0, 1].flatMap((end) => outline.map((point) => place(point, end))));
}

/** Where shares across one axis of a box lie, at its near end (0) and its far one (1), mm. */
function alongAxis(own: Box, along: (typeof AXES)[number]): (share: Point2, end: number) => Point3 {
  const place: Record<(typeof AXES)[number], (p: Point2, end: number) => Point3> = {
    'west to east': ([u, v], end) => [end, u, v],
    'south to north': ([u, v], end) => [u, end, v],
    upright: ([u, v], end) => [u, v, end],
  };
  return (share, end) => within(own, place[along](share, end));
}

/** A round bar along one of the box's axes: of so many sides that it covers the bar by `stray` mm at most; of the usual where none is given. */
function roundPiece(own: Box, along: (typeof AXES)[number], stray?: number): Convex {
  const radius =
    Math.max(
      ...[0, 1, 2]
        .filter((axis) => axis !== AXES.indexOf(along))
        .map((axis) => own.greatest[axis]! - own.least[axis]!),
    ) / 2;
  const sides = stray === undefined ? ROUND : Math.ceil(Math.PI / Math.acos(radius / (radius + stray)));
  const outline = roundOutline(0, 2 * Math.PI, Math.min(MOST_SIDES, Math.max(ROUND, sides)));
  const place = alongAxis(own, along);
  // From west round to up turns towards the south: there the far end is the southern one.
  return prism(outline, (point, end) => place(point, along === 'south to north' ? 1 - end : end));
}

/** Round a circle that fills the box, as shares that go a little beyond it. */
function roundOutline(from: number, to: number, sides = ROUND): Point2[] {
  const radius = 0.5 / Math.cos(Math.PI / sides);
  const steps = Math.round((sides * (to - from)) / (2 * Math.PI));
  return Array.from({ length: steps }, (_, i): Point2 => {
    const angle = from + ((i + 0.5) * (to - from)) / steps;
    return [0.5 + radius * Math.cos(angle), 0.5 + radius * Math.sin(angle)];
  });
}

/** The upper half of a circle twice as high as the box. */
function archOutline(): Point2[] {
  const upper = roundOutline(0, Math.PI).map(([u, v]): Point2 => [u, Math.min(1, 2 * v - 1)]);
  return [[0, 0], [1, 0], ...upper];
}

function leaning(own: Box, { back, foot, head }: ShapeOf<'leaning'>): Convex {
  const frame = backFrame(own, back);
  const high = own.greatest[2] - own.least[2];
  const profile: Point2[] = [
    [0, 0],
    [foot.mm, 0],
    [head.mm, high],
    [0, high],
  ];
  return hull([0, frame.long].flatMap((along) => profile.map(([out, up]) => frame.put(along, out, up))));
}

/** Between the back and the curve, as convex pieces that cover it all. */
function offsetPieces(own: Box, { back, seen, curve, table }: ShapeOf<'offsets'>): Convex[] {
  const frame = backFrame(own, back);
  const high = own.greatest[2] - own.least[2];
  const rows = table.map(({ station, depth }): Point2 => [station.mm, depth.mm]);
  const spare = curve !== 'polyline' && rows.length > 2 ? STRAY : 0;
  const points = offsetCurve(rows, curve)
    .points(STRAY)
    .map(([x, y]): Point2 => [x, Math.max(0, y) + spare]);
  const place = ([x, y]: Point2, end: 0 | 1): Point3 =>
    seen === 'in plan' ? frame.put(x, y, end * high) : frame.put(end * frame.long, y, x);
  return points.slice(1).flatMap((to, i): Convex[] => {
    const from = points[i]!;
    if (Math.max(from[1], to[1]) < 1e-6) return [];
    const outline: Point2[] = [[from[0], 0], [to[0], 0], to, from];
    return [hull([0, 1].flatMap((end) => outline.map((point) => place(point, end as 0 | 1))))];
  });
}

function plugPieces(
  own: Box,
  { faces, plug, bend, cable }: ShapeOf<'plug'>,
): { plug?: Convex; cable?: Convex } {
  const frame = backFrame(own, OPPOSITE[faces]);
  const [middle, up] = [frame.long / 2, (own.greatest[2] - own.least[2]) / 2];
  const block = (half: number, out0: number, out1: number, up0: number, up1: number) => {
    const [a, b] = [
      frame.put(middle - half, frame.deep + out0, up0),
      frame.put(middle + half, frame.deep + out1, up1),
    ];
    return box(
      [Math.min(a[0], b[0]), Math.min(a[1], b[1]), a[2]],
      [Math.max(a[0], b[0]), Math.max(a[1], b[1]), b[2]],
    );
  };
  if (plug.mm <= 0) return {};
  const body = block(PLUG / 2, 0, plug.mm, up - PLUG / 2, up + PLUG / 2);
  if (cable.mm <= 0) return { plug: body };
  // Out of the plug, round its bend, and down: as far as it is long, or to the floor.
  const hangs = Math.max(up - Math.max(cable.mm, bend.mm), -own.least[2]);
  return { plug: body, cable: block(CABLE / 2, plug.mm, plug.mm + bend.mm + CABLE, hangs, up + CABLE / 2) };
}

/** Air behind, beside and over an appliance. */
function airPieces(own: Box, { faces, back, sides, top }: ShapeOf<'aired'>): [string, string, Convex][] {
  const frame = backFrame(own, OPPOSITE[faces]);
  const high = own.greatest[2] - own.least[2];
  const block = (a: Point3, b: Point3) =>
    box(
      [0, 1, 2].map((i) => Math.min(a[i]!, b[i]!)) as unknown as Point3,
      [0, 1, 2].map((i) => Math.max(a[i]!, b[i]!)) as unknown as Point3,
    );
  const air: [string, string, Convex][] = [];
  if (back.mm > 0)
    air.push(['air-back', 'behind', block(frame.put(0, -back.mm, 0), frame.put(frame.long, 0, high))]);
  if (sides.mm > 0) {
    air.push(['air-left', 'beside', block(frame.put(-sides.mm, 0, 0), frame.put(0, frame.deep, high))]);
    air.push([
      'air-right',
      'beside',
      block(frame.put(frame.long, 0, 0), frame.put(frame.long + sides.mm, frame.deep, high)),
    ]);
  }
  if (top.mm > 0)
    air.push([
      'air-top',
      'over',
      block(frame.put(0, 0, high), frame.put(frame.long, frame.deep, high + top.mm)),
    ]);
  return air;
}
