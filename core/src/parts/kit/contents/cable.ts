import { lengthMark } from '../../../length/lengthMark';
import { span, type Bounds } from '../../../solid/bounds';
import type { PartNote } from '../../../item/note';
import type { Cable } from './schema';

/**
 * The shortest way of a cable, mm, that leaves one point squarely, reaches another squarely going the same way, and bends no
 * tighter than `bend`; Infinity where the two are too near each other for that.
 *
 * @param on      how far the second lies ahead
 * @param across  how far it lies aside
 * @source Dubins 1957: a turn, a straight, and the turn back; the inner tangent of both circles
 */
export function squareWay(on: number, across: number, bend: number): number {
  const straight2 = on * on + across * across - 4 * across * bend;
  if (on <= 0 || straight2 < 0) return Infinity;
  const straight = Math.sqrt(straight2);
  const turn = Math.atan2(across - 2 * bend, on) + Math.atan2(2 * bend, straight);
  return straight + 2 * bend * turn;
}

/** Where a cable is held at the case's back and at the back of the shut box, as far as it matters, mm. */
interface Held {
  readonly across: number;
  readonly behind: number;
  readonly travel: number;
}

/** How long a cable must be, and how deep the room behind the shut box for its slack, mm. */
export function cableNeeds(
  { thick, bend }: { thick: number; bend: number },
  { across, behind, travel }: Held,
) {
  return {
    // The two ends only part as it comes out: drawn out fully is the longest.
    length: squareWay(behind + travel, across, bend),
    // The slack lies flat against the back: off one end by a quarter bend, and by another into the other end.
    room: 2 * bend + thick,
  };
}

const note = (verdict: PartNote['verdict'], sentence: string): PartNote => ({
  about: 'cable',
  verdict,
  sentence,
});

/** What its length, its bends and its plug come to, over the whole travel. */
export function cableNotes(cable: Cable, bay: Bounds, outer: Bounds, travel: number): PartNote[] {
  const { what, wall, box } = cable;
  const behind = bay.y[1] - outer.y[1];
  const across = Math.hypot(
    bay.x[0] + wall.left.mm - outer.x[0] - box.left.mm,
    bay.z[0] + wall.up.mm - outer.z[0] - box.up.mm,
  );
  const { length, bend } = { length: cable.length.mm, bend: cable.bend.mm };
  const needs = cableNeeds({ thick: cable.thick.mm, bend }, { across, behind, travel });
  return [
    ...(length < needs.length
      ? [
          note(
            'hits',
            needs.length === Infinity
              ? `The ${what} cannot be bent from one of its ends to the other: they are ${lengthMark(across)} aside of each other, and it bears no bend tighter than ${lengthMark(bend)}.`
              : `The ${what} is ${lengthMark(needs.length - length, 'least')} too short: drawn out fully it must be ${lengthMark(needs.length, 'least')} long.`,
          ),
        ]
      : []),
    ...slackNotes(cable, needs, { across, behind }, Math.max(span(bay.x), span(bay.z))),
    ...plugNotes(cable),
  ];
}

/** How it lies behind what is shut. */
function slackNotes(
  { what, length, thick, bend }: Cable,
  needs: ReturnType<typeof cableNeeds>,
  { across, behind }: Pick<Held, 'across' | 'behind'>,
  bayLong: number,
): PartNote[] {
  if (behind < thick.mm)
    return [
      note(
        'hits',
        `The ${what} is pinched behind it: ${lengthMark(behind)} is left there, and it is ${lengthMark(thick.mm)} thick.`,
      ),
    ];
  if (behind < needs.room)
    return [
      note(
        'hits',
        `Shut, the ${what} is bent to ${lengthMark(Math.max(0, (behind - thick.mm) / 2), 'most')}; it bears ${lengthMark(bend.mm)}. ${lengthMark(needs.room, 'least')} behind the box will do, ${lengthMark(needs.room - behind, 'least')} more than there is.`,
      ),
    ];
  if (length.mm < needs.length) return [];
  const fold = Math.max(0, (length.mm - behind - across) / 2);
  return [
    fold > bayLong
      ? note(
          'tight',
          `Shut, its slack makes a fold of ${lengthMark(fold)}, and the bay is ${lengthMark(bayLong)} at its longest: it may be caught.`,
        )
      : note(
          'clear',
          `The ${what} is long enough by ${lengthMark(length.mm - needs.length, 'most')}, and its slack folds behind the shut box.`,
        ),
  ];
}

function plugNotes({ plug }: Cable): PartNote[] {
  if (!plug) return [];
  const through = Math.hypot(plug.width.mm, plug.height.mm);
  if (through <= plug.hole.mm) return [];
  return [
    note(
      'hits',
      `Its plug cannot pass its hole: ${lengthMark(through, 'least')} across is wanted, ${lengthMark(through - plug.hole.mm, 'least')} more than there is.`,
    ),
  ];
}
