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
  const parts = new Map<string, { id: string; name: string; keys: string[]; round?: true; solids: Convex[] }>();
  for (const { key: piece, told, solids, round } of pieces) {
    if (solids.length === 0) continue;
    let part = parts.get(told.key);
    if (!part) parts.set(told.key, (part = { id: told.key, name: told.words, keys: [], solids: [], ...(round && { round }) })); // prettier-ignore
    part.keys.push(...solids.map(() => piece));
    part.solids.push(...solids);
  }
  return {
    id: key,
    name: words,
    item,
    pieces: [...parts.values()].flatMap(({ solids }) => solids),
    parts: [...parts.values()].map(({ id, name, keys, round }): BodyPart => ({ id, name, keys, ...(round && { round }) })),
    ...(row !== undefined && { row }),
  };
} // prettier-ignore

/** The same on its way. */
export const movingBodyOfLink = (link: Link, row: string | undefined, motion: Motion): MovingBody => ({
  ...bodyOfLink(link, row),
  motion,
});

/** The body as another way in which the same link moves: under keys of its own. */
export function asWay(body: MovingBody, key: string): MovingBody {
  if (key === body.id) return body;
  const renamed = (id: string) => `${key}${id.slice(body.id.length)}`;
  return { ...body, id: key, parts: body.parts!.map((part) => ({ ...part, id: renamed(part.id) })) };
}
