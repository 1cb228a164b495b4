import { lengthMark, massMark } from '../../length/lengthMark';
import { board } from '../../piece/board';
import type { Piece } from '../../piece/piece';
import { plain } from '../../piece/plain';
import { span, type Range } from '../../solid/bounds';
import type { Convex } from '../../solid/convex';
import { massOf } from '../../solid/mass';
import { clipped, inset } from '../../solid/polygon';
import type { Point2 } from '../../solid/prism';
import { headAt, type HungLeaf, type LaidHidden } from './lay';
import { boundsOf, headPlate, isTapered, upright, wholeHigh } from './planSolids';
import type { Body } from './schema';
import { cutNotes, highSum, leafWords, line, ownWords, taperNotes, wideSum } from './sums';

type CaseBody = Extract<Body, { kind: 'case' }>;
/** Over what stands on a shelf a hand gets in, mm. Common practice. */
const OVER_BOOKS = 30;
const MM_A_M = 1000;

/** Where the boards of a case lie in its plan: v back from the face that leads. */
interface CaseLay {
  /** Within its ends and before its back. */
  readonly inner: readonly Point2[];
  /** Its shelves from front to back, told from the face that leads; the back behind them. */
  readonly depth: Range;
  readonly back: Range;
  /** Vertical thickness of its head, which may slope. */
  readonly head: number;
}

function layCase(laid: LaidHidden, leaf: HungLeaf): CaseLay {
  const { thick, backThick, deep, away, hidden } = laid;
  // Its back is the face away from who stands before it: that leads where it swings away.
  const depth: Range = away ? [backThick, deep] : [0, deep - backThick];
  const back: Range = away ? [0, backThick] : [deep - backThick, deep];
  const within = clipped(
    clipped(leaf.outline, ([, v]) => v - depth[0]),
    ([, v]) => depth[1] - v,
  );
  // Ends and what is cut off them are boards; front and back are not.
  const inner = inset(within, ([, v0], [, v1]) => (Math.abs(v0 - v1) < 1e-9 ? 0 : thick));
  const { shape } = hidden;
  const slope = shape.kind === 'tapered' ? Math.hypot(shape.by.mm, leaf.wide) / leaf.wide : 1;
  return { inner, depth, back, head: thick * slope };
}

/** Ends, cheeks, shelves, back, lips and what stands on it. */
export function casePieces(laid: LaidHidden, leaf: HungLeaf, body: CaseBody): Piece[] {
  const lay = layCase(laid, leaf);
  return [
    ...endPieces(laid, leaf, lay),
    ...cheekPieces(laid, leaf, lay),
    ...levelPieces(laid, leaf, lay, body),
    ...backPiece(laid, leaf, lay, body),
    ...lipPieces(laid, leaf, lay, body),
    ...bookPieces(laid, leaf, lay, body),
  ];
}

/** Upright boards at its ends, where those are not cut off. */
function endPieces(laid: LaidHidden, leaf: HungLeaf, lay: CaseLay): Piece[] {
  const { hidden, thick, frame } = laid;
  const { relief } = hidden;
  return (['hinge', 'free'] as const).flatMap((end): Piece[] => {
    const cut = leaf.cut && (end === 'hinge' || (relief.kind !== 'none' && relief.both)) ? leaf.cut : undefined;
    const v: Range = [Math.max(lay.depth[0], cut?.deep ?? 0), lay.depth[1]];
    if (span(v) < 1) return [];
    const u: Range = end === 'hinge' ? [0, thick] : [leaf.wide - thick, leaf.wide];
    const high = Math.max(headAt(laid, leaf, u[0]), headAt(laid, leaf, u[1]));
    const at = boundsOf(laid, leaf, u, v, [leaf.z[0], high]);
    const key = `${leaf.key}/${end}-end`;
    const plan: Point2[] = [[u[0], v[0]], [u[1], v[0]], [u[1], v[1]], [u[0], v[1]]];
    return [
      board(frame, {
        key,
        item: hidden.id,
        role: 'side',
        name: `${hidden.name}${ownWords(leaf)}, ${end} side`,
        told: { key, words: `the ${end} side of ${leafWords(laid, leaf)}` },
        at,
        way: ['z', 'y'],
        length: [...highSum(laid), ...line('slope of its head', high - leaf.z[1])],
        width: [
          { words: 'depth', mm: laid.deep },
          ...line('the back', -laid.backThick),
          ...line('what is cut off its corner', laid.deep - laid.backThick > span(v) ? span(v) - (laid.deep - laid.backThick) : 0),
        ],
        thick: [{ words: 'as the board', mm: thick }],
        material: hidden.body.material,
        ...(isTapered(laid) && { solids: wholeHigh(laid, leaf, plan) }),
      }),
    ];
  });
} // prettier-ignore

