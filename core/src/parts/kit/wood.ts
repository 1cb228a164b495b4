import type { PartNote } from '../../item/note';
import { lengthMark } from '../../length/lengthMark';
import { movementWords, type Movement, type Season } from '../../material/season';

/** Left of a gap in the damp season this is as good as none, mm. Common practice. */
const LEAST_LEFT = 0.5;
/** Less than this nobody leaves room for, mm. */
const LEAST_MOVEMENT = 0.05;

/** A gap that wood swells into. */
interface SwollenGap {
  /** What swells, at the head of a sentence. */
  readonly what: string;
  /** mm, and where it is: "at its free edge". */
  readonly gap: number;
  readonly where: string;
  /** How many boards swell into it. */
  readonly times?: number;
}

/** What a year leaves of a gap beside solid wood, in both seasons; nothing of what does not move. */
export function woodNote(movement: Movement, season: Season, one: SwollenGap): PartNote[] {
  const { what, gap, where, times = 1 } = one;
  if (movement.swells + movement.shrinks < LEAST_MOVEMENT) return [];
  const damp = gap - times * movement.swells;
  const dry = gap + times * movement.shrinks;
  const moves = `Solid wood: ${movementWords(movement, season)}${times > 1 ? ', each' : ''}`;
  const between = `${lengthMark(gap)} ${where}`;
  if (damp < 0)
    return [
      {
        about: 'wood',
        verdict: 'hits',
        sentence: `${moves}, and ${between} is all there is: damp, ${what.toLowerCase()} bind${times > 1 ? '' : 's'} by ${lengthMark(-damp, 'least')}. ${lengthMark(times * movement.swells + LEAST_LEFT, 'least')} ${where}, sheet, or a panel in a frame will do.`,
      },
    ];
  return [
    {
      about: 'wood',
      verdict: damp < LEAST_LEFT ? 'tight' : 'clear',
      sentence: `${moves}: of ${between} it leaves ${lengthMark(damp, 'most')} damp and ${lengthMark(dry, 'least')} dry.`,
    },
  ];
}
