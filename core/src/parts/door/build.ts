import { rowOf } from '../../carcass/build';
import { frameOf, type Frame } from '../../carcass/frame';
import { called } from '../../item/called';
import type { Body, IntendedContact, Mover, MovingBody } from '../../scene/scene';
import type { Convex } from '../../solid/convex';
import type { BuiltPart, PartPlace } from '../family';
import { openingOf } from '../fronts';
import { hingeHardware, hingesOf, leafMotion, linkageOf, pinOf } from './hung';
import { fromFree, fromHinge, leavesOf, type Leaf } from './leaf';
import type { Door } from './schema';

/** Sides of what is drawn round: about it rather than in it, so that nothing is found clear that is not. */
const SIDES = 12;

/** Each leaf with its handle, its knuckles and what is on its back, from shut to the limit; and the plates that stay on the carcass. */
export function buildDoor(door: Door, place: PartPlace): BuiltPart {
  const leaves = leavesOf(door, place);
  const made = leaves.map((leaf) => buildLeaf(door, leaf, place));
  return { movers: made.map(({ mover }) => mover), still: made.flatMap(({ still }) => still) };
}

/** The id of a leaf's mover: the door's own, or the door's and which leaf. */
export const moverId = ({ id }: Door, { of }: Leaf): string => (of === '' ? id : `${id}.${of}`);

function buildLeaf(door: Door, leaf: Leaf, place: PartPlace): { mover: Mover; still: Body[] } {
  const { carcass, built, gaps } = place;
  const frame = frameOf(carcass);
  const motion = leafMotion(door, leaf, place);
  const id = moverId(door, leaf);
  const plain = called(door.name);
  const name = leaf.of === '' ? plain : `${leaf.of} leaf of the ${plain}`;
  const [x, y, z] = [leaf.x, leaf.y, leaf.z];
  const row = rowOf(carcass);
  const body = (part: string, words: string, pieces: readonly Convex[]): MovingBody[] =>
    pieces.length === 0 ? [] : [{ id: `${id}/${part}`, name: words, item: door.id, pieces, motion, row }];
  const main = body('leaf', `the ${name}`, [frame.box([x[0], y[0], z[0]], [x[1], y[1], z[1]])]);
  const knuckles = body(
    'knuckles',
    `a hinge knuckle of the ${name}`,
    knucklesOf(door, leaf, place, frame),
  ).map((one): MovingBody => ({ ...one, round: true }));
  const bodies = [
    ...main,
    ...body('handle', `the handle of the ${name}`, handleOf(door, leaf, frame)),
    ...body('mirror', `the mirror of the ${name}`, mirrorOf(door, leaf, place, frame)),
    ...body('rack', `the rack on the ${name}`, rackOf(door, leaf, frame)),
    ...knuckles,
  ];
  const still = platesOf(door, leaf, place, frame, name);
  const to = (door.limit * Math.PI) / 180;
  // An overlay leaf rests on the carcass front, and at its pin it never leaves it; it may press into nothing.
  const rests = door.fit.kind !== 'inset';
  const radius = knuckleRadius(door, place);
  const contacts: IntendedContact[] = built.bodies.flatMap((panel) => [
    ...(rests ? main.map((one) => ({ moving: one.id, still: panel.id, from: 0, to, depth: 0 })) : []),
    // A knuckle turns where it is let in; that it fits there is the hinge's own affair.
    ...knuckles.map((one) => ({ moving: one.id, still: panel.id, from: 0, to, depth: 2 * radius })),
  ]);
  return {
    mover: {
      id,
      name: leaf.of === '' ? door.name : `${door.name}, ${leaf.of}`,
      bodies,
      unit: 'rad',
      from: 0,
      to,
      contacts,
      needs: {
        around: gaps.around,
        row: { of: row, gap: gaps.running },
        of: Object.fromEntries(still.map((plate) => [plate.id, 0])),
      },
    },
    still,
  };
}

function handleOf(door: Door, leaf: Leaf, frame: Frame): Convex[] {
  const { handle } = door;
  if (!handle) return [];
  const a = fromFree(leaf, handle.fromFree.mm);
  const b = fromFree(leaf, handle.fromFree.mm + handle.width.mm);
  const z0 = leaf.z[0] + handle.fromBottom.mm;
  const front = leaf.y[0];
  const out = front - handle.projection.mm;
  if (handle.kind === 'bar')
    return [frame.box([Math.min(a, b), out, z0], [Math.max(a, b), front, z0 + handle.height.mm])];
  return [frame.frontal(roundAbout((a + b) / 2, z0 + handle.height.mm / 2, handle.width.mm / 2), out, front)];
}

