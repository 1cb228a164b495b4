import { capitalised } from '../item/capitals';
import { lengthMark } from '../length/lengthMark';
import type { Piece, Sizes } from './piece';
import { span } from '../solid/bounds';
import { alongOf, depthOf, type Edge, type Region, type Side, type Work, type WorkKind } from './work';

/** One is called so, and several. */
const NAMES: Readonly<Record<WorkKind, readonly [one: string, many: string]>> = {
  hole: ['A hole', 'holes'],
  cup: ['A cup', 'cups'],
  mortise: ['A mortise', 'mortises'],
  groove: ['A groove', 'grooves'],
  rebate: ['A rebate', 'rebates'],
  notch: ['A notch', 'notches'],
  'cut-out': ['A cut-out', 'cut-outs'],
  slot: ['A slot', 'slots'],
  screw: ['A screw hole', 'screw holes'],
  footprint: ['A place', 'places'],
  scribe: ['Wood left on to be cut to the wall', 'strips left on to be cut to the wall'],
  slant: ['A slant', 'slants'],
};

const PLAIN: Readonly<Record<Side, string>> = {
  start: 'one end',
  end: 'the other end',
  left: 'one edge',
  right: 'the other edge',
  face: 'the face',
  back: 'the back',
};

const CLOSE = 1e-6;

/** What is worked into a piece as sentences, those alike together; what is only marked is left out where nobody need mark it. Lengths are marked, to be said in the reader's units. */
export function worksWords({ works, size, sides }: Piece): string[] {
  if (!size) return [];
  const groups = new Map<string, Work[]>();
  for (const given of works) {
    const work = onPiece(given, size);
    if (work.kind === 'footprint' && !work.words) continue;
    const key = JSON.stringify(
      work.corner
        ? [work.kind, work.corner]
        : [work.kind, work.side, work.round, shapeOf(work), work.screw, crossOf(work), work.words],
    );
    groups.set(key, [...(groups.get(key) ?? []), work]);
  }
  return [...groups.values()].map((alike) => sentence(alike, size, sides ?? {}));
}

/** What of it lies on the piece: one may run out over an edge, and only a boring is told by its middle. */
function onPiece(work: Work, size: Sizes): Work {
  if (work.round) return work;
  const region = { ...work.region };
  for (const axis of AXES[alongOf(work.side)]) {
    const [from, to] = region[axis];
    const whole = size[axis].mm;
    region[axis] = [Math.min(Math.max(from, 0), whole), Math.max(Math.min(to, whole), 0)];
  }
  return { ...work, region };
}

const AXES: Readonly<Record<keyof Region, readonly [keyof Region, keyof Region]>> = {
  thick: ['length', 'width'],
  length: ['width', 'thick'],
  width: ['length', 'thick'],
};

/** How large a work is in the plane of its side, and how deep, to a thousandth. */
function shapeOf(work: Work): number[] {
  const [along, across] = AXES[alongOf(work.side)];
  const mm = (axis: keyof Region) => Math.round((work.region[axis][1] - work.region[axis][0]) * 1000);
  return [mm(along), mm(across), Math.round(depthOf(work) * 1000)];
}

/** Where it is across the way that works of one group are spread along: in one line they are one group. */
function crossOf(work: Work): number {
  const [, across] = AXES[alongOf(work.side)];
  return Math.round(middle(work.region[across]) * 1000);
}

const middle = ([from, to]: readonly [number, number]) => (from + to) / 2;

function sentence(alike: readonly Work[], size: Sizes, sides: NonNullable<Piece['sides']>): string {
  const [work] = alike as [Work];
  if (work.corner) return slantSentence(alike, work.corner, sides);
  const where = (side: Side) => (sides[side] ? `the ${sides[side]}` : PLAIN[side]);
  const normal = alongOf(work.side);
  const [along, across] = AXES[normal];
  const whole = { length: size.length.mm, width: size.width.mm, thick: size.thick.mm };
  const runs = (axis: keyof Region) =>
    work.region[axis][0] <= CLOSE && work.region[axis][1] >= whole[axis] - CLOSE;
  const deep = depthOf(work);
  const through = runs(normal);
  const many = alike.length > 1;
  const [one, several] = NAMES[work.kind];
  const name = many ? `${alike.length} ${several}` : one;
  const wide = (axis: keyof Region) => lengthMark(work.region[axis][1] - work.region[axis][0]);
  const shape = work.round
    ? `${wide(along)} across`
    : runs(along)
      ? `${wide(across)} wide all along`
      : runs(across)
        ? `${wide(along)} wide all across`
        : `${wide(along)} by ${wide(across)}`;
  const of = work.words ? ` for ${work.words}` : '';
  const places = [along, across]
    .filter((axis) => axis !== 'thick' || normal !== 'thick')
    .filter((axis) => !runs(axis))
    .map((axis) => place(alike, axis, whole[axis], work, where));
  const side = where(work.side);
  const screw = work.screw ? `, screws ${lengthMark(work.screw.long)} long, heads on ${side}` : '';
  const depth =
    deep <= CLOSE ? ` on ${side}` : through ? ', right through' : `, ${lengthMark(deep)} deep in ${side}`;
  return `${capitalised(name)}${of}, ${shape}${depth}${places.length > 0 ? `: ${places.join('; ')}` : ''}${screw}.`;
}

/** What is cut off where sides meet: in one cut, or in flats about a round. */
function slantSentence(alike: readonly Work[], corner: readonly Side[], sides: NonNullable<Piece['sides']>): string {
  const where = (side: Side) => (sides[side] ? `the ${sides[side]}` : PLAIN[side]);
  // What goes along the length is measured along an edge, and so is told with the others that meet there.
  const legs = corner.map((side) => {
    const along = corner.filter((other) => other !== side).map(where);
    const most = Math.max(...alike.map(({ region }) => span(region[alongOf(side)])));
    return `${lengthMark(most)} along ${along.join(' and ')}`;
  });
  const flats = alike.length > 1 ? ` in ${alike.length} flats` : '';
  return `Cut off on a slant${flats} where ${corner.map(where).join(' and ')} meet: ${legs.join(', ')}.`;
} // prettier-ignore

/** Where works are along one axis, from the end or edge they are measured from, or the nearer one. */
function place(
  alike: readonly Work[],
  axis: keyof Region,
  whole: number,
  { from, round }: Work,
  where: (side: Side) => string,
): string {
  const ends: readonly Side[] =
    axis === 'length' ? ['start', 'end'] : axis === 'width' ? ['left', 'right'] : ['face', 'back'];
  const named = ends.find((end) => from?.includes(end as Edge));
  const first = alike[0]!.region[axis];
  const nearer = first[0] <= whole - first[1] ? ends[0]! : ends[1]!;
  const end = named ?? nearer;
  const distance = ([a, b]: readonly [number, number]) => {
    const [near, far] = end === ends[0] ? [a, b] : [whole - b, whole - a];
    return round ? (near + far) / 2 : near;
  };
  const all = [...new Set(alike.map(({ region }) => Math.round(distance(region[axis]) * 1000) / 1000))];
  const what = round ? (all.length > 1 ? 'middles ' : 'middle ') : '';
  return `${what}${all
    .sort((a, b) => a - b)
    .map((mm) => lengthMark(mm))
    .join(', ')} from ${where(end)}`;
}
