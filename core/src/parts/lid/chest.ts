import { noteOf, type PartNote } from '../../item/note';
import { lengthMark } from '../../length/lengthMark';
import { GRAVITY, weighAll } from '../../piece/mass';
import { middleOf } from '../../solid/bounds';
import type { PartPieces } from '../contract/family';
import { fittingsReach } from '../kit/turning/works';
import type { LaidLid } from './lay';

/** An arm reaches so far. Common practice, mm. */
const ARM = 600;

export function withinNotes({ lid, inside, place: { carcass }, ledges, front }: LaidLid): PartNote[] {
  const high = carcass.height.mm - inside.bottom;
  const fitted = fittingsReach(lid.help, lid.stay);
  const free = high - Math.max(ledges.length > 0 ? lid.ledge.thick.mm : 0, fitted);
  const back = inside.back - (front ? front.y[1] : inside.front);
  const down = Math.hypot(high, back / 2);
  return [
    ...(lid.within.mm > 0
      ? [
          noteOf(
            'fit',
            lid.within.mm > high ? 'hits' : lid.within.mm > free ? 'tight' : 'clear',
            lid.within.mm > high
              ? `What is kept in it is ${lengthMark(lid.within.mm)} high and has ${lengthMark(high, 'most')} under the lid.`
              : `What is kept in it, ${lengthMark(lid.within.mm)} high, has ${lengthMark(high - lid.within.mm, 'most')} over it${lid.within.mm > free ? `, and none under ${fitted > lid.ledge.thick.mm || ledges.length === 0 ? `what is fixed beside it, which reaches ${lengthMark(fitted, 'least')} down` : 'the ledges'}` : ''}.`,
            'within',
          ),
        ]
      : []),
    ...(down > ARM
      ? [
          noteOf(
            'reach',
            'tight',
            `Its bottom is ${lengthMark(down, 'least')} from who reaches in over the front; ${lengthMark(ARM)} is an arm. A floor raised by ${lengthMark(down - ARM, 'least')} will do, or what is seldom wanted at the bottom.`,
            'bottom',
          ),
        ]
      : []),
  ];
}

/** On the road and at sea all is thrown up with so much, of its own weight. @source EN 12195-1 deals with loads on lorries: upward by common practice */
const THROWN = 2;

export function latchNotes({ lid, place, leaves, plane, long }: LaidLid, { moving }: PartPieces): PartNote[] {
  const { latch, travels, front } = lid;
  const item = latch && place.hardware.named(latch.hardware);
  const holds = item && 'holds' in item ? item.holds : 0;
  const link = moving.find(({ key }) => key === leaves[0]!.key)!;
  const { kg, centre } = weighAll(link.pieces, place.stock);
  const [x, y] = plane.frame.toSpace([middleOf(leaves[0]!.at.x), plane.axis[0], 0]);
  // About its axis: thrown up with twice its weight, less its weight.
  const thrown = (kg * GRAVITY * (THROWN - 1) * Math.hypot(centre[0] - x, centre[1] - y)) / long;
  const found: PartNote[] = [];
  if (travels && !latch)
    found.push(
      noteOf(
        'caution',
        'hits',
        `The home moves, and nothing keeps it shut: a catch that holds ${Math.ceil(thrown)} N at its front edge will do.`,
        'travels',
      ),
    );
  else if (travels)
    found.push(
      noteOf(
        'caution',
        holds < thrown ? 'hits' : 'clear',
        holds < thrown
          ? `Thrown up with twice its weight it pulls at its catch with ${Math.ceil(thrown)} N, and that holds ${Math.round(holds)} N.`
          : `Its catch holds ${Math.round(holds)} N; thrown up with twice its weight it pulls with ${Math.ceil(thrown)} N.`,
        'travels',
      ),
    );
  if (latch?.reached === 'from within' && front)
    found.push(
      noteOf(
        'reach',
        'hits',
        'Its catch is reached from within only, and shut nobody is within: set it so that a hand outside lets it go.',
        'latch',
      ),
    );
  return found;
}

/** A chest a child can get into: so large, every way. @source EN 71-1 and ASTM F963 on toy chests, from memory; named, not claimed */
const CHILD = { volume: 0.03, side: 150 };
/** Air holes so large in all, mm2, where they cannot be covered. @source the same, from memory */
const AIR = 1300;
const HOLE = Math.ceil(Math.sqrt((2 * AIR) / Math.PI));

export function childNotes({ lid, inside, place, front }: LaidLid): PartNote[] {
  const [x, y, z] = [
    inside.right - inside.left,
    inside.back - (front ? front.y[1] : inside.front),
    place.carcass.height.mm - inside.bottom,
  ];
  if (!front || Math.min(x, y, z) < CHILD.side || (x * y * z) / 1e9 < CHILD.volume) return [];
  const item = lid.latch && place.hardware.named(lid.latch.hardware);
  const locks = item?.kind === 'bolt' || item?.kind === 'turn button';
  const found: PartNote[] = [];
  if (locks)
    found.push(
      noteOf(
        'caution',
        'hits',
        'A child can get into it, and its catch does not give way to a push from within: a magnet or a roller catch does.',
        'locks',
      ),
    );
  if (lid.air < AIR)
    found.push(
      noteOf(
        'caution',
        'tight',
        `A child can get into it and be shut in: give it air, two holes ${lengthMark(HOLE, 'least')} across (${AIR} mm²) or a gap that nothing covers, no catch that locks, and a lid that stays where it is left. Toy chests are tested under ASTM F963 and EN 71-1; those, and local codes, come first.`,
        'air',
      ),
    );
  return found;
}
