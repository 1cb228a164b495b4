import { rowOf } from '../../carcass/build';
import { movingBodyOfLink } from '../../scene/linkBody';
import type { IntendedContact, Mover } from '../../scene/scene';
import type { PartPieces } from '../contract/family';
import { turnOf } from '../kit/turning/plane';
import { helpLinks } from './pieces';
import type { LaidLid } from './lay';

/** No strut is so thick, mm. */
const WITHIN = 1000;
const insideOneAnother = (keys: readonly string[]): [string, string][] =>
  keys.flatMap((one) => keys.filter((other) => other !== one).map((other): [string, string] => [one, other]));

/** What is chosen as a gap is what is wanted: less than all of it by this much is not kept. */
const HAIR = 0.999;

/** A mover a leaf: the leaf on its axis, its struts and springs each on its own way. */
export function moveLid(laid: LaidLid, { moving, still }: PartPieces): readonly Mover[] {
  const { lid, place, to } = laid;
  const row = rowOf(place.carcass);
  const gap = Math.min(place.gaps.running, lid.gap.mm * HAIR);
  const margins = still.map(({ key }) => key);
  return laid.leaves.map((leaf): Mover => {
    const link = moving.find(({ key }) => key === leaf.key)!;
    const knuckles = link.pieces.some(({ role, solids }) => role === 'hinge' && solids.length > 0);
    const touch = (own: string, other: string, depth: number): IntendedContact => ({
      moving: own,
      still: other,
      from: 0,
      to,
      depth,
    });
    return {
      id: leaf.key,
      item: lid.id,
      name: leaf.of === '' ? lid.name : `${lid.name}, ${leaf.of}`,
      ...(leaf.of !== '' && { own: `${leaf.of === 'left' ? 'Left' : 'Right'} leaf` }),
      bodies: [
        movingBodyOfLink(link, row, turnOf(laid.plane)),
        ...helpLinks(laid, leaf).map((one) => movingBodyOfLink(one.link, row, one.motion)),
      ],
      unit: 'rad',
      from: 0,
      to,
      contacts: [
        // It lies on its carcass, its ledges and its front, and leaves them as it opens.
        ...[place.carcass.id, ...margins].map((other) => touch(`${leaf.key}/leaf`, other, 0)),
        // A knuckle turns where it is let in, over the strip or the case behind it.
        ...(knuckles
          ? [place.carcass.id, ...margins].map((other) =>
              touch(`${leaf.key}/knuckles`, other, 2 * laid.knuckle),
            )
          : []),
        // The parts of a strut slide in one another.
        ...insideOneAnother(helpLinks(laid, leaf).map((one) => one.link.key)).map(([one, other]) =>
          touch(one, other, WITHIN),
        ),
      ],
      needs: {
        around: place.gaps.around,
        row: { of: row, gap },
        of: Object.fromEntries(margins.map((key) => [key, gap])),
      },
    };
  });
}