/** A regular outline about a circle, counter-clockwise. */
function roundAbout(x: number, y: number, radius: number): [number, number][] {
  const r = radius / Math.cos(Math.PI / SIDES);
  return Array.from({ length: SIDES }, (_, i): [number, number] => {
    const a = (2 * Math.PI * i) / SIDES;
    return [x + r * Math.cos(a), y + r * Math.sin(a)];
  });
}

/** A mirror lies on the face; glass is within the leaf. */
function mirrorOf(door: Door, leaf: Leaf, { stock }: PartPlace, frame: Frame): Convex[] {
  const { pane } = door.leaf;
  if (pane?.kind !== 'mirror') return [];
  const b = pane.border.mm;
  const t = stock.thickness(pane.material);
  const { x, y, z } = leaf;
  return [frame.box([x[0] + b, y[0] - t, z[0] + b], [x[1] - b, y[0], z[1] - b])];
}

function rackOf({ rack }: Door, leaf: Leaf, frame: Frame): Convex[] {
  if (!rack) return [];
  const a = fromHinge(leaf, rack.fromHinge.mm);
  const b = fromFree(leaf, rack.fromFree.mm);
  const back = leaf.y[1];
  const z0 = leaf.z[0] + rack.fromBottom.mm;
  return [frame.box([Math.min(a, b), back, z0], [Math.max(a, b), back + rack.depth.mm, z0 + rack.height.mm])];
}

function knuckleRadius(door: Door, place: PartPlace): number {
  switch (door.hinge.kind) {
    case 'butt':
      return hingeHardware(door, place, 'butt hinge').knuckle / 2;
    case 'continuous':
      return hingeHardware(door, place, 'continuous hinge').knuckle / 2;
    default:
      return 0;
  }
}

/** Knuckles that show: round about the pin, one a hinge, or over the whole height. What is let in shows none. */
function knucklesOf(door: Door, leaf: Leaf, place: PartPlace, frame: Frame): Convex[] {
  const { hinge } = door;
  if (hinge.kind === 'cup' || hinge.kind === 'pivot' || hinge.knuckle === 'let in') return [];
  const [px, py] = pinOf(door, leaf)!;
  const outline = roundAbout(px, py, knuckleRadius(door, place));
  if (hinge.kind === 'continuous') return [frame.upright(outline, leaf.z[0], leaf.z[1])];
  const half = hingeHardware(door, place, 'butt hinge').high / 2;
  return hingesOf(door, leaf, place).heights.map((height) =>
    frame.upright(outline, leaf.z[0] + height - half, leaf.z[0] + height + half),
  );
}

/** Plate and arm of each cup hinge, where they stand out from the side into the opening while the leaf is shut. */
function platesOf(door: Door, leaf: Leaf, place: PartPlace, frame: Frame, name: string): Body[] {
  if (door.hinge.kind !== 'cup') return [];
  const item = hingeHardware(door, place, 'cup hinge');
  const opening = openingOf(door, place);
  const { plate } = linkageOf(door, leaf, item);
  // The arm reaches a little past its pivots; the plate lies on the side behind the leaf.
  const out = Math.max(...plate.map(([x]) => x)) + ARM;
  const at = (x: number) => (leaf.side === 'left' ? opening.left.at + x : opening.right.at - x);
  const back = leaf.y[1];
  const pieces = hingesOf(door, leaf, place).heights.map((height) =>
    frame.box(
      [Math.min(at(0), at(out)), back + BEHIND, leaf.z[0] + height - item.plateHigh / 2],
      [Math.max(at(0), at(out)), back + BEHIND + item.plateLong, leaf.z[0] + height + item.plateHigh / 2],
    ),
  );
  return [
    {
      id: `${moverId(door, leaf)}/plates`,
      name: `a hinge plate of the ${name}`,
      item: door.id,
      row: rowOf(place.carcass),
      pieces,
    },
  ];
}

/** How far an arm reaches past its pivots, and how far its plate stands behind the shut leaf, mm. CP. */
const ARM = 5;
const BEHIND = 4;
