import type { MoverCheck } from '../clearance/checkMover';
import { noteOf, type PartNote } from '../item/note';
import { lengthMark } from '../length/lengthMark';
import { firstMeets, leastRelief, passageAt } from '../mechanism/swing';
import { appraisalOf } from '../parts/appraisals';
import type { TurnsBeside } from '../parts/contract/turnsBeside';
import { carrierOf } from '../plan/hosts';
import { partBuilt } from '../plan/place';
import type { Plan } from '../plan/schema';
import type { Body, Scene } from '../scene/scene';
import type { Range } from '../solid/bounds';
import type { Point3 } from '../solid/prism';
import { noteFindings } from './noteFindings';
import type { NoteFinding } from './records';
import { seenFrom } from './seenFrom';

const DEGREES = 180 / Math.PI;

/** What a deep leaf meets beside its hinges, by closed forms: how far it opens, what a cut of its corner gives, and where none helps. */
export function besideHingeFindings(plan: Plan, scene: Scene, checks: readonly MoverCheck[]): NoteFinding[] {
  return plan.parts.flatMap((part) => {
    const turns = appraisalOf(part).turnsBeside;
    if (!turns) return [];
    const notes = turns(partBuilt(plan, part)!.laid).flatMap((leaf): PartNote[] => {
      // What is mounted on a leaf goes by that.
      const id = carrierOf(plan, part.id)?.mover ?? leaf.key;
      const check = checks.find((one) => one.id === id);
      return check ? leafNotes(leaf, scene.still, check) : [];
    });
    return noteFindings(part.id, notes, plan, 'beside');
  });
}

/** How far from its axis the nearest thing beside its hinges stands, and what it is. */
export function besideAxis(
  { frame, axis, side, before, z }: TurnsBeside,
  still: readonly Body[],
): { readonly room: number; readonly name: string } | undefined {
  const sense = side === 'left' ? 1 : -1;
  let nearest: { readonly room: number; readonly name: string } | undefined;
  for (const body of still) {
    for (const { box, corners } of seenFrom(frame, body)) {
      if (!box || box.z[0] >= z[1] || box.z[1] <= z[0]) continue;
      const reaches = towards(corners, sense, before);
      const room = sense === 1 ? axis[0] - reaches : reaches - axis[0];
      if (room > 0 && (!nearest || room < nearest.room)) nearest = { room, name: body.name };
    }
  }
  return nearest;
}

/** How far a convex solid reaches to the right, or to the left, within a stretch from front to back; all its corners pair by pair bound that. */
function towards(corners: readonly Point3[], sense: 1 | -1, [from, to]: Range): number {
  const reached: number[] = [];
  for (const [i, [x, y]] of corners.entries()) {
    if (y > from && y < to) reached.push(x);
    for (const [ox, oy] of corners.slice(i + 1))
      for (const line of [from, to])
        if ((y - line) * (oy - line) < 0) reached.push(x + ((ox - x) * (line - y)) / (oy - y));
  }
  return sense === 1 ? Math.max(-Infinity, ...reached) : Math.min(Infinity, ...reached);
}

function leafNotes(leaf: TurnsBeside, still: readonly Body[], { to }: MoverCheck): PartNote[] {
  const { corners, free, most } = leaf;
  const beside = besideAxis(leaf, still);
  if (!beside) return [];
  const meets = firstMeets(corners, beside.room);
  if (meets === undefined || meets >= to) return [];
  const met = (mm: number) => firstMeets(leaf.cutBack(mm), beside.room) ?? to;
  const cut = leastRelief(leaf.cutBack, beside.room, to, most);
  const passage = passageAt(corners, free, meets);
  const gain = passageAt(corners, free, Math.min(to, met(leaf.cut + 1))) - passage;
  // Open by a quarter it stands out by all of its depth, whatever is cut off the corner.
  const before = Math.max(...corners.map((corner) => corner.before));
  const past = before - beside.room;
  const turn = (rad: number) => `${Math.round(rad * DEGREES * 10) / 10}°`;
  const helps =
    cut === undefined
      ? `No cut of its corner lets it to ${turn(to)}: of ${lengthMark(most, 'most')} both ways it goes to ${turn(met(most))}${past > 0 && to >= Math.PI / 2 ? `, and a quarter open it stands ${lengthMark(before)} out from its axis whatever is cut off. Set its axis ${lengthMark(past, 'least')} farther from that, make it as much shallower, or let its hinge end be a cover flap that opens first` : ''}`
      : `Cut back by ${lengthMark(cut, 'least')} both ways its corner lets it to ${turn(to)}`;
  return [
    noteOf(
      'opening',
      'tight',
      `Beside its hinges the ${bare(beside.name)} stands ${lengthMark(beside.room, 'most')} from its axis: its corner meets that at ${turn(meets)}, which leaves a passage of ${lengthMark(passage, 'most')}. ${helps}; a millimetre more cut off gives ${lengthMark(gain)} of passage.`,
      `${leaf.key} beside`,
    ),
  ];
}

const bare = (name: string): string => name.replace(/^the /, '');
