import { LEVEL_SIDES } from '../piece/work';
import type { Board } from '../piece/board';
import type { Way } from '../piece/lie';
import type { Role } from '../piece/piece';
import type { Bounds } from '../solid/bounds';
import type { SumLine } from '../sizing/sum';

/** A board of a carcass before it is told whose it is; its key is the carcass's and this. */
export interface Panel extends Bounds {
  readonly id: string;
  readonly role: Role;
  /** As it reads in a sentence, without its article: "left side". */
  readonly words: string;
  readonly way: Way;
  readonly material: string;
  readonly length: readonly SumLine[];
  readonly width: readonly SumLine[];
  /** Where it is not what it is cut from. */
  readonly thick?: readonly SumLine[];
  readonly banded?: NonNullable<Board['banded']>;
  readonly faced?: NonNullable<Board['faced']>;
  readonly cutBy?: NonNullable<Board['cutBy']>;
  readonly works?: NonNullable<Board['works']>;
  /** Seen from the front, (x, z): of what leans. */
  readonly quads?: readonly (readonly (readonly [number, number])[])[];
}

// Ways to lie, by what looks at whom: the face of each is what a builder has before him.
/** Upright, its face to the front. */
export const FRONT: Way = ['z', 'x'];
/** Across, its face to the front. */
export const ACROSS: Way = ['x', '-z'];
/** Upright along the depth, its face to the right, or to the left. */
export const FACES_RIGHT: Way = ['z', 'y'];
export const FACES_LEFT: Way = ['z', '-y'];
/** Along the depth, on edge. */
export const ALONG: Way = ['y', 'z'];
/** Level, its face up, or down. */
export const FACES_UP: Way = ['x', '-y'];
export const FACES_DOWN: Way = ['x', 'y'];

/** What a builder calls the edges and faces of each. */
const WORDS: readonly (readonly [Way, NonNullable<Board['sides']>])[] = [
  [
    FRONT,
    { start: 'foot', end: 'head', left: 'left edge', right: 'right edge', face: 'front', back: 'back' },
  ],
  [
    ACROSS,
    {
      start: 'left end',
      end: 'right end',
      left: 'upper edge',
      right: 'lower edge',
      face: 'front',
      back: 'back',
    },
  ],
  [
    ALONG,
    {
      start: 'front end',
      end: 'back end',
      left: 'lower edge',
      right: 'upper edge',
      face: 'left face',
      back: 'right face',
    },
  ],
  [
    FACES_RIGHT,
    {
      start: 'foot',
      end: 'head',
      left: 'front edge',
      right: 'back edge',
      face: 'right face',
      back: 'left face',
    },
  ],
  [
    FACES_LEFT,
    {
      start: 'foot',
      end: 'head',
      left: 'back edge',
      right: 'front edge',
      face: 'left face',
      back: 'right face',
    },
  ],
  [FACES_UP, LEVEL_SIDES],
  [
    FACES_DOWN,
    {
      start: 'left end',
      end: 'right end',
      left: 'front edge',
      right: 'back edge',
      face: 'underside',
      back: 'upper face',
    },
  ],
];
export const sidesOf = (way: Way) => WORDS.find(([one]) => one === way)![1];

export const one = (words: string, mm: number): SumLine => ({ words, mm });
export const less = (words: string, mm: number): SumLine[] => (mm > 0 ? [{ words, mm: -mm }] : []);
export const twice = (words: string, mm: number): SumLine => ({ words, mm: -2 * mm, times: [2, mm] });
