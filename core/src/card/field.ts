import type { Material } from '../material/schema';
import { get, type PathStep } from '../item/path';

/**
 * What a card shows of an item, and how it is changed: the interface draws these and knows no item by name.
 * Paths start at the item.
 */
export interface Field<Item> {
  readonly group: string;
  readonly label: string | ((item: Item) => string);
  readonly path: readonly PathStep[];
  /** `offsets` is a table of stations and depths; `part` the id of a part that moves, or none; `mount` what of the plan a carcass is mounted on, or nothing. */
  readonly input:
    | 'length'
    | 'length or none'
    | 'degrees'
    | 'count'
    | 'text'
    | 'offsets'
    | 'part'
    | 'mount'
    | Picked<Item>
    | Choice<Item>;
  /** Left out where this does not hold. */
  readonly when?: (item: Item) => boolean;
}

/** One of what the plan has: a material, a bay of the item's carcass, hardware of a kind, a wall that stands square to the room. Its id is kept. */
export interface Picked<Item> {
  readonly pick: 'material' | 'bay' | 'hardware' | 'wall';
  /** Kinds of material or of hardware to choose from; all where none is named. */
  kinds?(item: Item): readonly string[];
}

/** One of a few words; a word may stand for more than itself, as "inset" does for a whole set of gaps, or a pane for one of the plan's materials. */
export interface Choice<Item> {
  readonly words: readonly string[];
  /** Whether a word is offered for an item; all are where it is not said. What it is already is shown all the same. */
  offers?(word: string, item: Item): boolean;
  word(item: Item): string;
  value(word: string, item: Item, materials: readonly Material[]): unknown;
}

/** The words that an item may be given, the one it has among them. */
export const wordsFor = <Item>(choice: Choice<Item>, item: Item): string[] => {
  const now = choice.word(item);
  return choice.words.filter((word) => word === now || (choice.offers?.(word, item) ?? true));
};

/** A choice whose words are the very values. */
export function wordChoice<Item>(path: readonly PathStep[], words: readonly string[]): Choice<Item> {
  return { words, word: (item) => String(get(item, path)), value: (word) => word };
}

/** On or off, by what stands at a path. */
export function yesOrNo<Item>(path: readonly PathStep[]): Choice<Item> {
  return {
    words: ['no', 'yes'],
    word: (item) => (get(item, path) ? 'yes' : 'no'),
    value: (word) => word === 'yes',
  };
}

export function fieldLabel<Item>(field: Field<Item>, item: Item): string {
  return typeof field.label === 'string' ? field.label : field.label(item);
}
