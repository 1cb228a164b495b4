import { hasGrain } from '../material/grain';
import type { Piece } from '../piece/piece';
import { planStock } from '../plan/place';
import type { Plan } from '../plan/schema';
import { piecesOf } from './partsList';

/** Every piece that is cut or used again, one row each, and every work, one row each: keys tie them together. */
export const PIECE_COLUMNS = [
  'piece',
  'of',
  'name',
  'is',
  'material',
  'grain',
  'cut length',
  'cut width',
  'cut thickness',
  'finished length',
  'finished width',
  'finished thickness',
  'banding start',
  'banding end',
  'banding left',
  'banding right',
  'on face',
  'on back',
  'x',
  'y',
  'z',
  'length goes x',
  'length goes y',
  'length goes z',
  'width goes x',
  'width goes y',
  'width goes z',
] as const;
export const WORK_COLUMNS = [
  'piece',
  'work',
  'kind',
  'side',
  'for',
  'length from',
  'length to',
  'width from',
  'width to',
  'depth from',
  'depth to',
  'round',
  'corner',
  'screw',
  'mate piece',
  'mate work',
] as const;

/** A ten-thousandth of a millimetre is finer than anything cut. */
const mm = (value: number): string => String(Math.round(value * 1e4) / 1e4 + 0);

/** A billionth of a direction is less than that at the end of the longest board. */
const share = (value: number): string => String(Math.round(value * 1e9) / 1e9 + 0);

const made = (plan: Plan) =>
  piecesOf(plan).flatMap(({ of, pieces }) =>
    pieces.filter(({ is }) => is === 'cut' || is === 'kept').map((piece) => ({ of, piece })),
  );

/**
 * Every piece as rows of cells, the header first. Lengths in mm whatever the job's units, since machines read it;
 * `x y z` is the corner of the finished piece, in the space, that its sizes and its works are counted from.
 */
export function pieceRows(plan: Plan): string[][] {
  const stock = planStock(plan);
  return [
    [...PIECE_COLUMNS],
    ...made(plan).map(({ of, piece }): string[] => {
      const { size, cut, lie, stock: cutting, key, name, is } = piece as Required<Piece>;
      const material = stock.material(cutting.material);
      const { banded, faced } = cutting;
      return [
        key,
        of,
        name,
        is,
        is === 'kept' ? '' : material.name,
        is === 'kept' || !hasGrain(material) ? 'none' : 'along the length',
        ...[cut.length, cut.width, cut.thick, size.length, size.width, size.thick].map((sum) => mm(sum.mm)),
        ...(['start', 'end', 'left', 'right'] as const).map((edge) => mm(banded[edge] ?? 0)),
        mm(faced.face),
        mm(faced.back),
        ...lie.origin.map(mm),
        ...[...lie.length, ...lie.width].map(share),
      ];
    }),
  ];
}

/**
 * Every work as rows of cells, the header first, in mm: along its piece's length from the start, across from the left
 * edge, and down from the face, all of the finished piece.
 */
export function workRows(plan: Plan): string[][] {
  return [
    [...WORK_COLUMNS],
    ...made(plan).flatMap(({ piece }) =>
      piece.works.map(({ key, kind, side, words, region, round, corner, screw, mate }): string[] => [
        piece.key,
        key,
        kind,
        side,
        words ?? '',
        ...[region.length, region.width, region.thick].flatMap(([from, to]) => [mm(from), mm(to)]),
        round ? 'round' : '',
        corner?.join(' and ') ?? '',
        screw ? mm(screw.long) : '',
        mate?.piece ?? '',
        mate?.work ?? '',
      ]),
    ),
  ];
}
