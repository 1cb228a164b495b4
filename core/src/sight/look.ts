import { partsOf, type Body, type Mover } from '../scene/scene';
import { MovingPiece } from '../clearance/movingPiece';
import type { Convex } from '../solid/convex';
import { overlap, subtracted, type Polygon } from '../solid/polygon';
import type { Point3 } from '../solid/prism';
import { seenPast, slitsOf, type Screen, type Slit } from './slits';
import { isConvex, shadowOf, viewOf, type Shadow, type View } from './view';

/** What is narrower than this nobody sees, mm where one looks through it. */
const LEAST_SLIT = 0.2;
/** A travel to which something stays unseen is told to so much of all of it. */
const GRAIN = 1 / 400;
/** No mover's id is empty. */
const ALL = '';
/** Answers kept of one look: of all that stands, and of each of what moves. */
const MOST_KEPT = 8;
/** A step that did is tried so much longer next time. */
const LONGER = 1.3;

/** What is seen past screens, and through what slits, once that was asked. */
interface Past {
  readonly screens: readonly Screen[];
  readonly seen: readonly Polygon[];
  slits?: Slit[];
}

/**
 * One eye that looks at one flat place. It keeps the shadow of every solid it was asked about, and its last answers: most of a plan stands as
 * it stood before an edit.
 */
export class Look {
  private readonly shadows = new WeakMap<Convex, Shadow | null>();
  private readonly last = new Map<string, Past>();
  private readonly moved = new Map<
    string,
    { readonly seen: readonly Polygon[]; readonly pieces: readonly Convex[]; readonly to: number }
  >();

  private constructor(private readonly view: View) {}

  /** Undefined where the eye looks along it. */
  static at(eye: Point3, corners: readonly Point3[]): Look | undefined {
    const view = viewOf(eye, corners);
    return view && new Look(view);
  }

  /** What is seen past bodies that stand still: slits, the widest first. */
  slits(bodies: readonly Body[]): readonly Slit[] {
    const past = this.past(bodies, ALL);
    return (past.slits ??= slitsOf(this.view, past.seen, past.screens).filter(
      ({ passed }) => passed > LEAST_SLIT,
    ));
  }

  /** The pieces of the place that are seen past bodies that stand still. */
  seen(bodies: readonly Body[]): readonly Polygon[] {
    return this.past(bodies, ALL).seen;
  }

  /**
   * The travel up to which nothing is proven to be seen. Over a stretch of travel no corner goes farther from where it is in the middle than
   * its speed lets it: what hides a place by more than that hides it all the while.
   */
  unseenTo(
    { id, bodies, from, to }: Pick<Mover, 'id' | 'bodies' | 'from' | 'to'>,
    others: readonly Body[],
  ): number {
    // What stands still hides all the while what it hides.
    const left = this.past(others, id).seen;
    const pieces = bodies.flatMap((body) => body.pieces);
    const way = [id, from, to, ...bodies.map(({ motion }) => motion.key)].join();
    const known = this.moved.get(way);
    if (known && sameItems(known.seen, left) && sameItems(known.pieces, pieces)) return known.to;
    const free = this.search(bodies, from, to, left);
    if (this.moved.size >= MOST_KEPT) this.moved.clear();
    this.moved.set(way, { seen: left, pieces, to: free });
    return free;
  }

  private search(bodies: Mover['bodies'], from: number, to: number, left: readonly Polygon[]): number {
    // What hides most with it shut comes first: as a rule it alone does.
    const moving = bodies
      .flatMap(({ pieces, motion }) =>
        pieces.map((piece) => ({ piece, moved: new MovingPiece(piece, motion) })),
      )
      .map((one) => ({ ...one, most: this.shadow(one.piece)?.area ?? 0 }))
      .sort((one, other) => other.most - one.most);
    const knots = bodies.flatMap(({ motion }) => motion.knots);
    const hiddenOver = (begin: number, end: number): boolean => {
      const [middle, half] = [(begin + end) / 2, (end - begin) / 2];
      let seen = left;
      for (const { piece, moved } of moving) {
        if (seen.length === 0) return true;
        moved.goTo(middle);
        const strays = moved.sweep.speedOver(moved.corners, middle, half, half) * half;
        const shadow = shadowOf(this.view, piece, moved.corners, strays);
        if (shadow) seen = seenPast(seen, [shadow]);
      }
      return seen.length === 0;
    };
    const grain = (to - from) * GRAIN;
    let [done, step] = [from, 2 * grain];
    while (done < to) {
      // No stretch runs over a knot.
      const next = Math.min(to, done + step, ...knots.filter((knot) => knot > done));
      if (hiddenOver(done, next)) {
        done = next;
        step *= LONGER;
      } else if (step <= grain) return done;
      else step = Math.max(grain, step / 2);
    }
    return done;
  }

  /** @param of  a mover that is left out, or all of it: asked by turns, each keeps its last answer */
  private past(bodies: readonly Body[], of: string): Past {
    const screens = bodies.flatMap((body) => this.screensOf(body));
    const known = this.last.get(of);
    if (known && sameScreens(known.screens, screens)) return known;
    const seen =
      known && this.seesTheSame(known, screens) ? known.seen : seenPast([this.view.target], screens);
    const past: Past = { screens, seen };
    if (this.last.size >= MOST_KEPT) this.last.clear();
    this.last.set(of, past);
    return past;
  }

  /** Whether what came hides nothing that was seen, and what went hid nothing that others do not: as of most edits elsewhere. */
  private seesTheSame(known: Past, screens: readonly Screen[]): boolean {
    const [before, now] = [known.screens, screens].map((all) => new Set(all.map(({ shadow }) => shadow))) as [
      Set<Shadow>,
      Set<Shadow>,
    ];
    const came = [...now].filter((one) => !before.has(one));
    const went = [...before].filter((one) => !now.has(one));
    // To the last sliver: what is let go of here would add up from edit to edit.
    return (
      came.every(({ hides }) => sameItems(subtracted(known.seen, hides, 0), known.seen)) &&
      went.every(({ hides }) => seenPast([overlap(this.view.target, hides)], screens, 0).length === 0)
    );
  }

  private screensOf(body: Body): Screen[] {
    return partsOf(body).flatMap((part) =>
      part.pieces.filter(isConvex).flatMap((piece): Screen[] => {
        const shadow = this.shadow(piece);
        return shadow ? [{ shadow, id: part.id }] : [];
      }),
    );
  }

  private shadow(piece: Convex): Shadow | undefined {
    let known = this.shadows.get(piece);
    if (known === undefined) this.shadows.set(piece, (known = shadowOf(this.view, piece) ?? null));
    return known ?? undefined;
  }
}

const sameItems = <T>(a: readonly T[], b: readonly T[]): boolean =>
  a.length === b.length && a.every((one, i) => one === b[i]);
const sameScreens = (a: readonly Screen[], b: readonly Screen[]): boolean =>
  a.length === b.length && a.every(({ id, shadow }, i) => id === b[i]!.id && shadow === b[i]!.shadow);
