import { rowOf } from '../../carcass/build';
import { frameOf } from '../../carcass/frame';
import { wordChoice, type Field } from '../../item/field';
import { called } from '../../item/called';
import type { Issue } from '../../item/issue';
import { lengthMark } from '../../length/lengthMark';
import { sumOf } from '../../sizing/sum';
import type { BuiltPart, Family, PartNote, PartPlace, SizedPiece } from '../family';
import { oldFields } from './fields';
import { holesOf, oldIssues } from './old';
import type { Kept } from './schema';

/** Where it comes to be, in the carcass's frame, mm. */
function boxOf({ what, old, depth, over, bay, id }: Kept, { carcass, built }: PartPlace) {
  if (what === 'top') {
    const front = -over.front.mm;
    const at = carcass.height.mm;
    return {
      least: [-over.left.mm, front, at],
      greatest: [-over.left.mm + old.width.mm, front + old.height.mm, at + old.thickness.mm],
    } as const;
  }
  const opening = built.layout.openings.get(bay);
  if (!opening) throw new Error(`${id} has no bay ${bay}: the plan was not read through readPlan.`);
  const { inside } = opening;
  const [x, y, z] = [inside.left + over.left.mm, inside.front + over.front.mm, inside.bottom + over.up.mm];
  return { least: [x, y, z], greatest: [x + old.width.mm, y + depth.mm, z + old.height.mm] } as const;
}

function refuse(kept: Kept, place: PartPlace): Issue[] {
  const { what, old, over, room, depth } = kept;
  const one = (path: Issue['path'], message: string): Issue[] => [{ path, message }];
  const opening = place.built.layout.openings.get(kept.bay);
  if (!opening) return one(['bay'], `Its carcass has no bay “${kept.bay}”.`);
  const wrong = oldIssues(old);
  if (wrong.length > 0) return wrong.map(({ path, message }) => ({ path: ['old', ...path], message }));
  const { carcass } = place;
  if (what === 'top') {
    const short = carcass.width.mm - old.width.mm;
    if (short > 1e-9)
      return one(
        ['old', 'width'],
        `The old top is ${lengthMark(short)} narrower than what it is to cover. At least ${lengthMark(carcass.width.mm, 'least')} will do.`,
      );
    return [];
  }
  const { inside } = opening;
  // It goes in by the opening, which a face frame may make smaller than the inside.
  const wide = Math.min(opening.right.at - opening.left.at, inside.right - inside.left);
  const high = Math.min(opening.top.at - opening.bottom.at, inside.top - inside.bottom);
  const deep = inside.back - inside.front - over.front.mm;
  const large = (field: Issue['path'], has: number, most: number, words: string) =>
    has > most + 1e-9
      ? one(
          field,
          `The old box is ${lengthMark(has - most, 'least')} too ${words} for its bay. At most ${lengthMark(Math.max(0, most), 'most')} will do.`,
        )
      : [];
  return [
    ...large(['old', 'width'], old.width.mm, wide - room.mm, 'wide'),
    ...large(['old', 'height'], old.height.mm, high - room.mm, 'high'),
    ...large(['depth'], depth.mm, deep, 'deep'),
  ];
}

function build(kept: Kept, place: PartPlace): BuiltPart {
  const { least, greatest } = boxOf(kept, place);
  const body = {
    id: `${kept.id}/old`,
    name: `the ${called(kept.name)}`,
    item: kept.id,
    row: rowOf(place.carcass),
    pieces: [frameOf(place.carcass).box(least, greatest)],
  };
  return { movers: [], still: [body] };
}

function sizes(kept: Kept): SizedPiece[] {
  const { old, what, depth } = kept;
  const asIs = (name: string, mm: number) => sumOf(name, [{ words: `the old ${what}`, mm }]);
  return [
    {
      name: kept.name,
      count: 1,
      width: asIs('width', old.width.mm),
      height: asIs(what === 'top' ? 'depth' : 'height', old.height.mm),
      thickness: what === 'top' ? old.thickness.mm : depth.mm,
      material: '',
      notes:
        old.becomes === 'plugged' && old.holes.length > 0
          ? ['Plug the old holes before anything new is bored.']
          : [],
    },
  ];
}

