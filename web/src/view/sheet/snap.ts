import { formatLength, MM_PER_INCH, type Extent, type Units } from '@tarnpass/core';

export type Axis = 0 | 1 | 2;
type End = 'least' | 'greatest' | 'middle';

/** A place along an axis that one end of what is moved may catch on, mm, and how that reads. */
interface Catch {
  readonly at: number;
  readonly end: End;
  readonly words: string;
}

/** What a move caught on: the line to draw, and its words. */
export interface Tie {
  readonly axis: Axis;
  readonly at: number;
  readonly words: string;
}

export interface Neighbour {
  readonly name: string;
  readonly extent: Extent;
}

const WALLS = [
  ['the west wall', 'the east wall'],
  ['the south wall', 'the north wall'],
  ['the floor', 'the ceiling'],
] as const;

/** Faces that meet, that line up, middles, and the plan's gap from either: in the space, and of every neighbour. */
function catches(
  axis: Axis,
  space: Extent,
  neighbours: readonly Neighbour[],
  gap: number,
  units: Units,
): Catch[] {
  const off = formatLength(gap, units, true);
  const [low, high] = WALLS[axis];
  const found: Catch[] = [
    { at: space.least[axis], end: 'least', words: `against ${low}` },
    { at: space.greatest[axis], end: 'greatest', words: `against ${high}` },
    { at: space.least[axis] + gap, end: 'least', words: `${off} from ${low}` },
    { at: space.greatest[axis] - gap, end: 'greatest', words: `${off} from ${high}` },
    {
      at: (space.least[axis] + space.greatest[axis]) / 2,
      end: 'middle',
      words: 'in the middle of the space',
    },
  ];
  for (const { name, extent } of neighbours) {
    const [least, greatest] = [extent.least[axis], extent.greatest[axis]];
    found.push(
      { at: greatest, end: 'least', words: `against ${name}` },
      { at: least, end: 'greatest', words: `against ${name}` },
      { at: greatest + gap, end: 'least', words: `${off} from ${name}` },
      { at: least - gap, end: 'greatest', words: `${off} from ${name}` },
      { at: least, end: 'least', words: `in line with ${name}` },
      { at: greatest, end: 'greatest', words: `in line with ${name}` },
      { at: (least + greatest) / 2, end: 'middle', words: `centred on ${name}` },
    );
  }
  return found;
}

export interface SnapTo {
  readonly space: Extent;
  readonly neighbours: readonly Neighbour[];
  /** The gap the plan asks for around what moves, mm. */
  readonly gap: number;
  readonly units: Units;
  /** How near a catch must be to hold, mm. */
  readonly reach: number;
}

/**
 * A box on its way, moved or resized by hand, as it is to lie: caught on the nearest face, middle or gap along each axis
 * that it goes along, else on a whole millimetre or sixteenth.
 *
 * @param ends  which of its ends go along: both for a move, one for a resize
 */
export function snapped(
  extent: Extent,
  axes: readonly Axis[],
  ends: 'both' | 'least' | 'greatest',
  to: SnapTo,
): { readonly extent: Extent; readonly ties: readonly Tie[] } {
  const least = [...extent.least] as [number, number, number];
  const greatest = [...extent.greatest] as [number, number, number];
  const ties: Tie[] = [];
  for (const axis of axes) {
    const value = (end: End) =>
      end === 'middle'
        ? (least[axis]! + greatest[axis]!) / 2
        : end === 'least'
          ? least[axis]!
          : greatest[axis]!;
    let best: { by: number; tie: Tie } | undefined;
    for (const { at, end, words } of catches(axis, to.space, to.neighbours, to.gap, to.units)) {
      if (ends !== 'both' && end !== ends) continue;
      const by = at - value(end);
      if (Math.abs(by) <= to.reach && (!best || Math.abs(by) < Math.abs(best.by) - 1e-9))
        best = { by, tie: { axis, at, words } };
    }
    const free = value(ends === 'greatest' ? 'greatest' : 'least');
    const by = best ? best.by : rounded(free, to.units) - free;
    if (ends !== 'greatest') least[axis] = least[axis]! + by;
    if (ends !== 'least') greatest[axis] = greatest[axis]! + by;
    if (best) ties.push(best.tie);
  }
  return { extent: { least, greatest }, ties };
}

/** One step by hand or by an arrow key: a millimetre, or a sixteenth. */
export const stepOf = (units: Units): number => (units.system === 'in' ? MM_PER_INCH / 16 : 1);

export const rounded = (mm: number, units: Units): number => Math.round(mm / stepOf(units)) * stepOf(units);
