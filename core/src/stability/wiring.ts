import type { Carcass } from '../carcass/schema';
import { frameOf } from '../item/frame';
import { called } from '../item/called';
import type { PartNote } from '../item/note';
import { boundsIn } from '../piece/boundsIn';
import type { Plan } from '../plan/schema';
import { box } from '../solid/prism';
import type { Thing } from '../things/schema';

/** What wires, water or gas run to or in. */
const SERVED: ReadonlySet<Thing['kind']> = new Set<Thing['kind']>([
  'socket',
  'switch',
  'lamp',
  'pipe',
  'valve',
  'gas pipe',
  'radiator',
]);
/** Cables run level or plumb from what they serve, about so far to either side of it, mm. Common practice; local codes differ. */
const ZONE = 150;
/** What is at the wall behind is within so much of it, mm. */
const AT_WALL = 200;

/** Cables and pipes where a carcass is screwed to its wall: in line with what they serve, level or plumb. */
export function wiringNotes({ things }: Plan, carcass: Carcass): PartNote[] {
  const { fixing, depth, width, height, stands } = carcass;
  // What hangs is told to look for cables as it is.
  if (!fixing || stands.on === 'the wall' || stands.on === 'the ceiling') return [];
  const frame = frameOf(carcass);
  const near = things.filter((thing) => {
    if (!SERVED.has(thing.kind) || thing.state === 'to be removed') return false;
    const { x, y, z, width: wide, depth: deep, height: high } = thing;
    const at = boundsIn(frame, {
      pieces: [box([x.mm, y.mm, z.mm], [x.mm + wide.mm, y.mm + deep.mm, z.mm + high.mm])],
    })!;
    if (at.y[1] < depth.mm - AT_WALL || at.y[0] > depth.mm + AT_WALL) return false;
    const plumb = at.x[0] - ZONE < width.mm && at.x[1] + ZONE > 0;
    const level = at.z[0] - ZONE < height.mm && at.z[1] + ZONE > height.mm;
    return plumb || level;
  });
  if (near.length === 0) return [];
  const names = near.map(({ name }) => `the ${called(name)}`).join(' and ');
  return [
    {
      about: 'caution',
      verdict: 'tight',
      sentence: `It is screwed to the wall in line with ${names}: cables and pipes run level or plumb from there. Find them before you drill, switch off what you can, and leave what is live or under pressure to licensed people.`,
    },
  ];
}
