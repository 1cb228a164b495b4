import { span, type Range } from '../solid/bounds';

/** Thinner than this nothing is left standing, mm. */
const NOTHING = 1e-9;

/**
 * What is left of a box once others are taken out of it, as boxes that do not overlap.
 *
 * @param order  the axes to split along, in turn: first the one a groove is deep along, so that its floor stays one board
 */
export function lessAir<Axis extends string>(
  box: Readonly<Record<Axis, Range>>,
  air: readonly Readonly<Record<Axis, Range>>[],
  order: readonly Axis[],
): Readonly<Record<Axis, Range>>[] {
  return air.reduce((left, hole) => left.flatMap((one) => boxWithout(one, hole, order)), [box]);
}

function boxWithout<Axis extends string>(
  box: Readonly<Record<Axis, Range>>,
  hole: Readonly<Record<Axis, Range>>,
  order: readonly Axis[],
): Readonly<Record<Axis, Range>>[] {
  if (order.some((axis) => overlap(box[axis], hole[axis]) <= NOTHING)) return [box];
  const kept: Readonly<Record<Axis, Range>>[] = [];
  let rest = box;
  for (const axis of order) {
    const [from, to] = rest[axis];
    const cut: Range = [Math.max(from, hole[axis][0]), Math.min(to, hole[axis][1])];
    const beside: readonly Range[] = [
      [from, cut[0]],
      [cut[1], to],
    ];
    for (const side of beside) if (span(side) > NOTHING) kept.push({ ...rest, [axis]: side });
    rest = { ...rest, [axis]: cut };
  }
  return kept;
}

const overlap = (a: Range, b: Range): number => Math.min(a[1], b[1]) - Math.max(a[0], b[0]);
