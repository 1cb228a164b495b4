import { called } from '../../item/called';
import type { Lever, Trouble } from '../../item/lever';
import { materialLevers } from '../../material/levers';
import type { PartPieces } from '../contract/family';
import { shelfDoes } from './advice';
import type { LaidShelf } from './lay';

/** What a shelf that bends too far may be made of instead. */
export function shelfLevers(laid: LaidShelf, _pieces: PartPieces, { about }: Trouble): Lever[] {
  if (about !== 'strength') return [];
  const { shelf, place } = laid;
  return materialLevers(shelf, ['material'], place.stock.materials, `the ${called(shelf.name)}`, (one) =>
    shelfDoes(laid, one),
  );
}
