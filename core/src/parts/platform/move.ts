import { rowOf } from '../../carcass/build';
import { movingBodyOfLink } from '../../scene/linkBody';
import type { IntendedContact, Mover } from '../../scene/scene';
import type { LaidPlatform } from './lay';
import { platformLinks } from './pieces';

/** What is chosen as a gap is what is wanted: less than all of it by this much is not kept. */
const HAIR = 0.999;
/** Its hinge holds two leaves so near each other and no nearer, mm. */
const FLUSH = 0.01;

/** One mover: every leaf on its joints and those before it, each with its legs. */
export function movePlatform(laid: LaidPlatform): readonly Mover[] {
  const { platform, place, to } = laid;
  const { id } = platform;
  const row = rowOf(place.carcass);
  const links = platformLinks(laid);
  const touch = (moving: string, still: string, from: number, until: number, depth: number): IntendedContact => ({
    moving,
    still,
    from,
    to: until,
    depth,
  });
  const first = laid.leaves[0]!.key;
  const contacts = links.flatMap(({ link: { key }, leaf, of }): IntendedContact[] => {
    const own = leaf.key;
    if (of === 'legs')
      return [
        // Its edge turns where it is hinged on, and it comes down on the floor.
        touch(key, own, 0, to, laid.legThick),
        ...laid.place.floor.bodies.map((still) => touch(key, still, 0, to, 1)),
      ];
    // It comes down on the ledgers, level with the carcass's top.
    return [
      ...(laid.ledgers.length > 0 ? [touch(own, `${id}/ledgers`, 0, to, FLUSH)] : []),
      touch(own, place.carcass.id, 0, to, FLUSH),
    ];
  });
  const gap = platform.gap.mm * HAIR;
  return [
    {
      id,
      item: id,
      name: platform.name,
      bodies: links.map(({ link, motion }) => movingBodyOfLink(link, row, motion)),
      unit: 'rad',
      from: 0,
      to,
      contacts,
      needs: {
        around: place.gaps.around,
        row: { of: row, gap: Math.min(place.gaps.running, gap) },
        of: { [first]: Math.min(place.gaps.running, gap) },
      },
    },
  ];
} // prettier-ignore
