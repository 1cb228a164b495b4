/** A wardrobe wall of the interface's benchmark: four cases, each two bays wide and three high, a door on every one. */

const mm = (value) => ({ mm: value });
const bay = (id, split) => ({ id, take: 'equal', read: {}, ...(split && { split }) });
const split = (way, bays) => ({ way, setback: mm(0), bays });
const none = { left: null, right: null };

/** A plan of 24 doors on cup hinges. */
export function uiWall() {
  const carcasses = [0, 1, 2, 3].map((i) => ({
    id: `case-${i}`,
    name: `Case ${i + 1}`,
    kind: 'tower',
    faces: 'north',
    x: mm(1500 + i * 1000),
    y: mm(560),
    z: mm(0),
    width: mm(1000),
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
    bay: bay(
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
  }));
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
  const sheet = (id, name, thick) => ({
    id,
    name,
    kind: 'sheet',
    nominal: mm(thick),
    measured: null,
    density: 680,
  });
  return {
    format: 'tarnpass-plan',
    version: 3,
    title: 'A wall of 24 openings',
    units: { system: 'mm', step: 0.1 },
    gaps: { running: mm(1), around: mm(10) },
    reach: { low: mm(400), high: mm(1900), fingers: mm(25) },
    schools: { thickness: 'measured', sizing: 'measured' },
    materials: [sheet('ply-18', 'Birch plywood 18 mm', 18), sheet('ply-6', 'Birch plywood 6 mm', 6)],
    hardware: [],
    space: { width: mm(5500), depth: mm(4000), height: mm(2500), slopes: [] },
    measured: [],
    wayIn: [],
    existing: [],
    things: [],
    carcasses,
    parts,
  };
}
