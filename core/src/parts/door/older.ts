import { isObject, type Json } from '../../item/json';
import { hingeOf } from './fresh';

/**
 * A door of a version 2 plan, which knew one leaf on butt hinges, in the shape of version 3.
 *
 * @param leafMaterial  the material its thickness stands for
 */
export function leafInFull({ hinge, handle, ...part }: Json, leafMaterial: string): Json {
  return {
    ...part,
    leaves: 'one',
    middle: 3,
    leaf: { material: leafMaterial, banding: 0, front: 0, back: 0, wraps: false, pane: null, framed: null },
    old: null,
    hinge: isObject(hinge) ? { ...hingeOf('butt', 'left'), ...hinge } : hinge,
    handle: isObject(handle) ? { kind: 'bar', ...handle } : handle,
    rack: null,
  };
}
