import type { Range } from '../solid/bounds';

/** An end, an edge or a face of a piece that lies on its back with its start towards you. */
export const SIDES = ['start', 'end', 'left', 'right', 'face', 'back'] as const;
export type Side = (typeof SIDES)[number];
export type Edge = Exclude<Side, 'face' | 'back'>;

/** What they are called of a board that lies level along the front, its face up. */
export const LEVEL_SIDES = {
  start: 'left end',
  end: 'right end',
  left: 'back edge',
  right: 'front edge',
  face: 'upper face',
  back: 'underside',
} as const satisfies Record<Side, string>;

/** A box in a piece: along its length from the start, across from the left edge, and down from the face, mm. */
export interface Region {
  readonly length: Range;
  readonly width: Range;
  readonly thick: Range;
}

export const WORK_KINDS = [
  'hole',
  'cup',
  'mortise',
  'groove',
  'rebate',
  'notch',
  'cut-out',
  'slot',
  'screw',
  'footprint',
  'scribe',
  'slant',
] as const;
export type WorkKind = (typeof WORK_KINDS)[number];

/** What is worked into a piece, or stands on it: a boring, a groove, the place of a slide. */
export interface Work {
  /** The piece's key and its own: it lasts as long as what it is for. */
  readonly key: string;
  readonly kind: WorkKind;
  /** It is worked from here; what lies beyond the finished piece is cut off with it. */
  readonly side: Side;
  /** What is taken out; of a footprint, which takes nothing out, the place it stands on. */
  readonly region: Region;
  /** Round about the side's normal: a boring. */
  readonly round?: true;
  /** The ends or edges it is measured from; the nearest ones where none are named. */
  readonly from?: readonly Edge[];
  /** Of a slant: the two or three sides that meet where it is cut off. What is taken out is the part of its box at that corner, cut off by the plane through the far ends of the edges there. */
  readonly corner?: readonly Side[];
  /** Another body passes through it: it is no part of what is checked. All else is filled once the job is put together. */
  readonly air?: true;
  /** It is for screws so long, mm, driven from its side: their heads are there. */
  readonly screw?: { readonly long: number };
  /** What comes to be in it or before it, with everything shut: another piece, or a work in that. */
  readonly mate?: { readonly piece: string; readonly work?: string };
  /** In words, where the kind does not say it all: "the plate of hinge 1". */
  readonly words?: string;
}

/** What hardware fills again weighs no less than the wood it takes out: of these nothing comes off a piece's mass. */
export const FILLED: ReadonlySet<WorkKind> = new Set([
  'hole',
  'cup',
  'mortise',
  'slot',
  'screw',
  'footprint',
]);

/** How deep a work goes from the side it is worked from, mm. */
export function depthOf({ side, region }: Pick<Work, 'side' | 'region'>): number {
  const [from, to] = region[alongOf(side)];
  return to - from;
}

/** The axis of a piece that a side faces along. */
export function alongOf(side: Side): keyof Region {
  if (side === 'face' || side === 'back') return 'thick';
  return side === 'start' || side === 'end' ? 'length' : 'width';
}
