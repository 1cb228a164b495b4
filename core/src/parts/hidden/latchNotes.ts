import { noteOf, type PartNote } from '../../item/note';
import { lengthMark } from '../../length/lengthMark';
import type { LaidHidden } from './lay';

/** Push catches want the leaf to go in so far before it springs out, mm. Common practice. */
const PUSHED_IN = 3;

/** How it is opened from either side, and what would shut somebody in. */
export function latchNotes({ hidden }: LaidHidden): PartNote[] {
  const { latch, behind, covers, gaps, opening, swings, hung } = hidden;
  const notes: PartNote[] = [];
  const say = (verdict: PartNote['verdict'], of: string, sentence: string, about: PartNote['about'] = 'caution') =>
    notes.push(noteOf(about, verdict, sentence, of));
  if (behind.somebody || covers !== undefined) {
    if (!latch.within)
      say('hits', 'within', covers === undefined
        ? 'Nobody lets themself out: from within its latch is not reached by hand. A lever, a cord or a push plate through it opens it from inside, without a key, always.'
        : 'Shut, it keeps the door that it covers from opening, and from within nobody opens it: whoever is in there is locked in. Let it give to a push from behind.');
    else
      say('clear', 'within', latch.locks
        ? 'Locked from outside it is let go from within, by hand and without a key: try that from inside, in the dark, before it is ever shut on anybody.'
        : covers === undefined
          ? 'It opens from within by hand, without a key.'
          : 'It gives to a push from behind: whoever is within opens it first, then the door that it covers.');
  } else if (latch.locks && !latch.within)
    say('tight', 'within', 'Locked from outside, nobody opens it from within: it is for a cupboard that nobody gets into, a child neither.');
  if (behind.somebody && !behind.aired)
    say('hits', 'air', 'Shut, no air comes in: leave a gap of some square centimetres at its foot and its head, or a grille; nothing that burns or is charged stands in there.');
  if (behind.sleeps && behind.onlyWay)
    say('hits', 'only way', 'It is the only way out of a room where somebody sleeps: who must find it in smoke does not. A second way out, and an alarm in there: the local code and the fire service come first.');
  else if (behind.onlyWay)
    say('tight', 'only way', 'It is the only way out of where it leads: keep it to somewhere nobody stays, with light and an alarm in there. The local code comes first.');
  if (behind.sleeps)
    say('tight', 'alarm', 'Somebody sleeps behind it: a smoke alarm there that is heard on both sides, and who is in the house knows the door.');
  if (opening.is === 'new' && hung.kind !== 'door')
    say('tight', 'new opening', 'Before a new opening is cut: look for cables, pipes and the lining of a fire wall. A stud that is cut needs a header, and a wall that carries needs somebody competent: the local code comes first.');
  if (latch.hardware !== null && latch.reached === 'a push' && swings === 'into the room' && gaps.foot.mm < 0)
    say('tight', 'push', 'It laps over what it would be pushed against: a push catch does not let it go.', 'fit');
  if (latch.hardware !== null && latch.reached === 'a push' && covers === undefined)
    say('clear', 'push', `Its push catch wants a push of ${lengthMark(PUSHED_IN)} before it lets go: its stop leaves as much behind it.`, 'fit');
  if (latch.reached === 'a magnet key')
    say('clear', 'key', 'Its magnet key is for outside alone, and a second one is kept where whoever is responsible finds it.');
  if (latch.reached === 'a cover that turns')
    say('clear', 'cover', 'A cover on one screw hides its latch: its end is bevelled to its swing, and a pin stops it where it lies over the hole.');
  return notes;
} // prettier-ignore
