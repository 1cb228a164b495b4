import type { Frame } from '../../carcass/frame';
import type { Body } from '../../scene/scene';
import { sumOf, type SumLine } from '../../sizing/sum';
import type { Stock } from '../../material/stock';
import { lengthMark } from '../../length/lengthMark';
import type { Point3 } from '../../solid/prism';
import type { SizedPiece } from '../family';
import type { BoxSpec } from './schema';

/** An upright box in its carcass's frame, mm. */
export interface Bounds {
  readonly x: readonly [number, number];
  readonly y: readonly [number, number];
  readonly z: readonly [number, number];
}

/** A board of a box, with what it weighs. */
export interface Board {
  readonly what: 'side' | 'end' | 'bottom' | 'divider' | 'rail';
  readonly bounds: Bounds;
  readonly material: string;
}

export const least = ({ x, y, z }: Bounds): Point3 => [x[0], y[0], z[0]];
export const greatest = ({ x, y, z }: Bounds): Point3 => [x[1], y[1], z[1]];
export const span = ([from, to]: readonly [number, number]): number => to - from;

/** What a body takes up in the frame of a carcass, mm; undefined of what has no end. */
export function boundsIn(frame: Frame, { pieces }: Body): Bounds | undefined {
  const origin = frame.toSpace([0, 0, 0]);
  const axes = ([[1, 0, 0], [0, 1, 0], [0, 0, 1]] as const).map(frame.turn); // prettier-ignore
  const range = () => [Infinity, -Infinity] as [number, number];
  const found = [range(), range(), range()] as const;
  for (const piece of pieces) {
    if (piece.kind !== 'convex') return undefined;
    for (let i = 0; i < piece.corners.length; i += 3)
      axes.forEach((axis, k) => {
        const at = axis.reduce((sum, one, j) => sum + one * (piece.corners[i + j]! - origin[j]!), 0);
        found[k]![0] = Math.min(found[k]![0], at);
        found[k]![1] = Math.max(found[k]![1], at);
      });
  }
  return { x: found[0], y: found[1], z: found[2] };
}

/** kg of a board. */
export const massOfBoard = ({ bounds: { x, y, z }, material }: Board, stock: Stock): number =>
  (span(x) * span(y) * span(z) * stock.material(material).density) / 1e9;

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

/**
 * The boards a box stands in the scene as: sides, ends, bottom, dividers, with what is cut out for pipes left out.
 *
 * @param own  the front of the drawer is the front end of the box
 */
