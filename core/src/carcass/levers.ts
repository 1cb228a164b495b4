import { called } from '../item/called';
import type { Amount, Lever, Trouble } from '../item/lever';
import { cost, lengthLever } from '../item/leverOf';
import { lengthMark } from '../length/lengthMark';
import type { Carcass } from './schema';

/** A case is not moved farther than this to mend one finding, nor made smaller by more, mm. */
const MOST_MOVED = 400;
const MOST_SMALLER = 200;
const LEAST = 150;

/** Where it would go by as it is seen from before it, in the space's axes: x east, y north. */
const ALONG: Record<Carcass['faces'], { readonly axis: 'x' | 'y'; readonly right: 1 | -1 }> = {
  south: { axis: 'x', right: 1 },
  north: { axis: 'x', right: -1 },
  east: { axis: 'y', right: 1 },
  west: { axis: 'y', right: -1 },
};

/** What of a carcass may be changed: where it stands, how wide, high and deep it is, how high it is raised. */
export function carcassLevers(carcass: Carcass, { about }: Trouble): Lever[] {
  // What a caution is about no number takes away: whoever builds sees to it.
  if (about === 'caution') return [];
  const { stands } = carcass;
  const { axis, right } = ALONG[carcass.faces];
  return [
    ...(['left', 'right'] as const).flatMap((side) =>
      moved(carcass, axis, side === 'right' ? right : (-right as 1 | -1), `to the ${side}`),
    ),
    ...smaller(carcass, 'width', 'narrower', 'wide'),
    ...smaller(carcass, 'height', 'lower', 'high'),
    ...smaller(carcass, 'depth', 'less deep', 'deep'),
    ...(stands.on === 'the wall' || stands.on === 'the ceiling'
      ? [...moved(carcass, 'z', 1, 'up'), ...moved(carcass, 'z', -1, 'down')]
      : []),
    ...(stands.on === 'a plinth' || stands.on === 'legs' ? raised(carcass, stands.height.mm) : []),
  ];
}

const moved = (carcass: Carcass, axis: 'x' | 'y' | 'z', sense: 1 | -1, way: string): Amount[] =>
  lengthLever(carcass, [axis], {
    key: `moved.${axis}${sense > 0 ? '+' : '-'}`,
    what: `where it stands, ${way}`,
    to: carcass[axis].mm + sense * MOST_MOVED,
    cost: cost('all that hangs on it moves too', 12, 0.15),
    words: (mm) =>
      `move the ${called(carcass.name)} ${way} by ${lengthMark(Math.abs(mm - carcass[axis].mm), 'least')}`,
  });

function smaller(carcass: Carcass, size: 'width' | 'height' | 'depth', words: string, how: string): Amount[] {
  const before = carcass[size].mm;
  const to = Math.max(LEAST, before - MOST_SMALLER);
  if (to >= before) return [];
  return lengthLever(carcass, [size], {
    key: size,
    what: `how ${how} it is`,
    to,
    // The longest slides that fit are taken: they come in steps.
    jumps: size === 'depth',
    cost: cost(`the case gets ${words}`, 14, 0.25),
    words: (mm) => `make the ${called(carcass.name)} ${lengthMark(mm, 'most')} ${how}`,
  });
}

/** On a higher plinth or longer legs, as high in all as before. */
const raised = (carcass: Carcass, before: number): Amount[] =>
  lengthLever(carcass, ['stands', 'height'], {
    key: 'raised',
    what: 'how high it is raised',
    to: before + MOST_SMALLER,
    cost: cost('room inside', 12, 0.3),
    words: (mm) => `raise the ${called(carcass.name)} ${lengthMark(mm, 'least')} off the floor`,
  });
