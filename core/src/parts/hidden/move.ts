import { movingBodyOfLink } from '../../scene/linkBody';
import type { Mover } from '../../scene/scene';
import { capitalised } from '../../item/capitals';
import type { PartPieces } from '../contract/family';
import type { LaidHidden } from './lay';

/** Each leaf by itself. A case on a door goes with that, and has no way of its own. */
export function moveHidden(laid: LaidHidden, { moving }: PartPieces): readonly Mover[] {
  const { hidden, leaves, place, to, unit } = laid;
  const { around, running } = place.gaps;
  return leaves.flatMap(({ key, own, motion }, i): Mover[] =>
    motion
      ? [
          {
            id: key,
            item: hidden.id,
            name: own ? `${capitalised(own)} leaf of ${hidden.name}` : hidden.name,
            ...(own && { own: `${capitalised(own)} leaf` }),
            bodies: [movingBodyOfLink(moving[i]!, undefined, motion)],
            unit,
            from: 0,
            to,
            contacts: [],
            // It stands in its opening as near as a gap lets it; a trim that hides that gap may come as near.
            needs: {
              around,
              shell: running,
              of: Object.fromEntries(
                leaves.filter((other) => other.key !== key).map((other) => [other.key, running]),
              ),
            },
          },
        ]
      : [],
  );
}
