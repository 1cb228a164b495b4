import type { Issue } from '../item/issue';
import { lengthMark } from '../length/lengthMark';
import type { Stock } from '../material/stock';
import { sumOf, type Sum, type SumLine } from '../sizing/sum';
import { applyReadings, wasRead, type ClearSize } from './applyReadings';
import { added, between, faceAt, leftmost, plumbLine, rightmost, type FaceLine } from './line';
import type { Bay, Carcass, Split } from './schema';
import { LEAST, shellIssues, shellOf, type Shell } from './shell';
import { sharesOf } from './shares';

/** One edge of an opening, and how much there is beside it that a leaf may lie over. */
export interface Edge {
  /** In the carcass's frame, mm: the place that governs, where the opening is narrowest. */
  readonly at: number;
  readonly cover: number;
  /** Another bay lies beyond it, whose leaf wants its half. */
  readonly shared: boolean;
  /** Which of the carcass's boards it is of, by the end of its key; none at a top that is left open. */
  readonly board: string | undefined;
}

/** What is clear behind an opening: at least this box, mm. */
export interface Inside {
  readonly left: number;
  readonly right: number;
  readonly bottom: number;
  readonly top: number;
  readonly front: number;
  readonly back: number;
  /** The boards it is between, by the ends of their keys. */
  readonly between: Readonly<Record<'left' | 'right' | 'bottom' | 'top', string | undefined>>;
}

/** A clear opening in a carcass's front, mm in its frame: x to the right, z up, y to the back. */
export interface Opening {
  readonly bay: string;
  readonly left: Edge;
  readonly right: Edge;
  readonly bottom: Edge;
  readonly top: Edge;
  /** Where a leaf laid over it has its back. */
  readonly front: number;
  readonly inside: Inside;
  readonly width: Sum;
  readonly height: Sum;
  /** How much wider it is at its widest than where it governs, and how much higher at its higher side. */
  readonly slack: { readonly width: number; readonly height: number };
  /** It was read and counts as read. */
  readonly read: boolean;
}

/** An upright or a fixed shelf that splits a bay. */
export interface Divider {
  readonly id: string;
  /** The bay before it: to its left, or beneath it. */
  readonly after: string;
  readonly way: Split['way'];
  readonly left: FaceLine;
  readonly right: FaceLine;
  readonly bottom: number;
  readonly top: number;
  readonly front: number;
  /** Its long side to be cut. */
  readonly long: Sum;
}

/** All that follows from a carcass's own numbers. */
export interface Layout {
  readonly shell: Shell;
  /** The sides' inner faces, with all that was read of the bays beside them. */
  readonly left: FaceLine;
  readonly right: FaceLine;
  readonly openings: ReadonlyMap<string, Opening>;
  readonly dividers: readonly Divider[];
  /** What cannot be; then the rest is not to be built on. Paths start at the carcass. */
  readonly issues: readonly Issue[];
}

/** A bay on its way to be laid out: what is clear, and what lies beyond each edge. */
interface Region extends ClearSize {
  readonly edges: Readonly<Record<'left' | 'right' | 'bottom' | 'top', Beyond>>;
}

/** What lies beyond an edge: where it ends, a frame member before it, and whether it is shared. */
interface Beyond {
  readonly until: number;
  readonly member?: number;
  readonly shared: boolean;
  /** The board that bounds the inside there, and the frame member before it. */
  readonly board: string | undefined;
  readonly before?: string;
}

