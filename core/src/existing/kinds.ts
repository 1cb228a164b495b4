import { frameOf, type Frame } from '../item/frame';
import { called } from '../item/called';
import { wordChoice, type Field } from '../card/field';
import { heldFields } from '../card/heldFields';
import { bodyOfLink, movingBodyOfLink } from '../scene/linkBody';
import type { Point3 } from '../solid/prism';
import { SIDES } from '../item/schema';
import type { Void } from '../space/shell';
import { FOLDING_SEAT } from './foldingSeat';
import { HATCH } from './hatch';
import type { Built, ExistingKind } from './kind';
import { ONE_PIECE_DOOR } from './onePieceDoor';
import { OVERHEAD_DOOR } from './overheadDoor';
import { SASH } from './sash';
import type { Existing } from './schema';
import { CASEMENT, ROOM_DOOR } from './swung';

/** Every kind there is; a new one adds its schema, and a line here. */
const KINDS: { readonly [Kind in Existing['kind']]: ExistingKind<Extract<Existing, { kind: Kind }>> } = {
  'room door': ROOM_DOOR,
  'casement window': CASEMENT,
  'sash window': SASH,
  'overhead door': OVERHEAD_DOOR,
  'one-piece door': ONE_PIECE_DOOR,
  hatch: HATCH,
  'folding seat': FOLDING_SEAT,
};

export const EXISTING_KINDS = Object.keys(KINDS) as Existing['kind'][];

export const existingKind = ({ kind }: Pick<Existing, 'kind'>): ExistingKind<Existing> =>
  KINDS[kind] as unknown as ExistingKind<Existing>;

const STATES = ['there now', 'to be removed', 'to come'] as const;
const place = (label: string, path: keyof Existing): Field<Existing> => ({
  group: 'Place and size',
  label,
  path: [path],
  input: 'length',
});

/** The fields of its card: its own, then what all of them have. */
export function existingFields(item: Existing): Field<Existing>[] {
  const high =
    item.kind === 'folding seat'
      ? 'Depth of the seat'
      : item.kind === 'hatch'
        ? 'Hinge to free edge'
        : 'Height';
  return [
    ...existingKind(item).fields,
    ...heldFields<Existing>(),
    place('Width', 'width'),
    place(high, 'height'),
    { group: 'Place and size', label: 'Front faces', path: ['faces'], input: wordChoice(['faces'], SIDES) },
    place('Left foot, from west', 'x'),
    place('Left foot, from south', 'y'),
    place('Above the floor', 'z'),
    { group: 'Name', label: 'Name', path: ['name'], input: 'text' },
    {
      group: 'Name',
      label: 'It is',
      path: ['state'],
      input: {
        words: STATES,
        word: ({ state }) => state ?? 'there now',
        value: (word) => (word === 'there now' ? undefined : word),
      },
    },
  ];
}

export const existingFrame = (item: Existing): Frame => frameOf(item);

/**
 * What moves and what stands still of it.
 *
 * @param around  clearance the plan wants about what moves, mm
 */
export function buildExisting(item: Existing, around: number): Built {
  const made = existingKind(item).make(item, { frame: existingFrame(item), words: called(item.name) });
  const { moving, still, unit, to, contacts = [], joined, grounds = [] } = made;
  return {
    mover: {
      id: item.id,
      item: item.id,
      name: item.name,
      bodies: moving.map(({ link, motion }) => movingBodyOfLink(link, undefined, motion)),
      unit,
      from: 0,
      to,
      contacts,
      ...(joined && { joined }),
      needs: { around, shell: 0, of: Object.fromEntries(still.map(({ key }) => [key, 0])) },
    },
    grounds,
    still: still.map((link) => bodyOfLink(link, undefined)),
  };
}

/** What it cuts out of the space. */
export function existingVoid(item: Existing): Void | undefined {
  const mouth = existingKind(item).mouth(item);
  if (!mouth) return undefined;
  const frame = existingFrame(item);
  const [p, q] = [frame.toSpace(mouth.least), frame.toSpace(mouth.greatest)];
  const ends = (pick: (a: number, b: number) => number) =>
    [0, 1, 2].map((i) => pick(p[i]!, q[i]!)) as unknown as Point3;
  const thick = existingKind(item).thick(item);
  return { least: ends(Math.min), greatest: ends(Math.max), ...(thick !== undefined && { thick }) };
}
