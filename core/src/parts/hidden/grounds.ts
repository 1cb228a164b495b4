import { facesOf, type Ground } from '../../item/ground';
import { greatest, least, type Bounds } from '../../solid/bounds';
import type { LaidHidden } from './lay';
import { leafWords } from './sums';

/** The faces of its leaves, which a cover or a rack may be mounted on; what leans stands square to nothing, and a case on a door has that one's. */
export function hiddenGrounds(laid: LaidHidden): Ground[] {
  const { hidden, leaves, frame, host } = laid;
  if (host || hidden.shape.kind === 'leaning') return [];
  return leaves.flatMap((leaf) => {
    const { x, y, z, key } = leaf;
    const about: Bounds = { x, y, z };
    return facesOf(frame, least(about), greatest(about), leafWords(laid, leaf), key);
  });
}
