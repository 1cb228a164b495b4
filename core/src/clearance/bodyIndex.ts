import Flatbush from 'flatbush';
import type { Body } from '../scene/scene';
import { standing } from './extent';
import type { Boxes } from './boxes';

/** Bodies by where they stand in plan, so that a mover finds those it may come near without asking them all. */
export class BodyIndex {
  private readonly tree: Flatbush | undefined;
  private readonly bounded: Body[];
  /** Half-spaces are near everything. */
  private readonly boundless: Body[];

  private readonly has: ReadonlySet<Body>;
  private readonly pieces: number;

  constructor(private readonly bodies: readonly Body[]) {
    this.has = new Set(bodies);
    this.pieces = piecesOf(bodies);
    const bounds = (body: Body) => Number.isFinite(standing(body).whole[0]);
    this.bounded = bodies.filter(bounds);
    this.boundless = bodies.filter((body) => !bounds(body));
    if (this.bounded.length === 0) return;
    this.tree = new Flatbush(this.bounded.length);
    for (const body of this.bounded) {
      const { whole } = standing(body);
      this.tree.add(whole[0]!, whole[1]!, whole[3]!, whole[4]!);
    }
    this.tree.finish();
  }

  /** Bodies whose box comes within `reach` mm of another, each in the order it was given in. */
  near(box: Boxes, reach: number): Body[] {
    if (!Number.isFinite(box[0])) return [...this.bodies];
    const found = this.tree?.search(
      box[0]! - reach,
      box[1]! - reach,
      box[3]! + reach,
      box[4]! + reach,
      (i) => {
        const { whole } = standing(this.bounded[i]!);
        return whole[2]! - box[5]! <= reach && box[2]! - whole[5]! <= reach;
      },
    );
    return [...this.boundless, ...(found ?? []).sort((a, b) => a - b).map((i) => this.bounded[i]!)];
  }

  /** How many bodies, and pieces, it holds but for some. */
  sizeWithout(some: ReadonlySet<Body>): number {
    return this.bodies.length - [...some].filter((body) => this.has.has(body)).length;
  }

  piecesWithout(some: ReadonlySet<Body>): number {
    return this.pieces - piecesOf([...some].filter((body) => this.has.has(body)));
  }
}

const piecesOf = (bodies: readonly Body[]) => bodies.reduce((sum, { pieces }) => sum + pieces.length, 0);
