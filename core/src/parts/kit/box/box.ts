import { LEVEL_SIDES } from '../../../piece/work';
import type { Stock } from '../../../material/stock';
import type { Board, WorkIn } from '../../../piece/board';
import { sideTowards, type Axis, type Way } from '../../../piece/lie';
import type { Role } from '../../../piece/piece';
import { span, type Bounds, type Range } from '../../../solid/bounds';
import type { SumLine } from '../../../sizing/sum';
import type { BoxSpec } from './schema';

/** Whose boards they are: what their keys and names begin with ("Tool drawers box"), and how a finding tells them. */
export type Whose = Pick<Board, 'key' | 'item' | 'name' | 'told'>;

/** The same of one of its boards. */
export const boardOf = ({ key, item, name, told }: Whose, id: string, words: string): Whose => ({
  key: `${key}/${id}`,
  item,
  name: `${name}, ${words}`,
  told,
});

/** How a box's outer width and depth came about, line by line. */
export interface BoxSums {
  readonly width: readonly SumLine[];
  readonly depth: readonly SumLine[];
}

/** The boards of a box, and what they want worked into a front that is its front end. */
export interface BoxBoards {
  readonly boards: readonly Board[];
  readonly intoFront: readonly WorkIn[];
}

/** What is clear within a box: between its sides and ends, from its bottom's upper face to its rim. */
export function withinBox(spec: BoxSpec, outer: Bounds, own: boolean, stock: Stock): Bounds {
  const t = stock.thickness(spec.material);
  const { x, y, z } = outer;
  return {
    x: [x[0] + t, x[1] - t],
    y: [own ? y[0] : y[0] + t, y[1] - t],
    z: [z[0] + floorOf(spec, stock), z[1]],
  };
}

/** How high a bottom's upper face is over the box's foot. */
function floorOf({ bottom }: BoxSpec, stock: Stock): number {
  if (bottom.kind === 'none') return 0;
  const thick = stock.thickness(bottom.material);
  return bottom.kind === 'groove' ? bottom.up.mm + thick : thick;
}

// Each board's face is what one sees from outside the box, or from above.
const WAYS: Readonly<Record<'left' | 'right' | 'front' | 'back' | 'level', Way>> = {
  left: ['y', 'z'],
  right: ['-y', 'z'],
  front: ['-x', 'z'],
  back: ['x', 'z'],
  level: ['x', '-y'],
};
const UPRIGHT = { left: 'foot', right: 'rim', face: 'outer face', back: 'inner face' } as const;
const SIDE_WORDS = {
  left: { ...UPRIGHT, start: 'front end', end: 'back end' },
  right: { ...UPRIGHT, start: 'back end', end: 'front end' },
} as const;
const END_WORDS = {
  front: { ...UPRIGHT, start: 'right end', end: 'left end' },
  back: { ...UPRIGHT, start: 'left end', end: 'right end' },
} as const;

const one = (words: string, mm: number): SumLine => ({ words, mm });
const times = (words: string, n: number, mm: number): SumLine => ({
  words,
  mm: n * mm,
  times: [Math.abs(n), Math.abs(mm)],
});
/** A sum's lines without those that come to nothing. */
const lines = (...all: readonly SumLine[]) => all.filter(({ mm }, i) => i === 0 || Math.abs(mm) > 1e-9);

/**
 * Every board of a box where it stands, with its joints, its bottom's groove or rebate, what is cut out for pipes, and
 * how its sizes came about.
 *
 * @param own    the front of the drawer is the front end of the box
 * @param sums   how the box's outer width and depth came about, line by line
 * @source derived
 */
export function boxBoards(
  spec: BoxSpec,
  outer: Bounds,
  own: boolean,
  stock: Stock,
  sums: BoxSums,
  whose: Whose,
): BoxBoards {
  const box = new Box(spec, outer, own, stock, sums, whose);
  const boards = [
    ...box.sides(),
    ...box.ends(),
    ...box.lining(),
    ...box.floor(),
    ...box.muntins(),
    ...box.dividers(),
  ];
  return { boards, intoFront: own ? box.intoFront() : [] };
}

type Grooved = Extract<BoxSpec['bottom'], { kind: 'groove' | 'let in' }>;

