import { frameOf, type Frame } from '../../item/frame';
import { knotsOfTable, ratio, table } from '../../motion/drive';
import { chain, type Motion, type Stage } from '../../motion/motion';
import { span, type Bounds, type Range } from '../../solid/bounds';
import type { PartPlace } from '../contract/family';
import { layBearers, type LaidBearers } from './bearerFrame';
import type { Bears, Platform } from './schema';

/** Legs are swung out over the last of the way of their leaf, as a share of it. */
const LEGS_FROM = 0.85;

/** One leaf as it lies folded, in its carcass's frame, mm, and how it goes. */
export interface PlatformLeaf {
  /** 1 is the one on the carcass. */
  readonly nth: number;
  readonly key: string;
  readonly at: Bounds;
  readonly mat: Bounds | undefined;
  /** It lies with its top down while it is folded. */
  readonly turned: boolean;
  readonly wide: number;
  readonly motion: Motion;
  readonly legs: readonly Bounds[];
  readonly legMotion: Motion;
}

export interface LaidPlatform {
  readonly platform: Platform;
  readonly place: PartPlace;
  readonly frame: Frame;
  readonly thick: number;
  readonly leaves: readonly PlatformLeaf[];
  readonly ledgers: readonly Bounds[];
  /** What lies across on them, where it lies on a frame. */
  readonly bearers: LaidBearers | undefined;
  /** Room between leaf and leaf, folded, from the first joint on: faces with their mats, undersides with their legs. */
  readonly apart: readonly number[];
  /** From the carcass's top to the top of the stack, with the mat on it and what else lies uppermost. */
  readonly stack: number;
  /** Underside of the flat platform above the floor, and how far its far edge lies before the carcass. */
  readonly up: number;
  readonly out: number;
  readonly across: Range;
  readonly legLong: number;
  readonly legThick: number;
  readonly to: number;
}

export function layPlatform(platform: Platform, place: PartPlace): LaidPlatform {
  const { carcass, stock } = place;
  const { mat, gap, over, bears, leaves: wides } = platform;
  const frame = frameOf(carcass);
  const thick = stock.thickness(platform.material);
  const legThick = bears.kind === 'legs' ? stock.thickness(bears.material) : 0;
  const across: Range = [-over.left.mm, carcass.width.mm + over.right.mm];
  const [start, high] = [-over.front.mm, carcass.height.mm];
  const up = carcass.z.mm - place.floor.high + high;
  const edge = gap.mm / 2;
  // Tops meet at odd joints, undersides at even ones.
  const apart = wides.slice(1).map((_, i) => gap.mm + (i % 2 === 0 ? 2 * mat.thick.mm : legThick));

  const leaves: PlatformLeaf[] = [];
  const stages: Stage[] = [];
  let [front, foot] = [start, high];
  for (const [i, { mm: wide }] of wides.entries()) {
    const turned = i % 2 === 1;
    // A joint holds two edges at one end of the stack: by turns its front and its back.
    const y: Range =
      i === 0 || turned ? [front, front + wide] : [leaves[i - 1]!.at.y[1] - wide, leaves[i - 1]!.at.y[1]];
    const at: Bounds = { x: across, y, z: [foot, foot + thick] };
    if (i > 0) {
      const before = leaves[i - 1]!.at;
      const joint = {
        kind: 'turn',
        point: frame.toSpace([0, turned ? y[0] - edge : y[1] + edge, (before.z[1] + foot) / 2]),
        axis: frame.turn([1, 0, 0]),
      } as const;
      // As the stack is drawn out every other leaf stays level.
      stages.push({ joint, drive: ratio(i % 2 === 1 ? 1 : -1) });
    }
    leaves.push({
      nth: i + 1,
      key: `${platform.id}/leaf-${i + 1}`,
      at,
      mat: matOn(at, turned, mat.thick.mm),
      turned,
      wide,
      motion: chain([...stages]),
      ...(bears.kind === 'legs' && i > 0 && up > 0
        ? legsOf(bears, { frame, at, turned, long: up, thick: legThick, stages: [...stages] })
        : NO_LEGS),
    });
    front = y[0];
    foot += thick + (apart[i] ?? 0);
  }
  const last = leaves.at(-1)!;
  const out = wides.slice(1).reduce((sum, { mm }) => sum + mm + gap.mm, over.front.mm);
  const before: Range = [-out, start - gap.mm];
  const bearers =
    bears.kind === 'frame' && span(before) > 0
      ? layBearers(bears, stock.thickness(bears.material), across, before, high)
      : undefined;
  return {
    platform,
    place,
    frame,
    thick,
    leaves,
    ledgers: bearers?.ledgers ?? ledgersOf(platform, place, across, before),
    bearers,
    apart,
    stack: last.at.z[1] - high + (last.turned ? (last.legs.length > 0 ? legThick : 0) : mat.thick.mm),
    up,
    out,
    across,
    legLong: bears.kind === 'legs' ? up : 0,
    legThick,
    to: Math.PI,
  };
} // prettier-ignore

