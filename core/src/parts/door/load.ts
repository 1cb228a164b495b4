import type { Door } from './schema';

/** Usual counts of cup hinges up to a height and up to a mass; the larger governs. Common practice, no single source. */
const CUP_COUNTS = [
  { count: 2, height: 900, mass: 6 },
  { count: 3, height: 1600, mass: 12 },
  { count: 4, height: 2000, mass: 17 },
  { count: 5, height: 2400, mass: 22 },
];

/** The usual counts hold for leaves up to so wide, mm. Common practice. */
export const USUAL_WIDE = 600;

/** What a leaf of the usual width would weigh that turns as hard about its hinges as a wider one does, kg. Derived: the moment is m g W / 2. */
export const momentMass = (mass: number, wide: number): number =>
  (mass * Math.max(wide, USUAL_WIDE)) / USUAL_WIDE;

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
      // A pair to 1,500 mm and to its rating, one more for each half rating beyond (common practice).
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

/** How far the free edge drops as the top hinge gives by its play and the bottom one the other way, mm. */
export function sagOf(play: number, wide: number, spacing: number): number {
  return (play * wide) / spacing;
}
