import { rowOf } from '../../carcass/build';
import { frameOf } from '../../carcass/frame';
import { wordChoice, type Field } from '../../item/field';
import type { Issue } from '../../item/issue';
import { called } from '../../item/called';
import { lengthMark } from '../../length/lengthMark';
import { sumOf } from '../../sizing/sum';
import type { BuiltPart, Family, PartNote, PartPlace, SizedPiece } from '../family';
import { openingOf } from '../fronts';
import { thicknessRests } from '../rests';
import { schoolFields } from '../schools';
import { wayIn, type Entry } from './entry';
import type { Shelf } from './schema';

/** A shelf must lie on its pins by this much at least, pushed as far to one side as it goes, mm. CP, no single source. */
const LEAST_BEARING = 4;
/** A usual screw through a shelf, mm. CP. */
const SCREW = 4;

/** Its box, mm: long across, deep to the back, and the heights of its undersides in the carcass's frame. */
function shelfOf(shelf: Shelf, place: PartPlace) {
  const { inside } = openingOf(shelf, place);
  const thick = place.stock.thickness(shelf.material);
  const long = inside.right - inside.left - shelf.less.mm;
  const front = inside.front + shelf.setback.mm;
  const deep = inside.back - front;
  const room = inside.top - inside.bottom;
  const even = (room - shelf.count * thick) / (shelf.count + 1);
  const heights = Array.from({ length: shelf.count }, (_, i) =>
    shelf.up
      ? inside.bottom + shelf.up.first.mm + i * shelf.up.step.mm
      : inside.bottom + even + i * (even + thick),
  );
  return { inside, thick, long, front, deep, heights };
}

function entryOf(shelf: Shelf, place: PartPlace): Entry {
  const { left, right, bottom, top, inside } = openingOf(shelf, place);
  return {
    openingWidth: right.at - left.at,
    openingHeight: top.at - bottom.at,
    insideWidth: inside.right - inside.left,
    insideHeight: inside.top - inside.bottom,
  };
}

/** How much a board of solid wood may move across its grain, mm: depth x coefficient x change of moisture. */
export function moves(deep: number, swells: number, moisture: number): number {
  return deep * swells * moisture;
}

function refuse(shelf: Shelf, place: PartPlace): Issue[] {
  const { stock, built } = place;
  const one = (path: Issue['path'], message: string): Issue[] => [{ path, message }];
  if (!built.layout.openings.has(shelf.bay)) return one(['bay'], `Its carcass has no bay “${shelf.bay}”.`);
  if (!stock.has(shelf.material)) return one(['material'], `There is no material “${shelf.material}”.`);
  const { inside, thick, long, deep, heights } = shelfOf(shelf, place);
  if (long < 20)
    return one(
      ['less'],
      `Nothing is left of the shelf. At most ${lengthMark(inside.right - inside.left - 20, 'most')} less will do.`,
    );
  if (deep < 20)
    return one(
      ['setback'],
      `Nothing is left of the shelf. At most ${lengthMark(inside.back - inside.front - 20, 'most')} will do.`,
    );
  const bearing = shelf.pins.mm - shelf.less.mm;
  if (bearing < LEAST_BEARING)
    return one(
      ['less'],
      `Pushed to one side it lies on the other pins by ${lengthMark(Math.max(0, bearing), 'most')} only. At most ${lengthMark(shelf.pins.mm - LEAST_BEARING, 'most')} less than its opening will do, or longer pins.`,
    );
  const last = heights[heights.length - 1]! + thick;
  if (last > inside.top + 1e-9)
    return one(
      shelf.up ? ['up', 'first'] : ['count'],
      `The topmost shelf would stand ${lengthMark(last - inside.top)} into what is above. ${shelf.up ? `At most ${lengthMark(Math.max(0, shelf.up.first.mm - (last - inside.top)), 'most')} for the lowest will do.` : 'Fewer will do.'}`,
    );
  const way = wayIn(long, thick, entryOf(shelf, place));
  if (way.kind === 'none') {
    const less = inside.right - inside.left - way.longest;
    return one(
      ['less'],
      `The shelf cannot get in past the frame, tilted or straight: the longest that can is ${lengthMark(way.longest, 'most')}. ${lengthMark(less, 'least')} less than its opening would do${less > shelf.pins.mm - LEAST_BEARING ? ', on longer pins' : ''}.`,
    );
  }
  const movement = moves(deep, stock.material(shelf.material).swells ?? 0, shelf.moisture);
  if (movement > deep - 20) return one(['moisture'], 'So much moisture moves more than there is of it.');
  return [];
}

function build(shelf: Shelf, place: PartPlace): BuiltPart {
  const { inside, thick, long, front, deep, heights } = shelfOf(shelf, place);
  const frame = frameOf(place.carcass);
  const left = inside.left + shelf.less.mm / 2;
  return {
    movers: [],
    still: heights.map((z, i) => ({
      id: `${shelf.id}/shelf-${i + 1}`,
      name: `the ${called(shelf.name)}`,
      item: shelf.id,
      row: rowOf(place.carcass),
      pieces: [frame.box([left, front, z], [left + long, front + deep, z + thick])],
    })),
  };
}

