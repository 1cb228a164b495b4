import { called } from '../item/called';
import type { Change } from '../item/change';
import { PLINTH } from './kinds';
import type { Amount, Choice, Lever, Trouble } from '../item/lever';
import type { Stock } from '../material/stock';
import { materialLevers } from '../material/levers';
import type { BuiltCarcass } from './build';
import { sheetDoes } from './strength';
import { choiceLever, cost, lengthLever } from '../item/leverOf';
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
export function carcassLevers(
  carcass: Carcass,
  { about }: Trouble,
  built: BuiltCarcass,
  stock: Stock,
): Lever[] {
  // What a caution is about no number takes away: whoever builds sees to it.
  if (about === 'caution') return [];
  if (about === 'strength')
    return materialLevers(carcass, ['sheet'], stock.materials, `the ${called(carcass.name)}`, (one) =>
      sheetDoes(carcass, built, stock, one),
    );
  if (about === 'fixing') return fixingLevers(carcass);
  if (about === 'standing') return [...onTheFloor(carcass), ...placeLevers(carcass)];
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

/** Fixings to try, and how many, the least work first: two at the head, then more. */
const FIXINGS = ['stud-screw', 'wall-plug', 'hollow-fixing', 'stud-screw-8'] as const;
const COUNTS = [2, 4, 6, 8] as const;
const FIXED_WITH: Readonly<Record<(typeof FIXINGS)[number], string>> = {
  'stud-screw': 'screws into studs or joists',
  'wall-plug': 'plugs in masonry',
  'hollow-fixing': 'fixings for a hollow wall',
  'stud-screw-8': 'coach screws into studs or joists',
};

const fixingLevers = (carcass: Carcass): Lever[] =>
  FIXINGS.flatMap((hardware, i) =>
    COUNTS.flatMap((count) =>
      choiceLever(
        carcass,
        ['fixing'],
        { hardware, count },
        {
          key: `fixing.${hardware}.${count}`,
          what: 'what it is fixed with',
          cost: cost('holes in what is behind it', 4 + i + count),
          words: `fix the ${called(carcass.name)} with ${count} ${FIXED_WITH[hardware]}`,
        },
      ),
    ),
  );

/** The highest plinth that is offered under what hovers, mm. */
const HIGHEST_PLINTH = 300;

/** Down, or up, to the floor, or a plinth under it that leaves it where it is: to slide it there would miss the floor by a hair. */
function onTheFloor(carcass: Carcass): Choice[] {
  const { stands, z, height, name } = carcass;
  if (stands.on === 'the wall' || stands.on === 'the ceiling') return [];
  const down = { path: ['z'], before: z, after: { mm: 0 } };
  const choice = (key: string, words: string, costs: string, once: number, changes: Change[]): Choice => ({
    kind: 'choice',
    key,
    what: 'what it stands on',
    words,
    cost: cost(costs, once),
    changes,
  });
  const lowered = choice(
    'on the floor',
    `stand the ${called(name)} on the floor`,
    'all that hangs on it moves too',
    12,
    [down],
  );
  if (stands.on !== 'the floor' || z.mm <= 0 || z.mm > HIGHEST_PLINTH) return [lowered];
  const plinth = choice(
    'on a plinth',
    `put a plinth ${lengthMark(z.mm)} high under the ${called(name)}`,
    'a plinth to make',
    8,
    [
      down,
      { path: ['height'], before: height, after: { mm: height.mm + z.mm } },
      { path: ['stands'], before: stands, after: { ...PLINTH, height: z } },
    ],
  );
  return [plinth, lowered];
}

/** To where something bears it, and out of what it stands in. */
function placeLevers(carcass: Carcass): Lever[] {
  const { axis, right } = ALONG[carcass.faces];
  const deep = axis === 'x' ? 'y' : 'x';
  const back = carcass.faces === 'south' || carcass.faces === 'west' ? 1 : -1;
  return [
    ...moved(carcass, deep, back, 'back', true),
    ...moved(carcass, deep, -back as 1 | -1, 'forward', true),
    ...moved(carcass, 'z', -1, 'down', true),
    ...moved(carcass, 'z', 1, 'up', true),
    ...moved(carcass, axis, right, 'to the right', true),
    ...moved(carcass, axis, -right as 1 | -1, 'to the left', true),
  ];
}

const moved = (
  carcass: Carcass,
  axis: 'x' | 'y' | 'z',
  sense: 1 | -1,
  way: string,
  jumps = false,
): Amount[] =>
  lengthLever(carcass, [axis], {
    key: `moved.${axis}${sense > 0 ? '+' : '-'}`,
    what: `where it stands, ${way}`,
    to: carcass[axis].mm + sense * MOST_MOVED,
    ...(jumps && { jumps }),
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
    // Legs that fold under what lies on it end farther up, and as much farther along.
    ...(size === 'height' && { moves: Math.SQRT2 }),
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
