/** Ground of a pair map: proven free, proven blocked, or neither: a cell too small to split, a bracket of a contact. */
export const FREE = 0;
export const BLOCKED = 1;
export const UNKNOWN = 2;
export type CellState = typeof FREE | typeof BLOCKED | typeof UNKNOWN;
