import type { Issue } from '../../item/issue';
import { lengthMark } from '../../length/lengthMark';
import { span } from '../../solid/bounds';
import type { PartPlace } from '../contract/family';
import { firstTrouble, missingNamed, refuse } from '../kit/issues';
import { missingOfTurning, stayFaults, strutFaults } from '../kit/turning/refuse';
import { deskHinge, mattressOf, type LaidBed } from './lay';
import type { Bed } from './schema';

/** What a bed names and is not there. */
export function missingOfBed(bed: Bed, place: PartPlace): Issue[] {
  const { mount, frame, platform, face, pivot, desk } = bed;
  return firstTrouble([
    () =>
      missingNamed(
        {
          bay: mount.bay,
          materials: [
            [['frame', 'material'], frame.material],
            [['platform', 'material'], platform.material],
            ...(face ? ([[['face', 'material'], face.material]] as const) : []),
            ...(desk ? ([[['desk', 'material'], desk.material]] as const) : []),
          ],
        },
        place,
      ),
    () =>
      place.hardware.find(pivot.hardware, 'pivot')
        ? []
        : refuse(['pivot', 'hardware'], `There is no pivot “${pivot.hardware}”.`),
    () => missingOfTurning(bed, undefined, [], place.hardware),
  ]);
}

/** Rails want so much wood about a pivot's pin, mm. Common practice. */
const ABOUT_PIN = 15;

export function refuseBed(laid: LaidBed): Issue[] {
  const { bed, place, plane } = laid;
  return firstTrouble([
    () => sizeFaults(laid),
    () => depthFaults(laid),
    () => pivotFaults(laid),
    () => barFaults(laid),
    () => deskFaults(laid),
    () => stayFaults(bed.stay, plane, place.hardware),
    () => strutFaults(bed.help, plane, place.hardware),
  ]);
}

/** A bed that its bay is too narrow or too low for, with the mattress that would do. */
function sizeFaults({ bed, tray, opening: { inside }, panels }: LaidBed): Issue[] {
  const { up, along } = mattressOf(bed);
  const field = (which: 'up' | 'along') =>
    (bed.turns === 'at the end') === (which === 'up') ? (['mattress', 'long'] as const) : (['mattress', 'wide'] as const);
  const wide = inside.right - inside.left;
  const over = span(tray.x) - wide;
  if (over > 0)
    return refuse(
      field('along'),
      `With its rails the bed is ${lengthMark(span(tray.x))} wide, and its bay ${lengthMark(wide, 'most')}. A mattress of at most ${lengthMark(Math.max(0, along - over), 'most')} will do.`,
    );
  const past = tray.z[1] - inside.top;
  if (past > 0)
    return refuse(
      field('up'),
      `Up, the bed ends ${lengthMark(past)} over the head of its bay. A mattress of at most ${lengthMark(Math.max(0, up - past), 'most')} will do, or a foot lower down.`,
    );
  return panels.some(({ x, z }) => span(x) <= 0 || span(z) <= 0)
    ? refuse(['face', 'foot'], `Nothing is left of its panels: a foot of at most ${lengthMark(Math.max(0, inside.top - inside.bottom - 100), 'most')} will do.`)
    : [];
} // prettier-ignore

/** Mattress and what lies on it must go into the cabinet. */
function depthFaults({ bed, mattress, bedding, platform, tray, opening: { inside } }: LaidBed): Issue[] {
  const back = (bedding ?? mattress).y[1];
  const over = back - inside.back;
  if (over > 0)
    return refuse(
      bedding && over < bed.bedding.thick.mm ? ['bedding', 'thick'] : ['mattress', 'thick'],
      `Up, the bed is ${lengthMark(back - inside.front)} deep, and its cabinet ${lengthMark(inside.back - inside.front, 'most')} within: ${lengthMark(over, 'least')} too much. A deeper cabinet, a thinner mattress or bedding taken off will do.`,
    );
  const least = platform.y[1] - tray.y[0] + 10;
  return span(tray.y) < least
    ? refuse(['frame', 'deep'], `Its rails must hold bearers, platform and mattress. At least ${lengthMark(least, 'least')} deep will do.`)
    : [];
} // prettier-ignore

/** A bar's pin in the cabinet has wood under it, and so has its other one. */
function barFaults({ bed, plane, legLong, opening: { inside } }: LaidBed): Issue[] {
  const { legs } = bed;
  if (legs.kind !== 'on a link') return [];
  const most = Math.min(plane.axis[1] - inside.bottom - ABOUT_PIN, legLong - ABOUT_PIN);
  return legs.crank.mm > most
    ? refuse(
        ['legs', 'crank'],
        `The pins of its legs’ bars are as far under its pivot and its legs’ hinges as this. At most ${lengthMark(Math.max(0, most), 'most')} will do.`,
      )
    : [];
}

/** A desk hangs on the bed, over its pivot; the pins of its bars are as far under the pivot as its top is under its hinges. */
function deskFaults({ bed, plane, tray, opening }: LaidBed): Issue[] {
  const { desk } = bed;
  if (!desk) return [];
  const { inside } = opening;
  const hinge = deskHinge(desk, opening);
  const [least, most] = [plane.axis[1] + ABOUT_PIN, tray.z[1] - ABOUT_PIN];
  const room = plane.axis[1] - inside.bottom - ABOUT_PIN;
  if (desk.room.mm > room)
    return refuse(
      ['desk', 'room'],
      `The pins of its desk’s bars are as far under its pivot as this. At most ${lengthMark(Math.max(0, room), 'most')} will do, or a pivot higher up.`,
    );
  return hinge < least || hinge > most
    ? refuse(
        ['desk', 'up'],
        `Its desk hangs on the bed, over the pivot: ${lengthMark(least - inside.bottom - desk.room.mm, 'least')} to ${lengthMark(most - inside.bottom - desk.room.mm, 'most')} above the foot of its bay will do.`,
      )
    : [];
}

/** The pin goes through the rails, with wood about it. */
function pivotFaults({ bed, place, plane, tray, opening: { inside } }: LaidBed): Issue[] {
  const pin = (place.hardware.find(bed.pivot.hardware, 'pivot')?.pin ?? 0) / 2 + ABOUT_PIN;
  const [y, z] = plane.axis;
  const between = (value: number, [from, to]: readonly [number, number], zero: number, path: Issue['path'], way: string): Issue[] =>
    value < from + pin - 1e-9 || value > to - pin + 1e-9
      ? refuse(path, `Its pivot must go through its rails with ${lengthMark(ABOUT_PIN)} of wood about its pin: ${lengthMark(Math.max(0, from + pin - zero), 'least')} to ${lengthMark(Math.max(0, to - pin - zero), 'most')} ${way} will do.`)
      : [];
  return [
    ...between(y, tray.y, inside.front, ['pivot', 'back'], 'back from the front'),
    ...between(z, tray.z, inside.bottom, ['pivot', 'up'], 'above the foot of its bay'),
  ].slice(0, 1);
} // prettier-ignore
