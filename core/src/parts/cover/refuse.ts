import { FIXING_KINDS } from '../../hardware/schema';
import type { Issue } from '../../item/issue';
import { lengthMark } from '../../length/lengthMark';
import type { AnyPlace } from '../contract/family';
import { firstTrouble, missingMaterials, refuse } from '../kit/issues';
import type { LaidCover } from './lay';
import type { Cover } from './schema';

/** Wood about the hole of its screw, mm. Common practice. */
export const ABOUT_PIN = 8;

export const missingOfCover = ({ material, pin }: Cover, { stock, hardware }: AnyPlace): Issue[] =>
  firstTrouble([
    () => missingMaterials([[['material'], material]], stock),
    () =>
      (FIXING_KINDS as readonly string[]).includes(hardware.named(pin.hardware)?.kind ?? '')
        ? []
        : refuse(['pin', 'hardware'], `There is no fixing “${pin.hardware}”.`),
  ]);

export function refuseCover({ cover, place }: LaidCover): Issue[] {
  const { pin, wide, high, mount } = cover;
  const within = (key: 'in' | 'up', at: number, long: number) => () =>
    at < ABOUT_PIN || at > long - ABOUT_PIN
      ? refuse(['pin', key], `Its screw would stand at its edge or beside it. ${lengthMark(Math.min(ABOUT_PIN, long / 2), 'least')} to ${lengthMark(long - ABOUT_PIN, 'most')} will do.`)
      : [];
  const onTop = (key: 'from' | 'back', from: number, long: number, all: number) => () =>
    from < 0 || from + long > all
      ? refuse(['mount', key], `Shut, it would lie over the edge of its top. At most ${lengthMark(Math.max(0, all - long), 'most')} will do.`)
      : [];
  return firstTrouble([
    () => (Math.min(wide.mm, high.mm) < 2 * ABOUT_PIN ? refuse([wide.mm < high.mm ? 'wide' : 'high'], `No screw finds wood in so narrow a board. At least ${lengthMark(2 * ABOUT_PIN, 'least')} will do.`) : []),
    within('in', pin.in.mm, wide.mm),
    within('up', pin.up.mm, high.mm),
    ...(mount.on === 'top' && 'carcass' in place
      ? [
          onTop('from', mount.from.mm, wide.mm, place.carcass.width.mm),
          onTop('back', mount.back.mm, high.mm, place.carcass.depth.mm),
        ]
      : []),
  ]);
} // prettier-ignore
