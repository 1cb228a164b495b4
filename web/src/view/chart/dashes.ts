/** The dash of each line of the clearance chart, shown also beside the finding it belongs to: the worst four. */
export const DASHES: readonly (readonly number[])[] = [[], [7, 4], [2, 3], [9, 3, 2, 3]];
