import type { Frame } from '../item/frame';
import { greatest, least, span, type Bounds } from '../solid/bounds';
import type { Piece } from './piece';

/** What is bought, there already or put in: the boxes of a frame it takes up, or the solids it is. */
type Plain = Pick<Piece, 'key' | 'item' | 'role' | 'is' | 'name' | 'told'> &
  Partial<Pick<Piece, 'round' | 'mass' | 'notes' | 'works' | 'solids' | 'hardware'>> & {
    readonly at?: readonly Bounds[];
  };

/** What has no size is refused by whoever laid it, and stands nowhere until then. */
const hasSize = ({ x, y, z }: Bounds) => span(x) > 0 && span(y) > 0 && span(z) > 0;

/** A piece that nobody cuts. */
export function plain(
  frame: Frame,
  {
    key,
    item,
    role,
    is,
    name,
    told,
    at = [],
    solids = [],
    works = [],
    notes = [],
    round,
    mass,
    hardware,
  }: Plain,
): Piece {
  return {
    key,
    item,
    role,
    is,
    name,
    told,
    solids: [...at.filter(hasSize).map((box) => frame.box(least(box), greatest(box))), ...solids],
    works,
    notes,
    ...(round && { round }),
    ...(mass && { mass }),
    ...(hardware && { hardware }),
  };
}
