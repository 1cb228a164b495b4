import type { Issue } from '../../../item/issue';
import type { Range } from '../../../solid/bounds';
import { USUAL_RUNS } from '../runs/usual';
import { drawersOf } from './bank';
import type { Bank, DrawnFit, DrawnOut, Pull } from './schema';

/** Usual numbers to start from. Common practice, no single source; each is there to be changed. */
const mm = (value: number) => ({ mm: value });

export const USUAL_DRAWN_FIT: {
  readonly [Kind in DrawnFit['kind']]: Extract<DrawnFit, { kind: Kind }>;
} = {
  even: { kind: 'even', gap: mm(3) },
  overlay: { kind: 'overlay', sides: mm(16), top: mm(16), bottom: mm(16), between: mm(3) },
  inset: { kind: 'inset', sides: mm(2), top: mm(2), bottom: mm(2), between: mm(3), setback: mm(0) },
  none: { kind: 'none', setback: mm(30) },
};

/** A bank of a kind with so many drawers; those there are stay the same ones. */
export function bankOf(kind: Bank['kind'], count: number, known: Bank['drawers'] = []): Bank {
  const drawers = drawersOf(count, known);
  switch (kind) {
    case 'even':
      return { kind, drawers };
    case 'graduated':
      return { kind, drawers, step: mm(30) };
    case 'typed':
      return count === 1
        ? { kind: 'even', drawers }
        : { kind, drawers, fronts: drawers.slice(1).map(() => mm(100)) };
  }
}

export const USUAL_PULL: { readonly [Kind in 'bar' | 'knob']: Pull } = {
  bar: { kind: 'bar', projection: mm(35), width: mm(140), height: mm(12), holes: mm(128) },
  knob: { kind: 'knob', projection: mm(28), width: mm(30), height: mm(30), holes: mm(0) },
};

/** The same on slides, and on wooden runners that need no room of their own. */
export function onRuns<P extends Pick<DrawnOut, 'runs' | 'box'>>(part: P): P[] {
  const runs = USUAL_RUNS['wooden runners'];
  return [part, { ...part, runs: { ...runs, out: mm(150) } }];
}

/** The first that can be built; the first of all where none can, so that it is told why. */
export const firstBuildable = <P>(parts: readonly P[], refuse: (part: P) => readonly Issue[]): P =>
  parts.find((part) => refuse(part).length === 0) ?? parts[0]!;

const otherSide = (left: number, width: number, whole: number) => mm(whole - left - width);
const turned = <T extends { readonly left: { readonly mm: number } }>(
  one: T,
  whole: number,
  width = 0,
): T => ({ ...one, left: otherSide(one.left.mm, width, whole) });

/** As in a mirror: what is in it stands the other way round, and what is measured from the left is measured from the right. */
export function mirrored<P extends Pick<DrawnOut, 'box' | 'contents' | 'cable'>>(
  part: P,
  width: number,
  [left, right]: Range,
): P {
  const { box, contents, cable } = part;
  return {
    ...part,
    box: {
      ...box,
      aside: { left: box.aside.right, right: box.aside.left },
      notch: box.notch && turned(box.notch, width, box.notch.width.mm),
    },
    contents:
      contents.set === 'side by side' ? { ...contents, items: [...contents.items].reverse() } : contents,
    cable: cable && { ...cable, wall: turned(cable.wall, right - left), box: turned(cable.box, width) },
  };
}
