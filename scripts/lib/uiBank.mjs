/** A bank of 24 drawers of the interface's benchmark, in one tall case. */

const mm = (value) => ({ mm: value });
const sheet = (id, name, thick) => ({
  id,
  name,
  kind: 'sheet',
  nominal: mm(thick),
  measured: null,
  density: 680,
});
const none = { left: null, right: null };

/** A plan of one bank, all of whose drawers change with its gap. */
export function uiBank() {
  return {
    format: 'tarnpass-plan',
    version: 3,
    title: 'A bank of 24 drawers',
    units: { system: 'mm', step: 0.1 },
    gaps: { running: mm(1), around: mm(10) },
    reach: { low: mm(400), high: mm(1900), fingers: mm(25) },
    schools: { thickness: 'measured', sizing: 'measured' },
    materials: [
      sheet('ply-18', 'Birch plywood 18 mm', 18),
      sheet('ply-12', 'Birch plywood 12 mm', 12),
      sheet('ply-6', 'Birch plywood 6 mm', 6),
    ],
    hardware: [],
    space: { width: mm(2400), depth: mm(2400), height: mm(2500), slopes: [] },
    measured: [],
    wayIn: [],
    existing: [],
    things: [],
    carcasses: [
      {
        id: 'case',
        name: 'Case',
        kind: 'tower',
        faces: 'north',
        x: mm(1500),
        y: mm(560),
        z: mm(0),
        width: mm(600),
        height: mm(2300),
        depth: mm(560),
        sheet: 'ply-18',
        back: { material: 'ply-6', set: 'between' },
        top: 'between',
        frame: null,
        stands: { on: 'a plinth', height: mm(90), setback: mm(40) },
        banding: mm(0),
        carries: { inside: mm(0), front: mm(0) },
        ends: none,
        fillers: none,
        sides: none,
        bay: { id: 'all', take: 'equal', read: {} },
      },
    ],
    parts: [
      {
        id: 'bank',
        family: 'drawer',
        name: 'Bank',
        carcass: 'case',
        bay: 'all',
        bank: { kind: 'even', count: 24 },
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
  };
}