function notes(kept: Kept, place: PartPlace): PartNote[] {
  const { old, what } = kept;
  const found: PartNote[] = [];
  if (what === 'top') {
    const { least, greatest } = boxOf(kept, place);
    const [left, right] = [-least[0], greatest[0] - place.carcass.width.mm];
    const even = Math.abs(left - right) < 0.05;
    found.push({
      about: 'fit',
      verdict: Math.min(left, right) < -1e-9 ? 'hits' : 'clear',
      sentence: even
        ? `The top stands over by ${lengthMark(left)} at either side.`
        : `The top stands over by ${lengthMark(left)} at the left and ${lengthMark(right)} at the right; ${lengthMark((left + right) / 2)} would be even.`,
    });
  }
  const holes = holesOf(old);
  if (holes.length > 0)
    found.push({
      about: 'holes',
      verdict: old.becomes === 'cleared' ? 'tight' : 'clear',
      sentence: {
        kept: 'Its old holes are used again.',
        plugged: 'Its old holes are plugged first.',
        cleared: `Its ${holes.length === 1 ? 'old hole stays' : `${holes.length} old holes stay`} open: keep what is bored now clear of them.`,
      }[old.becomes],
    });
  return found;
}

const OLD: Kept['old'] = { width: { mm: 400 }, height: { mm: 120 }, thickness: { mm: 20 }, holes: [], lock: null, turned: 'as it was', becomes: 'kept' }; // prettier-ignore
const length = (label: Field<Kept>['label'], path: readonly string[], when?: (kept: Kept) => boolean): Field<Kept> => ({ group: 'Place', label, path, input: 'length', ...(when && { when }) }); // prettier-ignore
const FIELDS: readonly Field<Kept>[] = [
  { group: 'Old piece', label: 'It is a', path: ['what'], input: wordChoice(['what'], ['box', 'top']) },
  {
    group: 'Place',
    label: 'Stands in',
    path: ['bay'],
    input: { pick: 'bay' },
    when: ({ what }) => what === 'box',
  },
  {
    group: 'Old piece',
    label: 'Depth, as measured',
    path: ['depth'],
    input: 'length',
    when: ({ what }) => what === 'box',
  },
  length(({ what }) => (what === 'top' ? 'Over the left side by' : 'From the left'), ['over', 'left']),
  length('Above the bottom', ['over', 'up'], ({ what }) => what === 'box'),
  length(({ what }) => (what === 'top' ? 'Over the front by' : 'Back from the front'), ['over', 'front']),
  length('Room wanted about it', ['room'], ({ what }) => what === 'box'),
];
const oldOnes = oldFields<Kept>('Old piece', ['old'], ({ old }) => old);

export const KEPT: Family<Kept> = {
  word: 'old top or box',
  add: 'An old top or box',
  mover: 'old piece',
  piece: 'Old piece',
  fields: (kept) => [
    ...FIELDS,
    ...oldOnes(kept),
    { group: 'Name', label: 'Name', path: ['name'], input: 'text' },
  ],
  fresh: (id, name, { carcass, built }, bay) => {
    const inside = built.layout.openings.get(bay)!.inside;
    const fits = (usual: number, most: number) => ({ mm: Math.max(10, Math.min(usual, Math.floor(most))) });
    return {
      id,
      family: 'kept',
      name,
      carcass: carcass.id,
      bay,
      what: 'box',
      old: {
        ...OLD,
        width: fits(400, inside.right - inside.left - 10),
        height: fits(120, inside.top - inside.bottom - 10),
      },
      depth: fits(300, inside.back - inside.front),
      over: { left: { mm: 2 }, up: { mm: 0 }, front: { mm: 0 } },
      room: { mm: 4 },
    };
  },
  refuse,
  build,
  mirror: (kept, { carcass, built }) => {
    const inside = built.layout.openings.get(kept.bay)!.inside;
    const wide = kept.what === 'top' ? carcass.width.mm : inside.right - inside.left;
    const sign = kept.what === 'top' ? -1 : 1;
    // What it left at its right it leaves at its left.
    const left = sign * (wide - kept.old.width.mm) - kept.over.left.mm;
    return { ...kept, over: { ...kept.over, left: { mm: left } } };
  },
  sizes,
  takes: () => [],
  notes,
  rests: () => [],
  advise: () => undefined,
};
