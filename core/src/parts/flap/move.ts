import { rowOf } from '../../carcass/build';
import { movingBodyOfLink } from '../../scene/linkBody';
import type { IntendedContact, Mover } from '../../scene/scene';
import type { LaidFlap } from './lay';
import { flapLinks } from './pieces';

/** No arm and no strut is so thick, mm. */
const WITHIN = 1000;

/** One mover: its leaves, its arms and what helps it, each on its own way. */
export function moveFlap(laid: LaidFlap): readonly Mover[] {
  const { flap, place, to } = laid;
  const { carcass, gaps } = place;
  const row = rowOf(carcass);
  const links = flapLinks(laid);
  const leaves = new Set(laid.leaves.map(({ key }) => key));
  const touch = (moving: string, still: string, depth: number): IntendedContact => ({
    moving,
    still,
    from: 0,
    to,
    depth,
  });
  // What is fixed to a leaf or an arm, and the leaves at their fold, hang together.
  const joined = links.flatMap(({ link: { key } }) =>
    links
      .filter(({ link }) => link.key !== key)
      .map(({ link }) => touch(key, link.key, leaves.has(key) && leaves.has(link.key) ? 0 : WITHIN)),
  );
  return [
    {
      id: flap.id,
      item: flap.id,
      name: flap.name,
      bodies: links.map(({ link, motion }) => movingBodyOfLink(link, row, motion)),
      unit: 'rad',
      from: 0,
      to,
      contacts: [
        ...(flap.fit.kind === 'inset'
          ? []
          : laid.leaves.map(({ key }) => touch(`${key}/leaf`, carcass.id, 0))),
        ...(laid.knuckle > 0 ? [touch(`${flap.id}/knuckles`, carcass.id, 2 * laid.knuckle)] : []),
        ...joined,
      ],
      needs: { around: gaps.around, row: { of: row, gap: gaps.running }, of: {} },
    },
  ];
}