export function boardsOf(spec: BoxSpec, outer: Bounds, own: boolean, stock: Stock): Board[] {
  const { material, bottom, dividers, notch } = spec;
  const t = stock.thickness(material);
  const inner = withinBox(spec, outer, own, stock);
  const { x, y, z } = outer;
  const rim: readonly [number, number] = [
    bottom.kind === 'under' ? z[0] + stock.thickness(bottom.material) : z[0],
    z[1],
  ];
  const board = (
    what: Board['what'],
    from: string,
    bx: Bounds['x'],
    by: Bounds['y'],
    bz: Bounds['z'],
  ): Board => ({
    what,
    material: from,
    bounds: { x: bx, y: by, z: bz },
  });
  const cut: Bounds['x'] | undefined = notch
    ? [x[0] + notch.left.mm, x[0] + notch.left.mm + notch.width.mm]
    : undefined;
  const behind = notch ? y[1] - notch.depth.mm : y[1];
  /** What a notch leaves of a run across. */
  const across = (from: number, to: number): [number, number][] =>
    cut
      ? (
          [
            [from, Math.min(to, cut[0])],
            [Math.max(from, cut[1]), to],
          ] as [number, number][]
        ).filter(([a, b]) => b - a > 1e-9)
      : [[from, to]];
  const found: Board[] = [
    board('side', material, [x[0], inner.x[0]], y, rim),
    board('side', material, [inner.x[1], x[1]], y, rim),
    ...(own ? [] : [board('end', material, inner.x, [y[0], y[0] + t], rim)]),
    ...across(...inner.x).map((bx) => board('end', material, bx, [y[1] - t, y[1]], rim)),
    // The notch is lined with boards of its own.
    ...(cut
      ? [
          board('end', material, [Math.max(inner.x[0], cut[0] - t), Math.min(inner.x[1], cut[1] + t)], [behind - t, behind], rim),
          ...(cut[0] > inner.x[0] ? [board('side', material, [cut[0] - t, cut[0]], [behind, y[1] - t], rim)] : []),
          ...(cut[1] < inner.x[1] ? [board('side', material, [cut[1], cut[1] + t], [behind, y[1] - t], rim)] : []),
        ]
      : []), // prettier-ignore
  ];
  if (bottom.kind === 'none') {
    found.push(
      ...[inner.y[0], inner.y[1] - t].map((from) =>
        board('rail', material, inner.x, [from, from + t], [z[0], Math.min(z[1], z[0] + bottom.rail.mm)]),
      ),
    );
  } else {
    const thick = stock.thickness(bottom.material);
    const bz: Bounds['z'] = [inner.z[0] - thick, inner.z[0]];
    const bx = bottom.kind === 'under' ? x : inner.x;
    const by = bottom.kind === 'under' ? y : inner.y;
    found.push(board('bottom', bottom.material, bx, [by[0], Math.min(by[1], behind)], bz));
    if (cut)
      found.push(
        ...across(...bx).map((piece) => board('bottom', bottom.material, piece, [behind, by[1]], bz)),
      );
  }
  const thin = dividers.across + dividers.along > 0 ? stock.thickness(dividers.material) : 0;
  const spread = ([from, to]: readonly [number, number], count: number): [number, number][] => {
    const free = (to - from - count * thin) / (count + 1);
    return Array.from({ length: count }, (_, i) => {
      const at = from + free * (i + 1) + i * thin;
      return [at, at + thin];
    });
  };
  found.push(
    ...spread([inner.y[0], Math.min(inner.y[1], behind)], dividers.across).map((by) =>
      board('divider', dividers.material, inner.x, by, inner.z),
    ),
    ...spread(inner.x, dividers.along).map((bx) =>
      board('divider', dividers.material, bx, [inner.y[0], Math.min(inner.y[1], behind)], inner.z),
    ),
  );
  return found;
}

/** How deep the ends go into the sides, or the sides into a front that is the box's own. */
const jointDeep = ({ joint }: BoxSpec): number => (joint.kind === 'butt' ? 0 : joint.deep.mm);

const size = (name: string, lines: readonly SumLine[]) =>
  sumOf(
    name,
    lines.filter(({ mm }, i) => i === 0 || Math.abs(mm) > 1e-9),
  );
const one = (words: string, mm: number): SumLine => ({ words, mm });
const times = (words: string, n: number, mm: number): SumLine => ({ words, mm: n * mm, times: [Math.abs(n), Math.abs(mm)] }); // prettier-ignore

/**
 * The pieces of a box as they are cut: what the joints and the bottom take and add.
 *
 * @param width  how the box's outer width came about, line by line
 * @param name   how its pieces are called in a list: "Tool drawer 1"
 * @source DER
 */
