import { LEVEL_SIDES } from '../../piece/work';
import { called } from '../../item/called';
import { board, type Board, type WorkIn } from '../../piece/board';
import type { Link } from '../../piece/piece';
import { plain } from '../../piece/plain';
import type { Bounds } from '../../solid/bounds';
import { frameOf } from '../../item/frame';
import type { PartPieces } from '../contract/family';
import { degrees } from './advice';
import type { LaidShelf } from './lay';

/** A usual screw through a shelf, and how far from its ends it stands, mm. Common practice, no single source. */
const SCREW = 4;
const SCREW_IN = 30;
/** A loose shelf lies on so many. */
const PINS = 4;
/** Less than this nobody leaves room for, mm. */
const LEAST_MOVEMENT = 0.05;

/** Each shelf a link of its own, that lies still on its pins. */
export function shelfPieces(laid: LaidShelf): PartPieces {
  const { shelf, place, heights } = laid;
  const frame = frameOf(place.carcass);
  const words = `the ${called(shelf.name)}`;
  const still = heights.map((z, i): Link => {
    const key = `${shelf.id}/shelf-${i + 1}`;
    const pins = Array.from({ length: shelf.held === 'loose' ? PINS : 0 }, (_, n) =>
      plain(frame, {
        key: `${key}/pin-${n + 1}`,
        item: shelf.id,
        role: 'pin',
        is: 'bought',
        name: 'Shelf pin',
        told: { key: `${key}/pins`, words: `a pin of ${words}` },
      }),
    );
    return { key, item: shelf.id, words, pieces: [board(frame, shelfBoard(laid, key, z)), ...pins] };
  });
  return { moving: [], still, onGround: [] };
}

/** @param z  how high its underside is */
function shelfBoard(laid: LaidShelf, key: string, z: number): Board {
  const { shelf, opening, thick, long, front, deep, movement, way } = laid;
  const { inside } = opening;
  const wide = inside.right - inside.left;
  const left = inside.left + shelf.less.mm / 2;
  const swells = movement > LEAST_MOVEMENT;
  const at: Bounds = { x: [left, left + long], y: [front, front + deep], z: [z, z + thick] };
  return {
    key,
    item: shelf.id,
    role: 'shelf',
    name: shelf.name,
    told: { key, words: `the ${called(shelf.name)}` },
    at,
    way: ['x', '-y'],
    length: [
      ...(Math.abs(opening.width.mm - wide) < 1e-9
        ? opening.width.lines
        : [{ words: 'inside width', mm: wide }]),
      { words: 'less than its opening', mm: -shelf.less.mm },
    ],
    width: [
      { words: 'inside depth', mm: inside.back - inside.front },
      { words: 'set back', mm: -shelf.setback.mm },
    ],
    thick: [{ words: 'as the board', mm: thick }],
    material: shelf.material,
    banded: { right: shelf.banding.mm },
    // Its place is as wide as it may come to be; it is cut so much narrower.
    ...(swells && { cutBy: { width: [{ words: 'left for the wood to swell', mm: -movement }] } }),
    works: shelf.held === 'screws in slots' ? slots(at, SCREW + (swells ? movement : 0)) : [],
    sides: LEVEL_SIDES,
    notes:
      way.kind === 'tilted'
        ? [`Goes in with one end raised ${degrees(way.from, Math.ceil)} to ${degrees(way.to, Math.floor)}.`]
        : [],
  };
}

/** A slot at either end, long across the grain, so that the wood can move about its screw. */
function slots({ x, y, z }: Bounds, long: number): WorkIn[] {
  const middle = (y[0] + y[1]) / 2;
  return [x[0] + SCREW_IN, x[1] - SCREW_IN].map((at, i) => ({
    key: `slot-${i + 1}`,
    kind: 'slot',
    side: 'face',
    at: { x: [at - SCREW / 2, at + SCREW / 2], y: [middle - long / 2, middle + long / 2], z },
  }));
}
