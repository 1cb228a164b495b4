import { HELD_KINDS, type Held } from '../hardware/held';
import { JOINED_BY } from '../item/joinedBy';
import { get } from '../item/path';
import type { Field } from './field';

/** The group of what holds it under way: a card shows it where the space is in what moves. */
export const UNDER_WAY = 'Under way';

const USUAL: NonNullable<Held> = { hardware: 'button-45', count: 1 };

/** What holds what moves of an item shut under way. */
export function heldFields<Item>(): Field<Item>[] {
  const held = (item: Item) => !!get(item as object, ['underWay']);
  return [
    {
      group: UNDER_WAY,
      label: 'Held shut under way by',
      path: ['underWay'],
      input: {
        words: ['nothing more', 'catches'],
        word: (item) => (held(item) ? 'catches' : 'nothing more'),
        value: (word) => (word === 'catches' ? USUAL : null),
      },
    },
    {
      group: UNDER_WAY,
      label: 'Each is',
      path: ['underWay', 'hardware'],
      input: { pick: 'hardware', kinds: () => HELD_KINDS },
      when: held,
    },
    { group: UNDER_WAY, label: 'How many', path: ['underWay', 'count'], input: 'count', when: held },
  ];
}

/** What something opens with, and what joins the two. */
export function linkedFields<Item>(): Field<Item>[] {
  const group = 'Opens with';
  return [
    { group, label: 'Opens with', path: ['opensWith'], input: 'part' },
    {
      group,
      label: 'Joined by',
      path: ['joinedBy'],
      input: {
        words: JOINED_BY,
        word: (item) => String(get(item as object, ['joinedBy']) ?? JOINED_BY[0]),
        value: (word) => word,
      },
      when: (item) => get(item as object, ['opensWith']) !== undefined,
    },
  ];
}
