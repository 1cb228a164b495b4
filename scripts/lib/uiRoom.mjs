/** The generated room of the interface's benchmark: two rows of fifteen cupboards across an aisle, and what stands in it. */

const WIDTH = 600;
const PITCH = 640;
const DEPTH = 560;
const AISLE = 1300;
const ROW = 15;
/** What stands in the aisle: some within reach of a door, some not. Made the same every time. */
const THINGS = 34;

const mm = (value) => ({ mm: value });

/** A plan of 30 doors and 250 pieces in all. */
export function uiRoom() {
  const carcasses = [];
  const parts = [];
  for (let i = 0; i < 2 * ROW; i += 1) {
    const south = i < ROW;
    const place = i % ROW;
    const id = `cupboard-${i + 1}`;
    carcasses.push({
      id,
      name: `Cupboard ${i + 1}`,
      faces: south ? 'north' : 'south',
      // From its left front corner as one stands before it.
      x: mm(south ? 60 + place * PITCH + WIDTH : 60 + place * PITCH),
      y: mm(south ? DEPTH : DEPTH + AISLE),
      z: mm(90),
      width: mm(WIDTH),
      height: mm(1900),
      depth: mm(DEPTH),
      sheet: mm(18),
    });
    parts.push({
      id: `door-${i + 1}`,
      family: 'door',
      name: `Door ${i + 1}`,
      carcass: id,
      fit: { kind: 'overlay', hinge: mm(14), free: mm(14), top: mm(14), bottom: mm(14) },
      thickness: mm(18),
      hinge: { side: i % 2 === 0 ? 'left' : 'right', knuckle: 'proud', pin: mm(5) },
      limit: i % 3 === 0 ? 95 : 105,
      handle: {
        projection: mm(35),
        width: mm(20),
        height: mm(150),
        fromFree: mm(40),
        fromBottom: mm(900),
      },
    });
  }
  const things = Array.from({ length: THINGS }, (_, i) => ({
    id: `box-${i + 1}`,
    name: `Box ${i + 1}`,
    kind: 'box',
    x: mm(80 + i * 270),
    y: mm(DEPTH + 590 + ((i * 137) % 60)),
    z: mm(i % 3 === 0 ? 0 : 400),
    width: mm(60),
    depth: mm(60),
    height: mm(300 + ((i * 53) % 500)),
  }));
  return {
    format: 'tarnpass-plan',
    version: 1,
    title: 'The long aisle',
    units: { system: 'mm', step: 0.1 },
    gaps: { running: mm(1), around: mm(10) },
    space: {
      width: mm(2 * 60 + ROW * PITCH),
      depth: mm(2 * DEPTH + AISLE),
      height: mm(2400),
      slope: null,
    },
    things,
    carcasses,
    parts,
  };
}
