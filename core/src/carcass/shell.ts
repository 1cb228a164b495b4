import type { Issue } from '../item/issue';
import { lengthMark } from '../length/lengthMark';
import type { Stock } from '../material/stock';
import { sumOf, type Sum, type SumLine } from '../sizing/sum';
import { added, leftmost, plumbLine, rightmost, type FaceLine } from './line';
import type { Carcass } from './schema';

/** The outer panels of a carcass as numbers, mm in its frame: what encloses its inside, and how that came about. */
export interface Shell {
  readonly width: number;
  readonly height: number;
  readonly sheet: number;
  /** Thickness of what stands at either side, beneath and above; 0 where nothing does. */
  readonly side: number;
  readonly bottomThick: number;
  readonly topThick: number;
  /** Where the box begins above what it stands on. */
  readonly foot: number;
  /** The faces that look in. */
  readonly left: FaceLine;
  readonly right: FaceLine;
  readonly bottom: number;
  readonly top: number;
  readonly front: number;
  readonly back: number;
  readonly insideWidth: Sum;
  readonly insideHeight: Sum;
}

/** What a carcass stands on, as a line of a sum names it. */
export const STANDS: Readonly<Record<Carcass['stands']['on'], string>> = {
  'the floor': 'the floor',
  'a plinth': 'plinth',
  legs: 'legs',
  'the wall': 'the wall',
  'the ceiling': 'the ceiling',
};

/** A table frame's rails and a cradle's are this high. Common practice, no single source. */
export const RAIL = 90;

/** How thick what encloses it is, side by side. */
function thicknesses({ kind, top, stands }: Carcass, sheet: number) {
  if (kind === 'table frame') {
    const leg = stands.on === 'legs' ? stands.thick.mm : sheet;
    return { side: leg, bottomThick: 0, topThick: RAIL };
  }
  return { side: sheet, bottomThick: sheet, topThick: top === 'none' ? 0 : sheet };
}

/** What a carcass stands on is part of its height, but for a table frame, whose legs are its sides. */
const footOf = ({ kind, stands }: Carcass): number =>
  kind !== 'table frame' && 'height' in stands ? stands.height.mm : 0;

export function shellOf(carcass: Carcass, stock: Stock): Shell {
  const { carries, frame, back, sides } = carcass;
  const [width, height, depth] = [carcass.width.mm, carcass.height.mm, carcass.depth.mm];
  const sheet = stock.thickness(carcass.sheet);
  const lining = carries.inside.mm;
  const foot = footOf(carcass);
  const { side, bottomThick, topThick } = thicknesses(carcass, sheet);
  const face = (which: 'left' | 'right'): FaceLine => {
    const plumb = plumbLine(which === 'left' ? side + lining : width - side - lining, foot, height);
    const lean = sides[which];
    if (!lean) return plumb;
    const off: FaceLine = [
      [foot, 0],
      [(foot + height) / 2, lean.middle.mm],
      [height, lean.head.mm],
    ];
    return added(plumb, off, which === 'left' ? 1 : -1);
  };
  const lined = (thick: number) => (thick > 0 ? thick + lining : 0);
  return {
    width,
    height,
    sheet,
    side,
    bottomThick,
    topThick,
    foot,
    left: face('left'),
    right: face('right'),
    bottom: foot + lined(bottomThick),
    top: height - lined(topThick),
    front: frame ? stock.thickness(frame.material) : 0,
    back: depth - (back ? stock.thickness(back.material) + lining : 0),
    insideWidth: sumOf('inside width', [
      { words: 'carcass width', mm: width },
      twice(carcass.kind === 'table frame' ? 'two legs' : 'two sides', side),
      ...(lining > 0 ? [twice('lining', lining)] : []),
    ]),
    insideHeight: sumOf('inside height', [
      { words: 'carcass height', mm: height },
      ...less(STANDS[carcass.stands.on], foot),
      ...(bottomThick === topThick
        ? [twice('top and bottom', topThick)]
        : [
            ...less('bottom', bottomThick),
            ...less(carcass.kind === 'table frame' ? 'rail' : 'top', topThick),
          ]),
      ...(lining > 0 ? [ofLining(lining, [bottomThick, topThick])] : []),
    ]),
  };
}

const twice = (words: string, mm: number): SumLine => ({ words, mm: -2 * mm, times: [2, mm] });
const less = (words: string, mm: number): SumLine[] => (mm > 0 ? [{ words, mm: -mm }] : []);
function ofLining(mm: number, panels: readonly number[]): SumLine {
  const count = panels.filter((thick) => thick > 0).length;
  return { words: 'lining', mm: -count * mm, ...(count > 1 && { times: [count, mm] as const }) };
}

/** What of a carcass's outer numbers leaves nothing inside, each with the number that would do. Paths start at the carcass. */
export function shellIssues({ frame, depth }: Carcass, shell: Shell): Issue[] {
  const { width, height, foot, left, right, bottom, top, front, back } = shell;
  const issues: Issue[] = [];
  const refuse = (path: Issue['path'], message: string) => issues.push({ path, message });
  const across = leftmost(right) - rightmost(left);
  if (across < LEAST)
    refuse(
      ['width'],
      `No opening is left between the sides. ${atLeast(width + LEAST - across)} wide will do.`,
    );
  if (top - bottom < LEAST)
    refuse(
      ['height'],
      `No opening is left between top and bottom. ${atLeast(height + LEAST - (top - bottom))} high will do.`,
    );
  if (back - front < LEAST)
    refuse(
      ['depth'],
      `Frame and back leave no room inside. ${atLeast(depth.mm + LEAST - (back - front))} deep will do.`,
    );
  if (frame && frame.left.mm + frame.right.mm > width - LEAST)
    refuse(
      ['frame', 'left'],
      `The stiles leave no opening. Together at most ${lengthMark(width - LEAST, 'most')} will do.`,
    );
  if (frame && frame.top.mm + frame.bottom.mm > height - foot - LEAST)
    refuse(
      ['frame', 'top'],
      `The rails leave no opening. Together at most ${lengthMark(height - foot - LEAST, 'most')} will do.`,
    );
  return issues;
}

/** An opening narrower than this is none, mm. */
export const LEAST = 10;
const atLeast = (mm: number) => `At least ${lengthMark(mm, 'least')}`;
