/** A bank of 24 drawers of the interface's benchmark, in one tall case. */

import { mm, uiCase, uiPlan } from './uiPlan.mjs';

/** A plan of one bank, all of whose drawers change with its gap. */
export function uiBank() {
  const carcass = uiCase('case', 'Case', 1500, 600, { id: 'all', take: 'equal', read: {} });
  return uiPlan(
    'A bank of 24 drawers',
    [2400, 2400],
    [carcass],
    [
      {
        id: 'bank',
        family: 'drawer',
        name: 'Bank',
        carcass: 'case',
        bay: 'all',
        bank: { kind: 'even', drawers: Array.from({ length: 24 }, (_, i) => ({ id: `d${i + 1}` })) },
        fit: { kind: 'even', gap: mm(3) },
        front: { made: 'applied', material: 'ply-18', banding: mm(0), screw: mm(25) },
        handle: { kind: 'knob', projection: mm(28), width: mm(25), height: mm(25), holes: mm(0) },
        box: {
          material: 'ply-12',
          height: null,
          depth: null,
          under: mm(6),
          above: mm(8),
          aside: { left: mm(0), right: mm(0) },
          joint: { kind: 'butt' },
          bottom: { kind: 'let in', material: 'ply-6', deep: mm(6) },
          dividers: { across: 0, along: 0, material: 'ply-6' },
          notch: null,
        },
        old: null,
        runs: { kind: 'side slides', hardware: 'slide-full', length: null, up: mm(4), screw: mm(13) },
        closing: 'plain',
        twoSided: false,
        contents: { set: 'side by side', items: [], load: 2 },
        cable: null,
      },
    ],
  );
}
