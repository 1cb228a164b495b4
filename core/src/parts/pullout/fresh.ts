import { usualBox } from '../kit/box/usual';
import { USUAL_CONTENT } from '../kit/contents/usual';
import { firstBuildable, mirrored, onRuns, USUAL_DRAWN_FIT, USUAL_PULL } from '../kit/drawn/usual';
import { USUAL_RUNS } from '../kit/runs/usual';
import type { PartPlace } from '../contract/family';
import { layPullout } from './lay';
import { refusePullout } from './refuse';
import type { Pullout } from './schema';

/** Usual numbers to start from. Common practice, no single source; each is there to be changed. */
const mm = (value: number) => ({ mm: value });

export const USUAL_CARRIES: { readonly [Kind in Pullout['carries']['kind']]: Extract<Pullout['carries'], { kind: Kind }> } = {
  tray: { kind: 'tray' },
  bins: { kind: 'bins', rim: mm(8) },
  tiers: { kind: 'tiers', count: 4, rim: mm(60) },
  table: { kind: 'table', edge: null },
  step: { kind: 'step', edge: null },
}; // prettier-ignore

/** A bin as it hangs in a board: its mouth wider than its foot. */
export const USUAL_BIN: Pullout['contents']['items'][number] = { ...USUAL_CONTENT, name: 'Bin', width: mm(200), depth: mm(300), height: mm(320), base: { width: mm(160), depth: mm(250) }, load: 4, stands: 'hung', opens: { kind: 'no' } }; // prettier-ignore

/** What a pull-out of a kind usually is besides: heights, guide and contents follow from what it carries. */
export function ofKind(pullout: Pullout, kind: Pullout['carries']['kind']): Pullout {
  const plain = { ...pullout, carries: USUAL_CARRIES[kind], guide: null };
  const { box, contents } = pullout;
  switch (kind) {
    case 'tray':
      return { ...plain, box: { ...box, height: mm(100) } };
    case 'bins':
      return { ...plain, box: { ...box, height: null }, contents: { ...contents, items: [USUAL_BIN] } };
    case 'tiers':
      return { ...plain, box: { ...box, height: null }, guide: { play: mm(2) } };
    default:
      return {
        ...plain,
        box: { ...box, height: mm(70) },
        contents: { ...contents, items: [], load: 0 },
        runs: { ...USUAL_RUNS['side slides'], up: mm(2), hardware: 'slide-full' },
      };
  }
}

export function usualPullout(
  id: string,
  name: string,
  place: Pick<PartPlace, 'stock' | 'carcass'>,
  bay = 'all',
): Pullout {
  const { carcass, stock } = place;
  return ofKind(
    {
      id,
      family: 'pull-out',
      name,
      mount: { on: 'bay', carcass: carcass.id, bay },
      carries: USUAL_CARRIES.tray,
      fit: USUAL_DRAWN_FIT.even,
      front: {
        made: 'applied',
        material: stock.has('ply-18') ? 'ply-18' : carcass.sheet,
        banding: mm(0),
        screw: mm(25),
      },
      handle: USUAL_PULL.bar,
      box: usualBox(place),
      runs: USUAL_RUNS['side slides'],
      closing: 'plain',
      guide: null,
      contents: { set: 'side by side', items: [], load: null },
      cable: null,
    },
    'tray',
  );
}

/** On slides, or on runners where no slide is short enough. */
export function freshPullout(
  id: string,
  name: string,
  place: PartPlace,
  bay: string,
  behind = false,
): Pullout {
  const made = usualPullout(id, name, place, bay);
  const fronted = behind ? { ...made, fit: USUAL_DRAWN_FIT.none, handle: null } : made;
  return firstBuildable(onRuns(fronted), (pullout) => refusePullout(layPullout(pullout, place)));
}

export function mirrorPullout(pullout: Pullout, place: PartPlace): Pullout {
  const { width, opening } = layPullout(pullout, place);
  return mirrored(pullout, width, [opening.inside.left, opening.inside.right]);
}