/** A bottom is cut so much less at each edge than its grooves are deep, so that the box closes on its sides, mm. Common practice. */
const SHORT = 1;
const shortOf = ({ kind, deep }: Grooved): number => (kind === 'groove' ? Math.min(SHORT, deep.mm / 2) : 0);

/** How wide a bar under a bottom is, mm. Common practice, no single source. */
export const MUNTIN = 40;
/** Along the depth, its face up. */
const WAYS_ALONG: Way = ['y', 'x'];

/** A box being put together: what all of its boards go by. */
class Box {
  private readonly t: number;
  private readonly inner: Bounds;
  /** How deep ends go into the sides, or sides into a front that is the box's own; and a lock joint's lip. */
  private readonly deep: number;
  private readonly lip: number;
  /** Of sides and ends, which stand on a bottom that is under them. */
  private readonly rim: Range;
  private readonly high: readonly SumLine[];
  private readonly cut: Range | undefined;
  /** Where the box ends behind its notch. */
  private readonly behind: number;

  constructor(
    private readonly spec: BoxSpec,
    private readonly outer: Bounds,
    private readonly own: boolean,
    private readonly stock: Stock,
    private readonly sums: BoxSums,
    private readonly whose: Whose,
  ) {
    const { joint, bottom, notch, material } = spec;
    this.t = stock.thickness(material);
    this.inner = withinBox(spec, outer, own, stock);
    this.deep = joint.kind === 'butt' ? 0 : joint.deep.mm;
    this.lip = joint.kind === 'lock' ? joint.lip.mm : 0;
    const low = bottom.kind === 'under' ? stock.thickness(bottom.material) : 0;
    this.rim = [outer.z[0] + low, outer.z[1]];
    this.high = lines(one('box height', span(outer.z)), one('bottom under it', -low));
    this.cut = notch ? [outer.x[0] + notch.left.mm, outer.x[0] + notch.left.mm + notch.width.mm] : undefined;
    this.behind = notch ? outer.y[1] - notch.depth.mm : outer.y[1];
  }

  sides(): Board[] {
    const { outer, inner, own, deep, lip, rim, t } = this;
    const ends = own ? 1 : 2;
    const y: Range = [own ? outer.y[0] - deep : outer.y[0] + lip, outer.y[1] - lip];
    return (['left', 'right'] as const).map((which): Board => {
      const x: Range = which === 'left' ? [outer.x[0], inner.x[0]] : [inner.x[1], outer.x[1]];
      const way = WAYS[which];
      const inward: Axis = which === 'left' ? 'x' : '-x';
      const from = sideTowards(way, inward);
      const cutIn = (mm: number): Range => (which === 'left' ? [x[1] - mm, x[1]] : [x[0], x[0] + mm]);
      const joints = () =>
        (own ? (['back'] as const) : (['front', 'back'] as const)).flatMap((end): WorkIn[] => {
          const mate = end === 'front' ? 'end-front' : this.backAt(which);
          return deep === 0 || !mate
            ? []
            : [
                {
                  key: `joint-${end}`,
                  kind: this.spec.joint.kind === 'housed' ? 'groove' : 'rebate',
                  side: from,
                  at: { x: cutIn(deep), y: this.jointAt(end), z: rim },
                  mate: { piece: this.key(mate) },
                },
              ];
        });
      return this.board(`side-${which}`, 'box side', 'side', { x, y, z: rim }, way, {
        length: () =>
          lines(
            ...this.sums.depth,
            ...(lip > 0 ? [times('lips', -ends, lip)] : []),
            ...(own && deep > 0 ? [one('into the front', deep)] : []),
          ),
        width: this.high,
        works: () => [...joints(), ...this.forBottom(from, (into) => ({ x: cutIn(into), y }))],
        sides: SIDE_WORDS[which],
        notes: this.jointNotes(),
        thick: t,
      });
    });
  }

