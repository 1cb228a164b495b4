import type { Material } from './schema';

/** Whether a material has a grain that a board must be cut along. Plywood and most faced sheet have one on their faces. */
export const hasGrain = ({ kind }: Pick<Material, 'kind'>): boolean =>
  kind === 'sheet' || kind === 'solid wood';
