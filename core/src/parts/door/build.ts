import { frameOf } from '../../carcass/frame';
import { called } from '../../item/called';
import { motionOf, type Motion } from '../../motion/motion';
import type { IntendedContact, Mover, MovingBody } from '../../scene/scene';
import type { PartPlace } from '../family';
import { leafOf } from './leaf';
import type { Door } from './schema';

/** Leaf and handle, turning on the pin's line from shut to the limit. */
export function buildDoor(door: Door, place: PartPlace): Mover {
  const { carcass, panels, gaps } = place;
  const frame = frameOf(carcass);
  const { x, y, z, pin } = leafOf(door, carcass);
  const motion = motionOf({
    kind: 'turn',
    point: frame.toSpace([pin[0], pin[1], 0]),
    axis: [0, 0, door.hinge.side === 'left' ? -1 : 1],
  });
  const name = called(door.name);
  const leaf: MovingBody = {
    id: `${door.id}/leaf`,
    name: `the ${name}`,
    item: door.id,
    pieces: [frame.box([x[0], y[0], z[0]], [x[1], y[1], z[1]])],
    motion,
  };
  const bodies = [leaf, ...handleBody(door, place, name, motion)];
  const to = (door.limit * Math.PI) / 180;
  // An overlay leaf rests on the carcass front, and at its pin it never leaves it; it may press into nothing.
  const contacts: IntendedContact[] =
    door.fit.kind === 'overlay'
      ? panels.map((body) => ({ moving: leaf.id, still: body.id, from: 0, to, depth: 0 }))
      : [];
  return {
    id: door.id,
    name: door.name,
    bodies,
    unit: 'rad',
    from: 0,
    to,
    contacts,
    needs: { around: gaps.around, of: Object.fromEntries(panels.map((body) => [body.id, gaps.running])) },
  };
}

function handleBody(door: Door, { carcass }: PartPlace, leaf: string, motion: Motion): MovingBody[] {
  const { handle, hinge } = door;
  if (!handle) return [];
  const { x, y, z } = leafOf(door, carcass);
  const x0 = hinge.side === 'left' ? x[1] - handle.fromFree.mm - handle.width.mm : x[0] + handle.fromFree.mm;
  const z0 = z[0] + handle.fromBottom.mm;
  const solid = frameOf(carcass).box(
    [x0, y[0] - handle.projection.mm, z0],
    [x0 + handle.width.mm, y[0], z0 + handle.height.mm],
  );
  return [
    { id: `${door.id}/handle`, name: `the handle of the ${leaf}`, item: door.id, pieces: [solid], motion },
  ];
}
