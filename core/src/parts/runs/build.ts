import type { Frame } from '../../carcass/frame';
import type { Convex } from '../../solid/convex';
import type { Bounds } from '../box/box';
import type { Slide } from './runs';
import type { Runs } from './schema';

/** What carries one box: halves that stay in the case, with what packs them out, and halves that move with the box. */
export interface RunBodies {
  readonly moving: readonly Convex[];
  readonly still: readonly { readonly part: string; readonly words: string; readonly pieces: readonly Convex[] }[];
} // prettier-ignore

/** Left between the halves of a slide as drawn, mm: they never touch. */
const BETWEEN = 0.25;
/** Packing thinner than this is a shim, and not drawn. */
const SHIM = 0.3;
/** A kicker strip is about so high, mm. CP. */
const KICKER = 20;

/**
 * Slides or runners of one box in its carcass's frame.
 *
 * @param laid  the slide with its length, where boxes begin, and how deep the bay is clear behind that
 * @param at    the box, shut, and what its slides are packed out by
 */
export function runBodies(
  runs: Runs,
  laid: { readonly slide: Slide | undefined; readonly length: number | undefined; readonly start: number; readonly room: number; readonly side: number },
  at: { readonly box: Bounds; readonly place: readonly [number, number]; readonly packing: { readonly left: number; readonly right: number } },
  frame: Frame,
): RunBodies {
  const { box, packing, place } = at;
  const { slide, length, start } = laid;
  /** From a side of the box outward, or inward where it is less than 0, on both sides. */
  const both = (out0: number, out1: number, y: readonly [number, number], z: readonly [number, number]): Convex[] => [
    frame.box([box.x[0] - out1, y[0], z[0]], [box.x[0] - out0, y[1], z[1]]),
    frame.box([box.x[1] + out0, y[0], z[0]], [box.x[1] + out1, y[1], z[1]]),
  ];
  const packed = (from: number, y: readonly [number, number], z: readonly [number, number]) => {
    const pieces = [
      ...(packing.left > SHIM ? [frame.box([box.x[0] - from - packing.left, y[0], z[0]], [box.x[0] - from, y[1], z[1]])] : []),
      ...(packing.right > SHIM ? [frame.box([box.x[1] + from, y[0], z[0]], [box.x[1] + from + packing.right, y[1], z[1]])] : []),
    ];
    return pieces.length > 0 ? [{ part: 'packing', words: 'the packing', pieces }] : [];
  };
  if (runs.kind === 'wooden runners') {
    const y = [start, start + laid.room] as const;
    const play = runs.play.mm;
    const wide = runs.wide.mm - play;
    const kicker = runs.kicker;
    return {
      moving: [],
      still: [
        { part: 'runs', words: 'a runner', pieces: both(-wide, play, y, [box.z[0] - runs.thick.mm, box.z[0]]) },
        ...(kicker
          ? [{ part: 'kicker', words: 'the kicker', pieces: both(-wide, play, y, [box.z[1] + kicker.gap.mm, Math.max(box.z[1] + kicker.gap.mm + 1, Math.min(place[1], box.z[1] + kicker.gap.mm + KICKER))]) }]
          : []),
        ...packed(play, y, [box.z[0] - runs.thick.mm, box.z[0]]),
      ],
    };
  }
  if (!slide || length === undefined) return { moving: [], still: [] };
  const y = [start, start + length] as const;
  if (slide.kind === 'under slide') {
    const outer = slide.inner / 2 - laid.side;
    const inner = laid.side + slide.rail;
    return {
      moving: both(-inner, -laid.side - BETWEEN, y, [box.z[0], box.z[0] + slide.recess - BETWEEN]),
      still: [{ part: 'runs', words: 'a slide', pieces: both(-inner, outer, y, [place[0] + BETWEEN, Math.max(place[0] + 1, box.z[0] - 1)]) }],
    };
  }
  const up = runs.kind === 'side slides' ? runs.up.mm : 0;
  const z = [box.z[0] + up, box.z[0] + up + slide.high] as const;
  const half = slide.side / 2;
  return {
    moving: both(0, half - BETWEEN, y, z),
    still: [
      { part: 'runs', words: 'a slide', pieces: both(half + BETWEEN, slide.side, y, z) },
      ...packed(slide.side, y, z),
    ],
  };
} // prettier-ignore
