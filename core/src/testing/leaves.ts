import { motionOf } from '../motion/motion';
import type { Joint } from '../motion/joint';
import type { Mover } from '../scene/scene';
import { box, type Point3 } from '../solid/prism';

/** Plain doors and drawers for the checks of pairs. Tests only. */
export const deg = (degrees: number) => (degrees * Math.PI) / 180;

export function mover(id: string, joint: Joint, to: number, ...solids: ReturnType<typeof box>[]): Mover {
  const motion = motionOf(joint);
  const bodies = [{ id: `${id}/leaf`, name: id, item: id, pieces: solids, motion }];
  return {
    id,
    item: id,
    name: id,
    bodies,
    unit: joint.kind === 'turn' ? 'rad' : 'mm',
    from: 0,
    to,
    contacts: [],
    needs: { around: 0, of: {} },
  };
}

/** A leaf 500 x 20 on an upright axis at (x, y), shut along +x or -x, opening towards -y. */
export const door = (id: string, x: number, y: number, towards: 1 | -1, opens = 90): Mover => {
  const leaf = towards > 0 ? box([x, y, 0], [x + 500, y + 20, 800]) : box([x - 500, y, 0], [x, y + 20, 800]);
  return mover(id, { kind: 'turn', point: [x, y, 0], axis: [0, 0, -towards] }, deg(opens), leaf);
};
export const drawer = (id: string, least: Point3, most: Point3, out: number): Mover =>
  mover(id, { kind: 'slide', direction: [0, -1, 0] }, out, box(least, most));
