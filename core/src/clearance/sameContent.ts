import type { Motion } from '../motion/motion';
import type { Body, Mover } from '../scene/scene';
import type { Solid } from '../solid/halfSpace';

/** A body's content: the first body that had it, its hash, and a number that no other content has. */
interface Known {
  readonly first: Body;
  readonly hash: string;
  readonly key: number;
}

/**
 * What stands for a body or a mover among all that a checker has seen: two with the same key are the same in every field that
 * can alter an answer. Fields are taken as they come, so that a new one counts without being named here.
 */
export class SameContent {
  private readonly known = new WeakMap<Body, Known>();
  private readonly moverKeys = new WeakMap<Mover, string>();
  private readonly seen = new Map<string, Known[]>();
  private numbered = 0;
  /** Solids of all that is seen: what it takes to remember goes by these, and a body may have many. */
  private held = 0;

  /** @param hash  of a body's coordinates: two that differ may have the same one, so a match is looked at */
  constructor(private readonly hash: (pieces: readonly Solid[]) => string = hashOf) {}

  /** The first body ever seen with this content. */
  firstOf<B extends Body>(body: B): B {
    return this.lookUp(body).first as B;
  }

  /** Of a mover's content. */
  keyOfMover(mover: Mover): string {
    let key = this.moverKeys.get(mover);
    if (key === undefined) {
      const { bodies, ...fields } = mover;
      key = `${JSON.stringify(fields)} ${bodies.map((body) => this.lookUp(body).key).join()}`;
      this.moverKeys.set(mover, key);
    }
    return key;
  }

  /** Let go of all bodies but those that are live, once there are many. */
  forgetBut(live: ReadonlySet<Body>): void {
    if (this.held < 2 * solidsOf(live) + 1000) return;
    const alive = new Set([...live].map((body) => this.lookUp(body)));
    this.held = solidsOf([...alive].map(({ first }) => first));
    this.seen.clear();
    for (const one of alive) this.seen.set(one.hash, [...(this.seen.get(one.hash) ?? []), one]);
  }

  private lookUp(body: Body): Known {
    const known = this.known.get(body);
    if (known) return known;
    const hash = `${fieldsOf(body)} ${this.hash(body.pieces)}`;
    const alike = this.seen.get(hash) ?? [];
    let same = alike.find(({ first }) => samePieces(first.pieces, body.pieces));
    if (!same) {
      same = { first: body, hash, key: (this.numbered += 1) };
      this.seen.set(hash, [...alike, same]);
      this.held += body.pieces.length;
    }
    this.known.set(body, same);
    return same;
  }
}

function solidsOf(bodies: Iterable<Body>): number {
  let count = 0;
  for (const { pieces } of bodies) count += pieces.length;
  return count;
}

/** All of a body but its pieces, as text; of a motion its own key. Nothing of it can hold the character that parts its fields. */
function fieldsOf(body: Body): string {
  let text = String(body.pieces.length);
  for (const name in body) {
    const value: unknown = body[name as keyof Body];
    if (name === 'pieces' || value === undefined) continue;
    text += `\u0000${name}\u0000${name === 'motion' ? (value as Motion).key : typeof value === 'object' ? JSON.stringify(value) : String(value)}`;
  }
  return text;
}

const numbersOf = (piece: Solid): Float64Array =>
  piece.kind === 'convex' ? piece.corners : Float64Array.of(...piece.normal, piece.offset);

function hashOf(pieces: readonly Solid[]): string {
  let [a, b] = [0x811c9dc5, 0x1b873593];
  for (const piece of pieces) {
    const values = numbersOf(piece);
    for (const word of new Uint32Array(values.buffer, values.byteOffset, 2 * values.length)) {
      a = Math.imul(a ^ word, 0x01000193);
      b = Math.imul(b ^ (word >>> 16) ^ (word << 16), 0x85ebca6b);
    }
  }
  return `${a >>> 0} ${b >>> 0}`;
}

function samePieces(one: readonly Solid[], other: readonly Solid[]): boolean {
  return (
    one === other ||
    one.every((piece, i) => {
      const there = other[i]!;
      if (piece === there) return true;
      if (piece.kind !== there.kind) return false;
      const [a, b] = [numbersOf(piece), numbersOf(there)];
      return a.length === b.length && a.every((x, k) => Object.is(x, b[k]));
    })
  );
}
