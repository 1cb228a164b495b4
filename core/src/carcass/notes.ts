import { lengthMark } from '../length/lengthMark';
import type { PartNote } from '../item/note';
import type { Carcass } from './schema';

/** Higher than this for its depth a case goes over when its doors hang open or a child climbs in. Common practice, no single source. */
const SLENDER = 3;

/** What to beware of with a carcass, with the reason: what hangs and what can tip. */
export function carcassNotes({ stands, mount, height, depth, kind }: Carcass): PartNote[] {
  const caution = (sentence: string): PartNote => ({ about: 'caution', verdict: 'tight', sentence });
  if (mount?.on === 'mover')
    return [
      caution(
        'It hangs on what moves with all that is in it: screw it into the frame of that, not into a thin or hollow face, look up what its hinges are rated for, and keep what is in it from sliding off at the speed it is opened.',
      ),
    ];
  if (mount?.on === 'carcass')
    return [caution('Screw it to the carcass it stands on, so that it cannot be pulled off that.')];
  if (stands.on === 'the ceiling')
    return [
      caution(
        'It hangs over heads with all that is in it: screw it through its top into the joists with fixings rated for that, never into the ceiling’s lining alone, and look for cables and pipes before you drill. Local codes and the fixing maker’s sheet come first.',
      ),
    ];
  if (stands.on === 'the wall')
    return [
      caution(
        'It hangs with all that is in it: screw its rail into studs or masonry with fixings rated for that, and look for cables and pipes before you drill. Local codes and the fixing maker’s sheet come first.',
      ),
    ];
  if (kind !== 'free cradle' && height.mm > SLENDER * depth.mm)
    return [
      caution(
        `It is ${lengthMark(height.mm)} high on a depth of ${lengthMark(depth.mm)}: fix its head to the wall, so that it cannot tip with its doors open or a child climbing in.`,
      ),
    ];
  return [];
}
