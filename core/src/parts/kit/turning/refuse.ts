import type { HardwareList } from '../../../hardware/generic';
import type { Issue } from '../../../item/issue';
import { lengthMark } from '../../../length/lengthMark';
import { firstTrouble, refuse } from '../issues';
import { HELP_HARDWARE, stayItem, stayLong } from './help';
import { levelHingeItem, levelHingeKind } from './hinge';
import { fromAxis, type TurningPlane } from './plane';
import type { Closer, Help, Latch, LevelHinge, Stay } from './schema';

interface Fitted {
  readonly help: Help;
  readonly stay: Stay;
  readonly closer: Closer;
  readonly latch: Latch;
}

/** What of its hinge, help, stay, closer and catch is not there. */
export function missingOfTurning(
  { help, stay, closer, latch }: Fitted,
  hinge: LevelHinge | undefined,
  at: Issue['path'],
  hardware: HardwareList,
): Issue[] {
  const named = (path: Issue['path'], id: string, there: boolean, what: string) =>
    there ? [] : refuse(path, `There is no ${what} “${id}”.`);
  return firstTrouble([
    () =>
      hinge
        ? named(
            [...at, 'hardware'],
            hinge.hardware,
            levelHingeItem(hinge, hardware) !== undefined,
            levelHingeKind(hinge),
          )
        : [],
    () =>
      help.kind === 'none'
        ? []
        : named(
            ['help', 'hardware'],
            help.hardware,
            hardware.find(help.hardware, HELP_HARDWARE[help.kind]) !== undefined,
            HELP_HARDWARE[help.kind],
          ),
    () =>
      stay
        ? named(['stay', 'hardware'], stay.hardware, stayItem(stay.hardware, hardware) !== undefined, 'stay')
        : [],
    () =>
      closer
        ? named(
            ['closer', 'hardware'],
            closer.hardware,
            hardware.find(closer.hardware, 'soft closer') !== undefined,
            'soft closer',
          )
        : [],
    () =>
      latch
        ? named(['latch', 'hardware'], latch.hardware, hardware.named(latch.hardware) !== undefined, 'catch')
        : [],
  ]);
}

const apart = (plane: TurningPlane, ends: Pick<NonNullable<Stay>, 'onLeaf' | 'onCase'>): number => {
  const [a, b] = [fromAxis(plane, ends.onLeaf), fromAxis(plane, ends.onCase)];
  return Math.hypot(a[0] - b[0], a[1] - b[1]);
};

/** A stay that does not even reach with the leaf shut. */
export function stayFaults(stay: Stay, plane: TurningPlane, hardware: HardwareList): Issue[] {
  const item = stay && stayItem(stay.hardware, hardware);
  if (!stay || !item) return [];
  const shut = apart(plane, stay);
  const long = stayLong(item);
  return long > shut
    ? []
    : refuse(
        ['stay', 'hardware'],
        `The stay is too short: shut, its ends are ${lengthMark(shut, 'least')} apart, and it is ${lengthMark(long)} long. More than ${lengthMark(shut, 'least')} will do, or ends nearer to each other.`,
      );
}

/** A strut that is longer pressed in than there is between its ends with the leaf shut, or too short to reach. */
export function strutFaults(help: Help, plane: TurningPlane, hardware: HardwareList): Issue[] {
  const item = help.kind === 'gas struts' ? hardware.find(help.hardware, 'gas strut') : undefined;
  if (help.kind !== 'gas struts' || !item) return [];
  const shut = apart(plane, help);
  const pressed = item.extended - item.stroke;
  const path = ['help', 'onCase', 'along'];
  if (pressed > shut)
    return refuse(
      path,
      `The strut is ${lengthMark(pressed)} long pressed in wholly, and shut there are ${lengthMark(shut, 'most')} between its ends: ${lengthMark(pressed - shut, 'least')} more will do, or a shorter strut.`,
    );
  return item.extended <= shut
    ? refuse(
        path,
        `The strut is ${lengthMark(item.extended)} long drawn out, and shut its ends are ${lengthMark(shut, 'least')} apart already: less than ${lengthMark(item.extended, 'most')} will do, or a longer strut.`,
      )
    : [];
}
