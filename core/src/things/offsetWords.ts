import { formatLength } from '../length/formatLength';
import type { Units } from '../length/units';
import { fitOffsets, offsetCurve } from '../measure/offsets';
import type { Point2 } from '../solid/prism';
import type { ShapeOf, Thing } from './schema';

/** What a row read with a stick and a rule is known to, two standard deviations, mm. Common practice, no single source. */
const DOUBT = 2;

/** A thing between its back and a curve. */
export type OffsetThing = Thing & { readonly shape: ShapeOf<'offsets'> };

/** How long the curve ought to be: as long as the box is along it, mm. */
export function offsetsLength({ shape, width, depth, height }: OffsetThing): number {
  if (shape.seen === 'in section') return height.mm;
  return (shape.back === 'north' || shape.back === 'south' ? width : depth).mm;
}

/** A table of offsets in mm, station by depth. */
export const offsetRows = ({ shape: { table } }: OffsetThing): Point2[] =>
  table.map(({ station, depth }): Point2 => [station.mm, depth.mm]);

export interface OffsetWords {
  readonly words: string;
  /** It may be cut by, and is wrong or unknown. */
  readonly strong: boolean;
}

/** What a table of offsets leaves open: ends nobody measured, a curve that leaves its rows, a row that stands out. */
export function offsetWords(thing: OffsetThing, units: Units): OffsetWords[] {
  const rows = offsetRows(thing);
  const say = (mm: number) => formatLength(mm, units, true);
  const long = offsetsLength(thing);
  const [first, last] = [rows[0]![0], rows[rows.length - 1]![0]];
  const open = [
    ...(first > DOUBT ? [`before the first station (0 to ${say(first)})`] : []),
    ...(long - last > DOUBT ? [`after the last one (${say(last)} to ${say(long)})`] : []),
  ];
  const ends: OffsetWords[] =
    open.length === 0
      ? []
      : [{ words: `Not measured ${open.join(' and ')}: nothing is taken to stand there.`, strong: true }];
  return [...ends, ...strayWords(thing, rows, say), ...fitWords(rows, say)];
}

/** Where a spline leaves the straight line between two rows by more than the rows themselves are known. */
function strayWords(
  { shape: { curve } }: OffsetThing,
  rows: readonly Point2[],
  say: (mm: number) => string,
): OffsetWords[] {
  if (curve !== 'spline') return [];
  const strays = offsetCurve(rows, curve).strays();
  const most = strays.reduce((far, { mm }, i) => (Math.abs(mm) > Math.abs(strays[far]!.mm) ? i : far), 0);
  const { station, mm } = strays[most]!;
  if (Math.abs(mm) <= DOUBT) return [];
  const [[x0, y0], [x1, y1]] = [rows[most]!, rows[most + 1]!];
  const there = y0 + ((y1 - y0) * (station - x0)) / (x1 - x0) + mm;
  const past = there > Math.max(y0, y1) + DOUBT || there < Math.min(y0, y1) - DOUBT;
  const words = `Between stations ${say(x0)} and ${say(x1)} the spline lies ${say(Math.abs(mm))} ${mm > 0 ? 'deeper' : 'shallower'} than the straight line`;
  return [
    {
      words: past ? `${words}, past both rows: measure there, or take the smooth curve.` : `${words}.`,
      strong: past,
    },
  ];
}

/** The row that lies farther off a curve of few bends than it is known, and by how much, mm; undefined where none does. */
export function rowThatStandsOut(
  rows: readonly Point2[],
): { readonly row: number; readonly mm: number } | undefined {
  const worst = fitOffsets(rows)?.worst;
  return worst && Math.abs(worst.mm) > DOUBT ? worst : undefined;
}

function fitWords(rows: readonly Point2[], say: (mm: number) => string): OffsetWords[] {
  if (!fitOffsets(rows)) return [];
  const worst = rowThatStandsOut(rows);
  if (!worst) return [{ words: 'Fitted with a curve of few bends, no row stands out.', strong: false }];
  const { row, mm } = worst;
  return [
    {
      words: `Fitted with a curve of few bends, row ${row + 1} lies farthest off it: ${say(Math.abs(mm))}. Read it again if the side is smooth there.`,
      strong: false,
    },
  ];
}
