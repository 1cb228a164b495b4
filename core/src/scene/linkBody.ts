import type { Motion } from '../motion/motion';
import type { Link } from '../piece/piece';
import type { Convex } from '../solid/convex';
import type { Body, BodyPart, MovingBody } from './scene';

/**
 * A link as the scene has it: one body, its pieces told by their own names. Pieces that are only weighed are no part of it.
 *
 * @param row  of fronts that it belongs to, as text; undefined of what belongs to none
 */
export function bodyOfLink({ key, item, words, pieces }: Link, row: string | undefined): Body<Convex> {
  const parts = new Map<
    string,
    { id: string; name: string; keys: string[]; round?: true; solids: Convex[] }
  >();
  for (const { key: piece, told, solids, round } of pieces) {
    if (solids.length === 0) continue;
    let part = parts.get(told.key);
    if (!part)
      parts.set(
        told.key,
        (part = { id: told.key, name: told.words, keys: [], solids: [], ...(round && { round }) }),
      );
    part.keys.push(...solids.map(() => piece));
    part.solids.push(...solids);
  }
  return {
    id: key,
    name: words,
    item,
    pieces: [...parts.values()].flatMap(({ solids }) => solids),
    parts: [...parts.values()].map(({ id, name, keys, round }): BodyPart => ({
      id,
      name,
      keys,
      ...(round && { round }),
    })),
    ...(row !== undefined && { row }),
  };
}

/** The same on its way. */
export const movingBodyOfLink = (link: Link, row: string | undefined, motion: Motion): MovingBody => ({
  ...bodyOfLink(link, row),
  motion,
});

/** What a part of a link is called on one of several ways in which the link moves; on its first way, which has its key, as it is. */
export const idOnWay = (way: string, { key }: Pick<Link, 'key'>, part: string): string =>
  way === key ? part : `${way}:${part}`;

/** A link on one of several ways in which it moves, its parts under ids of that way. */
export function bodyOnWay(link: Link, row: string | undefined, motion: Motion, way: string): MovingBody {
  const body = movingBodyOfLink(link, row, motion);
  const parts = body.parts!.map((part) => ({ ...part, id: idOnWay(way, link, part.id) }));
  return { ...body, id: way, parts };
}
