import type { Issue } from '../../item/issue';
import { lengthMark } from '../../length/lengthMark';
import type { GroundPlace } from '../contract/family';
import { firstTrouble, missingMaterials, refuse } from '../kit/issues';
import { BLOCK, type LaidLift } from './lay';
import type { LiftTable } from './schema';

export const missingOfLift = ({ material, lifts }: LiftTable, { stock }: GroundPlace): Issue[] =>
  missingMaterials(
    [
      [['material'], material],
      ...(lifts.kind === 'pedestal' ? [] : [[['lifts', 'material'], lifts.material] as const]),
    ],
    stock,
  );

/** An arm stands at most so steep, as a share of its length. Common practice: past it a scissor locks. */
const STEEPEST = 0.95;
/** From the floor to the underside of a column's plate and its narrowest tube, at least, mm. */
const LEAST_COLUMN = 60;

export function refuseLift(laid: LaidLift): Issue[] {
  const { table } = laid;
  return firstTrouble([
    () =>
      table.high.mm <= table.low.mm
        ? refuse(
            ['high'],
            `Its highest must be over its lowest. More than ${lengthMark(table.low.mm)} will do.`,
          )
        : [],
    () => (table.lifts.kind === 'pedestal' ? columnFaults(laid) : armFaults(laid)),
  ]);
}

/** Each tube draws out of the next as far as that is long, less what holds it. */
function columnFaults({ table, top }: LaidLift): Issue[] {
  const { lifts } = table;
  if (lifts.kind !== 'pedestal') return [];
  if (top.z[0] < LEAST_COLUMN)
    return refuse(
      ['low'],
      `Nothing is left for its column. At least ${lengthMark(LEAST_COLUMN + table.low.mm - top.z[0], 'least')} will do.`,
    );
  const each = top.z[0] - lifts.held.mm;
  const most = (lifts.tubes - 1) * Math.max(0, each);
  const wants = table.high.mm - table.low.mm;
  if (wants <= most + 1e-9) return [];
  const tubes = each > 0 ? Math.ceil(wants / each) + 1 : Infinity;
  return refuse(
    ['high'],
    `${lifts.tubes} tubes of ${lengthMark(Math.max(0, top.z[0]), 'most')}, each held in the next by ${lengthMark(lifts.held.mm)}, draw out by ${lengthMark(most, 'most')}: at most ${lengthMark(table.low.mm + most, 'most')} high will do${tubes <= 4 ? `, or ${tubes} tubes` : ''}.`,
  );
}

/** Arms reach from floor to top, fold under it, and stand under it at their lowest. */
function armFaults({ table, thick, armThick }: LaidLift): Issue[] {
  const { lifts } = table;
  if (lifts.kind === 'pedestal') return [];
  const pins = lifts.wide.mm + 2 * BLOCK + thick;
  const least = pins + (lifts.kind === 'scissor' ? 0 : 1);
  if (table.low.mm <= least)
    return refuse(['low'], `Folded flat, arms ${lengthMark(lifts.wide.mm)} wide and the top are ${lengthMark(pins)} high. More than that will do.`);
  const most = pins + STEEPEST * lifts.long.mm;
  if (table.high.mm > most)
    return refuse(['high'], `Arms ${lengthMark(lifts.long.mm)} long lift it to ${lengthMark(most, 'most')} at most. Longer arms will do: at least ${lengthMark((table.high.mm - pins) / STEEPEST, 'least')}.`);
  const run = Math.sqrt(lifts.long.mm ** 2 - (table.low.mm - pins) ** 2);
  if (lifts.kind === 'scissor') {
    const wants = run + lifts.wide.mm;
    if (wants > table.wide.mm)
      return refuse(['wide'], `At its lowest its arms are ${lengthMark(wants, 'least')} from end to end. At least as much top will do, or shorter arms.`);
    const deep = 4 * armThick + 80;
    return table.deep.mm < deep
      ? refuse(['deep'], `Two pairs of arms and the room between them take ${lengthMark(deep, 'least')}. At least that will do.`)
      : [];
  }
  return table.deep.mm < lifts.apart.mm + lifts.wide.mm
    ? refuse(['lifts', 'apart'], `Its arms stand out past the top. At most ${lengthMark(Math.max(0, table.deep.mm - lifts.wide.mm), 'most')} apart will do.`)
    : [];
} // prettier-ignore
