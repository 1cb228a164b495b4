import { called } from '../../item/called';
import { frameOf } from '../../item/frame';
import { board } from '../../piece/board';
import type { Way } from '../../piece/lie';
import type { Link, Piece } from '../../piece/piece';
import { plain } from '../../piece/plain';
import { span, type Bounds, type Range } from '../../solid/bounds';
import type { PartPieces } from '../contract/family';
import type { LaidRod } from './lay';

/** Along the depth, its face into the bay. */
const WAYS: Readonly<Record<'left' | 'right', Way>> = { left: ['-y', 'z'], right: ['y', 'z'] };
/** A tube's wall, mm, and what steel weighs, kg/m3. Common practice; handbook value from memory. */
const STEEL = 7850;
const WOOD = 600;
const MM3_A_M3 = 1e9;

/** What a rod of a length is made of, mm3. */
export const sectionOf = ({ made, thick }: LaidRod['rod']): { inner: number; density: number } =>
  made === 'wood'
    ? { inner: 0, density: WOOD }
    : { inner: Math.max(0, thick.mm - 2 * TUBE_WALL), density: STEEL };
export const TUBE_WALL = 1.2;

/** The rod in a hole of each of two cleats along the sides of its bay: all lies still. */
export function rodPieces(laid: LaidRod): PartPieces {
  const { rod } = laid;
  const link: Link = {
    key: rod.id,
    item: rod.id,
    words: `the ${called(rod.name)}`,
    pieces: [tubeOf(laid), cleatOf(laid, 'left'), cleatOf(laid, 'right')],
  };
  return { moving: [], still: [link], onGround: [] };
}

function tubeOf(laid: LaidRod): Piece {
  const { rod, place, from, to, y, z } = laid;
  const half = rod.thick.mm / 2;
  const frame = frameOf(place.carcass);
  const { inner, density } = sectionOf(rod);
  const long = to - from;
  const volume = (Math.PI / 4) * (rod.thick.mm ** 2 - inner ** 2) * long;
  return plain(frame, {
    key: `${rod.id}/rod`,
    item: rod.id,
    role: 'rod',
    is: 'bought',
    name: rod.made === 'wood' ? 'Round rod' : 'Steel tube',
    told: { key: `${rod.id}/rod`, words: `the ${called(rod.name)}` },
    at: [{ x: [from, to], y: [y - half, y + half], z: [z - half, z + half] }],
    mass: { kg: (volume * density) / MM3_A_M3, centre: frame.toSpace([(from + to) / 2, y, z]) },
  });
}

function cleatOf(laid: LaidRod, which: 'left' | 'right'): Piece {
  const { rod, place, opening, from, to, y, z, cleat } = laid;
  const x: Range = which === 'left' ? [from, from + cleat] : [to - cleat, to];
  const { inside } = opening;
  const half = rod.thick.mm / 2;
  const head = Math.min(inside.top, z + rod.cleat.mm / 2);
  const at: Bounds = { x, y: [inside.front, inside.back], z: [head - rod.cleat.mm, head] };
  const key = `${rod.id}/cleat-${which}`;
  return board(frameOf(place.carcass), {
    key,
    item: rod.id,
    role: 'cleat',
    name: `${rod.name} cleat`,
    told: { key, words: `a cleat of the ${called(rod.name)}` },
    at,
    way: WAYS[which],
    length: [{ words: 'inside depth', mm: span(at.y) }],
    width: [{ words: 'as chosen', mm: rod.cleat.mm }],
    thick: [{ words: 'as the board', mm: cleat }],
    material: rod.material,
    works: [
      {
        key: 'rod',
        kind: 'hole',
        side: 'face',
        round: true,
        at: { x, y: [y - half, y + half], z: [z - half, z + half] },
        words: 'the rod',
      },
    ],
    notes: ['Glue it and screw it to the side.'],
  });
}
