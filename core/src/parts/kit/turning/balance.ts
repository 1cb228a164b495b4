import { turnAbout, velocityAt } from '../../../balance/coordinate';
import type { Force } from '../../../balance/force';
import type { HardwareList } from '../../../hardware/generic';
import type { Material } from '../../../material/schema';
import { strengthOf } from '../../../material/strength';
import type { Stock } from '../../../material/stock';
import type { Motion } from '../../../motion/motion';
import { weigh } from '../../../piece/mass';
import type { Piece } from '../../../piece/piece';
import type { Point3 } from '../../../solid/prism';
import { dot } from '../../../solid/vector';
import type { Balance, Bracket, FittedSprings, FittedStrut, HingeRow } from '../../contract/balance';
import { helpersOf, stayHelper, stayItem, type Helper } from './help';
import { axisOf, type TurningPlane } from './plane';
import type { Closer, Help, Latch, LevelHinge, Stay } from './schema';
import { USUAL_SCREWS } from './works';

/** What a hand lifts a lid or a flap with, with ease, N. Common practice. */
export const LID_HAND = 50;
const MJ_A_J = 1e3;
const RADIANS = Math.PI / 180;

/** A leaf that turns on a level axis, with all that helps it and holds it. */
export interface TurningLeaf {
  readonly key: string;
  readonly words: string;
  readonly plane: TurningPlane;
  readonly motion: Motion;
  readonly help: Help;
  readonly helpX: readonly number[];
  readonly stay: Stay;
  readonly closer: Closer;
  readonly latch: Latch;
  /** All that goes, for how hard it is to set going. */
  readonly links: readonly Going[];
  readonly weights: readonly Force[];
  readonly mayBeOff?: Balance['mayBeOff'];
  readonly mayBe?: Balance['mayBe'];
  readonly heights?: Balance['heights'];
  /** What a hand lifts it with, with ease, N. */
  readonly comfortable: number;
  readonly grip: Point3;
  readonly reach: number;
  readonly opens: 'up' | 'down';
  readonly hinges?: HingeRow;
  /** The side of the case what is between it and the leaf is fixed to. */
  readonly side?:
    | { readonly thick: number; readonly high: number; readonly wide: number; readonly material: Material }
    | undefined;
}

/** All that its balance hangs on. */
export function balanceOf(leaf: TurningLeaf, hardware: HardwareList, stock: Stock): Balance {
  const helped = { key: leaf.key, plane: leaf.plane, opens: leaf.opens, x: leaf.helpX };
  const helpers = helpersOf(leaf.help, helped, hardware);
  const stays = leaf.stay ? stayHelper(leaf.stay, helped, hardware) : [];
  const stay = leaf.stay && stayItem(leaf.stay.hardware, hardware);
  const latch = leaf.latch && hardware.named(leaf.latch.hardware);
  const closer = leaf.closer && hardware.find(leaf.closer.hardware, 'soft closer');
  return {
    mover: leaf.key,
    words: leaf.words,
    efforts: [...leaf.weights, ...[...helpers, ...stays].map(({ effort }) => effort)],
    forces: [...leaf.weights, ...helpers.flatMap(({ force }) => (force ? [force] : []))],
    grip: { point: leaf.grip, motion: leaf.motion },
    comfortable: leaf.comfortable,
    opens: leaf.opens,
    struts: helpers.flatMap(({ key, words, strut, force }): FittedStrut[] =>
      strut && force
        ? [{ key, words, strut: strut.item, length: strut.length, force, bracket: bracketOf(leaf, hardware) }]
        : [],
    ),
    springs: springsOf(helpers, bracketOf(leaf, hardware)),
    helpers: helpers.map(({ key }) => key),
    ...(leaf.mayBeOff && { mayBeOff: leaf.mayBeOff }),
    ...(leaf.mayBe && { mayBe: leaf.mayBe }),
    ...(leaf.heights && { heights: leaf.heights }),
    ...(latch && 'holds' in latch && { latch: { holds: latch.holds } }),
    ...(stay?.kind === 'locking stay' && { locks: 'its stay' }),
    ...(closer && {
      closer: { takes: closer.takes * leaf.closer.count * MJ_A_J, from: closer.from * RADIANS },
    }),
    ...(leaf.hinges && { hinges: leaf.hinges }),
    inertia: inertiaOf(leaf.links, axisOf(leaf.plane), stock),
    reach: leaf.reach,
  };
}