export function layOut(carcass: Carcass, stock: Stock): Layout {
  const shell = shellOf(carcass, stock);
  const openings = new Map<string, Opening>();
  const dividers: Divider[] = [];
  const issues: Issue[] = shellIssues(carcass, shell);
  const laid = { shell, openings, dividers, issues };
  if (issues.length > 0) return { ...laid, left: shell.left, right: shell.right };

  /** Lay a bay out and all within it; its side faces come back as they are in the end. */
  const lay = (bay: Bay, drawn: Region, path: Issue['path']): Pick<ClearSize, 'left' | 'right'> => {
    const counts = stock.schools.sizing === 'measured';
    const region = counts ? applyReadings(drawn, bay.read) : drawn;
    if (region.top - region.bottom < LEAST || leftmost(region.right) - rightmost(region.left) < LEAST) {
      issues.push({ path: [...path, 'read'], message: 'As it was read, no opening is left of it.' });
      return drawn;
    }
    openings.set(bay.id, openingOf(carcass, shell, bay, region, counts && wasRead(bay)));
    const { split } = bay;
    if (!split) return region;
    const at = [...path, 'split'];
    issues.push(...setbackIssues(split, shell.back - shell.front, at));
    const along = split.way === 'uprights';
    const start = along ? rightmost(region.left) : region.bottom;
    const whole = (along ? leftmost(region.right) : region.top) - start;
    const free = whole - (split.bays.length - 1) * shell.sheet;
    const shares = sharesOf(split.bays, free);
    if ('message' in shares) {
      issues.push({ path: [...at, 'bays', ...shares.path], message: shares.message });
      return region;
    }
    const children = splitRegion(carcass, shell, region, split, shares, start);
    const faces = children.map((child, i) => lay(split.bays[i]!, child, [...at, 'bays', i]));
    let edge = start;
    split.bays.slice(0, -1).forEach((child, i) => {
      edge += shares[i]!;
      const [bottom, top] = along ? [region.bottom, region.top] : [edge, edge + shell.sheet];
      dividers.push({
        id: dividerId(split.way, child),
        after: child.id,
        way: split.way,
        left: along ? faces[i]!.right : between(region.left, bottom, top),
        right: along ? faces[i + 1]!.left : between(region.right, bottom, top),
        bottom,
        top,
        front: shell.front + split.setback.mm,
        long: along ? region.height : region.width,
      });
      if (along && narrowest(faces[i]!.right, faces[i + 1]!.left) < THINNEST)
        issues.push({ path: [...at, 'bays', i, 'read'], message: goneIssue('the upright beside it') });
      edge += shell.sheet;
    });
    return along
      ? { left: faces[0]!.left, right: faces[faces.length - 1]!.right }
      : { left: faces.flatMap(({ left }) => left), right: faces.flatMap(({ right }) => right) };
  };
  const faces = lay(carcass.bay, wholeRegion(carcass, shell), ['bay']);
  issues.push(...sideIssues(carcass, shell, faces));
  return { ...laid, ...faces };
}

/** Boards that part a bay, set back so far that nothing is left of them. */
function setbackIssues({ setback }: Split, room: number, path: Issue['path']): Issue[] {
  if (setback.mm <= room - LEAST) return [];
  const message = `Set back so far nothing is left of them. At most ${lengthMark(room - LEAST, 'most')} will do.`;
  return [{ path: [...path, 'setback'], message }];
}

/** A board that was read thinner than this is a slip of the tape, mm. */
const THINNEST = 0.5;
const goneIssue = (board: string): string =>
  `As it was read, so wide a bay leaves nothing of ${board}: read it again, or make the carcass as wide as it is.`;

/** The outer face of a side from its foot to a height: it stands in with all that the side leans or bows. */
export function outerFace(
  { sides }: Carcass,
  { width, height, foot }: Shell,
  side: 'left' | 'right',
  top = height,
): FaceLine {
  const lean = sides[side];
  const plumb = plumbLine(side === 'left' ? 0 : width, foot, top);
  if (!lean) return plumb;
  const off: FaceLine = [[foot, 0], [(foot + height) / 2, lean.middle.mm], [height, lean.head.mm]]; // prettier-ignore
  return added(plumb, off, side === 'left' ? 1 : -1);
}

/** What of the readings would leave nothing of a side: its inner face stands in its outer one. */
const sideIssues = (carcass: Carcass, shell: Shell, faces: Pick<ClearSize, 'left' | 'right'>): Issue[] =>
  (['left', 'right'] as const).flatMap((side): Issue[] => {
    const outer = outerFace(carcass, shell, side);
    const thick = side === 'left' ? narrowest(outer, faces.left) : narrowest(faces.right, outer);
    return thick < THINNEST ? [{ path: ['bay', 'read'], message: goneIssue(`the ${side} side`) }] : [];
  });

/** How near two faces come to each other, mm; less than 0 where they have changed places. */
const narrowest = (left: FaceLine, right: FaceLine): number =>
  Math.min(...[...left, ...right].map(([z]) => faceAt(right, z) - faceAt(left, z)));

/** How the board after a bay of a split is called: by the bay, which keeps its own name. */
const dividerId = (way: Split['way'], { id }: Bay): string =>
  `${way === 'uprights' ? 'upright' : 'shelf'}-${id}`;

function wholeRegion({ frame }: Carcass, shell: Shell): Region {
  const { width, height, foot, left, right, bottom, top, topThick, bottomThick } = shell;
  const beyond = (
    until: number,
    member: number | undefined,
    board: string | undefined,
    before: string,
  ): Beyond => ({
    until,
    shared: false,
    board,
    ...(member !== undefined && { member, before }),
  });
  return {
    left: between(left, bottom, top),
    right: between(right, bottom, top),
    bottom,
    top,
    edges: {
      left: beyond(0, frame?.left.mm, 'left', 'stile-left'),
      right: beyond(width, frame ? width - frame.right.mm : undefined, 'right', 'stile-right'),
      bottom: beyond(
        foot,
        frame ? foot + frame.bottom.mm : undefined,
        bottomThick > 0 ? 'bottom' : undefined,
        'rail-bottom',
      ),
      top: beyond(
        height,
        frame ? height - frame.top.mm : undefined,
        topThick > 0 ? 'top' : undefined,
        'rail-top',
      ),
    },
    width: shell.insideWidth,
    height: shell.insideHeight,
  };
}

