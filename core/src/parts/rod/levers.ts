import type { Lever, Trouble } from '../../item/lever';
import { choiceLever, cost, lengthLever } from '../../item/leverOf';
import { lengthMark } from '../../length/lengthMark';
import type { PartPieces } from '../contract/family';
import type { LaidRod } from './lay';

/** Rods are sold so thick, mm. Common practice. */
const SOLD = [25, 30, 32, 38] as const;

/** What of a rod may be changed: how thick it is and of what, and how high it hangs. */
export function rodLevers({ rod }: LaidRod, _pieces: PartPieces, { about }: Trouble): Lever[] {
  if (about === 'strength')
    return [
      ...choiceLever(rod, ['made'], 'steel tube', {
        key: 'tube',
        what: 'what it is made of',
        cost: cost('a tube to buy', 4),
        words: 'take a steel tube',
      }),
      ...SOLD.filter((mm) => mm > rod.thick.mm).flatMap((mm) =>
        choiceLever(
          rod,
          ['thick'],
          { mm },
          {
            key: `thick.${mm}`,
            what: 'how thick it is',
            cost: cost('a thicker rod', 3 + mm / 20),
            words: `take a rod ${lengthMark(mm)} thick`,
          },
        ),
      ),
    ];
  if (about === 'fit')
    return lengthLever(rod, ['long'], {
      key: 'long',
      what: 'what hangs on it',
      to: Math.max(100, rod.long.mm - 800),
      cost: cost('shorter clothes', 6, 0.1),
      words: (mm) => `hang what is at most ${lengthMark(mm, 'most')} long on it`,
    });
  return about === undefined || about === 'reach'
    ? lengthLever(rod, ['below'], {
        key: 'below',
        what: 'how high it hangs',
        to: rod.below.mm + 400,
        cost: cost('room under it', 4, 0.1),
        words: (mm) => `hang it ${lengthMark(mm, 'least')} below what is above it`,
      })
    : [];
}
