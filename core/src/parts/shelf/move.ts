import type { Mover } from '../../scene/scene';

/** It lies still. */
export const moveShelf = (): readonly Mover[] => [];
