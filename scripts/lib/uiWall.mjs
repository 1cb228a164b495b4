/** A wardrobe wall of the interface's benchmark: four cases, each two bays wide and three high, a door on every one. */

import { mm, uiCase, uiPlan } from './uiPlan.mjs';

const bay = (id, split) => ({ id, take: 'equal', read: {}, ...(split && { split }) });
const split = (way, bays) => ({ way, setback: mm(0), bays });

/** A plan of 24 doors on cup hinges. */
export function uiWall() {
  const carcasses = [0, 1, 2, 3].map((i) =>
    uiCase(
      `case-${i}`,
      `Case ${i + 1}`,
      1500 + i * 1000,
      1000,
      bay(
        'all',
        split(
          'uprights',
          [0, 1].map((c) =>
            bay(
              `c${c}`,
              split(
                'shelves',
                [0, 1, 2].map((r) => bay(`c${c}r${r}`)),
              ),
            ),
          ),
        ),
      ),
    ),
  );
  const parts = carcasses.flatMap((carcass, i) =>
    [0, 1, 2, 3, 4, 5].map((k) => ({
      id: `door-${6 * i + k + 1}`,
      family: 'door',
      name: `Door ${6 * i + k + 1}`,
      carcass: carcass.id,
      bay: `c${k % 2}r${Math.floor(k / 2)}`,
      leaves: 'one',
      fit: { kind: 'even', gap: mm(3) },
      middle: mm(3),
      leaf: { material: 'ply-18', banding: mm(0), front: mm(0), back: mm(0), wraps: false, pane: null },
      old: null,
      hinge: {
        kind: 'cup',
        hardware: 'cup-110',
        side: k % 2 === 0 ? 'left' : 'right',
        arm: 'as needed',
        cup: mm(5),
        plate: mm(0),
        count: null,
        ends: mm(100),
      },
      limit: 105,
      handle: {
        kind: 'bar',
        projection: mm(35),
        width: mm(20),
        height: mm(150),
        fromFree: mm(40),
        fromBottom: mm(250),
      },
      rack: null,
    })),
  );
  return uiPlan('A wall of 24 openings', [5500, 4000], carcasses, parts);
}
