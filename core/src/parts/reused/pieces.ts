import { called } from '../../item/called';
import { board } from '../../piece/board';
import { span } from '../../solid/bounds';
import { frameOf } from '../../item/frame';
import type { PartPieces } from '../contract/family';
import { holesLeft } from '../kit/reused';
import type { LaidReused } from './lay';

/** The old piece as it is, still. */
export function reusedPieces({ reused: kept, place, at }: LaidReused): PartPieces {
  const { old, what } = kept;
  const key = `${kept.id}/old`;
  const words = `the ${called(kept.name)}`;
  const asIs = (mm: number) => [{ words: `the old ${what}`, mm }];
  const top = what === 'top';
  const piece = board(frameOf(place.carcass), {
    key,
    item: kept.id,
    role: 'old piece',
    is: 'kept',
    name: kept.name,
    told: { key, words },
    at,
    // A top lies with its face up; a box is measured as it is seen from the front.
    way: top ? ['x', '-y'] : ['z', 'x'],
    length: asIs(span(top ? at.x : at.z)),
    width: asIs(span(top ? at.y : at.x)),
    thick: asIs(span(top ? at.z : at.y)),
    material: place.carcass.sheet,
    works: top
      ? holesLeft(
          old,
          (x, z) => ({ x: at.x[0] + x, y: at.y[1] - z }),
          (deep) => [at.z[1] - deep, at.z[1]],
          'face',
        )
      : holesLeft(
          old,
          (x, z) => ({ x: at.x[0] + x, z: at.z[0] + z }),
          (deep) => [at.y[0], at.y[0] + deep],
          'face',
        ),
    notes:
      old.becomes === 'plugged' && old.holes.length > 0
        ? ['Plug the old holes before anything new is bored.']
        : [],
  });
  return { moving: [], still: [{ key, item: kept.id, words, pieces: [piece] }], onGround: [] };
}
