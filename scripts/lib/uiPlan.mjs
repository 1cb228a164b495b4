/** What plans of the interface's benchmark have in common. */

export const mm = (value) => ({ mm: value });
const none = { left: null, right: null };
const sheet = (id, name, thick) => ({
  id,
  name,
  kind: 'sheet',
  nominal: mm(thick),
  measured: null,
  density: 680,
});

/** A tall case on a plinth, facing north. */
export const uiCase = (id, name, x, width, bay) => ({
  id,
  name,
  kind: 'tower',
  faces: 'north',
  x: mm(x),
  y: mm(560),
  z: mm(0),
  width: mm(width),
  height: mm(2300),
  depth: mm(560),
  sheet: 'ply-18',
  back: { material: 'ply-6', set: 'between' },
  top: 'between',
  frame: null,
  stands: { on: 'a plinth', height: mm(90), setback: mm(40) },
  // Fixed, so that the answer is of what moves.
  fixing: { hardware: 'stud-screw', count: 8 },
  banding: mm(0),
  carries: { inside: mm(0), front: mm(0) },
  ends: none,
  fillers: none,
  sides: none,
  bay,
});

/** A plan of these in a plain room. */
export const uiPlan = (title, [width, depth], carcasses, parts) => ({
  format: 'tarnpass-plan',
  version: 3,
  title,
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
  space: { width: mm(width), depth: mm(depth), height: mm(2500), slopes: [] },
  measured: [],
  wayIn: [],
  existing: [],
  things: [],
  carcasses,
  parts,
});
