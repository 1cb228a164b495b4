import { frameOf, type Frame } from '../../item/frame';
import { knotsOfTable, table } from '../../motion/drive';
import { chain, type Motion, type Stage } from '../../motion/motion';
import type { Bounds, Range } from '../../solid/bounds';
import type { Point3 } from '../../solid/prism';
import type { GroundPlace } from '../contract/family';
import type { FoldDown, Props } from './schema';

/** A prop as it lies folded, in the frame of its place on the wall, mm, and how it goes. */
export interface FoldProp {
  readonly at: Bounds;
  readonly motion: Motion;
}

export interface LaidFoldDown {
  readonly leaf: FoldDown;
  readonly place: GroundPlace;
  readonly frame: Frame;
  readonly thick: number;
  /** How thick the boards of its cleat and of what props it are. */
  readonly cleatThick: number;
  readonly propThick: number;
  readonly strip: Bounds;
  readonly cleat: Bounds;
  /** The leaf as it hangs. */
  readonly board: Bounds;
  readonly motion: Motion;
  readonly props: readonly FoldProp[];
  /** How long a leg or a strut is, as it is cut; 0 of brackets. */
  readonly propLong: number;
  readonly to: number;
}

/** The leaf is raised by a quarter turn, then what props it is swung out, by as much of the travel. */
const RAISED = Math.PI / 2;
const TO = Math.PI;

export function layFoldDown(leaf: FoldDown, place: GroundPlace): LaidFoldDown {
  const { stock } = place;
  const frame = frameOf(place.at);
  const thick = stock.thickness(leaf.material);
  const cleatThick = stock.thickness(leaf.cleat.material);
  const propThick = stock.thickness(leaf.props.material);
  const x: Range = [0, leaf.wide.mm];
  const out = leaf.strip.mm;
  const axis: Point3 = [0, -out, -thick];
  const raise: Stage = {
    joint: { kind: 'turn', point: frame.toSpace(axis), axis: frame.turn([-1, 0, 0]) },
    drive: table([[0, 0], [RAISED, RAISED], [TO, RAISED]]),
  };
  const laid = {
    leaf,
    place,
    frame,
    thick,
    cleatThick,
    propThick,
    strip: { x, y: [-out, 0], z: [-thick, 0] } satisfies Bounds,
    cleat: { x, y: [-cleatThick, 0], z: [-thick - leaf.cleat.high.mm, -thick] } satisfies Bounds,
    board: { x, y: [-out - thick, -out], z: [-thick - leaf.deep.mm, -thick] } satisfies Bounds,
    motion: chain([raise], [RAISED]),
    to: TO,
  };
  return { ...laid, ...propsOf(laid, raise) };
} // prettier-ignore

type Begun = Omit<LaidFoldDown, 'props' | 'propLong'>;

/** How far a prop turns, once the leaf is up. */
const swungBy = (by: number) => {
  const points = [[0, 0], [RAISED, 0], [TO, by]] as const;
  return { drive: table(points), knots: knotsOfTable(points) };
}; // prettier-ignore

function propsOf(laid: Begun, raise: Stage): Pick<LaidFoldDown, 'props' | 'propLong'> {
  const { leaf, frame, cleatThick, propThick, thick } = laid;
  const { props } = leaf;
  if (props.kind === 'brackets') {
    const { drive, knots } = swungBy(Math.PI / 2);
    const each = leaf.wide.mm / props.count;
    return {
      propLong: 0,
      props: Array.from({ length: props.count }, (_, i): FoldProp => {
        // Hinged so far in from its share's end that once it is out it stands under that.
        const from = i * each + each / 4;
        const joint = {
          kind: 'turn',
          point: frame.toSpace([from, -cleatThick, 0]),
          axis: frame.turn([0, 0, -1]),
        } as const;
        return {
          at: {
            x: [from, from + props.out.mm],
            y: [-cleatThick - propThick, -cleatThick],
            z: [-thick - props.high.mm, -thick],
          },
          motion: chain([{ joint, drive }], knots),
        };
      }),
    };
  }
  return props.kind === 'legs' ? legsOf(laid, props, raise) : strutsOf(laid, props);
}

/** Beside each other along the wall, the outermost near the sides. */
function places({ leaf }: Begun, count: number, wide: number): readonly Range[] {
  const step = count > 1 ? (leaf.wide.mm - 2 * SIDE - wide) / (count - 1) : 0;
  const first = count > 1 ? SIDE : (leaf.wide.mm - wide) / 2;
  return Array.from({ length: count }, (_, i): Range => [first + i * step, first + i * step + wide]);
}

/** Along the leaf's far edge under it, the first from its left end and the second from its right, they turn out of it to stand on the floor. */
function legsOf(laid: Begun, { count, wide, in: inset }: Extract<Props, { kind: 'legs' }>, raise: Stage) {
  const { leaf, frame, board, propThick, thick, place } = laid;
  const long = place.at.z.mm - place.floor.high - thick;
  const { drive, knots } = swungBy(Math.PI / 2);
  return {
    propLong: long,
    props: Array.from({ length: count }, (_, i): FoldProp => {
      const hinge = i === 0 ? SIDE : leaf.wide.mm - SIDE;
      const from = board.z[0] + inset.mm + i * (wide.mm + APART);
      const joint = {
        kind: 'turn',
        point: frame.toSpace([hinge, board.y[1], 0]),
        axis: frame.turn([0, 0, i === 0 ? 1 : -1]),
      } as const;
      return {
        at: {
          x: i === 0 ? [hinge, hinge + long] : [hinge - long, hinge],
          y: [board.y[1], board.y[1] + propThick],
          z: [from, from + wide.mm],
        },
        motion: chain([raise, { joint, drive }], [...new Set([RAISED, ...knots])]),
      };
    }),
  };
}

/** Against the wall, hinged on the cleat, they hang down and are swung up under the leaf. */
function strutsOf(laid: Begun, { count, wide, out, down }: Extract<Props, { kind: 'struts' }>) {
  const { leaf, frame, cleatThick, propThick, thick } = laid;
  const reach = leaf.strip.mm + out.mm - cleatThick;
  const long = Math.hypot(reach, down.mm);
  const foot = -thick - down.mm;
  const { drive, knots } = swungBy(Math.PI / 2 + Math.atan2(down.mm, reach));
  const joint = {
    kind: 'turn',
    point: frame.toSpace([0, -cleatThick, foot]),
    axis: frame.turn([-1, 0, 0]),
  } as const;
  const motion = chain([{ joint, drive }], knots);
  return {
    propLong: long,
    props: places(laid, count, wide.mm).map((x): FoldProp => ({
      at: { x, y: [-cleatThick - propThick, -cleatThick], z: [foot - long, foot] },
      motion,
    })),
  };
}

/** The outermost legs and struts stand so far in from the sides, mm. */
export const SIDE = 40;
/** Two legs fold beside each other so far apart, mm. */
const APART = 5;
