import { materialInPlan } from '../../../material/inPlan';
import type { Material } from '../../../material/schema';
import type { PartPlace } from '../../contract/family';
import type { BoxSpec } from './schema';

/** Usual numbers to start from. Common practice, no single source; each is there to be changed. */
const mm = (value: number) => ({ mm: value });

export const USUAL_JOINT: {
  readonly [Kind in BoxSpec['joint']['kind']]: Extract<BoxSpec['joint'], { kind: Kind }>;
} = {
  butt: { kind: 'butt' },
  rebate: { kind: 'rebate', deep: mm(6) },
  housed: { kind: 'housed', deep: mm(6) },
  lock: { kind: 'lock', deep: mm(6), lip: mm(6) },
};

export const USUAL_BOTTOM: {
  readonly [Kind in BoxSpec['bottom']['kind']]: Extract<BoxSpec['bottom'], { kind: Kind }>;
} = {
  groove: { kind: 'groove', material: 'ply-6', deep: mm(6), up: mm(13), muntins: 0 },
  'let in': { kind: 'let in', material: 'ply-6', deep: mm(6) },
  under: { kind: 'under', material: 'ply-6' },
  none: { kind: 'none', rail: mm(60) },
};

/** A bottom of another kind, of what the bottom was of. */
export function bottomOf(
  kind: BoxSpec['bottom']['kind'],
  { bottom: was, material }: Pick<BoxSpec, 'bottom' | 'material'>,
  materials: readonly Material[],
): BoxSpec['bottom'] {
  const bottom = USUAL_BOTTOM[kind];
  if (bottom.kind === 'none') return bottom;
  // Where the plan has none of the usual sheet, and no other, of what the sides are of.
  const usual = materialInPlan(materials, bottom.material, 'sheet');
  const known = materials.some(({ id }) => id === usual) ? usual : material;
  return { ...bottom, material: 'material' in was ? was.material : known };
}

export const USUAL_BOX: BoxSpec = {
  material: 'ply-12',
  height: null,
  depth: null,
  under: mm(15),
  above: mm(20),
  aside: { left: mm(0), right: mm(0) },
  joint: USUAL_JOINT.butt,
  bottom: USUAL_BOTTOM.groove,
  dividers: { across: 0, along: 0, material: 'ply-6' },
  notch: null,
};

export const USUAL_NOTCH: NonNullable<BoxSpec['notch']> = { width: mm(160), depth: mm(180), left: mm(180) };

/** The usual box of what a plan has to cut it from; where it has none of that it is of the carcass's own sheet. */
export function usualBox({ stock, carcass }: Pick<PartPlace, 'stock' | 'carcass'>): BoxSpec {
  const of = (id: string) => (stock.has(id) ? id : carcass.sheet);
  return {
    ...USUAL_BOX,
    material: of(USUAL_BOX.material),
    bottom: { ...USUAL_BOTTOM.groove, material: of('ply-6') },
    dividers: { ...USUAL_BOX.dividers, material: of('ply-6') },
  };
}
