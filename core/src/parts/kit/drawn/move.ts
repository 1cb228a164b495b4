import { rowOf } from '../../../carcass/build';
import { motionOf } from '../../../motion/motion';
import { bodyOnWay, idOnWay, movingBodyOfLink } from '../../../scene/linkBody';
import type { IntendedContact, Mover } from '../../../scene/scene';
import { frameOf } from '../../../item/frame';
import type { PartPieces } from '../../contract/family';
import { openers } from '../contents/contents';
import type { Link } from '../../../piece/piece';
import type { LaidDrawn } from './lay';
import { titleOf } from './pieces';

/** What is chosen as play is what is wanted: less than all of it by this much is not kept. */
const HAIR = 0.999;

/** Each drawer on its way out, to the back too where it comes out at both sides, and what opens in it. */
export function moveDrawn({ part, place, travel, drawers }: LaidDrawn, { moving }: PartPieces): Mover[] {
  const { carcass, gaps } = place;
  const frame = frameOf(carcass);
  const row = rowOf(carcass);
  const out = frame.turn([0, -1, 0]);
  const { runs, fit, twoSided, single } = part;
  return drawers.flatMap((at): Mover[] => {
    const { key: id } = at;
    const link = moving.find(({ key }) => key === id)!;
    const ground = `${id}/ground`;
    const touch = (one: string, still: string): IntendedContact => ({
      moving: one,
      still,
      from: 0,
      to: travel,
      depth: 0,
    });
    const contacts: IntendedContact[] = [
      // An applied front rests on the carcass when it is shut; it may press into nothing.
      ...(at.front && fit.kind !== 'inset' ? [touch(`${id}/front`, carcass.id)] : []),
      // What runs on wood touches it all the way.
      ...(runs.kind === 'wooden runners' ? [touch(`${id}/box`, ground)] : []),
    ];
    const play = runs.kind === 'wooden runners' ? Math.min(gaps.running, runs.play.mm * HAIR) : gaps.running;
    const opens = at.contents.some(({ content }) => content.opens.kind !== 'no');
    const body = movingBodyOfLink(link, row, motionOf({ kind: 'slide', direction: out }));
    const mover: Mover = {
      id,
      item: part.id,
      name: titleOf(part, at),
      ...(!single && at.nth > 0 && { own: `Drawer ${at.nth}` }),
      ...((twoSided || opens) && { thing: id }),
      bodies: [body],
      unit: 'mm',
      from: 0,
      to: travel,
      contacts,
      needs: {
        around: gaps.around,
        row: { of: row, gap: play },
        of: { [ground]: 0 },
      },
    };
    const back: Mover[] = twoSided ? [toTheBack(mover, link, frame.turn([0, 1, 0]))] : [];
    return [
      mover,
      ...back,
      ...openers(at.contents, { id, item: part.id, row }, frame, { direction: out, travel }),
    ];
  });
}

/** The same drawn out at the back of the case: in place of the way to the front. */
function toTheBack(mover: Mover, link: Link, direction: readonly [number, number, number]): Mover {
  const id = `${mover.id}.back`;
  const motion = motionOf({ kind: 'slide', direction });
  return {
    ...mover,
    id,
    name: `${mover.name}, to the back`,
    own: `${mover.own ?? 'Drawer'}, to the back`,
    goes: 'instead',
    bodies: [bodyOnWay(link, mover.bodies[0]!.row, motion, id)],
    // What it runs on holds it this way too.
    contacts: mover.contacts.map((contact) => ({ ...contact, moving: idOnWay(id, link, `${link.key}/box`) })),
  };
}
