import type { Material } from '../../../material/schema';
import { strengthOf } from '../../../material/strength';
import { GRAVITY } from '../../../piece/mass';
import { bentBy } from '../../../strength/beam';

const MM3_A_M3 = 1e9;
/** A strip so wide along its hinge edge is taken to carry what hangs before it, mm. Common practice, cautious. */
const STRIP = 100;

/** How far the hinge edge of a leaf bends between two hinges as half of its weight hangs there, mm. */
export function levelLeafBend(material: Material, thick: number, apart: number, deep: number): number {
  const { density } = material;
  const spread = (density * deep * thick * GRAVITY) / MM3_A_M3 / 2;
  return bentBy(
    { span: apart, wide: STRIP, thick, stiffness: strengthOf(material).stiffness, density: 0 },
    { spread, middle: 0 },
  ).sag;
}