  ends(): Board[] {
    const { inner, outer, own, deep, rim, spec } = this;
    const lock = spec.joint.kind === 'lock';
    const made = (end: 'front' | 'back', id: string, x: Range, length: Board['length']): Board => {
      const y: Range =
        end === 'front' ? [outer.y[0], outer.y[0] + this.t] : [outer.y[1] - this.t, outer.y[1]];
      const way = WAYS[end];
      const from = sideTowards(way, end === 'front' ? 'y' : '-y');
      const cutIn = (mm: number): Range => (end === 'front' ? [y[1] - mm, y[1]] : [y[0], y[0] + mm]);
      // Behind its lip a lock joint leaves a tongue that goes into the side.
      const tongues = () =>
        lock
          ? (['left', 'right'] as const)
              .filter((which) => end === 'front' || this.backAt(which) === id)
              .map((which): WorkIn => ({
                key: `joint-${which}`,
                kind: 'rebate',
                side: from,
                at: {
                  x: which === 'left' ? [x[0], inner.x[0] - deep] : [inner.x[1] + deep, x[1]],
                  y: cutIn(this.t - this.lip),
                  z: rim,
                },
                mate: { piece: this.key(`side-${which}`) },
              }))
          : [];
      return this.board(id, 'box end', own ? 'back' : 'end', { x, y, z: rim }, way, {
        length,
        width: this.high,
        works: () => [...tongues(), ...this.forBottom(from, (into) => ({ x, y: cutIn(into) }))],
        sides: END_WORDS[end],
        notes: this.jointNotes(),
        thick: this.t,
      });
    };
    const whole = this.endWide;
    const all = () =>
      lock
        ? [one('box width', span(outer.x))]
        : lines(
            ...this.sums.width,
            times('sides', -2, this.t),
            ...(deep > 0 ? [times('into the sides', 2, deep)] : []),
          );
    const back = this.cut
      ? this.across(whole).map((x) => made('back', this.backId(x), x, [one('beside the notch', span(x))]))
      : [made('back', 'end-back', whole, all)];
    return own ? back : [made('front', 'end-front', whole, all), ...back];
  }

  /** The notch is lined with boards of its own, which stand on the bottom. */
  lining(): Board[] {
    const { cut, inner, outer, behind, t } = this;
    if (!cut) return [];
    const z: Range = [inner.z[0], outer.z[1]];
    const high = [one('clear height', span(z))];
    const made = (id: string, role: Role, x: Range, y: Range, way: Way, long: number): Board =>
      this.board(id, role, 'lining of the notch', { x, y, z }, way, {
        length: [one('along the notch', long)],
        width: high,
        sides: UPRIGHT,
        thick: t,
      });
    const about: Range = [Math.max(inner.x[0], cut[0] - t), Math.min(inner.x[1], cut[1] + t)];
    const beside: Range = [behind, outer.y[1] - t];
    // No deeper than the back is thick, it wants no boards beside it.
    const deep = span(beside) > 0;
    return [
      made('lining', 'box end', about, [behind - t, behind], WAYS.back, span(about)),
      ...(deep && cut[0] > inner.x[0]
        ? [made('lining-left', 'box side', [cut[0] - t, cut[0]], beside, WAYS.right, span(beside))]
        : []),
      ...(deep && cut[1] < inner.x[1]
        ? [made('lining-right', 'box side', [cut[1], cut[1] + t], beside, WAYS.left, span(beside))]
        : []),
    ];
  }

  /** Its bottom, or the rails that keep it square without one. */
  floor(): Board[] {
    const { inner, outer, own, t, cut, behind } = this;
    const { bottom } = this.spec;
    const acrossLines = () => [one('box width', span(outer.x)), times('sides', -2, t)];
    if (bottom.kind === 'none')
      return (['front', 'back'] as const).map((end) => {
        const y: Range = end === 'front' ? [inner.y[0], inner.y[0] + t] : [inner.y[1] - t, inner.y[1]];
        const z: Range = [outer.z[0], Math.min(outer.z[1], outer.z[0] + bottom.rail.mm)];
        return this.board(`rail-${end}`, 'box rail', 'rail', { x: inner.x, y, z }, WAYS[end], {
          length: acrossLines,
          width: [one('as chosen', span(z))],
          sides: END_WORDS[end],
          notes: ['At foot between the sides, at front and back: it keeps the box square without a bottom.'],
          thick: t,
        });
      });
    const whole = bottom.kind === 'under';
    const into = whole ? 0 : bottom.deep.mm - shortOf(bottom);
    const thick = this.stock.thickness(bottom.material);
    const x: Range = whole ? outer.x : [inner.x[0] - into, inner.x[1] + into];
    const y: Range = whole ? outer.y : [inner.y[0] - into, inner.y[1] + into];
    const z: Range = [inner.z[0] - thick, inner.z[0]];
    const notch: WorkIn[] = cut
      ? [
          {
            key: 'notch',
            kind: 'notch',
            side: 'left',
            at: { x: cut, y: [behind, y[1]], z },
            air: true,
            from: ['start'],
          },
        ]
      : [];
    return [
      this.board('bottom', 'box bottom', 'bottom', { x, y, z }, WAYS.level, {
        length: () =>
          whole ? [one('box width', span(outer.x))] : lines(...acrossLines(), ...this.intoEdges(bottom)),
        width: () =>
          whole
            ? [...this.sums.depth]
            : lines(
                ...this.sums.depth,
                times(own ? 'back' : 'ends', own ? -1 : -2, t),
                ...this.intoEdges(bottom),
              ),
        works: notch,
        sides: LEVEL_SIDES,
        material: bottom.material,
        thick,
      }),
    ];
  }