/** Springs by the place they hang at. */
function springsOf(helpers: readonly Helper[], bracket: Bracket): FittedSprings[] {
  const places = new Set(helpers.flatMap(({ spring }) => (spring ? [spring.place] : [])));
  return [...places].map((place) => {
    const there = helpers.filter(({ spring }) => spring?.place === place);
    const { words, spring, force } = there[0]!;
    return {
      keys: there.map(({ key }) => key),
      words: there.length > 1 ? `${words}s` : words,
      longest: spring!.longest,
      length: spring!.length,
      force: force!,
      bracket,
    };
  });
}

/** The screws of one end of a strut or of springs, by the thinner wood they may be in, and the side that its push bows. */
function bracketOf({ help, side }: TurningLeaf, hardware: HardwareList): Bracket {
  const strut = help.kind === 'gas struts' ? hardware.find(help.hardware, 'gas strut') : undefined;
  const spring = help.kind === 'pull springs' ? hardware.find(help.hardware, 'pull spring') : undefined;
  const screws = spring ? USUAL_SCREWS : (strut?.screws ?? 0);
  const deep = Math.max(0, Math.min(SCREW.deep, (side?.thick ?? SCREW.deep) - SCREW.left));
  const gravity = (side?.material.density ?? USUAL_DENSITY) / 1000;
  return {
    off: spring ? spring.across / 2 : (strut?.off ?? 0),
    bears: screws * screwHolds(gravity, SCREW.across, deep) * ACROSS_SHARE,
    side: side && {
      thick: side.thick,
      high: side.high,
      wide: side.wide,
      stiffness: strengthOf(side.material).stiffness,
    },
  };
}
/** Of softwood, kg/m3. */
const USUAL_DENSITY = 450;

/** Pieces that hang rigidly together, and how they go. */
export interface Going {
  readonly pieces: readonly Piece[];
  readonly motion: Motion;
}

/**
 * How hard what moves is to set going from shut, kg mm2 by the square of its travel: the mass of each piece times the square of its way, and
 * its own about its middle, as a box of its size across the axis.
 *
 * @source kinetic energy of a rigid body; m (a^2 + b^2) / 12 of a box: any text on mechanics
 */
export function inertiaOf(links: readonly Going[], axis: Point3, stock: Stock): number {
  return links.reduce((all, { pieces, motion }) => {
    const turns = turnAbout(motion, axis).rate(0);
    return pieces.reduce((sum, piece) => {
      const { kg, centre } = weigh(piece, stock);
      const way = velocityAt(motion, centre, 0);
      return sum + kg * (dot(way, way) + ownInertia(piece, axis) * turns ** 2);
    }, all);
  }, 0);
}

/** Of a box of its size about its own middle, mm2; nothing of what has no size. */
function ownInertia({ lie, size }: Piece, axis: Point3): number {
  if (!lie || !size) return 0;
  const across = (['length', 'width', 'thick'] as const).map(
    (way) => size[way].mm ** 2 * (1 - dot(lie[way], axis) ** 2),
  );
  return across.reduce((sum, one) => sum + one, 0) / 12;
}

/**
 * What a screw holds pulled straight out of wood, N, of which so much is reckoned with.
 *
 * @source 108.25 G^2 D L: USDA Wood Handbook, from memory; a fifth of it common practice
 */
export const screwHolds = (gravity: number, across_: number, deep: number): number =>
  (108.25 * gravity ** 2 * across_ * deep) / 5;

/** Screws of hinges: across, and how deep they go at most, mm; so much wood stays beyond their points. Common practice. */
const SCREW = { across: 3.5, deep: 20, left: 2 };
/** Of what a screw bears across, so much as it holds pulled out. Common practice, cautious. */
const ACROSS_SHARE = 1.2;
/** A continuous hinge has a pair of screws every so far, mm. Common practice. */
const CONTINUOUS_EVERY = 80;

/** What holds a leaf at its axis: its screws by its thickness and its wood. */
export function hingeRow(
  hinge: LevelHinge,
  words: string,
  places: readonly number[],
  at: (along: number) => Point3,
  wood: { readonly deep: number; readonly density: number },
): HingeRow {
  const deep = Math.max(0, Math.min(SCREW.deep, wood.deep - SCREW.left));
  const pull = screwHolds(wood.density / 1000, SCREW.across, deep);
  const wide = places[places.length - 1]! - places[0]!;
  const many = Math.max(2, Math.floor(wide / CONTINUOUS_EVERY) + 1);
  const points =
    hinge.kind === 'continuous'
      ? Array.from({ length: many }, (_, i) => at(places[0]! + (i * wide) / (many - 1)))
      : places.map(at);
  return {
    words,
    at: points,
    screws: hinge.kind === 'continuous' ? 1 : 3,
    pull,
    across: pull * ACROSS_SHARE,
  };
}
