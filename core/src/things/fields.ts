import { OFFSET_CURVES } from '../measure/offsets';
import { wordChoice, type Choice, type Field } from '../card/field';
import type { PathStep } from '../item/path';
import { omitKey } from '../item/omitKey';
import { SIDES } from '../item/schema';
import { USUAL } from './kinds';
import { AXES, THING_KINDS, THING_STATES, type Shape, type Thing } from './schema';

const along = (label: string, path: keyof Thing): Field<Thing> => ({
  group: 'Place and size',
  label,
  path: [path],
  input: 'length',
});

const GROUP = 'Shape';
const choice = (path: readonly PathStep[], words: readonly string[]): Choice<Thing> =>
  wordChoice(path, words);
const length = (label: string, key: string): Field<Thing> => ({
  group: GROUP,
  label,
  path: ['shape', key],
  input: 'length',
});
const word = (label: string, key: string, words: readonly string[]): Field<Thing> => ({
  group: GROUP,
  label,
  path: ['shape', key],
  input: choice(['shape', key], words),
});

/** The fields of each shape's own numbers. */
const OF_SHAPE: Record<Shape['kind'], readonly Field<Thing>[]> = {
  round: [word('Runs', 'along', AXES)],
  arch: [word('Runs', 'along', AXES)],
  prism: [word('Runs', 'along', AXES)],
  leaning: [
    word('Its back is to the', 'back', SIDES),
    length('Deep at its foot', 'foot'),
    length('Deep at its head', 'head'),
  ],
  offsets: [
    word('Its back is to the', 'back', SIDES),
    word('Curved', 'seen', ['in plan', 'in section']),
    word('Between stations', 'curve', OFFSET_CURVES),
    { group: GROUP, label: 'Table of offsets', path: ['shape', 'table'], input: 'offsets' },
  ],
  hulls: [],
  plug: [
    word('Faces', 'faces', SIDES),
    length('Plug stands out', 'plug'),
    length('Cable bends within', 'bend'),
    length('Cable length', 'cable'),
  ],
  aired: [
    word('Front faces', 'faces', SIDES),
    length('Air behind', 'back'),
    length('Air at each side', 'sides'),
    length('Air over it', 'top'),
  ],
  compartment: [
    word('Open to the', 'mouth', ['north', 'east', 'south', 'west', 'up']),
    length('Walls, thick', 'wall'),
    length('Lip at its foot', 'lip'),
    length('Head over the mouth', 'head'),
    length('Cheeks beside the mouth', 'cheeks'),
  ],
  void: [
    word('Goes in to the', 'into', ['north', 'east', 'south', 'west', 'down', 'up']),
    {
      group: GROUP,
      label: 'Its end',
      path: ['shape', 'through'],
      input: {
        words: ['a back', 'right through'],
        word: ({ shape }) => (shape?.kind === 'void' && shape.through ? 'right through' : 'a back'),
        value: (chosen) => chosen === 'right through',
      },
    },
  ],
  framing: [
    length('First, from its west or south end', 'first'),
    length('From one to the next', 'spacing'),
    length('Each, wide', 'wide'),
    { group: GROUP, label: 'Holds a fixing with, N', path: ['shape', 'holds'], input: 'count' },
  ],
  reach: [
    length('Hand, broad', 'hand'),
    length('Arm, long', 'arm'),
    { group: GROUP, label: 'Reached with open', path: ['shape', 'open'], input: 'part' },
  ],
};

/** The fields of a thing's card. */
export function thingFields({ shape, kind }: Thing): Field<Thing>[] {
  return [
    { group: 'Thing', label: 'Name', path: ['name'], input: 'text' },
    {
      group: 'Thing',
      label: 'Kind',
      path: [],
      input: {
        words: THING_KINDS.filter((one) => one !== 'imported piece' || kind === one),
        word: (thing) => thing.kind,
        value: (chosen, thing) => {
          const usual = USUAL[chosen as Thing['kind']].shape;
          const bare = omitKey(thing, 'shape');
          return { ...bare, kind: chosen, ...(usual && fitting(thing, usual)) };
        },
      },
    },
    {
      group: 'Thing',
      label: 'It is',
      path: ['state'],
      input: {
        words: THING_STATES,
        word: ({ state }) => state ?? 'there now',
        value: (chosen) => (chosen === 'there now' ? undefined : chosen),
      },
    },
    {
      group: 'Thing',
      label: 'The only way out',
      path: ['onlyWay'],
      input: {
        words: ['no', 'yes'],
        word: ({ onlyWay }) => (onlyWay ? 'yes' : 'no'),
        value: (chosen) => (chosen === 'yes' ? true : undefined),
      },
      when: (thing) => thing.kind === 'walkway',
    },
    ...(shape ? OF_SHAPE[shape.kind] : []),
    along('From the west wall', 'x'),
    along('From the south wall', 'y'),
    along('Above the floor', 'z'),
    along('Width, west to east', 'width'),
    along('Depth, south to north', 'depth'),
    along('Height', 'height'),
  ];
}

/** A usual shape made to fit the box that is there: those with depths of their own are shortened to it. */
function fitting({ depth, width }: Pick<Thing, 'depth' | 'width'>, shape: Shape): { shape: Shape } {
  const deep = (mm: number) => ({ mm: Math.min(mm, depth.mm) });
  if (shape.kind === 'leaning')
    return { shape: { ...shape, foot: deep(shape.foot.mm), head: deep(shape.head.mm) } };
  if (shape.kind !== 'offsets') return { shape };
  const last = shape.table[shape.table.length - 1]!.station.mm;
  const by = Math.min(1, width.mm / last);
  return {
    shape: {
      ...shape,
      table: shape.table.map((row) => ({ station: { mm: row.station.mm * by }, depth: deep(row.depth.mm) })),
    },
  };
}
