import type { PartPlace } from '../family';
import { leafThickness, type Leaf } from './leaf';
import type { Door } from './schema';

const CUBIC_MM = 1e9;
const G = 9.80665;
/** Of a handle with its screws, kg. CP, no single source. */
const HANDLE_KG = 0.2;

/** What a leaf weighs, kg, with its glass, its mirror and what is on its back. */
export function leafMass(door: Door, leaf: Leaf, place: PartPlace): number {
  const { stock } = place;
  const { pane, material } = door.leaf;
  const [wide, high] = [leaf.x[1] - leaf.x[0], leaf.z[1] - leaf.z[0]];
  const board = stock.material(material).density;
  const thick = leafThickness(door, place);
  const kg = (area: number, mm: number, density: number) => (area * mm * density) / CUBIC_MM;
  let mass = kg(wide * high, thick, board);
  if (pane) {
    const area = Math.max(0, wide - 2 * pane.border.mm) * Math.max(0, high - 2 * pane.border.mm);
    // Glass takes the board's place, a mirror lies on it.
    if (pane.kind === 'glass') mass -= kg(area, thick, board);
    mass += kg(area, stock.thickness(pane.material), stock.material(pane.material).density);
  }
  return mass + (door.handle ? HANDLE_KG : 0) + (door.rack?.load ?? 0);
}

/** Usual counts of cup hinges up to a height and up to a mass; the larger governs. CP, no single source. */
const CUP_COUNTS = [
  { count: 2, height: 900, mass: 6 },
  { count: 3, height: 1600, mass: 12 },
  { count: 4, height: 2000, mass: 17 },
  { count: 5, height: 2400, mass: 22 },
];

/** How many hinges a leaf wants; undefined where it is beyond what usual ones carry. */
export function wantedHinges(
  kind: Door['hinge']['kind'],
  height: number,
  mass: number,
  rating: number,
): number | undefined {
  switch (kind) {
    case 'cup': {
      const by = (key: 'height' | 'mass', value: number) =>
        CUP_COUNTS.find((row) => value <= row[key])?.count;
      const [tall, heavy] = [by('height', height), by('mass', mass)];
      return tall !== undefined && heavy !== undefined ? Math.max(tall, heavy) : undefined;
    }
    case 'butt': {
      // A pair to 1,500 mm and to its rating, one more for each half rating beyond (CP).
      const wanted = Math.max(height <= 1500 ? 2 : 3, Math.ceil((2 * mass) / rating - 1e-9));
      return wanted <= 12 ? wanted : undefined;
    }
    case 'pivot':
      return mass <= rating ? 2 : undefined;
    case 'continuous':
      return mass <= rating ? 1 : undefined;
  }
}

/** Heights of the hinges' middles above the leaf's foot, the lowest first, evenly between the two end ones. */
export function hingeHeights(height: number, count: number, ends: number): number[] {
  const from = Math.min(ends, height / 2);
  return Array.from({ length: count }, (_, i) => from + (i * (height - 2 * from)) / (count - 1));
}

/**
 * What pulls the top hinge out of its wood, N: the leaf's moment about the bottom hinge, held by the two end hinges.
 *
 * @param mass  kg; `wide` and `spacing` in mm
 */
export function topHingePull(mass: number, wide: number, spacing: number): number {
  return (mass * G * (wide / 2)) / spacing;
}

/** How far the free edge drops as the top hinge gives by its play and the bottom one the other way, mm. */
export function sagOf(play: number, wide: number, spacing: number): number {
  return (play * wide) / spacing;
}
