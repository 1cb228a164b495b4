import type { FoldDown, Props } from './schema';

/** Usual numbers to start from. Common practice, no single source; each is there to be changed. */
const mm = (value: number) => ({ mm: value });

export const usualProps = (kind: Props['kind'], material: string): Props =>
  kind === 'brackets'
    ? { kind, material, count: 2, out: mm(260), high: mm(300) }
    : kind === 'legs'
      ? { kind, material, count: 2, wide: mm(60), in: mm(30) }
      : { kind, material, count: 2, wide: mm(60), out: mm(300), down: mm(60) };

/** Its upper face above the floor, and how deep, by what it is. */
export const USUAL_USE: Readonly<
  Record<FoldDown['use'], { readonly up: number; readonly deep: number; readonly wide: number }>
> = {
  table: { up: 735, deep: 450, wide: 800 },
  seat: { up: 440, deep: 380, wide: 450 },
  step: { up: 215, deep: 175, wide: 300 },
};

export const freshFoldDown = (
  id: string,
  name: string,
  mount: FoldDown['mount'],
  material: string,
): FoldDown => ({
  id,
  family: 'fold-down',
  name,
  mount: { ...mount, up: mm(USUAL_USE.table.up) },
  use: 'table',
  material,
  wide: mm(USUAL_USE.table.wide),
  deep: mm(USUAL_USE.table.deep),
  strip: mm(60),
  cleat: { material, high: mm(70) },
  hinge: { hardware: 'continuous-32' },
  props: usualProps('brackets', material),
  fixing: { hardware: 'stud-screw', count: 4 },
  load: null,
  schools: {},
});

/** A seat on stouter fixings, and a step on its brackets beneath. */
export const usedAs =
  (use: 'seat' | 'step') =>
  (leaf: FoldDown): FoldDown => {
    const { up, deep, wide } = USUAL_USE[use];
    return {
      ...leaf,
      use,
      mount: { ...leaf.mount, up: mm(up) },
      deep: mm(deep),
      wide: mm(wide),
      props: {
        kind: 'brackets',
        material: leaf.material,
        count: 1,
        out: mm(use === 'seat' ? 320 : 200),
        high: mm(use === 'seat' ? 300 : 120),
      },
      fixing: { hardware: 'stud-screw-8', count: use === 'seat' ? 4 : 6 },
    };
  };

export const mirrorFoldDown = (leaf: FoldDown): FoldDown => leaf;
