import type { Issue } from '../../item/issue';
import { lengthMark } from '../../length/lengthMark';
import { refuse } from '../kit/issues';
import type { LaidShelf } from './lay';

/** A shelf must lie on its pins by this much at least, pushed as far to one side as it goes, mm. Common practice, no single source. */
const LEAST_BEARING = 4;

export function refuseShelf({
  shelf,
  opening: { inside },
  thick,
  long,
  deep,
  heights,
  movement,
  bearing,
  way,
}: LaidShelf): Issue[] {
  if (long < 20)
    return refuse(
      ['less'],
      `Nothing is left of the shelf. At most ${lengthMark(inside.right - inside.left - 20, 'most')} less will do.`,
    );
  if (deep < 20)
    return refuse(
      ['setback'],
      `Nothing is left of the shelf. At most ${lengthMark(inside.back - inside.front - 20, 'most')} will do.`,
    );
  if (bearing < LEAST_BEARING)
    return refuse(
      ['less'],
      `Pushed to one side it lies on the other pins by ${lengthMark(Math.max(0, bearing), 'most')} only. At most ${lengthMark(shelf.pins.mm - LEAST_BEARING, 'most')} less than its opening will do, or longer pins.`,
    );
  const past = heights[heights.length - 1]! + thick - inside.top;
  if (past > 1e-9)
    return refuse(
      shelf.up ? ['up', 'first'] : ['count'],
      `The topmost shelf would stand ${lengthMark(past)} into what is above. ${shelf.up ? `At most ${lengthMark(Math.max(0, shelf.up.first.mm - past), 'most')} for the lowest will do.` : 'Fewer will do.'}`,
    );
  if (way.kind === 'none') {
    const less = inside.right - inside.left - way.longest;
    return refuse(
      ['less'],
      `The shelf cannot get in past the frame, tilted or straight: the longest that can is ${lengthMark(way.longest, 'most')}. ${lengthMark(less, 'least')} less than its opening would do${less > shelf.pins.mm - LEAST_BEARING ? ', on longer pins' : ''}.`,
    );
  }
  return movement > deep - 20 ? refuse(['moisture'], 'So much moisture moves more than there is of it.') : [];
}
