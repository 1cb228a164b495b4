import type { Board } from '../piece/board';
import type { Bounds } from '../solid/bounds';
import { sideTowards, type Axis } from '../piece/lie';
import type { Side } from '../piece/work';
import type { BuiltCarcass } from './build';
import type { Opening } from './layout';

/** A board that bounds a bay, its side that looks into it, and where that is along the way it faces, mm. */
export interface Beside {
  readonly board: Board;
  readonly side: Side;
  readonly at: number;
}

const INWARD: Readonly<Record<'left' | 'right' | 'bottom' | 'top', Axis>> = {
  left: 'x',
  right: '-x',
  bottom: 'z',
  top: '-z',
};

/** The board on a side of a bay's inside; undefined where none is, as over an open top, or where it leans. */
export function besideBay(
  { boards }: BuiltCarcass,
  { inside }: Pick<Opening, 'inside'>,
  which: keyof typeof INWARD,
): Beside | undefined {
  return besideOf(boards, inside.between[which], which);
}

/** The board whose edge an opening has on a side: a frame member where there is a face frame, else the board itself. */
export function besideEdge(
  { boards }: BuiltCarcass,
  opening: Opening,
  which: keyof typeof INWARD,
): Beside | undefined {
  return besideOf(boards, opening[which].board, which);
}

function besideOf(
  boards: readonly Board[],
  name: string | undefined,
  which: keyof typeof INWARD,
): Beside | undefined {
  if (name === undefined || boards.length === 0) return undefined;
  const wanted = `${boards[0]!.item}/${name}`;
  const board = boards.find(({ key }) => key === wanted);
  if (!board || board.solids) return undefined;
  const axis = INWARD[which];
  const range = board.at[which === 'left' || which === 'right' ? 'x' : 'z'];
  return {
    board,
    side: sideTowards(board.way, axis),
    at: range[which === 'left' || which === 'bottom' ? 1 : 0],
  };
}

/** Whether all of a place on a board's side is on the board. */
export function isOn({ board: { at } }: Beside, place: Partial<Bounds>): boolean {
  return (Object.keys(place) as (keyof Bounds)[]).every(
    (axis) => place[axis]![0] >= at[axis][0] - 1e-9 && place[axis]![1] <= at[axis][1] + 1e-9,
  );
}

/** The side of a board that looks a way in its carcass's frame. */
export const sideOf = ({ board }: Beside, axis: Axis): Side => sideTowards(board.way, axis);