/** The boards along what is cut off its ends; a round one is bent from a thin sheet or coopered. */
function cheekPieces(laid: LaidHidden, leaf: HungLeaf, { depth }: CaseLay): Piece[] {
  const { hidden, thick, frame, deep } = laid;
  const { cut } = leaf;
  if (!cut) return [];
  const line = leaf.outline.slice(0, leaf.outline.findIndex(([, v]) => v === 0) + 1);
  const ends = hidden.relief.kind !== 'none' && hidden.relief.both ? [false, true] : [false];
  const long = line.slice(1).reduce((sum, [u, v], i) => sum + Math.hypot(u - line[i]![0], v - line[i]![1]), 0);
  return ends.map((far) => {
    const key = `${leaf.key}/cheek${far ? '-free' : ''}`;
    const solids = line.slice(1).flatMap((to, i): Convex[] => {
      const from = line[i]!;
      const wide = Math.hypot(to[0] - from[0], to[1] - from[1]);
      const inward: Point2 = [(-(to[1] - from[1]) / wide) * thick, ((to[0] - from[0]) / wide) * thick];
      const strip: Point2[] = [from, to, [to[0] + inward[0], to[1] + inward[1]], [from[0] + inward[0], from[1] + inward[1]]];
      const placed = far ? strip.map(([u, v]): Point2 => [leaf.wide - u, v]).reverse() : strip;
      const kept = clipped(clipped(placed, ([, v]) => v - depth[0]), ([, v]) => depth[1] - v);
      return wholeHigh(laid, leaf, kept);
    });
    const u: Range = far ? [leaf.wide - cut.along, leaf.wide] : [0, cut.along];
    return board(frame, {
      key,
      item: hidden.id,
      role: 'cheek',
      name: `${hidden.name}${ownWords(leaf)}, cheek`,
      told: { key, words: `the cheek of ${leafWords(laid, leaf)}` },
      at: boundsOf(laid, leaf, u, [depth[0], Math.min(depth[1], cut.deep)], leaf.z),
      way: ['z', 'x'],
      length: highSum(laid),
      width: [{ words: cut.round ? 'round its arc' : 'across what is cut off', mm: long }],
      thick: [{ words: 'as the board', mm: thick }],
      material: hidden.body.material,
      solids,
      notes: [
        cut.round
          ? `Bent to ${lengthMark(cut.along)}, or of staves that meet on that arc.`
          : `Its edges bevelled to ${Math.round((Math.atan2(cut.along, Math.min(deep, cut.deep)) * 1800) / Math.PI) / 10}° and its complement.`,
      ],
    });
  });
} // prettier-ignore

