import { share, type Mover, type PartReport } from '@tarnpass/core';

/** Nearer than this to the first contact, px, a later one has no notch of its own. */
const LATER = 6;

/** What is painted on a strip, px from its left end and its top. */
export interface StripShapes {
  /** The clearance as far as it goes free: half way up is what is needed. */
  readonly area: readonly (readonly [number, number])[];
  /** Where less than that is kept, from and to. */
  readonly tight: readonly (readonly [number, number])[];
  /** How far it goes free, and whether it is stopped there. */
  readonly end: number;
  readonly contact: boolean;
  /** Every later place where it would come up against something, were it pushed on. */
  readonly later: readonly number[];
  /** The least clearance of what is tight. */
  readonly least: number | undefined;
}

/** The clearance of a part over its travel, on a strip so wide and high. */
export function stripShapes(
  { from, to }: Pick<Mover, 'from' | 'to'>,
  { check, verdict }: Pick<PartReport, 'check' | 'verdict'>,
  width: number,
  height: number,
): StripShapes {
  const at = (travel: number) => ((travel - from) / (to - from)) * width;
  const points = check.curve.map((point) => [at(point.travel), height * (1 - share(point))] as const);
  const [worst] = check.encounters;
  const contact = worst?.contact !== undefined;
  const end = contact ? at(check.usable) : width;
  const area = points.filter(([x]) => x <= end + 1e-6);
  const later = check.encounters
    .flatMap(({ blocked }) => blocked.map(({ at: { travel } }) => at(travel)))
    .filter((x) => x > end + LATER)
    .sort((a, b) => a - b)
    .filter((x, i, all) => i === 0 || x - all[i - 1]! > 1);
  const least = worst?.least?.witness;
  return {
    area,
    tight: stretchesBelow(area, height / 2),
    end,
    contact,
    later,
    least: verdict === 'tight' && least ? at(least.travel) : undefined,
  };
}

/** Marks under a strip so wide: every ten degrees, or every tenth of a way in mm. */
export function ticksOf({ unit, from, to }: Pick<Mover, 'unit' | 'from' | 'to'>, width: number): number[] {
  const ten = (10 * Math.PI) / 180;
  const count = unit === 'rad' ? Math.floor((to - from) / ten + 1e-9) : 10;
  const apart = unit === 'rad' ? (ten / (to - from)) * width : width / 10;
  return Array.from({ length: count }, (_, i) => (i + 1) * apart);
}

/** The stretches of x over which a polyline runs below (greater y than) a level. */
function stretchesBelow(points: readonly (readonly [number, number])[], level: number): [number, number][] {
  const stretches: [number, number][] = [];
  let start: number | undefined;
  points.forEach(([x, y], i) => {
    const below = y > level + 1e-6;
    const before = points[i - 1];
    const crossing =
      before && before[1] !== y ? before[0] + ((level - before[1]) / (y - before[1])) * (x - before[0]) : x;
    if (below && start === undefined) start = before ? crossing : x;
    if (!below && start !== undefined) {
      stretches.push([start, crossing]);
      start = undefined;
    }
  });
  if (start !== undefined) stretches.push([start, points[points.length - 1]![0]]);
  return stretches;
}
