import type { Edge } from '../carcass/layout';

/** How far a front lies over an edge where one gap is left between neighbours, and half of it at the carcass's own edges, mm. */
export const evenOver = ({ cover, shared }: Edge, gap: number): number =>
  shared ? (cover - gap) / 2 : cover - gap / 2;
