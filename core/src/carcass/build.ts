import { called } from '../item/called';
import type { Stock } from '../material/stock';
import { alsoWorked, board, type Board, type WorkIn } from '../piece/board';
import type { Link, Piece } from '../piece/piece';
import { frameOf } from '../item/frame';
import { boardsOf } from './boards';
import { layOut, type Layout } from './layout';
import type { Carcass } from './schema';

/** A carcass with all that follows from its numbers. */
export interface BuiltCarcass {
  readonly layout: Layout;
  /** Its boards as they are given in its frame, so that more can be worked into one: keys are `carcass-id/board`. */
  readonly boards: readonly Board[];
}

/** A work into one of a carcass's boards, in the carcass's frame. */
export interface GroundWork {
  /** The board's key. */
  readonly into: string;
  readonly work: WorkIn;
}

/** The plane its front stands in and the way it looks, as text: carcasses of one row have the same. */
export function rowOf({ faces, x, y }: Pick<Carcass, 'faces' | 'x' | 'y'>): string {
  const plane = faces === 'north' || faces === 'south' ? y.mm : x.mm;
  return `${faces} ${plane.toFixed(1)}`;
}

/** Throws where the carcass cannot be: `layOut` tells why in its issues. */
export function buildCarcass(
  carcass: Carcass,
  stock: Stock,
  layout: Layout = layOut(carcass, stock),
): BuiltCarcass {
  if (layout.issues.length > 0)
    throw new Error(`The carcass ${carcass.id} cannot be: ${layout.issues[0]!.message}`);
  return { layout, boards: boardsOf(carcass, layout, stock) };
}

/**
 * The boards of a carcass as one rigid link, with what the parts in it have worked into them.
 *
 * @throws where a work is for a board that is not there
 */
export function carcassLink(carcass: Carcass, boards: readonly Board[], worked: readonly GroundWork[]): Link {
  const frame = frameOf(carcass);
  const lost = worked.find(({ into }) => !boards.some(({ key }) => key === into));
  if (lost) throw new Error(`Nothing called ${lost.into} is there for ${lost.work.key} to be worked into.`);
  const pieces = boards.map((given): Piece => {
    const own = worked.filter(({ into }) => into === given.key).map(({ work }) => work);
    return board(frame, alsoWorked(given, own));
  });
  return { key: carcass.id, item: carcass.id, words: `the ${called(carcass.name)}`, pieces };
}
