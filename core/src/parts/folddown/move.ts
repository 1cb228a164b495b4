import { movingBodyOfLink } from '../../scene/linkBody';
import type { IntendedContact, Mover } from '../../scene/scene';
import type { LaidFoldDown } from './lay';
import { foldDownLinks } from './pieces';

/** No prop is so thick, mm. */
const WITHIN = 1000;

/** One mover: the leaf is raised, then what props it is swung out. It hangs together with what it hangs on. */
export function moveFoldDown(laid: LaidFoldDown): readonly Mover[] {
  const { leaf, place, to } = laid;
  const links = foldDownLinks(laid);
  const props = links.slice(1).map(({ link }) => link.key);
  const touch = (moving: string, still: string, depth: number): IntendedContact => ({
    moving,
    still,
    from: 0,
    to,
    depth,
  });
  const wall = `wall-${leaf.mount.corner}`;
  return [
    {
      id: leaf.id,
      item: leaf.id,
      name: leaf.name,
      bodies: links.map(({ link, motion }) => movingBodyOfLink(link, undefined, motion)),
      unit: 'rad',
      from: 0,
      to,
      contacts: [
        touch(leaf.id, `${leaf.id}/wall`, 0.01),
        ...props.flatMap((prop) => [
          // A prop turns on what it is hinged to, and comes under the leaf or against the cleat.
          touch(prop, leaf.id, WITHIN),
          touch(leaf.id, prop, WITHIN),
          touch(prop, `${leaf.id}/wall`, leaf.props.kind === 'struts' ? laid.propThick : 0.01),
          touch(prop, wall, 0.01),
          ...(leaf.props.kind === 'legs' ? place.floor.bodies.map((still) => touch(prop, still, 1)) : []),
        ]),
      ],
      needs: { around: place.gaps.around, of: { [`${leaf.id}/wall`]: 0, [wall]: 0 } },
    },
  ];
}