function matOn({ x, y, z }: Bounds, turned: boolean, thick: number): Bounds | undefined {
  if (thick === 0) return undefined;
  return { x, y, z: turned ? [z[0] - thick, z[0]] : [z[1], z[1] + thick] };
}

const NO_LEGS: Pick<PlatformLeaf, 'legs' | 'legMotion'> = { legs: [], legMotion: chain([]) };

/** A row of them under the far edge of every leaf but the first; on every other leaf a leg's width aside, so that they fold beside each other. */
function legsOf(
  { in: inset, wide, count }: Extract<Bears, { kind: 'legs' }>,
  of: {
    readonly frame: Frame;
    readonly at: Bounds;
    readonly turned: boolean;
    readonly long: number;
    readonly thick: number;
    readonly stages: readonly Stage[];
  },
): Pick<PlatformLeaf, 'legs' | 'legMotion'> {
  const { frame, at, turned, long, thick, stages } = of;
  // Turned over its far edge is at its back and its underside above it.
  const hinge = turned ? at.y[1] - inset.mm : at.y[0] + inset.mm;
  const y: Range = turned ? [hinge - long, hinge] : [hinge, hinge + long];
  const z: Range = turned ? [at.z[1], at.z[1] + thick] : [at.z[0] - thick, at.z[0]];
  const aside = wide.mm + BESIDE;
  const first = at.x[0] + inset.mm + (turned ? 0 : aside);
  const step = (span(at.x) - 2 * inset.mm - wide.mm - aside) / (count - 1);
  const legs = Array.from({ length: count }, (_, i): Bounds => {
    const begins = first + i * step;
    return { x: [begins, begins + wide.mm], y, z };
  });
  const points = [
    [0, 0],
    [LEGS_FROM * Math.PI, 0],
    [Math.PI, Math.PI / 2],
  ] as const;
  const joint = {
    kind: 'turn',
    point: frame.toSpace([0, hinge, turned ? at.z[1] : at.z[0]]),
    axis: frame.turn([-1, 0, 0]),
  } as const;
  return { legs, legMotion: chain([...stages, { joint, drive: table(points) }], knotsOfTable(points)) };
}

/** Between a leg and the one that folds beside it, mm. */
const BESIDE = 5;

/** Along both sides, from before the carcass to the far edge, under the leaves. */
function ledgersOf({ bears }: Platform, { carcass, stock }: PartPlace, x: Range, y: Range): Bounds[] {
  if (bears.kind !== 'ledgers' || span(y) <= 0) return [];
  const high = carcass.height.mm;
  const z: Range = [high - stock.thickness(bears.material), high];
  return [
    { x: [x[0], x[0] + bears.bears.mm], y, z },
    { x: [x[1] - bears.bears.mm, x[1]], y, z },
  ];
}