function sizes(shelf: Shelf, place: PartPlace): SizedPiece[] {
  const { stock } = place;
  const { thick, long, deep } = shelfOf(shelf, place);
  const opening = openingOf(shelf, place);
  const inside = opening.inside.right - opening.inside.left;
  const width = sumOf('shelf length', [
    ...(Math.abs(opening.width.mm - inside) < 1e-9
      ? opening.width.lines
      : [{ words: 'inside width', mm: inside }]),
    { words: 'less than its opening', mm: -shelf.less.mm },
  ]);
  const movement = moves(deep, stock.material(shelf.material).swells ?? 0, shelf.moisture);
  const height = sumOf('shelf depth', [
    { words: 'inside depth', mm: opening.inside.back - opening.inside.front },
    { words: 'set back', mm: -shelf.setback.mm },
    ...(shelf.banding.mm > 0 ? [{ words: 'edge banding', mm: -shelf.banding.mm }] : []),
    ...(movement > 0.05 ? [{ words: 'left for the wood to swell', mm: -movement }] : []),
  ]);
  const way = wayIn(long, thick, entryOf(shelf, place));
  return [
    {
      name: shelf.name,
      count: shelf.count,
      width,
      height,
      thickness: thick,
      material: shelf.material,
      notes: [
        ...(way.kind === 'tilted'
          ? [`Goes in with one end raised ${degrees(way.from, Math.ceil)} to ${degrees(way.to, Math.floor)}.`]
          : []),
        ...(shelf.held === 'screws in slots'
          ? [
              `Slots ${lengthMark(SCREW + movement, 'least')} long across the grain for screws ${lengthMark(SCREW)} thick.`,
            ]
          : []),
      ],
    },
  ];
}

const degrees = (angle: number, round: (value: number) => number) => `${round((angle * 180) / Math.PI)}°`;

function notes(shelf: Shelf, place: PartPlace): PartNote[] {
  const { stock } = place;
  const { thick, long, deep } = shelfOf(shelf, place);
  const { swells } = stock.material(shelf.material);
  const movement = moves(deep, swells ?? 0, shelf.moisture);
  const way = wayIn(long, thick, entryOf(shelf, place));
  const bearing = shelf.pins.mm - shelf.less.mm;
  const found: PartNote[] = [
    {
      about: 'fit',
      verdict: 'clear',
      sentence: `Pushed to one side it still lies ${lengthMark(bearing, 'most')} on the other pins.`,
    },
  ];
  if (way.kind === 'tilted')
    found.push({
      about: 'fit',
      verdict: way.to - way.from < 0.05 ? 'tight' : 'clear',
      sentence: `It goes in past the frame with one end raised, between ${degrees(way.from, Math.ceil)} and ${degrees(way.to, Math.floor)}.`,
    });
  if (movement > 0.05)
    found.push({
      about: 'wood',
      verdict: shelf.held === 'loose' ? 'clear' : 'tight',
      sentence: `Solid wood: it may move ${lengthMark(movement, 'least')} in its depth${shelf.held === 'loose' ? '.' : '; its screws stand in slots for it.'}`,
    });
  return found;
}

const length = (label: string, path: readonly (string | number)[], when?: (shelf: Shelf) => boolean): Field<Shelf> => ({ group: 'Shelf', label, path, input: 'length', ...(when && { when }) }); // prettier-ignore

const FIELDS: readonly Field<Shelf>[] = [
  { group: 'Shelf', label: 'Lies in', path: ['bay'], input: { pick: 'bay' } },
  { group: 'Shelf', label: 'How many', path: ['count'], input: 'count' },
  {
    group: 'Shelf',
    label: 'Made of',
    path: ['material'],
    input: { pick: 'material', kinds: () => ['sheet', 'solid wood', 'glass'] },
  },
  {
    group: 'Shelf',
    label: 'Heights',
    path: ['up'],
    input: {
      words: ['evenly spread', 'as typed'],
      word: ({ up }) => (up ? 'as typed' : 'evenly spread'),
      value: (word) => (word === 'as typed' ? { first: { mm: 300 }, step: { mm: 320 } } : null),
    },
  },
  length('Lowest, above the bottom', ['up', 'first'], ({ up }) => up !== null),
  length('From one to the next', ['up', 'step'], ({ up }) => up !== null),
  length('Less than its opening', ['less']),
  length('Set back', ['setback']),
  length('Edge banding', ['banding']),
  length('Pins stand out', ['pins']),
  {
    group: 'Shelf',
    label: 'It is',
    path: ['held'],
    input: wordChoice(['held'], ['loose', 'screws in slots']),
  },
  { group: 'Shelf', label: 'Moisture changes by, points', path: ['moisture'], input: 'count' },
];

export const SHELF: Family<Shelf> = {
  word: 'shelf',
  add: 'A shelf',
  mover: 'shelf',
  piece: 'Shelf',
  fields: () => [
    ...FIELDS,
    ...schoolFields<Shelf>(),
    { group: 'Name', label: 'Name', path: ['name'], input: 'text' },
  ],
  // About 3 mm less than the opening, pins 8 mm out: CP, no single source.
  fresh: (id, name, { carcass }, bay) => ({
    id,
    family: 'shelf',
    name,
    carcass: carcass.id,
    bay,
    material: carcass.sheet,
    count: 1,
    up: null,
    less: { mm: 3 },
    setback: { mm: 10 },
    banding: { mm: 0 },
    pins: { mm: 8 },
    moisture: 4,
    held: 'loose',
  }),
  refuse,
  build,
  mirror: (shelf) => shelf,
  sizes,
  takes: () => [],
  notes,
  rests: (shelf, { stock }) => thicknessRests([shelf.material], stock),
  advise: () => undefined,
};
