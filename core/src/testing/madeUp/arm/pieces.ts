import { called } from '../../../item/called';
import type { PartPieces } from '../../../parts/contract/family';
import { board } from '../../../piece/board';
import type { LaidArm } from './lay';

export function armPieces({ arm, place, frame, board: at }: LaidArm): PartPieces {
  const words = `the ${called(arm.name)}`;
  const piece = board(frame, {
    key: `${arm.id}/board`,
    item: arm.id,
    role: 'board',
    name: arm.name,
    told: { key: `${arm.id}/board`, words },
    at,
    way: ['x', 'z'],
    length: [{ words: 'as chosen', mm: arm.long.mm }],
    width: [{ words: 'as chosen', mm: arm.high.mm }],
    thick: [{ words: 'as the board', mm: place.stock.thickness(arm.material) }],
    material: arm.material,
  });
  return { moving: [{ key: arm.id, item: arm.id, words, pieces: [piece] }], still: [], onGround: [] };
}
