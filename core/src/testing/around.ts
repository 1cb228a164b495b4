import { mm, type Made } from './planWith';

type Change = NonNullable<Made['change']>;
type At = Readonly<Record<'x' | 'y' | 'z' | 'width' | 'depth' | 'height', number>>;

/** A thing of a kind and a shape standing somewhere in the room, mm. */
export const thingAt =
  (kind: string, at: At, shape: unknown): Change =>
  (plan) => ({
    ...plan,
    things: [
      {
        id: 'thing',
        name: 'Thing',
        kind,
        shape,
        x: mm(at.x),
        y: mm(at.y),
        z: mm(at.z),
        width: mm(at.width),
        depth: mm(at.depth),
        height: mm(at.height),
      } as never,
    ],
  });

/** A roof slope on a side of a room that is made so deep: from a knee wall so high at so many degrees. */
export const under =
  (pitch: number, knee: number, depth = 3600, side: 'north' | 'south' = 'north'): Change =>
  (plan) => ({
    ...plan,
    space: { ...plan.space, depth: mm(depth), slopes: [{ side, knee: mm(knee), pitch }] },
  });

/** A hull's side in a place, its depth from its back by height: nearer the higher. */
export const hullAt = (at: At, back: 'north' | 'south' | 'east' | 'west'): Change =>
  thingAt('curved side', at, {
    kind: 'offsets',
    back,
    seen: 'in section',
    curve: 'smooth',
    table: [
      { station: mm(0), depth: mm(at.depth / 6) },
      { station: mm(at.height * 0.45), depth: mm(at.depth / 2) },
      { station: mm(at.height), depth: mm(at.depth * 0.9) },
    ],
  });
