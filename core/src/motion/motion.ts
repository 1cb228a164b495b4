import type { Point3 } from '../solid/prism';
import { STRAIGHT, type Drive } from './drive';
import { poseAt, type Joint, type Pose } from './joint';

/** One joint of a chain, with how it follows the mover's travel. Axes are given as built, in the space. */
export interface Stage {
  readonly joint: Joint;
  readonly drive: Drive;
  /**
   * How far what it carries is turned against the space, where that is known better than as the sum of the turns up to
   * here: a leaf on a linkage turns evenly, though neither of its joints does. Of parallel turns only.
   */
  readonly whole?: Drive;
}

/**
 * How a body moves with one travel: a chain of joints, the one nearest the space first. `knots` are travels at which
 * the chain or the rate of a drive changes; between knots all is smooth.
 */
export interface Motion {
  /** Its content as text: two motions with the same key are the same. */
  readonly key: string;
  readonly knots: readonly number[];
  /** At a knot the chain of the later (side 1) or earlier (-1) stretch; both give the same pose. */
  stagesAt(travel: number, side?: 1 | -1): readonly Stage[];
}

/** A body that moves on one joint in step with its travel. */
export function motionOf(joint: Joint): Motion {
  return chain([{ joint, drive: STRAIGHT }]);
}

/** A body carried by several joints, each itself carried by those before it. */
export function chain(stages: readonly Stage[], knots: readonly number[] = []): Motion {
  const key = stages
    .map(
      ({ joint, drive, whole }) =>
        `${JSON.stringify(joint)} ${drive.key}${whole ? ` in all ${whole.key}` : ''}`,
    )
    .join('; ');
  return { key, knots, stagesAt: () => stages };
}

/** A body carried on `own` joints by another that moves as `parent`: a leaf hinged to a leaf. */
export function carried(parent: Motion, own: Motion): Motion {
  const knots = [...new Set([...parent.knots, ...own.knots])].sort((a, b) => a - b);
  const key = `${parent.key}; ${own.key}`;
  // One list a stretch between knots, made once: what is kept for a list is kept by its identity.
  const lists = new Map<readonly Stage[], Map<readonly Stage[], readonly Stage[]>>();
  return {
    key,
    knots,
    stagesAt: (travel, side) => {
      const first = parent.stagesAt(travel, side);
      const second = own.stagesAt(travel, side);
      let after = lists.get(first);
      if (!after) lists.set(first, (after = new Map()));
      let both = after.get(second);
      if (!both) after.set(second, (both = [...first, ...second]));
      return both;
    },
  };
}

/** Whether a motion goes along a straight line in step with its travel: what it sweeps is then the hull of its two ends. */
export const onlyShifts = ({ knots, stagesAt }: Motion): boolean =>
  knots.length === 0 && stagesAt(0).every(({ joint, drive }) => joint.kind === 'slide' && drive === STRAIGHT);

/** A body that does not move with the travel. */
export const AT_REST: Motion = chain([]);

const IDENTITY: Pose = { rotation: [1, 0, 0, 0, 1, 0, 0, 0, 1], shift: [0, 0, 0] };

/**
 * Where a motion puts its body at a travel.
 *
 * @source Brockett 1984: the product of exponentials, each joint's screw taken as built
 */
export function motionPose(motion: Motion, travel: number): Pose {
  return motion
    .stagesAt(travel)
    .reduce((pose, { joint, drive }) => after(pose, poseAt(joint, drive.value(travel))), IDENTITY);
}

/** The pose that first does `inner`, then `outer`. */
export function after(outer: Pose, inner: Pose): Pose {
  const a = outer.rotation;
  const b = inner.rotation;
  const row = (i: number, j: number) =>
    a[3 * i]! * b[j]! + a[3 * i + 1]! * b[3 + j]! + a[3 * i + 2]! * b[6 + j]!;
  return {
    rotation: [
      row(0, 0),
      row(0, 1),
      row(0, 2),
      row(1, 0),
      row(1, 1),
      row(1, 2),
      row(2, 0),
      row(2, 1),
      row(2, 2),
    ],
    shift: moved(outer, inner.shift),
  };
}

/** Where a pose takes a point. */
export function moved({ rotation: r, shift }: Pose, [x, y, z]: Point3): Point3 {
  return [
    r[0] * x + r[1] * y + r[2] * z + shift[0],
    r[3] * x + r[4] * y + r[5] * z + shift[1],
    r[6] * x + r[7] * y + r[8] * z + shift[2],
  ];
}