/** Its foot, its shelves and its head, between its ends. */
function levelPieces(laid: LaidHidden, leaf: HungLeaf, lay: CaseLay, body: CaseBody): Piece[] {
  const { hidden, thick, frame } = laid;
  const ends = [
    { role: 'bottom' as const, name: 'foot', z: leaf.z[0] },
    ...shelfHeights(laid, leaf, body).map((z, i) => ({
      role: 'shelf' as const,
      name: `shelf ${i + 1}`,
      z,
    })),
  ];
  const piece = (role: Piece['role'], name: string, z: Range, plan: readonly Point2[], solids: readonly Convex[]): Piece => {
    const us = plan.map(([u]) => u);
    const u: Range = [Math.min(...us), Math.max(...us)];
    const key = `${leaf.key}/${name.replace(' ', '-')}`;
    return board(frame, {
      key,
      item: hidden.id,
      role,
      name: `${hidden.name}${ownWords(leaf)}, ${name.replace(/ \d+$/, '')}`,
      told: { key: `${leaf.key}/${role}`, words: `${role === 'shelf' ? 'a shelf' : `the ${name}`} of ${leafWords(laid, leaf)}` },
      at: boundsOf(laid, leaf, u, lay.depth, z),
      way: ['x', 'y'],
      length: [
        ...wideSum(laid),
        { words: 'its sides', mm: -2 * thick, times: [2, thick] },
        ...line('what slopes over it', span(u) - (leaf.wide - 2 * thick)),
      ],
      width: [{ words: 'depth', mm: laid.deep }, ...line('the back', -laid.backThick)],
      thick: [{ words: 'as the board', mm: thick }],
      material: hidden.body.material,
      solids,
      notes: cutNotes(laid, leaf),
    });
  };
  const levels = ends.flatMap(({ role, name, z }): Piece[] => {
    const plan = underSlope(laid, leaf, lay, z + thick);
    return plan.length < 3 ? [] : [piece(role, name, [z, z + thick], plan, upright(laid, leaf, plan, z, z + thick))];
  });
  const top = headPlate(laid, leaf, lay.inner, lay.head);
  return [...levels, piece('top', 'head', [leaf.z[1] - thick, leaf.z[1]], lay.inner, top)];
} // prettier-ignore

/** What of its inner plan is under its head at a height. */
function underSlope(laid: LaidHidden, leaf: HungLeaf, { inner, head }: CaseLay, z: number): Point2[] {
  return isTapered(laid) ? clipped(inner, ([u]) => headAt(laid, leaf, u) - head - z) : [...inner];
}

/** Undersides of its shelves, evenly between foot and head. */
export function shelfHeights({ thick }: LaidHidden, { z }: HungLeaf, { shelves }: CaseBody): number[] {
  const pitch = (span(z) - thick) / (shelves + 1);
  return Array.from({ length: shelves }, (_, i) => z[0] + (i + 1) * pitch);
}

function backPiece(laid: LaidHidden, leaf: HungLeaf, lay: CaseLay, body: CaseBody): Piece[] {
  const { hidden, frame, backThick } = laid;
  if (body.back === null) return [];
  const key = `${leaf.key}/back`;
  const plan: Point2[] = clipped(clipped(leaf.outline, ([, v]) => v - lay.back[0]), ([, v]) => lay.back[1] - v);
  return [
    board(frame, {
      key,
      item: hidden.id,
      role: 'back',
      name: `${hidden.name}${ownWords(leaf)}, back`,
      told: { key, words: `the back of ${leafWords(laid, leaf)}` },
      at: boundsOf(laid, leaf, [0, leaf.wide], lay.back, leaf.z),
      way: ['z', 'x'],
      length: highSum(laid),
      width: wideSum(laid),
      thick: [{ words: 'as the board', mm: backThick }],
      material: body.back,
      ...((isTapered(laid) || laid.away) && { solids: wholeHigh(laid, leaf, plan) }),
      notes: [...taperNotes(laid, leaf), 'Glued and screwed all round: it keeps the case from racking.'],
    }),
  ];
} // prettier-ignore

