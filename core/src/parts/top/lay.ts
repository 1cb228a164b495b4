import { LEANING_PERSON } from '../../strength/usualLoads';
import { span, type Bounds } from '../../solid/bounds';
import type { PartPlace } from '../contract/family';
import type { Top } from './schema';

/** A sliding top as it lies, its cleats under it, and how far these let it go, in its carcass's frame, mm. */
export interface LaidTop {
  readonly top: Top;
  readonly place: PartPlace;
  readonly board: Bounds;
  readonly strips: readonly [Bounds, Bounds];
  /** It goes to the left or right; else to the front or back. */
  readonly along: boolean;
  /** How long it is along its way, how far it lies over where it goes, and the length of the cubby under it. */
  readonly long: number;
  readonly over: number;
  readonly under: number;
  /** kg that leans on its outer edge. */
  readonly edge: number;
}

export function layTop(top: Top, place: PartPlace): LaidTop {
  const { over, cleats, goes, material, travel } = top;
  const { carcass, built, stock } = place;
  const [height, width, depth] = [carcass.height.mm, carcass.width.mm, carcass.depth.mm];
  const board: Bounds = {
    x: [-over.left.mm, width + over.right.mm],
    y: [-over.front.mm, depth + over.back.mm],
    z: [height, height + stock.thickness(material)],
  };
  const { shell } = built.layout;
  const { inside } = built.layout.openings.get(carcass.bay.id)!;
  const play = cleats.play.mm;
  const z: Bounds['z'] = [height - cleats.thick.mm, height];
  const along = goes === 'left' || goes === 'right';
  const wide = cleats.wide.mm;
  // They lie along the way it goes, just within the two walls beside it.
  // Ended short by the travel at the end it goes to, they stop it there.
  const go = travel.mm;
  const x: Bounds['x'] = [
    inside.left + play + (goes === 'left' ? go : 0),
    inside.right - play - (goes === 'right' ? go : 0),
  ];
  const y: Bounds['y'] = [
    shell.front + play + (goes === 'front' ? go : 0),
    shell.back - play - (goes === 'back' ? go : 0),
  ];
  return {
    top,
    place,
    board,
    strips: along
      ? [
          { x, y: [y[0], y[0] + wide], z },
          { x, y: [y[1] - wide, y[1]], z },
        ]
      : [
          { x: [x[0], x[0] + wide], y, z },
          { x: [x[1] - wide, x[1]], y, z },
        ],
    along,
    long: span(along ? board.x : board.y),
    over: over[goes].mm,
    under: along ? width : depth,
    edge: top.edge ?? LEANING_PERSON,
  };
}
