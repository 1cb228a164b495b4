import type { Convex } from '../solid/convex';
import type { Link, Piece, Role } from './piece';

/** A piece that is there already, as it is drawn: what a finding tells it by, and what it fills. */
export interface ExistingPart {
  /** The end of its key; empty where it is all of its link. */
  readonly id: string;
  readonly role: Role;
  readonly words: string;
  /** One physical piece each: two arms are two. */
  readonly solids: readonly Convex[];
}

/**
 * What is there already and hangs rigidly together: nobody cuts it, and what it weighs nobody asked.
 *
 * @param key  of the link, and how the keys of its pieces begin
 */
export function linkOfExisting(
  key: string,
  item: string,
  words: string,
  parts: readonly ExistingPart[],
): Link {
  return {
    key,
    item,
    words,
    pieces: parts.flatMap(({ id, role, words: said, solids }) =>
      solids.map((solid, i): Piece => ({
        key: `${toldKey(key, id)}${solids.length > 1 ? `-${i + 1}` : ''}`,
        item,
        role,
        is: 'kept',
        name: said,
        told: { key: toldKey(key, id), words: said },
        solids: [solid],
        works: [],
        notes: [],
      })),
    ),
  };
}

const toldKey = (key: string, id: string) => (id === '' ? key : `${key}/${id}`);
