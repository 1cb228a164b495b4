import { usualCarcass } from '../../carcass/kinds';
import type { Carcass } from '../../carcass/schema';
import { layOut } from '../../carcass/layout';
import type { QuickCard } from '../kit/quick';
import { AISLE, carcass, mm, quickPlace, space } from '../kit/quickRoom';
import { USUAL_GRIP } from '../kit/turning/grip';
import {
  DROP_FIT,
  USUAL_FLAP_FIT,
  USUAL_FLAP_HELP,
  USUAL_FLAP_STAY,
  USUAL_FLAP_WAY,
  USUAL_LIMIT,
  wayIn,
} from './fresh';
import type { Flap, FlapWay } from './schema';

const USUAL_CEILING = 2400;

function flapOn(on: Carcass, id: string, name: string, kind: FlapWay['kind']): Flap {
  const { openings } = layOut(on, quickPlace(on).stock);
  const high = openings.get(on.bay.id)?.height.mm ?? on.height.mm;
  const along = Math.min(245, Math.round(high * 0.6));
  return {
    id,
    family: 'flap',
    name,
    mount: { on: 'bay', carcass: on.id, bay: on.bay.id },
    material: on.sheet,
    fit: kind === 'drop front' ? DROP_FIT : USUAL_FLAP_FIT.even,
    way: wayIn(kind, high),
    limit: USUAL_LIMIT[kind],
    grip: USUAL_GRIP.pull,
    stay:
      kind === 'drop front'
        ? {
            ...USUAL_FLAP_STAY,
            onLeaf: { along: mm(along), in: mm(5) },
            onCase: { along: mm(along), in: mm(5) },
          }
        : null,
    help: USUAL_FLAP_HELP.none,
    closer: null,
    latch: { hardware: 'catch-40', reached: 'from outside' },
  };
}

/** What a flap most often is, and what it most often meets. */
export const FLAP_QUICK: readonly QuickCard[] = [
  {
    id: 'lift-up',
    title: 'A lift-up door',
    words:
      'A wall cupboard whose front rises on arms: the headroom it wants, whether one reaches it open, and which struts hold it.',
    asks: [
      { key: 'width', label: 'Width', input: 'length', usual: 800 },
      { key: 'height', label: 'Height', input: 'length', usual: 400 },
      { key: 'depth', label: 'Depth', input: 'length', usual: 330 },
      { key: 'z', label: 'Its bottom above the floor', input: 'length', usual: 1370 },
      { key: 'ceiling', label: 'Ceiling height', input: 'length', usual: USUAL_CEILING },
    ],
    section: true,
    make: ({ width, height, depth, z, ceiling }) => {
      const cupboard = {
        ...usualCarcass('wall cupboard', {
          id: 'cupboard',
          name: 'Wall cupboard',
          x: mm(AISLE / 2 + width!),
          y: mm(depth!),
          faces: 'north',
        }),
        width: mm(width!),
        height: mm(height!),
        depth: mm(depth!),
        z: mm(z!),
      };
      return {
        space: { width: mm(width! + AISLE), depth: mm(depth! + AISLE), height: mm(ceiling!), slopes: [] },
        carcasses: [cupboard],
        parts: [
          {
            ...flapOn(cupboard, 'lift-up-door', 'Lift-up door', 'parallel arms'),
            help: USUAL_FLAP_HELP['gas struts'],
          },
        ],
      };
    },
  },
  {
    id: 'drop-front',
    title: 'A drop-front desk',
    words:
      'A front that comes down level to write on: its stays, the load at its edge, knees beneath, and whether the case tips.',
    asks: [
      { key: 'width', label: 'Width', input: 'length', usual: 800 },
      { key: 'height', label: 'Height of the front', input: 'length', usual: 450 },
      { key: 'depth', label: 'Depth', input: 'length', usual: 330 },
      { key: 'desk', label: 'Desk above the floor', input: 'length', usual: 735 },
      { key: 'load', label: 'At its front edge, kg', input: 'count', usual: 20 },
    ],
    section: true,
    make: ({ width, height, depth, desk, load }) => {
      const sheet = 18;
      const secretary = {
        ...usualCarcass('wall cupboard', {
          id: 'desk',
          name: 'Desk',
          x: mm(AISLE / 2 + width!),
          y: mm(depth!),
          faces: 'north',
        }),
        width: mm(width!),
        height: mm(height! + 2 * sheet),
        depth: mm(depth!),
        z: mm(Math.max(0, desk! - sheet)),
      };
      const flap = flapOn(secretary, 'desk-front', 'Desk front', 'drop front');
      return {
        space: space(width! + AISLE, depth! + AISLE + height!),
        carcasses: [secretary],
        parts: [{ ...flap, way: { ...USUAL_FLAP_WAY['drop front'], desk: load! } }],
      };
    },
  },
  {
    id: 'tilt-out',
    title: 'A tilt-out front before a sink',
    words: 'A false front with a tray that tilts out: whether the tray clears bowl and trap behind it.',
    asks: [
      { key: 'width', label: 'Width of the cabinet', input: 'length', usual: 600 },
      { key: 'height', label: 'Height of the front', input: 'length', usual: 180 },
      { key: 'bowl', label: 'From the front to the bowl', input: 'length', usual: 90 },
      { key: 'tray', label: 'Tray, deep', input: 'length', usual: 60 },
      { key: 'limit', label: 'Tilts by', input: 'degrees', usual: 30 },
    ],
    section: true,
    make: ({ width, height, bowl, tray, limit }) => {
      const depth = 560;
      const box = carcass(
        'cabinet',
        'Sink cabinet',
        'north',
        [AISLE / 2 + width!, depth],
        [width!, depth, height! + 36],
      );
      const cabinet = {
        ...box,
        top: 'none' as const,
        z: mm(600),
        stands: { on: 'the wall' as const, rail: mm(60) },
        height: mm(height! + 36),
      };
      const flap = flapOn(cabinet, 'tilt-out', 'Tilt-out front', 'tilt-out');
      const high = Math.max(20, Math.min(90, height! - 60));
      return {
        space: space(width! + AISLE, depth + AISLE),
        things: [
          {
            id: 'bowl',
            name: 'Sink bowl',
            kind: 'box',
            x: mm(AISLE / 2 + 40),
            y: mm(80),
            z: mm(650),
            width: mm(Math.max(50, width! - 80)),
            depth: mm(Math.max(50, depth - 80 - bowl!)),
            height: mm(height!),
          },
        ],
        carcasses: [cabinet],
        parts: [
          {
            ...flap,
            limit,
            way: {
              ...USUAL_FLAP_WAY['tilt-out'],
              tray: { height: mm(high), depth: mm(tray!), up: mm(30), kg: 1 },
            },
          },
        ],
      };
    },
  },
];