export function boxPieces(
  spec: BoxSpec,
  outer: Bounds,
  own: boolean,
  stock: Stock,
  width: readonly SumLine[],
  name: string,
): SizedPiece[] {
  const { joint, bottom, material, dividers, notch } = spec;
  const t = stock.thickness(material);
  const inner = withinBox(spec, outer, own, stock);
  const deep = jointDeep(spec);
  const [w, d, h] = [span(outer.x), span(outer.y), span(outer.z)];
  const ends = own ? 1 : 2;
  const lip = joint.kind === 'lock' ? joint.lip.mm : 0;
  const low = bottom.kind === 'under' ? stock.thickness(bottom.material) : 0;
  const high = size('height', [one('box height', h), one('bottom under it', -low)]);
  const joined = {
    butt: 'Butt joints: glue and screw or nail through the sides.',
    rebate: `Ends in rebates ${lengthMark(deep)} deep.`,
    housed: `Ends in grooves across the sides, ${lengthMark(deep)} deep.`,
    lock: `Lock joints: a lip of ${lengthMark(lip)} over each side’s end, a tongue ${lengthMark(deep)} deep behind it.`,
  }[joint.kind];
  const grooved =
    bottom.kind === 'groove'
      ? `Groove for the bottom ${lengthMark(bottom.deep.mm)} deep, ${lengthMark(bottom.up.mm)} up.`
      : bottom.kind === 'let in'
        ? `Rebate for the bottom ${lengthMark(bottom.deep.mm)} wide round the lower edges.`
        : '';
  const notes = [joined, grooved].filter((note) => note !== '');
  const insideAcross = [one('box width', w), times('sides', -2, t)];
  const insideDeep = [one('box depth', d), times(ends === 2 ? 'ends' : 'back', -ends, t)];
  const pieces: SizedPiece[] = [
    {
      name: `${name}, side`,
      count: 2,
      width: high,
      height: size('length', [
        one('box depth', d),
        ...(lip > 0 ? [times('lips', -ends, lip)] : []),
        ...(own && deep > 0 ? [one('into the front', deep)] : []),
      ]),
      thickness: t,
      material,
      notes,
    },
    {
      name: own ? `${name}, back` : `${name}, end`,
      count: ends,
      width: high,
      height: size(
        'length',
        joint.kind === 'lock'
          ? [one('box width', w)]
          : [...width, times('sides', -2, t), ...(deep > 0 ? [times('into the sides', 2, deep)] : [])],
      ),
      thickness: t,
      material,
      notes: [
        joined,
        ...(notch
          ? [
              `Leave out ${lengthMark(notch.width.mm)}, ${lengthMark(notch.left.mm)} from the left, in the back.`,
            ]
          : []),
      ],
    },
  ];
  if (bottom.kind === 'none')
    pieces.push({
      name: `${name}, rail`,
      count: 2,
      width: size('width', [one('as chosen', bottom.rail.mm)]),
      height: size('length', insideAcross),
      thickness: t,
      material,
      notes: ['At foot between the sides, at front and back: it keeps the box square without a bottom.'],
    });
  else {
    const into = bottom.kind === 'under' ? 0 : bottom.deep.mm;
    const whole = bottom.kind === 'under';
    pieces.push({
      name: `${name}, bottom`,
      count: 1,
      width: size('width', whole ? [one('box width', w)] : [...insideAcross, times('into its edges', 2, into)]),
      height: size('depth', whole ? [one('box depth', d)] : [...insideDeep, times('into its edges', 2, into)]),
      thickness: stock.thickness(bottom.material),
      material: bottom.material,
      notes: notch
        ? [
            `Cut out ${lengthMark(notch.width.mm)} by ${lengthMark(notch.depth.mm)} at its back, ${lengthMark(notch.left.mm)} from the box’s left side.`,
          ]
        : [],
    }); // prettier-ignore
  }
  const divider = (words: string, count: number, lines: readonly SumLine[]): SizedPiece[] =>
    count === 0
      ? []
      : [
          {
            name: `${name}, divider ${words}`,
            count,
            width: size('height', [one('clear height', span(inner.z))]),
            height: size('length', lines),
            thickness: stock.thickness(dividers.material),
            material: dividers.material,
            notes: dividers.across > 0 && dividers.along > 0 ? ['Halved over one another.'] : [],
          },
        ];
  return [
    ...pieces,
    ...divider('across', dividers.across, insideAcross),
    ...divider('along', dividers.along, insideDeep),
  ];
}
