import type { Material, Schools } from './schema';

/** What a plan's parts are cut from, as its school counts it. */
export interface Stock {
  readonly schools: Schools;
  /** Every material the plan names, in its order. */
  readonly materials: readonly Material[];
  has(id: string): boolean;
  /** Throws where a plan that was not checked names what is not there. */
  material(id: string): Material;
  /** mm. */
  thickness(id: string): number;
}

/** Thickness that counts, mm: by the name only where the school says so or nobody measured. */
export function thicknessOf(
  { nominal, measured }: Material,
  { thickness }: Pick<Schools, 'thickness'>,
): number {
  return thickness === 'nominal' || measured === null ? nominal.mm : measured.mm;
}

export function stockOf(materials: readonly Material[], schools: Schools): Stock {
  const byId = new Map(materials.map((material) => [material.id, material]));
  const material = (id: string): Material => {
    const found = byId.get(id);
    if (!found) throw new Error(`There is no material ${id}: the plan was not read through readPlan.`);
    return found;
  };
  return {
    schools,
    materials,
    has: (id) => byId.has(id),
    material,
    thickness: (id) => thicknessOf(material(id), schools),
  };
}
