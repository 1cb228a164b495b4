import type { Motion } from '../motion/motion';
import type { Convex } from '../solid/convex';
import type { Solid } from '../solid/halfSpace';

/** What of a body a finding tells by a name of its own: a piece of it, or several that are said as one. */
export interface BodyPart {
  readonly id: string;
  /** As it reads in a sentence: "the handle of the door". */
  readonly name: string;
  /** Keys of the pieces its solids are of, one a solid. */
  readonly keys: readonly string[];
  /** Round about the axis it turns on: it sweeps no air that it does not fill. */
  readonly round?: true;
}

/** One of the surfaces a space is within: a wall by the corner it begins at, a roof slope by its place in the plan. */
export type Surface =
  | { readonly kind: 'wall'; readonly corner: string }
  | { readonly kind: 'slope'; readonly nth: number }
  | { readonly kind: 'floor' | 'ceiling' };

/** Something rigid, in as many convex solids as it takes, where it stands with every travel at its start. Lengths in mm. */
export interface Body<P extends Solid = Solid> {
  readonly id: string;
  /** As it reads in a sentence: "the roof slope", "the leaf". */
  readonly name: string;
  /** The plan item it comes from, so that a finding can select it. */
  readonly item: string;
  readonly pieces: readonly P[];
  /** What of it is told by its own name: its solids in order, so many to each. Without any it is told as a whole. */
  readonly parts?: readonly BodyPart[];
  /** Of a part that is looked at by itself: the body it is of, and the pieces its solids are of, one a solid. */
  readonly link?: string;
  readonly keys?: readonly string[];
  readonly round?: true;
  /** Of the space's own: which of its surfaces it is. */
  readonly surface?: Surface;
  /** Air that must stay empty: to be kept out of, not away from. */
  readonly zone?: true;
  /** By how much it may stand nearer than it is drawn, for all that was read of it, mm. */
  readonly doubt?: number;
  /** Not there yet. */
  readonly toCome?: true;
  /** The row of fronts it belongs to: carcasses that face one way in one plane, and what hangs on them, are set to each other. */
  readonly row?: string;
  /** The mover it is of, by its id, where it stands still while another moves. */
  readonly parked?: string;
  /** What it, or a part of it, may touch there, by the other's id, and how deep, mm: what its own mover means at that travel. */
  readonly meant?: readonly { readonly own: string; readonly other: string; readonly depth: number }[];
}

/** What moves is made of convex solids, each body on a motion of its mover's travel. */
export interface MovingBody extends Body<Convex> {
  readonly motion: Motion;
  /** Of a mover that rides on another: how it moves as seen from there. */
  readonly own?: Motion;
  /** Of a mover that carries others: the rider whose body this is, and those it is carried by, by their ids. It is here only while all are shut. */
  readonly riders?: readonly string[];
  /** Of what is fixed to a mover that has its own ease with the space's own, as a leaf has in its frame: what this needs from it, mm. */
  readonly shell?: number;
}

/** What a mover rides on, the body of that which carries it, and where it must stand for the rider to go: shut, that is carried along anywhere. */
export interface Ride {
  readonly on: string;
  readonly by: string;
  readonly while: 'shut' | 'open' | 'any';
}

const partsKept = new WeakMap<Body, readonly Body[]>();

/** What a body is told by, each as a body of its own: its parts, or the body itself where it has none. */
export function partsOf<B extends Body>(body: B): readonly B[] {
  let kept = partsKept.get(body) as readonly B[] | undefined;
  if (!kept) partsKept.set(body, (kept = apart(body)));
  return kept;
}

function apart<B extends Body>(body: B): readonly B[] {
  const { parts, ...whole } = body;
  if (!parts) return [body];
  let from = 0;
  return parts.map(({ id, name, keys, round }) => {
    const pieces = body.pieces.slice(from, (from += keys.length));
    const part = { ...whole, id, name, pieces, link: body.id, keys, ...(round && { round }) };
    // All of B but its parts, and names and solids of one of them.
    return part as unknown as B;
  });
}

/** Whether an id is a body's, or that of the body it is a part of. */
export const isNamed = ({ id, link }: Body, name: string): boolean => id === name || link === name;

/** Whether an id is a body's or that of a part of it. */
export const answersTo = ({ id, parts }: Body, name: string): boolean =>
  id === name || (parts?.some((part) => part.id === name) ?? false);

/** All that a mover's findings can name, the first of them its main part. */
export const partsOfMover = ({ bodies }: Mover): readonly MovingBody[] => bodies.flatMap(partsOf);

/**
 * A touch that is meant: the two may meet over these travels, no deeper than `depth` mm. Either is a body or a part of
 * one, by its id; `still` may be of the same mover.
 */
export interface IntendedContact {
  readonly moving: string;
  readonly still: string;
  readonly from: number;
  readonly to: number;
  readonly depth: number;
}

