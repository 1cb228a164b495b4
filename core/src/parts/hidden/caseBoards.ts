import { massMark } from '../../length/lengthMark';
import { leaningIn } from '../../item/frame';
import { boundsIn } from '../../piece/boundsIn';
import { board } from '../../piece/board';
import type { Piece } from '../../piece/piece';
import { plain } from '../../piece/plain';
import { span, type Range } from '../../solid/bounds';
import type { Convex } from '../../solid/convex';
import { massOf } from '../../solid/mass';
import { clipped } from '../../solid/polygon';
import type { Point2 } from '../../solid/prism';
import { headAt, placeIn, type HungLeaf, type LaidHidden } from './lay';
import { alongOf, between, boundsOf, headPlate, isTapered, upright, wholeHigh } from './planSolids';
import { layCase, type CaseLay } from './caseLay';
import { cheekPieces, cutFrom, LEAST_END } from './cheeks';
import type { Body } from './schema';
import { highSum, leafWords, line, ownWords, taperNotes, wideSum } from './sums';

type CaseBody = Extract<Body, { kind: 'case' }>;
/** Over what stands on a shelf a hand gets in, mm. Common practice. */
const OVER_BOOKS = 30;
const MM_A_M = 1000;

/** Shelves, ends, cheeks, back, lips and what stands on it. */
export function casePieces(laid: LaidHidden, leaf: HungLeaf, body: CaseBody): Piece[] {
  const lay = layCase(laid, leaf);
  return [
    // Its foot is what it is drawn by as it turns: that shows the whole of its plan.
    ...levelPieces(laid, leaf, lay, body),
    ...endPieces(laid, leaf, lay),
    ...cheekPieces(laid, leaf, lay),
    ...backPiece(laid, leaf, lay, body),
    ...lipPieces(laid, leaf, lay, body),
    ...bookPieces(laid, leaf, lay, body),
  ];
}

/** Upright boards at its ends, where those are not cut off. */
function endPieces(laid: LaidHidden, leaf: HungLeaf, lay: CaseLay): Piece[] {
  const { hidden, thick, frame } = laid;
  return (['hinge', 'free'] as const).flatMap((end): Piece[] => {
    const isCut = leaf.cut && (end === 'hinge' || leaf.cut.both);
    const v: Range = [Math.max(lay.depth[0], isCut ? cutFrom(leaf) : 0), lay.depth[1]];
    if (span(v) < LEAST_END) return [];
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
        ...(isTapered(laid) && { solids: wholeHigh(laid, leaf, plan), slanted: true as const }),
      }),
    ];
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
    const u = alongOf(plan);
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
        ...line(isTapered(laid) ? 'what slopes over it' : 'what is cut off its ends', span(u) - (leaf.wide - 2 * thick)),
      ],
      width: [{ words: 'depth', mm: laid.deep }, ...line('the back', -laid.backThick)],
      thick: [{ words: 'as the board', mm: thick }],
      material: hidden.body.material,
      solids,
      slanted: true,
    });
  };
  const levels = ends.flatMap(({ role, name, z }): Piece[] => {
    const plan = underSlope(laid, leaf, lay, z + thick);
    return plan.length < 3 ? [] : [piece(role, name, [z, z + thick], plan, upright(laid, leaf, plan, z, z + thick))];
  });
  const head = isTapered(laid)
    ? slopingHead(laid, leaf, lay)
    : piece('top', 'head', [leaf.z[1] - thick, leaf.z[1]], lay.inner, upright(laid, leaf, lay.inner, leaf.z[1] - thick, leaf.z[1]));
  return [...levels, head];
} // prettier-ignore

/** Its head where it slopes: along the slope, its ends bevelled to its sides. */
function slopingHead(laid: LaidHidden, leaf: HungLeaf, lay: CaseLay): Piece {
  const { hidden, thick, frame, away, deep } = laid;
  const ends = [0, leaf.wide].map((u): Point2 => [placeIn(leaf, away, deep, [u, 0])[0], headAt(laid, leaf, u)]);
  const [[x0, z0], [x1, z1]] = ends.sort(([a], [b]) => a - b) as [Point2, Point2];
  const long = Math.hypot(x1 - x0, z1 - z0);
  const [c, s] = [(x1 - x0) / long, (z1 - z0) / long];
  const own = leaningIn(frame, [x0, 0, z0], [c, 0, s], [-s, 0, c]);
  const solids = headPlate(laid, leaf, lay.inner, lay.head);
  const at = boundsIn(own, { pieces: solids })!;
  const key = `${leaf.key}/head`;
  const level = leaf.wide - 2 * thick;
  const bevels = thick * Math.abs(s / c);
  return board(own, {
    key,
    item: hidden.id,
    role: 'top',
    name: `${hidden.name}${ownWords(leaf)}, head`,
    told: { key: `${leaf.key}/top`, words: `the head of ${leafWords(laid, leaf)}` },
    at,
    way: ['x', 'y'],
    length: [
      ...wideSum(laid),
      { words: 'its sides', mm: -2 * thick, times: [2, thick] },
      ...line('what its slope adds', level / c - level),
      ...line('the bevels of its ends', bevels),
      ...line('what is cut off its ends', span(at.x) - level / c - bevels),
    ],
    width: [{ words: 'depth', mm: deep }, ...line('the back', -laid.backThick)],
    thick: [{ words: 'as the board', mm: thick }],
    material: hidden.body.material,
    solids,
    slanted: true,
  });
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
  const plan: Point2[] = between(leaf.outline, lay.back);
  const u = alongOf(plan);
  const high = Math.max(...u.map((at) => headAt(laid, leaf, at)));
  return [
    board(frame, {
      key,
      item: hidden.id,
      role: 'back',
      name: `${hidden.name}${ownWords(leaf)}, back`,
      told: { key, words: `the back of ${leafWords(laid, leaf)}` },
      at: boundsOf(laid, leaf, u, lay.back, [leaf.z[0], high]),
      way: ['z', 'x'],
      length: [...highSum(laid), ...line('slope of its head', high - leaf.z[1])],
      width: [...wideSum(laid), ...line('what is cut off its ends', span(u) - leaf.wide)],
      thick: [{ words: 'as the board', mm: backThick }],
      material: body.back,
      solids: wholeHigh(laid, leaf, plan),
      slanted: true,
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
    const plan = between(underSlope(laid, leaf, lay, foot + body.lip.mm), v);
    if (plan.length < 3) return [];
    const key = `${leaf.key}/lip-${i}`;
    const u = alongOf(plan);
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
        solids: upright(laid, leaf, plan, foot, foot + body.lip.mm),
        slanted: true,
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
    const solids = upright(laid, leaf, plan, foot, high);
    const kg = (books.kg * span(alongOf(plan))) / MM_A_M;
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
  const within = between(underSlope(laid, leaf, lay, high), v);
  const proud: Range | undefined = laid.away
    ? v[1] > lay.depth[1] ? [lay.depth[1], v[1]] : undefined
    : v[0] < lay.depth[0] ? [v[0], lay.depth[0]] : undefined;
  if (!proud || us.length < 2) return within;
  // They stand within the boards of its front, and straight out from there.
  const [from, to] = [Math.min(...us), Math.max(...us)];
  return [[from, v[0]], [to, v[0]], [to, v[1]], [from, v[1]]];
} // prettier-ignore
