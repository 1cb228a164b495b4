/**
 * A dimension of a plan, by the item it is of and its field there: `sill/depth`, `space/width`, `space/south:north` between two
 * corners of the outline. Plans and logs keep it in this form; nobody else puts one together or takes one apart.
 */
export const dimensionKey = (item: string, field: string): string => `${item}/${field}`;

/** Between two corners of the outline. */
export const cornersKey = (a: string, b: string): string => dimensionKey('space', `${a}:${b}`);

/** From a plumb line hung before a wall to its foot or its head. */
export const plumbKey = (wall: string, at: 'foot' | 'head'): string =>
  dimensionKey('space', `plumb.${wall}.${at}`);

const fieldIn = (item: string, dimension: string): string | undefined =>
  dimension.startsWith(`${item}/`) ? dimension.slice(item.length + 1) : undefined;

/** Whether a dimension is of this item. */
export const isOf = (item: string, dimension: string): boolean => fieldIn(item, dimension) !== undefined;

export const isBetweenCorners = (dimension: string): boolean =>
  fieldIn('space', dimension)?.includes(':') ?? false;

export const isPlumb = (dimension: string): boolean =>
  fieldIn('space', dimension)?.startsWith('plumb.') ?? false;
