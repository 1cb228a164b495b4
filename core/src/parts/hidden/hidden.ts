import type { Family, GroundPlace } from '../contract/family';
import {
  asFlap,
  asLeaf,
  asLeaningMirror,
  asPair,
  asSliding,
  freshHidden,
  freshOnDoor,
  mirrorHidden,
} from './fresh';
import { hiddenGrounds } from './grounds';
import { layHidden, type LaidHidden } from './lay';
import { moveHidden } from './move';
import { hiddenPieces } from './pieces';
import { missingOfHidden, refuseHidden } from './refuse';
import type { Hidden } from './schema';

export const HIDDEN: Family<Hidden, LaidHidden, GroundPlace> = {
  word: 'hidden door',
  mounts: ['wall', 'mover'],
  adds: [
    { words: 'A shelf case on pivots' },
    { words: 'A thick leaf on butts', as: asLeaf },
    { words: 'A pair of shelf cases', as: asPair },
    { words: 'A leaning mirror door', as: asLeaningMirror },
    { words: 'A shelf case on a track', as: asSliding('track') },
    { words: 'A shelf case on castors', as: asSliding('castors') },
    { words: 'A cover flap beside one', as: asFlap },
  ],
  freshOnWall: freshHidden,
  onLeaf: { words: 'A shelf case on its leaf', turns: true, fresh: freshOnDoor },
  mirror: mirrorHidden,
  before: ({ covers }) => covers,
  missing: missingOfHidden,
  lay: layHidden,
  refuse: refuseHidden,
  pieces: hiddenPieces,
  grounds: hiddenGrounds,
  move: moveHidden,
  cuts: ({ hidden: { opening, hung }, place: { at } }) =>
    hung.kind === 'door' || opening.is === 'none' || opening.deep.mm === 0
      ? undefined
      : { at, width: opening.width.mm, deep: opening.deep.mm, height: opening.height.mm },
}; // prettier-ignore
