import { rowOf } from '../../carcass/build';
import { movingBodyOfLink } from '../../scene/linkBody';
import type { IntendedContact, Mover } from '../../scene/scene';
import type { LaidBed } from './lay';
import { bedLinks } from './pieces';

/** No rail and no strut is so thick, mm. */
const WITHIN = 1000;
/** What is pinned to each other besides the bed. */
const PINNED = [
  ['legs', 'bars'],
  ['desk', 'desk-bars'],
  ['struts', 'strut-ends'],
  ['springs', 'spring-ends'],
] as const;
/** A leg comes down on the floor over the last of its travel, rad. */
const LANDS = 0.03;

/** One mover: the bed with its mattress, its legs and what helps it, each on its own way. */
export function moveBed(laid: LaidBed): readonly Mover[] {
  const { bed, place, to } = laid;
  const { carcass, gaps } = place;
  const row = rowOf(carcass);
  const links = bedLinks(laid);
  // All of it hangs on the bed, and some of it on each other; the rest keep off each other: legs, a desk, bars, struts, the mattress.
  const joins = (one: string, other: string) =>
    one !== other &&
    ([one, other].includes(bed.id) ||
      PINNED.some((pair) => pair.every((own) => [one, other].includes(`${bed.id}/${own}`))));
  const joined = links.flatMap(({ link: { key } }) =>
    links
      .filter(({ link }) => joins(key, link.key))
      .map(({ link }): IntendedContact => ({ moving: key, still: link.key, from: 0, to, depth: WITHIN })),
  );
  const lands = place.floor.bodies.map((still): IntendedContact => ({
    moving: `${bed.id}/legs`,
    still,
    from: Math.max(0, to - LANDS),
    to,
    depth: 1,
  }));
  return [
    {
      id: bed.id,
      item: bed.id,
      name: bed.name,
      bodies: links.map(({ link, motion }) => movingBodyOfLink(link, row, motion)),
      unit: 'rad',
      from: 0,
      to,
      contacts: [...(laid.legs.length > 0 ? lands : []), ...joined],
      needs: { around: gaps.around, row: { of: row, gap: gaps.running }, of: {} },
    },
  ];
}
