import { AT_EASE } from '../balance/force';
import { noteOf, type PartNote } from '../item/note';
import { lengthMark, massMark } from '../length/lengthMark';
import { appraisalOf } from '../parts/appraisals';
import { combinedWeight, GRAVITY, weighAll, type Weight } from '../piece/mass';
import { partBuilt, planStock } from '../plan/place';
import { carcassPieces } from '../plan/still';
import type { Plan } from '../plan/schema';
import type { Carries } from '../space/carries';
import { noteFindings } from './noteFindings';
import type { NoteFinding } from './records';

/** Of a spare that is used, more than this is near its end. */
const NEAR = 0.8;
/** Water, kg a cubic metre. @source usual values of naval architecture, from memory */
const DENSITY = { fresh: 1000, salt: 1025 } as const;
/** A list or a trim that is seen and felt. Common practice. */
const FELT = { list: 1, trim: 1 / 400 } as const;
const CUBIC_MM_A_M3 = 1e9;
const DEGREES = 180 / Math.PI;

/** All that the job is made of with what is in it, everything shut; nobody in it, and nothing that was there. */
export function builtWeight(plan: Plan): Weight {
  const stock = planStock(plan);
  return combinedWeight([
    ...plan.carcasses.map((one) => weighAll(carcassPieces(plan, one).pieces, stock)),
    ...plan.parts.flatMap((part) => {
      const { laid, pieces, movers } = partBuilt(plan, part)!;
      // What stands still of it and carries nothing is weighed by its pieces; what moves, and what it holds, by what acts on it.
      const acting = appraisalOf(part).forces(laid, pieces, movers);
      const told = new Set(acting.map(({ link }) => link));
      return [
        ...pieces.still.filter(({ key }) => !told.has(key)).map((link) => weighAll(link.pieces, stock)),
        ...acting
          .filter(({ force }) => force.kind === 'weight')
          .map(({ force }): Weight => ({
            kg: force.newtons(AT_EASE).most / GRAVITY,
            centre: force.at(AT_EASE),
          })),
      ];
    }),
  ]);
}

/** What the job weighs in what it is built into, where that moves: by axle, or as a boat lies with it. */
export function carriedFindings(plan: Plan): NoteFinding[] {
  const { carries } = plan.space;
  if (!carries) return [];
  const weight = builtWeight(plan);
  if (weight.kg === 0) return [];
  const notes = carries.kind === 'vehicle' ? axleNotes(carries, weight) : boatNotes(carries, weight);
  return noteFindings('space', notes, plan, 'carried');
}

type Of<Kind extends Carries['kind']> = Extract<Carries, { kind: Kind }>;
const along = (side: Carries['forward'], [x, y]: readonly [number, number, ...number[]]): number =>
  side === 'north' || side === 'south' ? y : x;
/** Forward counts up. */
const sense = (side: Carries['forward']): 1 | -1 => (side === 'north' || side === 'east' ? 1 : -1);

/**
 * What each axle gets of a weight, kg.
 *
 * @source a beam on two supports: W a / l, a from the other one
 */
export function axleShares({ forward, front, rear }: Of<'vehicle'>, { kg, centre }: Weight) {
  const at = along(forward, centre);
  const onFront = (kg * (at - rear.at.mm)) / (front.at.mm - rear.at.mm);
  return { front: onFront, rear: kg - onFront };
}

function axleNotes(vehicle: Of<'vehicle'>, weight: Weight): PartNote[] {
  const shares = axleShares(vehicle, weight);
  return (['front', 'rear'] as const).map((axle) => {
    const [on, { spare }] = [shares[axle], vehicle[axle]];
    const verdict = on > spare ? 'hits' : on > NEAR * spare ? 'tight' : 'clear';
    return noteOf(
      'strength',
      verdict,
      on < 0
        ? `The job weighs ${massMark(weight.kg)} and takes ${massMark(-on)} off the ${axle} axle: what lies behind the other lifts it.`
        : `The job weighs ${massMark(weight.kg)}, ${massMark(on)} of that on the ${axle} axle, which may still bear ${massMark(spare)}${on > spare ? ': thinner boards, or build it nearer to the other axle' : ''}. People, water and what is kept in it come on top; weigh it on a public scale.`,
      `${axle} axle`,
    );
  });
}

/**
 * How a boat lies with a weight more: deeper by `sinks`, its ends apart by `trims` mm (down by the bow counts up), over by `lists` degrees to
 * the right as one looks forward.
 *
 * @source a box of its waterline: W / (rho L B); 12 W d / (rho B L^2), of W d / (disp. BM L) with BM = L^3 B / (12 V); tan = W e / (disp. GM).
 * Textbooks of ship stability, from memory. A finer hull sinks and trims more.
 */
export function lieWith(boat: Of<'boat'>, { kg, centre }: Weight) {
  const { forward, long, broad, middle, water, weighs, stiff } = boat;
  const rho = DENSITY[water] / CUBIC_MM_A_M3;
  const off = [centre[0] - middle.x.mm, centre[1] - middle.y.mm] as const;
  const ahead = along(forward, off) * sense(forward);
  // To the right as one looks north is east, and as one looks east is south.
  const beside = forward === 'north' || forward === 'south' ? off[0] * sense(forward) : -off[1] * sense(forward);
  return {
    sinks: kg / (rho * long.mm * broad.mm),
    trims: (12 * kg * ahead) / (rho * broad.mm * long.mm ** 2),
    lists: stiff ? Math.atan((kg * beside) / ((weighs + kg) * stiff.mm)) * DEGREES : undefined,
    moment: (kg * beside) / 1000,
  };
} // prettier-ignore

function boatNotes(boat: Of<'boat'>, weight: Weight): PartNote[] {
  const { kg } = weight;
  const { sinks, trims, lists, moment } = lieWith(boat, weight);
  const list = lists === undefined ? undefined : Math.round(Math.abs(lists) * 10) / 10;
  return [
    noteOf(
      'strength',
      kg > boat.spare ? 'hits' : kg > NEAR * boat.spare ? 'tight' : 'clear',
      `The job weighs ${massMark(kg)}, of the ${massMark(boat.spare)} that may still come into the boat; it lies ${lengthMark(sinks)} deeper.`,
      'weight',
    ),
    noteOf(
      'fit',
      Math.abs(trims) > FELT.trim * boat.long.mm ? 'tight' : 'clear',
      `It trims ${lengthMark(Math.abs(trims))} ${trims < 0 ? 'by the stern' : 'by the bow'}, end to end, reckoned as a box of its waterline: a finer hull trims more. Move ballast, or what is heavy, to the other end.`,
      'trim',
    ),
    noteOf(
      'fit',
      list !== undefined && list > FELT.list ? 'tight' : 'clear',
      list === undefined
        ? `It pulls the boat over to ${moment < 0 ? 'port' : 'starboard'} with ${Math.round(Math.abs(moment))} kg at a metre: its metacentric height says by how much.`
        : `It lists ${list}° to ${moment < 0 ? 'port' : 'starboard'}: put as much on the other side.`,
      'list',
    ),
  ];
}
