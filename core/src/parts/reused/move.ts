import type { Mover } from '../../scene/scene';

/** It stands still. */
export const moveReused = (): readonly Mover[] => [];
