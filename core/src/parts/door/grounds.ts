import { called } from '../../item/called';
import { frameOf } from '../../item/frame';
import { facesOf, type Ground } from '../../item/ground';
import type { LaidDoor } from './lay';

/** The outside and the inside of each leaf. */
export const doorGrounds = ({ door, place, leaves }: LaidDoor): Ground[] =>
  leaves.flatMap(({ key, x, y, z }) =>
    facesOf(frameOf(place.carcass), [x[0], y[0], z[0]], [x[1], y[1], z[1]], `the ${called(door.name)}`, key),
  );