/** Bodies that move with one travel: a single one, as a leaf with its handle is, or several, each its own way, as folding leaves are. */
export interface Mover {
  /** Its key: the plan item's own id where that moves as one, else with what of it this is. */
  readonly id: string;
  /** The plan item it comes from. */
  readonly item: string;
  readonly name: string;
  /** What it is called among the movers of its item: "Left leaf"; none where it is the only one. */
  readonly own?: string;
  readonly bodies: readonly MovingBody[];
  /** What its travel is counted in: radians, said as degrees, or mm. */
  readonly unit: 'rad' | 'mm';
  /** Shut is `from`. */
  readonly from: number;
  readonly to: number;
  readonly contacts: readonly IntendedContact[];
  /**
   * Movers of one thing are ways in which it moves, such as a drawer that comes out at either side, or parts of what
   * rides on it: they are not held against each other.
   */
  readonly thing?: string;
  /**
   * How it goes with the mover whose id is the thing's: in its stead, as to the other side; along with it, its own travel
   * beginning with the whole of the thing's; or in place, while the thing stays shut.
   */
  readonly goes?: 'instead' | 'along' | 'in place';
  /** Of what can go either way along one line: which way this one goes, for who stands before it. */
  readonly heads?: 'left' | 'right';
  /** The mover it is mounted on. Its motion is told for where that must stand; for `any`, for where that is shut. */
  readonly ride?: Ride;
  /** Ids of movers that close the place it comes out of: it is checked with these open, and those that they wait for. */
  readonly behind?: readonly string[];
  /**
   * Its bodies hang together as they did before it was drawn here: neither they nor what
   * stands still of the same item, such as their track, are held against each other.
   */
  readonly joined?: true;
  /**
   * Clearance needed from a still body, mm, by its id; from what is of the same row of fronts; `shell`
   * from the space's own; `around` where none is named.
   */
  readonly needs: {
    readonly around: number;
    readonly shell?: number;
    readonly row?: { readonly of: string; readonly gap: number };
    readonly of: Readonly<Record<string, number>>;
  };
}

/**
 * Movers by what they wait for: first those that wait for none, then those that wait for these alone, and so on. Each with all that
 * stands open for it: what it waits for, and what that waits for.
 *
 * @throws where movers wait for each other in a ring, or for one that is not there
 */
export function byWaiting(
  movers: readonly Mover[],
): readonly (readonly (readonly [Mover, ReadonlySet<string>])[])[] {
  const byId = new Map(movers.map((mover) => [mover.id, mover]));
  const known = new Map<string, { readonly level: number; readonly open: ReadonlySet<string> }>();
  const waiting = (
    { id, behind = [], ride }: Mover,
    above: readonly string[],
  ): { level: number; open: ReadonlySet<string> } => {
    const before = known.get(id);
    if (before) return before;
    if (above.includes(id))
      throw new Error(`Movers wait for each other in a ring: ${[...above, id].join(', ')}.`);
    const open = new Set<string>();
    let level = 0;
    for (const leaf of ride?.while === 'open' ? [...behind, ride.on] : behind) {
      const mover = byId.get(leaf);
      if (!mover) throw new Error(`${id} waits for ${leaf}, which is no mover of the scene.`);
      const one = waiting(mover, [...above, id]);
      level = Math.max(level, one.level + 1);
      for (const other of [leaf, ...one.open]) open.add(other);
    }
    const found = { level, open };
    known.set(id, found);
    return found;
  };
  const levels: [Mover, ReadonlySet<string>][][] = [];
  for (const mover of movers) {
    const { level, open } = waiting(mover, []);
    while (levels.length <= level) levels.push([]);
    levels[level]!.push([mover, open]);
  }
  return levels;
}

/** Whether two movers are ways of one thing. */
export const sameThing = (a: Mover, b: Mover): boolean => a.thing !== undefined && a.thing === b.thing;

/** More doubt than this about where a body is, mm, is no answer: it must be measured. */
export const MOST_DOUBT = 25;

/**
 * Clearance a mover needs from a body, mm: what the two want of each other, and what is not known of the body.
 *
 * @param moving  which of the mover's bodies, where that asks for more than the rest of it
 */
export function neededFrom(
  { needs }: Mover,
  { id, link, item, zone, row, doubt = 0 }: Body,
  moving?: MovingBody,
): number {
  if (zone) return 0;
  const inRow = needs.row && row === needs.row.of ? needs.row.gap : undefined;
  const base =
    needs.of[id] ??
    (link === undefined ? undefined : needs.of[link]) ??
    inRow ??
    (item === 'space' ? (moving?.shell ?? needs.shell ?? needs.around) : needs.around);
  return base + Math.min(doubt, MOST_DOUBT);
}

/** All there is to check: what stands still and what moves. */
export interface Scene {
  readonly still: readonly Body[];
  readonly movers: readonly Mover[];
  /** What is there now and will be gone: drawn, and not in the way. */
  readonly gone?: readonly Body[];
  /** Air that is spoken for while nothing moves: drawn, and looked at at rest. */
  readonly air?: readonly Body[];
}

const named = new WeakMap<Scene, ReadonlyMap<string, Body>>();

/** What of a scene has this id, still or moving: what a finding names. Throws where there is none. */
export function bodyOf(scene: Scene, id: string): Body {
  let byId = named.get(scene);
  if (!byId) named.set(scene, (byId = new Map(namedPartsOf(scene).map((body) => [body.id, body]))));
  const body = byId.get(id);
  if (!body) throw new Error(`The scene has no body ${id}.`);
  return body;
}

/** Every body of a scene, still or moving. */
export function bodiesOf(scene: Scene): Body[] {
  return [...scene.still, ...scene.movers.flatMap(({ bodies }) => bodies)];
}

/** All that a finding can name, still or moving. */
export const namedPartsOf = (scene: Scene): Body[] => bodiesOf(scene).flatMap((body) => [...partsOf(body)]);
