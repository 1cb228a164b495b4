import type { AnyPlace, PartPlace } from '../contract/family';
import type { MoverMount, WallMount } from '../contract/mount';
import type { Cover } from './schema';

/** Usual numbers to start from. Common practice, no single source; each is there to be changed. */
const mm = (value: number) => ({ mm: value });

const coverOf = (
  id: string,
  name: string,
  mount: Cover['mount'],
  material: string,
  size: { wide: number; high: number; off: number; lap: number },
): Cover => ({
  id,
  family: 'cover',
  name,
  mount,
  material,
  wide: mm(size.wide),
  high: mm(size.high),
  off: mm(size.off),
  // Near its head's left corner: its own weight keeps it shut, and open on the other side of its screw.
  pin: { in: mm(size.lap), up: mm(size.high - size.lap), hardware: 'stud-screw' },
  way: 'to the left',
  limit: 180,
  over: {
    in: mm(2 * size.lap),
    up: mm(size.lap),
    wide: mm(size.wide - 3 * size.lap),
    // Turned about its head it hangs by its lap below its screw.
    high: mm(size.high - 3.5 * size.lap),
  },
  schools: {},
});

/** Over a double socket. */
export const freshCover = (id: string, name: string, mount: WallMount, material: string): Cover =>
  coverOf(id, name, { ...mount, up: mm(300) }, material, { wide: 210, high: 150, off: 14, lap: 20 });

/** Over a latch on a leaf, near its free edge and as high as a hand takes hold: it rides on that wherever it stands. */
export const freshOnLeaf = (
  id: string,
  name: string,
  mount: MoverMount,
  material: string,
  [wide, high]: readonly [width: number, height: number],
): Cover =>
  coverOf(
    id,
    name,
    { ...mount, while: 'any', from: mm(Math.max(0, wide - LATCH.in)), up: mm(Math.min(LATCH.up, high / 2)) },
    material,
    { wide: 110, high: 140, off: 4, lap: 15 },
  );
/** A latch on a leaf is so far in from its free edge and so high, mm. Common practice. */
const LATCH = { in: 150, up: 950 } as const;

/** Over a hob or a sink in a top: as large as that leaves it. */
export const freshOnTop = (id: string, name: string, { carcass }: PartPlace): Cover =>
  coverOf(id, name, { on: 'top', carcass: carcass.id, from: mm(40), back: mm(40) }, carcass.sheet, {
    wide: Math.max(120, Math.min(560, carcass.width.mm - 80)),
    high: Math.max(120, Math.min(460, carcass.depth.mm - 80)),
    off: 8,
    lap: 20,
  });

export function mirrorCover(cover: Cover, place: AnyPlace): Cover {
  const { mount, pin, over, wide, way } = cover;
  return {
    ...cover,
    mount:
      mount.on === 'top' && 'carcass' in place
        ? { ...mount, from: mm(place.carcass.width.mm - mount.from.mm - wide.mm) }
        : mount,
    pin: { ...pin, in: mm(wide.mm - pin.in.mm) },
    over: { ...over, in: mm(wide.mm - over.in.mm - over.wide.mm) },
    way: way === 'to the right' ? 'to the left' : 'to the right',
  };
}
