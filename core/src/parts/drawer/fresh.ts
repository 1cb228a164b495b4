import type { PartPlace } from '../family';
import type { Bounds } from '../box/box';
import { usualBox } from '../box/usual';
import { USUAL_RUNS } from '../runs/usual';
import { layBank } from './laid';
import type { Drawer } from './schema';

/** Usual numbers to start from. CP, no single source; each is there to be changed. */
const mm = (value: number) => ({ mm: value });

export const USUAL_DRAWER_FIT: {
  readonly [Kind in Drawer['fit']['kind']]: Extract<Drawer['fit'], { kind: Kind }>;
} = {
  even: { kind: 'even', gap: mm(3) },
  overlay: { kind: 'overlay', sides: mm(16), top: mm(16), bottom: mm(16), between: mm(3) },
  inset: { kind: 'inset', sides: mm(2), top: mm(2), bottom: mm(2), between: mm(3), setback: mm(0) },
  none: { kind: 'none', setback: mm(30) },
};

export const USUAL_BANK: { readonly [Kind in Drawer['bank']['kind']]: (count: number) => Drawer['bank'] } = {
  even: (count) => ({ kind: 'even', count }),
  graduated: (count) => ({ kind: 'graduated', count, step: mm(30) }),
  typed: (count) => ({
    kind: 'typed',
    fronts: Array.from({ length: Math.max(1, count - 1) }, () => mm(100)),
  }),
};

export const USUAL_PULL: { readonly [Kind in 'bar' | 'knob']: NonNullable<Drawer['handle']> } = {
  bar: { kind: 'bar', projection: mm(35), width: mm(140), height: mm(12), holes: mm(128) },
  knob: { kind: 'knob', projection: mm(28), width: mm(30), height: mm(30), holes: mm(0) },
};

export const USUAL_OLD_BOX: NonNullable<Drawer['old']> = { width: mm(480), height: mm(140), depth: mm(420) };
export function freshDrawer(
  id: string,
  name: string,
  place: Pick<PartPlace, 'stock' | 'carcass'>,
  bay = 'all',
): Drawer {
  const { carcass, stock } = place;
  return {
    id,
    family: 'drawer',
    name,
    carcass: carcass.id,
    bay,
    bank: { kind: 'even', count: 3 },
    fit: USUAL_DRAWER_FIT.even,
    front: {
      made: 'applied',
      material: stock.has('ply-18') ? 'ply-18' : carcass.sheet,
      banding: mm(0),
      screw: mm(25),
    },
    handle: USUAL_PULL.bar,
    box: usualBox(place),
    old: null,
    runs: USUAL_RUNS['side slides'],
    closing: 'plain',
    twoSided: false,
    contents: { set: 'side by side', items: [], load: 5 },
    cable: null,
  };
}

/** The same on slides, and on wooden runners that need no room of their own. */
export function onRuns<P extends Pick<Drawer, 'runs' | 'box'>>(part: P): P[] {
  const runs = USUAL_RUNS['wooden runners'];
  return [part, { ...part, runs: { ...runs, out: mm(150) } }];
}

/** The first that can be built; the first of all where none can, so that it is told why. */
export const firstBuildable = <P>(parts: readonly P[], refuse: (part: P) => readonly unknown[]): P =>
  parts.find((part) => refuse(part).length === 0) ?? parts[0]!;

const otherSide = (left: number, width: number, whole: number) => mm(whole - left - width);
const turned = <T extends { readonly left: { readonly mm: number } }>(
  one: T,
  whole: number,
  width = 0,
): T => ({ ...one, left: otherSide(one.left.mm, width, whole) });

/** As in a mirror: what is in it stands the other way round, and what is measured from the left is measured from the right. */
export function mirrorDrawer(drawer: Drawer, place: PartPlace): Drawer {
  const { width, opening } = layBank(drawer, place);
  return mirrored(drawer, width, [opening.inside.left, opening.inside.right]);
}

/** The same for all that has a box, contents and a cable. */
export function mirrored<P extends Pick<Drawer, 'box' | 'contents' | 'cable'>>(part: P, width: number, [left, right]: Bounds['x']): P {
  const { box, contents, cable } = part;
  return {
    ...part,
    box: {
      ...box,
      aside: { left: box.aside.right, right: box.aside.left },
      notch: box.notch && turned(box.notch, width, box.notch.width.mm),
    },
    contents: contents.set === 'side by side' ? { ...contents, items: [...contents.items].reverse() } : contents,
    cable: cable && { ...cable, wall: turned(cable.wall, right - left), box: turned(cable.box, width) },
  };
} // prettier-ignore
