import { called } from '../../item/called';
import { board } from '../../piece/board';
import { span } from '../../solid/bounds';
import { frameOf } from '../../item/frame';
import type { PartPieces } from '../contract/family';
import { drawnPieces } from '../kit/drawn/pieces';
import type { LaidPullout } from './lay';

/** As of a drawer, with the guide over its top. */
export function pulloutPieces(laid: LaidPullout): PartPieces {
  const pieces = drawnPieces(laid);
  const { guide, pullout, place } = laid;
  if (!guide) return pieces;
  const key = `${pullout.id}/guide`;
  const words = `the guide over the ${called(pullout.name)}`;
  const strip = board(frameOf(place.carcass), {
    key,
    item: pullout.id,
    role: 'guide',
    name: `${pullout.name} guide`,
    told: { key, words },
    at: guide,
    way: ['y', 'z'],
    length: [{ words: 'clear depth', mm: span(guide.y) }],
    width: [{ words: 'from the play to what is above', mm: span(guide.z) }],
    thick: [{ words: 'a strip', mm: span(guide.x) }],
    material: place.carcass.sheet,
  });
  return {
    ...pieces,
    still: [...pieces.still, { key: `${pullout.id}/over`, item: pullout.id, words, pieces: [strip] }],
  };
}
