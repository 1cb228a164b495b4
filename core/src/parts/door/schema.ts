import * as v from 'valibot';
import { LengthSchema, lengthBetween, positiveLength } from '../../length/length';
import { wordChoice, type Field } from '../../item/field';
import { IdSchema, NameSchema } from '../../space/schema';

/**
 * A hinged door of one leaf on butt hinges, opening outward from the front of a carcass.
 *
 * `fit` holds gaps where the leaf is inset and overlaps where it lies over the carcass front, at the hinge edge, the
 * free edge, top and bottom. `pin` is how far the pin's centre is from the flush place: out of it (proud) or into the
 * leaf (let in). The flush place is the leaf's face for an inset leaf, and the leaf's outer edge for an overlay one.
 */
export const DoorSchema = v.strictObject({
  id: IdSchema,
  family: v.literal('door'),
  name: NameSchema,
  carcass: IdSchema,
  fit: v.strictObject({
    kind: v.picklist(['inset', 'overlay'], 'A leaf is inset or overlay.'),
    hinge: LengthSchema,
    free: LengthSchema,
    top: LengthSchema,
    bottom: LengthSchema,
  }),
  thickness: lengthBetween(3, 150),
  hinge: v.strictObject({
    side: v.picklist(['left', 'right'], 'Hinges are on the left or the right.'),
    knuckle: v.picklist(['proud', 'flush', 'let in'], 'The knuckle stands proud, flush or let in.'),
    pin: lengthBetween(0, 60),
  }),
  /** Where a stop ends the opening, degrees from shut. */
  limit: v.pipe(
    v.number('The opening limit is a number of degrees.'),
    v.check((deg) => deg >= 5 && deg <= 270, 'The opening limit must be between 5 and 270 degrees.'),
  ),
  handle: v.nullable(
    v.strictObject({
      projection: positiveLength(300),
      width: positiveLength(),
      height: positiveLength(),
      /** From the free edge, and from the foot of the leaf, to the handle's nearer side. */
      fromFree: lengthBetween(0),
      fromBottom: lengthBetween(0),
    }),
  ),
});
export type Door = v.InferOutput<typeof DoorSchema>;

/** Usual numbers to start from. CP, no single source; each is there to be changed. */
const INSET = {
  kind: 'inset',
  hinge: { mm: 2 },
  free: { mm: 2 },
  top: { mm: 2 },
  bottom: { mm: 2 },
} as const;
const OVERLAY = {
  kind: 'overlay',
  hinge: { mm: 16 },
  free: { mm: 16 },
  top: { mm: 16 },
  bottom: { mm: 16 },
} as const;
const HANDLE = {
  projection: { mm: 35 },
  width: { mm: 20 },
  height: { mm: 150 },
  fromFree: { mm: 40 },
  fromBottom: { mm: 600 },
} as const;

export function freshDoor(id: string, carcass: string, name: string): Door {
  return {
    id,
    family: 'door',
    name,
    carcass,
    fit: OVERLAY,
    thickness: { mm: 18 },
    hinge: { side: 'left', knuckle: 'proud', pin: { mm: 5 } },
    limit: 105,
    handle: HANDLE,
  };
}

export function mirrorDoor(door: Door): Door {
  return { ...door, hinge: { ...door.hinge, side: door.hinge.side === 'left' ? 'right' : 'left' } };
}

const edge = (words: string, path: string): Field<Door> => ({
  group: 'Leaf',
  label: ({ fit }) => `${words} ${fit.kind === 'inset' ? 'gap' : 'overlay'}`,
  path: ['fit', path],
  input: 'length',
});
const handle = (label: string, path: string): Field<Door> => ({
  group: 'Handle',
  label,
  path: ['handle', path],
  input: 'length',
  when: (door) => door.handle !== null,
});

export const DOOR_FIELDS: readonly Field<Door>[] = [
  { group: 'Opening', label: 'Opening limit', path: ['limit'], input: 'degrees' },
  {
    group: 'Leaf',
    label: 'Fit',
    path: ['fit'],
    input: {
      words: ['overlay', 'inset'],
      word: ({ fit }) => fit.kind,
      value: (word) => (word === 'inset' ? INSET : OVERLAY),
    },
  },
  edge('Hinge', 'hinge'),
  edge('Free edge', 'free'),
  edge('Top', 'top'),
  edge('Bottom', 'bottom'),
  { group: 'Leaf', label: 'Thickness', path: ['thickness'], input: 'length' },
  {
    group: 'Hinges',
    label: 'Hinged on the',
    path: ['hinge', 'side'],
    input: wordChoice(['hinge', 'side'], ['left', 'right']),
  },
  {
    group: 'Hinges',
    label: 'Knuckle',
    path: ['hinge', 'knuckle'],
    input: wordChoice(['hinge', 'knuckle'], ['proud', 'flush', 'let in']),
  },
  {
    group: 'Hinges',
    label: 'Pin off the face',
    path: ['hinge', 'pin'],
    input: 'length',
    when: ({ hinge }) => hinge.knuckle !== 'flush',
  },
  {
    group: 'Handle',
    label: 'Handle',
    path: ['handle'],
    input: {
      words: ['none', 'bar'],
      word: (door) => (door.handle ? 'bar' : 'none'),
      value: (word) => (word === 'bar' ? HANDLE : null),
    },
  },
  handle('Stands out', 'projection'),
  handle('Width', 'width'),
  handle('Height', 'height'),
  handle('From free edge', 'fromFree'),
  handle('From the foot', 'fromBottom'),
  { group: 'Leaf', label: 'Name', path: ['name'], input: 'text' },
];
