import { called } from '../item/called';
import type { Body } from '../scene/scene';
import type { Sum } from '../sizing/sum';
import { frameOf } from './frame';
import type { Carcass } from './schema';

/** The clear front of a carcass in its own frame, mm. */
export interface Opening {
  readonly left: number;
  readonly right: number;
  readonly bottom: number;
  readonly top: number;
}

export function openingOf({ width, height, sheet }: Carcass): Opening {
  return { left: sheet.mm, right: width.mm - sheet.mm, bottom: sheet.mm, top: height.mm - sheet.mm };
}

/** The opening's width or height with its sum. */
export function openingSum(carcass: Carcass, across: 'width' | 'height'): Sum {
  const outer = carcass[across].mm;
  const sheet = carcass.sheet.mm;
  return {
    name: `opening ${across}`,
    lines: [
      { words: `carcass ${across}`, mm: outer },
      { words: across === 'width' ? 'two sides' : 'top and bottom', mm: -2 * sheet, times: [2, sheet] },
    ],
    mm: outer - 2 * sheet,
  };
}

/** A carcass's panels, each a body of its own, so that a finding can say which. Ids are `carcass-id/panel`. */
export function carcassBodies(carcass: Carcass): Body[] {
  const { width, height, depth, sheet } = carcass;
  const [w, h, d, s] = [width.mm, height.mm, depth.mm, sheet.mm];
  const frame = frameOf(carcass);
  const name = called(carcass.name);
  const panel = (
    part: string,
    words: string,
    least: readonly [number, number, number],
    most: readonly [number, number, number],
  ): Body => ({
    id: `${carcass.id}/${part}`,
    name: `${words} of the ${name}`,
    item: carcass.id,
    pieces: [frame.box(least, most)],
  });
  const panels = [
    panel('left', 'the left side', [0, 0, 0], [s, d, h]),
    panel('right', 'the right side', [w - s, 0, 0], [w, d, h]),
    panel('bottom', 'the bottom', [s, 0, 0], [w - s, d, s]),
    panel('top', 'the top', [s, 0, h - s], [w - s, d, h]),
  ];
  if (d > s) panels.push(panel('back', 'the back', [s, d - s, s], [w - s, d, h - s]));
  return panels;
}
