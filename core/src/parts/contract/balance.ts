import type { Effort, Force } from '../../balance/force';
import type { Coordinate } from '../../balance/coordinate';
import type { GasStrut } from '../../balance/strut';
import type { Motion } from '../../motion/motion';
import type { StandingBoard } from '../../strength/bow';
import type { Point3 } from '../../solid/prism';

/** A strut with how long it is along the travel. */
export interface FittedStrut {
  readonly key: string;
  readonly words: string;
  readonly strut: GasStrut;
  readonly length: Coordinate;
  readonly force: Force;
  readonly bracket: Bracket;
}

/** Springs side by side at one place, alike, with how long they are along the travel. */
export interface FittedSprings {
  /** One each. */
  readonly keys: readonly string[];
  readonly words: string;
  /** A spring drawn out farther is spoilt, mm. */
  readonly longest: number;
  readonly length: Coordinate;
  /** Of one of them. */
  readonly force: Force;
  readonly bracket: Bracket;
}

/** How an end of a strut is held: how far off its wood it pushes, what its screws bear across, N, and the side it is on, mm and MPa. */
export interface Bracket {
  readonly off: number;
  readonly bears: number;
  readonly side: StandingBoard | undefined;
}

/** A row of fixings that hold a leaf at its axis: what one of them bears, N, and where they are, with the leaf shut. */
export interface HingeRow {
  readonly words: string;
  readonly at: readonly Point3[];
  /** Screws at each place, and what each bears pulled straight out, and across, N. */
  readonly screws: number;
  readonly pull: number;
  readonly across: number;
}

/** What moves and is weighed against what helps it: everything that hand, hinges and stays are judged by. */
export interface Balance {
  /** The mover, by its id, and its leaf as it reads in a sentence. */
  readonly mover: string;
  readonly words: string;
  /** All that drives it, its weights among them. */
  readonly efforts: readonly Effort[];
  /** What of that acts at a point of the leaf that its hinges hold. */
  readonly forces: readonly Force[];
  /** Where a hand takes hold, and how that goes. */
  readonly grip: { readonly point: Point3; readonly motion: Motion };
  /** A hand lifts so much with ease, N. */
  readonly comfortable: number;
  /** It opens against its weight, or by it. */
  readonly opens: 'up' | 'down';
  readonly struts: readonly FittedStrut[];
  readonly springs: readonly FittedSprings[];
  /** The keys of the efforts that help it, or hold it where it is left: those are chosen for what it weighs. */
  readonly helpers: readonly string[];
  /** What is weighed besides that may not be there: a cushion that comes off, a mattress; how that reads, and the keys of its efforts. */
  readonly mayBeOff?: { readonly words: string; readonly keys: readonly string[] };
  /** What of it may weigh otherwise, as another mattress does: how that reads, and by how much, by the keys of its efforts. */
  readonly mayBe?: readonly {
    readonly key: string;
    readonly words: string;
    readonly times: ReadonlyMap<string, number>;
  }[];
  /** Heights above the floor at which a hand's force is told by itself, and where in the space that is, mm. */
  readonly heights?: readonly { readonly words: string; readonly mm: number; readonly z: number }[];
  /** What keeps it shut, and with how much, N, at its free edge. */
  readonly latch?: { readonly holds: number };
  /** It is locked once it is open all the way. */
  readonly locks?: string;
  /** What takes up the last of its fall, mJ, from a travel on. */
  readonly closer?: { readonly takes: number; readonly from: number };
  readonly hinges?: HingeRow;
  /** What all that moves weighs times the square of its way by the travel, kg mm2, with it shut. */
  readonly inertia: number;
  /** From its axis to its farthest edge, mm. */
  readonly reach: number;
}
