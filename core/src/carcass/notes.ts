import type { PartNote } from '../item/note';
import type { Carcass } from './schema';

/** What to beware of with a carcass, with the reason: what hangs over heads or on what moves. */
export function carcassNotes({ stands, mount }: Carcass): PartNote[] {
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
  return [];
}
