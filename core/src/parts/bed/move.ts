import { rowOf } from '../../carcass/build';
import { movingBodyOfLink } from '../../scene/linkBody';
import type { IntendedContact, Mover } from '../../scene/scene';
import type { LaidBed } from './lay';
import { bedLinks, mattressKey } from './pieces';

/** No rail and no strut is so thick, mm. */
const WITHIN = 1000;
/** A leg comes down on the floor over the last of its travel, rad. */
const LANDS = 0.03;

/** One mover: the bed with its mattress, its legs and what helps it, each on its own way. */
export function moveBed(laid: LaidBed): readonly Mover[] {
  const { bed, place, to } = laid;
  const { carcass, gaps } = place;
  const row = rowOf(carcass);
  const links = bedLinks(laid);
  // All of it hangs together but for the mattress, which only lies in its frame: legs, bars and struts keep off it.
  const mattress = mattressKey(laid);
  const joins = (one: string, other: string) =>
    one !== other && (![one, other].includes(mattress) || [one, other].includes(bed.id));
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
