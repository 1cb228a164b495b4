import type { Material } from './schema';

/** The usual material where the plan has it, else its first of that kind; the usual one, which is then refused by name, where it has none. */
export function materialInPlan(
  materials: readonly Material[],
  usual: string,
  kind: Material['kind'],
): string {
  const has = materials.some(({ id }) => id === usual);
  return has ? usual : (materials.find((one) => one.kind === kind)?.id ?? usual);
}
