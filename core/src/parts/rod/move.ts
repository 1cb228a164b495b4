import type { Mover } from '../../scene/scene';

/** It lies still. */
export const moveRod = (): readonly Mover[] => [];