  /** How far its bottom goes into the boards about it, which is less than the grooves are deep. */
  private intoEdges(bottom: Grooved): SumLine[] {
    return [times('into its edges', 2, bottom.deep.mm), times('short of its grooves', -2, shortOf(bottom))];
  }

  /** Bars under the bottom from front to back. */
  muntins(): Board[] {
    const { inner, own, t } = this;
    const { bottom } = this.spec;
    if (bottom.kind !== 'groove') return [];
    const head = inner.z[0] - this.stock.thickness(bottom.material);
    const z: Range = [head - Math.min(t, bottom.up.mm), head];
    return spread(inner.x, bottom.muntins, MUNTIN).map((x, i) =>
      this.board(`muntin-${i + 1}`, 'muntin', 'bar under the bottom', { x, y: inner.y, z }, WAYS_ALONG, {
        length: lines(...this.sums.depth, times(own ? 'back' : 'ends', own ? -1 : -2, t)),
        width: [one('as usual', MUNTIN)],
        sides: LEVEL_SIDES,
        thick: span(z),
        notes: ['Glued and screwed under the bottom, its ends to the ends of the box.'],
      }),
    );
  }

  dividers(): Board[] {
    const { inner, cut, behind, t } = this;
    const { across, along, material } = this.spec.dividers;
    if (across + along === 0) return [];
    const thin = this.stock.thickness(material);
    const y: Range = [inner.y[0], cut ? Math.min(inner.y[1], behind - t) : inner.y[1]];
    const [ys, xs] = [spread(y, across, thin), spread(inner.x, along, thin)];
    const half = (inner.z[0] + inner.z[1]) / 2;
    const width = [one('clear height', span(inner.z))];
    const both = across > 0 && along > 0;
    const notes = both ? ['Halved over one another.'] : [];
    const plain = { material, thick: thin, width, notes };
    return [
      ...ys.map((at, i) =>
        this.board(
          `divider-across-${i + 1}`,
          'divider',
          'divider across',
          { x: inner.x, y: at, z: inner.z },
          WAYS.back,
          {
            ...plain,
            length: [one('clear width', span(inner.x))],
            sides: UPRIGHT,
            works: xs.map((x, k): WorkIn => ({
              key: `halved-${k + 1}`,
              kind: 'notch',
              side: 'right',
              at: { x, y: at, z: [half, inner.z[1]] },
              mate: { piece: this.key(`divider-along-${k + 1}`) },
            })),
          },
        ),
      ),
      ...xs.map((at, i) =>
        this.board(
          `divider-along-${i + 1}`,
          'divider',
          'divider along',
          { x: at, y, z: inner.z },
          WAYS.left,
          {
            ...plain,
            length: [one('clear depth', span(y))],
            sides: UPRIGHT,
            works: ys.map((crossed, k): WorkIn => ({
              key: `halved-${k + 1}`,
              kind: 'notch',
              side: 'left',
              at: { x: at, y: crossed, z: [inner.z[0], half] },
              mate: { piece: this.key(`divider-across-${k + 1}`) },
            })),
          },
        ),
      ),
    ];
  }