/** The bays of a split, each with what lies beyond its edges. */
function splitRegion(
  { frame }: Carcass,
  { sheet }: Shell,
  region: Region,
  { way, bays }: Split,
  shares: readonly number[],
  start: number,
): Region[] {
  const along = way === 'uprights';
  const [first, second] = along ? (['left', 'right'] as const) : (['bottom', 'top'] as const);
  // A frame member stands before the middle of the upright or shelf behind it.
  const stands = frame ? (frame.between.mm - sheet) / 2 : 0;
  const past = (edge: number, sign: 1 | -1, board: string): Beyond =>
    frame
      ? {
          member: edge + sign * stands,
          until: edge - sign * (sheet + stands),
          shared: true,
          board,
          before: `member-${board}`,
        }
      : { until: edge - sign * sheet, shared: true, board };
  const total = shares.reduce((sum, size) => sum + size, 0) + (bays.length - 1) * sheet;
  const words = along ? 'upright' : 'shelf';
  const many = along ? 'uprights' : 'shelves';
  let at = start;
  return shares.map((size, i) => {
    const [from, to] = [at, at + size];
    at = to + sheet;
    const last = i === shares.length - 1;
    const n = shares.length - 1;
    const sum = sumOf(along ? 'inside width' : 'inside height', [
      { words: along ? 'inside width' : 'inside height', mm: total },
      { words: n > 1 ? many : words, mm: -n * sheet, ...(n > 1 && { times: [n, sheet] as const }) },
      { words: n > 1 ? 'the other bays' : 'the other bay', mm: size + n * sheet - total },
    ]);
    const edges = {
      ...region.edges,
      ...(i > 0 && { [first]: past(from, 1, dividerId(way, bays[i - 1]!)) }),
      ...(!last && { [second]: past(to, -1, dividerId(way, bays[i]!)) }),
    };
    return along
      ? {
          ...region,
          left: i === 0 ? region.left : plumbLine(from, region.bottom, region.top),
          right: last ? region.right : plumbLine(to, region.bottom, region.top),
          edges,
          width: sum,
        }
      : {
          ...region,
          left: between(region.left, from, to),
          right: between(region.right, from, to),
          bottom: from,
          top: to,
          edges,
          height: sum,
        };
  });
}

function openingOf(carcass: Carcass, shell: Shell, bay: Bay, region: Region, read: boolean): Opening {
  const { left, right, bottom, top, edges } = region;
  const clear = { left: rightmost(left), right: leftmost(right), bottom, top };
  // Read narrower within than its opening, it comes in at both sides alike: a width does not tell which side bows.
  const bows = read && bay.read.deep ? Math.max(0, (clear.right - clear.left - bay.read.deep.mm) / 2) : 0;
  const edge = (side: keyof typeof clear): Edge => {
    const { member, until, shared, board, before } = edges[side];
    const at = member ?? clear[side];
    return { at, cover: Math.abs(at - until), shared, board: before ?? board };
  };
  const sides = { left: edge('left'), right: edge('right'), bottom: edge('bottom'), top: edge('top') };
  const sum = (name: string, inside: Sum, mm: number, before: string): Sum =>
    sumOf(name, [...inside.lines, ...remainder(carcass, inside, mm, before)]);
  return {
    bay: bay.id,
    ...sides,
    front: -carcass.carries.front.mm,
    inside: {
      ...clear,
      left: clear.left + bows,
      right: clear.right - bows,
      front: shell.front,
      back: shell.back,
      between: {
        left: edges.left.board,
        right: edges.right.board,
        bottom: edges.bottom.board,
        top: edges.top.board,
      },
    },
    width: sum('opening width', region.width, sides.right.at - sides.left.at, 'stiles stand in by'),
    height: sum('opening height', region.height, sides.top.at - sides.bottom.at, 'rails stand in by'),
    slack: {
      width: carcass.frame ? 0 : widest(left, right) - (clear.right - clear.left),
      height: read && bay.read.left && bay.read.right ? Math.abs(bay.read.left.mm - bay.read.right.mm) : 0,
    },
    read,
  };
}

/** What the sum of a bay's inside leaves to be said of the opening before it. */
function remainder({ frame }: Carcass, inside: Sum, mm: number, before: string): SumLine[] {
  const off = mm - inside.mm;
  if (Math.abs(off) < 1e-9) return [];
  return [{ words: frame ? before : 'sides out of plumb', mm: off }];
}

function widest(left: FaceLine, right: FaceLine): number {
  return Math.max(...[...left, ...right].map(([z]) => faceAt(right, z) - faceAt(left, z)));
}
