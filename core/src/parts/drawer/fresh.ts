import type { PartPlace } from '../contract/family';
import { usualBox } from '../kit/box/usual';
import { refuseDrawn } from '../kit/drawn/refuse';
import { bankOf, firstBuildable, mirrored, onRuns, USUAL_DRAWN_FIT, USUAL_PULL } from '../kit/drawn/usual';
import { USUAL_RUNS } from '../kit/runs/usual';
import { layDrawer } from './lay';
import type { Drawer } from './schema';

/** Usual numbers to start from. Common practice, no single source; each is there to be changed. */
const mm = (value: number) => ({ mm: value });

export const USUAL_OLD_BOX: NonNullable<Drawer['old']> = { width: mm(480), height: mm(140), depth: mm(420) };

export function usualDrawer(
  id: string,
  name: string,
  place: Pick<PartPlace, 'stock' | 'carcass'>,
  bay = 'all',
): Drawer {
  const { carcass, stock } = place;
  return {
    id,
    family: 'drawer',
    name,
    mount: { on: 'bay', carcass: carcass.id, bay },
    bank: bankOf('even', 3),
    fit: USUAL_DRAWN_FIT.even,
    front: {
      made: 'applied',
      material: stock.has('ply-18') ? 'ply-18' : carcass.sheet,
      banding: mm(0),
      screw: mm(25),
    },
    handle: USUAL_PULL.bar,
    box: usualBox(place),
    old: null,
    runs: USUAL_RUNS['side slides'],
    closing: 'plain',
    twoSided: false,
    contents: { set: 'side by side', items: [], load: null },
    cable: null,
  };
}

/** A table's drawer is about so high, mm. Common practice. */
const TABLE_BOX = 70;

/** As many drawers as there is room for; on runners where no slide is short enough. */
export function freshDrawer(id: string, name: string, place: PartPlace, bay: string, behind = false): Drawer {
  const made = usualDrawer(id, name, place, bay);
  const fronted = behind ? { ...made, fit: USUAL_DRAWN_FIT.none, handle: null } : made;
  // Under the top of a table hangs one, low enough for knees beneath it.
  if (place.carcass.kind === 'table frame')
    return firstBuildable(
      onRuns({ ...fronted, bank: bankOf('even', 1), box: { ...fronted.box, height: mm(TABLE_BOX) } }),
      (drawer) => refuseDrawn(layDrawer(drawer, place)),
    );
  return firstBuildable(
    [3, 2, 1].flatMap((count) => onRuns({ ...fronted, bank: bankOf('even', count) })),
    (drawer) => refuseDrawn(layDrawer(drawer, place)),
  );
}

export function mirrorDrawer(drawer: Drawer, place: PartPlace): Drawer {
  const { width, opening } = layDrawer(drawer, place);
  return mirrored(drawer, width, [opening.inside.left, opening.inside.right]);
}