  /** What a front that is the box's own wants: grooves for its sides, and for its bottom. */
  intoFront(): WorkIn[] {
    const { outer, inner, deep, rim } = this;
    const back = outer.y[0];
    const sides = (['left', 'right'] as const).map((which): WorkIn => ({
      key: `joint-${which}`,
      kind: 'groove',
      side: 'back',
      at: {
        x: which === 'left' ? [outer.x[0], inner.x[0]] : [inner.x[1], outer.x[1]],
        y: [back - deep, back],
        z: rim,
      },
      mate: { piece: this.key(`side-${which}`) },
    }));
    const bottom = this.forBottom('back', (into) => ({
      x: [inner.x[0] - into, inner.x[1] + into],
      y: [back - into, back],
    }));
    return [...(deep > 0 ? sides : []), ...bottom];
  }

  /** The groove or rebate that its bottom stands in, in a board that reaches from x to x and y to y. */
  private forBottom(side: WorkIn['side'], place: (into: number) => Pick<Bounds, 'x' | 'y'>): WorkIn[] {
    const { bottom } = this.spec;
    if (bottom.kind !== 'groove' && bottom.kind !== 'let in') return [];
    const z: Range = [this.inner.z[0] - this.stock.thickness(bottom.material), this.inner.z[0]];
    return [
      {
        key: 'bottom',
        kind: bottom.kind === 'groove' ? 'groove' : 'rebate',
        side,
        at: { ...place(bottom.deep.mm), z },
        from: ['left'],
        mate: { piece: this.key('bottom') },
      },
    ];
  }

  /** How far across an end reaches, joints and all. */
  private get endWide(): Range {
    const { outer, inner, deep, spec } = this;
    return spec.joint.kind === 'lock' ? outer.x : [inner.x[0] - deep, inner.x[1] + deep];
  }

  /** A notch leaves up to two boards of the back: each goes by the side it is at. */
  private backId([from]: Range): string {
    return from === this.endWide[0] ? 'end-back' : 'end-back-right';
  }

  /** The board of the back that reaches a side; none where the notch is there. */
  private backAt(which: 'left' | 'right'): string | undefined {
    const end = which === 'left' ? 0 : 1;
    const found = this.across(this.endWide).find((run) => run[end] === this.endWide[end]);
    return found && this.backId(found);
  }

  /** Where along the depth an end stands in the sides. */
  private jointAt(end: 'front' | 'back'): Range {
    const { outer, t, lip } = this;
    return end === 'front' ? [outer.y[0] + lip, outer.y[0] + t] : [outer.y[1] - t, outer.y[1] - lip];
  }

  /** What a notch leaves of a run across. */
  private across([from, to]: Range): Range[] {
    const { cut } = this;
    if (!cut) return [[from, to]];
    const beside: readonly Range[] = [
      [from, Math.min(to, cut[0])],
      [Math.max(from, cut[1]), to],
    ];
    return beside.filter((run) => span(run) > 1e-9);
  }

  private jointNotes(): readonly string[] {
    return this.spec.joint.kind === 'butt' ? ['Butt joints: glue and screw or nail through the sides.'] : [];
  }

  private key(id: string): string {
    return `${this.whose.key}/${id}`;
  }

  private board(
    id: string,
    role: Role,
    words: string,
    at: Bounds,
    way: Way,
    made: Pick<Board, 'length' | 'width'> &
      Required<Pick<Board, 'sides'>> &
      Partial<Pick<Board, 'works' | 'notes' | 'material'>> & { readonly thick: number },
  ): Board {
    const { item, name, told } = this.whose;
    const { length, width, sides, thick, material = this.spec.material, works = [], notes = [] } = made;
    // Field by field: a bank makes hundreds of them an edit.
    return {
      key: this.key(id),
      item,
      role,
      name: `${name}, ${words}`,
      told,
      at,
      way,
      length,
      width,
      thick: [one('as the board', thick)],
      material,
      works,
      sides,
      notes,
    };
  }
}

/** So many thin ones spread evenly over a run. */
function spread([from, to]: Range, count: number, thin: number): Range[] {
  const free = (to - from - count * thin) / (count + 1);
  return Array.from({ length: count }, (_, i): Range => {
    const at = from + free * (i + 1) + i * thin;
    return [at, at + thin];
  });
}
