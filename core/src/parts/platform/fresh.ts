import type { PartPlace } from '../contract/family';
import type { Bears, Platform } from './schema';

/** Usual numbers to start from. Common practice, no single source; each is there to be changed. */
const mm = (value: number) => ({ mm: value });

const IN = 20;
/** From leg to leg, at most, mm. */
const LEGS_APART = 480;

export const usualBears = (kind: Bears['kind'], material: string, across: number): Bears =>
  kind === 'legs'
    ? {
        kind,
        material,
        count: Math.max(2, Math.min(6, 1 + Math.ceil((across - 2 * IN) / LEGS_APART))),
        wide: mm(45),
        in: mm(IN),
      }
    : { kind, material, bears: mm(40) };

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

/** Over an aisle: on ledgers along both sides. */
export const onLedgers = (platform: Platform): Platform => ({
  ...platform,
  leaves: platform.leaves.map(() => platform.leaves[0]!),
  bears: usualBears('ledgers', platform.material, 0),
});

export const mirrorPlatform = (platform: Platform): Platform => ({
  ...platform,
  over: { ...platform.over, left: platform.over.right, right: platform.over.left },
});
