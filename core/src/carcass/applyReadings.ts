import { sumOf, type Sum, type SumLine } from '../sizing/sum';
import { added, between, faceAt, leftmost, rightmost, type FaceLine } from './line';
import type { Bay } from './schema';

/** What is clear within a bay: its faces to left and right, its bottom and top, and how its size came about. */
export interface ClearSize {
  readonly left: FaceLine;
  readonly right: FaceLine;
  readonly bottom: number;
  readonly top: number;
  readonly width: Sum;
  readonly height: Sum;
}

/**
 * A bay as somebody read it: what it is narrower than drawn comes off both its faces alike, since a width read does not
 * tell which side leans; what it is lower comes off its top.
 */
export function applyReadings<C extends ClearSize>(clear: C, read: Bay['read']): C {
  return narrowed(lowered(clear, read), read);
}

/** Whether anything of it was read. */
export const wasRead = ({ read }: Bay): boolean => Object.values(read).some((one) => one !== undefined);

function narrowed<C extends ClearSize>(clear: C, read: Bay['read']): C {
  const { bottom, top } = clear;
  const stations = (
    [
      ['bottom', bottom, read.bottom],
      ['middle', (bottom + top) / 2, read.middle],
      ['top', top, read.top],
    ] as const
  ).flatMap(([where, z, one]) => (one ? [{ where, z, mm: one.mm }] : []));
  if (stations.length === 0) return clear;
  const knots = [
    bottom,
    top,
    ...stations.map(({ z }) => z),
    ...[...clear.left, ...clear.right].map(([z]) => z),
  ];
  const heights = [...new Set(knots)].filter((z) => z >= bottom && z <= top).sort((a, b) => a - b);
  const drawn = (z: number) => faceAt(clear.right, z) - faceAt(clear.left, z);
  const off: FaceLine = stations.map(({ z, mm }) => [z, (drawn(z) - mm) / 2]);
  const known = (line: FaceLine): FaceLine => heights.map((z) => [z, faceAt(line, z)]);
  const left = added(known(clear.left), off, 1);
  const right = added(known(clear.right), off, -1);
  const least = stations.reduce((a, b) => (b.mm < a.mm ? b : a));
  const mm = leftmost(right) - rightmost(left);
  const lines: SumLine[] = [
    { words: `read at the ${least.where}${stations.length > 1 ? ', the least' : ''}`, mm: least.mm },
    ...(Math.abs(mm - least.mm) > 1e-9 ? [{ words: 'sides out of plumb', mm: mm - least.mm }] : []),
  ];
  return { ...clear, left, right, width: sumOf(clear.width.name, lines) };
}

function lowered<C extends ClearSize>(clear: C, { left, right }: Bay['read']): C {
  const heights = [left, right].flatMap((one) => (one ? [one.mm] : []));
  if (heights.length === 0) return clear;
  const least = Math.min(...heights);
  const top = clear.bottom + least;
  return {
    ...clear,
    top,
    left: between(clear.left, clear.bottom, top),
    right: between(clear.right, clear.bottom, top),
    height: sumOf(clear.height.name, [{ words: heights.length > 1 ? 'read, the least' : 'read', mm: least }]),
  };
}