/** A strip along the front of what books stand on, within its depth. */
function lipPieces(laid: LaidHidden, leaf: HungLeaf, lay: CaseLay, body: CaseBody): Piece[] {
  const { hidden, thick, frame } = laid;
  if (body.lip.mm === 0) return [];
  const front = laid.away ? lay.depth[1] : lay.depth[0];
  const v: Range = laid.away ? [front - thick, front] : [front, front + thick];
  return [leaf.z[0], ...shelfHeights(laid, leaf, body)].flatMap((z, i): Piece[] => {
    const foot = z + thick;
    const plan = clipped(clipped(underSlope(laid, leaf, lay, foot + body.lip.mm), ([, at]) => at - v[0]), ([, at]) => v[1] - at);
    if (plan.length < 3) return [];
    const us = plan.map(([u]) => u);
    const key = `${leaf.key}/lip-${i}`;
    const u: Range = [Math.min(...us), Math.max(...us)];
    return [
      board(frame, {
        key,
        item: hidden.id,
        role: 'rim',
        name: `${hidden.name}${ownWords(leaf)}, lip`,
        told: { key: `${leaf.key}/lip`, words: `the lip of a shelf of ${leafWords(laid, leaf)}` },
        at: boundsOf(laid, leaf, u, v, [foot, foot + body.lip.mm]),
        way: ['x', 'z'],
        length: [...wideSum(laid), { words: 'its sides', mm: -2 * thick, times: [2, thick] }, ...line('what is cut off its ends', span(u) - (leaf.wide - 2 * thick))],
        width: [{ words: 'as chosen', mm: body.lip.mm }],
        thick: [{ words: 'as the board', mm: thick }],
        material: hidden.body.material,
      }),
    ];
  });
} // prettier-ignore

/** What stands on its shelves, from the back on; what is deeper than they are stands proud of them. */
function bookPieces(laid: LaidHidden, leaf: HungLeaf, lay: CaseLay, body: CaseBody): Piece[] {
  const { hidden, thick, frame } = laid;
  const { books } = body;
  if (books.kg === 0 || books.deep.mm === 0) return [];
  const floors = [leaf.z[0], ...shelfHeights(laid, leaf, body)];
  const v: Range = laid.away ? [lay.depth[0], lay.depth[0] + books.deep.mm] : [lay.depth[1] - books.deep.mm, lay.depth[1]];
  return floors.flatMap((z, i): Piece[] => {
    const foot = z + thick;
    const high = (floors[i + 1] ?? leaf.z[1] - thick) - OVER_BOOKS;
    if (high <= foot) return [];
    const plan = standing(laid, leaf, lay, v, high);
    if (plan.length < 3) return [];
    const us = plan.map(([u]) => u);
    const solids = upright(laid, leaf, plan, foot, high);
    const kg = (books.kg * (Math.max(...us) - Math.min(...us))) / MM_A_M;
    const key = `${leaf.key}/books-${i}`;
    return [
      plain(frame, {
        key,
        item: hidden.id,
        role: 'content',
        is: 'content',
        name: `Books of ${hidden.name}`,
        told: { key: `${leaf.key}/books`, words: `what stands on ${leafWords(laid, leaf)}` },
        solids,
        mass: { kg, centre: massOf(solids).centre },
        notes: [`Up to ${massMark(kg)} on this shelf.`],
      }),
    ];
  });
} // prettier-ignore

/** Where books stand: within its ends, and past its front where they are deeper than its shelves. */
function standing(laid: LaidHidden, leaf: HungLeaf, lay: CaseLay, v: Range, high: number): Point2[] {
  const us = lay.inner.filter(([, at]) => at === (laid.away ? lay.depth[1] : lay.depth[0])).map(([u]) => u);
  const within = clipped(clipped(underSlope(laid, leaf, lay, high), ([, at]) => at - v[0]), ([, at]) => v[1] - at);
  const proud: Range | undefined = laid.away
    ? v[1] > lay.depth[1] ? [lay.depth[1], v[1]] : undefined
    : v[0] < lay.depth[0] ? [v[0], lay.depth[0]] : undefined;
  if (!proud || us.length < 2) return within;
  // They stand within the boards of its front, and straight out from there.
  const [from, to] = [Math.min(...us), Math.max(...us)];
  return [[from, v[0]], [to, v[0]], [to, v[1]], [from, v[1]]];
} // prettier-ignore
