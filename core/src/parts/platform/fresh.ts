import type { PartPlace } from '../contract/family';
import type { Bears, Platform } from './schema';

/** Usual numbers to start from. Common practice, no single source; each is there to be changed. */
const mm = (value: number) => ({ mm: value });

const IN = 20;
/** Bearers of a frame: so deep, so far apart at most, and its bolts so far from their ends, mm. */
const BEARER = { deep: 80, apart: 350, bolt: 100 } as const;
/** From leg to leg, at most, mm. */
const LEGS_APART = 480;

export function usualBears(kind: Bears['kind'], material: string, across: number): Bears {
  switch (kind) {
    case 'legs': {
      const count = Math.max(2, Math.min(6, 1 + Math.ceil((across - 2 * IN) / LEGS_APART)));
      return { kind, material, count, wide: mm(45), in: mm(IN) };
    }
    case 'ledgers':
      return { kind, material, bears: mm(40) };
    case 'frame':
      return {
        kind,
        material,
        bears: mm(40),
        deep: mm(BEARER.deep),
        apart: mm(BEARER.apart),
        sections: 2,
        bolts: { count: 2, in: mm(BEARER.bolt) },
      };
  }
}

/** Three leaves: wide enough for their legs to fold under them. */
export function freshPlatform(
  id: string,
  name: string,
  { carcass, floor }: Pick<PartPlace, 'carcass' | 'floor'>,
): Platform {
  const wide = mm(
    Math.min(1500, Math.max(carcass.depth.mm, carcass.z.mm - floor.high + carcass.height.mm + 2 * IN)),
  );
  return {
    id,
    family: 'platform',
    name,
    mount: { on: 'top', carcass: carcass.id },
    material: carcass.sheet,
    leaves: [mm(Math.min(1500, carcass.depth.mm)), wide, wide],
    over: { left: mm(0), right: mm(0), front: mm(0) },
    mat: { thick: mm(0), kg: 0 },
    gap: mm(6),
    hinge: { hardware: 'continuous-32' },
    bears: usualBears('legs', carcass.sheet, carcass.width.mm),
    within: mm(0),
    seat: false,
    travels: false,
    schools: {},
  };
}

/** Over an aisle: its leaves all as wide as the first, on what lies along both sides. */
const overAisle =
  (kind: Exclude<Bears['kind'], 'legs'>) =>
  (platform: Platform): Platform => ({
    ...platform,
    leaves: platform.leaves.map(() => platform.leaves[0]!),
    bears: usualBears(kind, platform.material, 0),
  });
export const onLedgers = overAisle('ledgers');
export const onFrame = overAisle('frame');

export const mirrorPlatform = (platform: Platform): Platform => ({
  ...platform,
  over: { ...platform.over, left: platform.over.right, right: platform.over.left },
});
