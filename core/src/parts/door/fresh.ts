import { materialInPlan } from '../../material/inPlan';
import type { Material } from '../../material/schema';
import type { PartPlace } from '../contract/family';
import type { Door, Hinge } from './schema';

/** Usual numbers to start from. Common practice, no single source; each is there to be changed. */
const mm = (value: number) => ({ mm: value });

export const USUAL_FIT: { readonly [Kind in Door['fit']['kind']]: Extract<Door['fit'], { kind: Kind }> } = {
  inset: { kind: 'inset', hinge: mm(2), free: mm(2), top: mm(2), bottom: mm(2) },
  overlay: { kind: 'overlay', hinge: mm(16), free: mm(16), top: mm(16), bottom: mm(16) },
  even: { kind: 'even', gap: mm(3) },
};

export const USUAL_HINGE: { readonly [Kind in Hinge['kind']]: Omit<Extract<Hinge, { kind: Kind }>, 'side'> } = {
  butt: { kind: 'butt', hardware: 'butt-63', knuckle: 'proud', pin: mm(5), mortise: 'both', count: null, ends: mm(120) },
  continuous: { kind: 'continuous', hardware: 'continuous-32', knuckle: 'proud', pin: mm(2.5), mortise: 'leaf' },
  pivot: { kind: 'pivot', hardware: 'pivot-40', in: mm(40), back: mm(9) },
  cup: { kind: 'cup', hardware: 'cup-110', arm: 'as needed', cup: mm(5), plate: mm(0), count: null, ends: mm(100) },
}; // prettier-ignore

export const USUAL_HANDLE: { readonly [Kind in 'bar' | 'knob']: NonNullable<Door['handle']> } = {
  bar: {
    kind: 'bar',
    projection: mm(35),
    width: mm(20),
    height: mm(150),
    fromFree: mm(40),
    fromBottom: mm(600),
  },
  knob: {
    kind: 'knob',
    projection: mm(28),
    width: mm(30),
    height: mm(30),
    fromFree: mm(35),
    fromBottom: mm(600),
  },
};

export const USUAL_RACK: NonNullable<Door['rack']> = { depth: mm(90), height: mm(120), fromHinge: mm(60), fromFree: mm(60), fromBottom: mm(200), load: 2 }; // prettier-ignore

/** A hinge of a kind on the side it was on. */
export const hingeOf = (kind: Hinge['kind'], side: 'left' | 'right'): Hinge =>
  ({ ...USUAL_HINGE[kind], side }) as Hinge;

/** A mirror covers the leaf, glass is framed by it. */
export const paneOf = (
  kind: 'glass' | 'mirror',
  materials: readonly Material[],
): NonNullable<Door['leaf']['pane']> => ({
  kind,
  material: materialInPlan(materials, `${kind}-4`, kind),
  border: mm(kind === 'glass' ? 70 : 0),
  rebate: mm(kind === 'glass' ? 10 : 0),
});

/** Stiles and rails of a leaf that is put together. Common practice, no single source. */
export const USUAL_FRAMED = { stile: mm(64), rail: mm(64), groove: mm(10) };

export function usualDoor(id: string, carcass: string, name: string, bay = 'all'): Door {
  return {
    id,
    family: 'door',
    name,
    mount: { on: 'bay', carcass, bay },
    leaves: 'one',
    fit: USUAL_FIT.even,
    middle: mm(3),
    leaf: {
      material: 'ply-18',
      banding: mm(0),
      front: mm(0),
      back: mm(0),
      wraps: false,
      pane: null,
      framed: null,
    },
    old: null,
    hinge: hingeOf('cup', 'left'),
    limit: 105,
    handle: USUAL_HANDLE.bar,
    rack: null,
  };
}

/** Where the usual sheet was taken out of the plan it is made of what its carcass is; on a low leaf its handle is lower, or a knob, and its hinges stand nearer to its ends. */
export function freshDoor(id: string, name: string, { carcass, built, stock }: PartPlace, bay: string): Door {
  const door = usualDoor(id, carcass.id, name, bay);
  const opening = built.layout.openings.get(bay);
  const high = opening?.height.mm ?? Infinity;
  const handle = handleFor(high);
  const material = stock.has(door.leaf.material) ? door.leaf.material : carcass.sheet;
  const made = { ...door, handle, hinge: hingeFor(door.hinge, high), leaf: { ...door.leaf, material } };
  return carcass.frame ? onFrame(made) : made;
}

/** A common overlay of doors on a face frame, mm. Common practice. */
export const HALF_INCH = 12.7;
/** The overlays that hinges for a frame are sold for, mm, by their ids. */
const FRAME_HINGES = [
  ['frame-1-4', 6.35],
  ['frame-1-2', HALF_INCH],
  ['frame-3-4', 19.05],
  ['frame-1', 25.4],
] as const;

/** On a face frame: so far over it all round, half an inch as is usual, on the hinges that are made for the nearest to that. */
export function onFrame(door: Door, over: number = HALF_INCH): Door {
  const lap = over === HALF_INCH ? { mm: over, typed: '1/2', unit: 'in' as const } : mm(over);
  const [hardware] = [...FRAME_HINGES].sort((a, b) => Math.abs(a[1] - over) - Math.abs(b[1] - over))[0]!;
  const { hinge } = door;
  return {
    ...door,
    fit: { kind: 'overlay', hinge: lap, free: lap, top: lap, bottom: lap },
    ...(hinge.kind === 'cup' && { hinge: { ...hinge, hardware } }),
  };
}

/** Of a low leaf the hinges stand nearer to its ends. */
const hingeFor = (hinge: Hinge, high: number): Hinge =>
  'ends' in hinge ? { ...hinge, ends: mm(Math.min(hinge.ends.mm, Math.floor(high / 4))) } : hinge;

/** Left free above and beneath a handle, mm. Common practice, no single source. */
const ABOUT_HANDLE = 40;

/** The usual handle for a leaf that is at least so high, mm: near its head where its usual height is beyond that. */
function handleFor(high: number): Door['handle'] {
  const { bar, knob } = USUAL_HANDLE;
  if (high < bar.height.mm + 2 * ABOUT_HANDLE)
    return { ...knob, fromBottom: mm(Math.max(0, Math.round((high - knob.height.mm) / 2))) };
  const most = Math.floor(high - bar.height.mm - ABOUT_HANDLE);
  return { ...bar, fromBottom: mm(Math.min(bar.fromBottom.mm, most)) };
}

/** A pair is its own mirror image. */
export function mirrorDoor(door: Door): Door {
  if (door.leaves === 'pair') return door;
  return { ...door, hinge: { ...door.hinge, side: door.hinge.side === 'left' ? 'right' : 'left' } };
}

/** Hinged outward from the middle of its row. */
export function hungInRow(door: Door, nth: number, of: number): Door {
  return { ...door, hinge: { ...door.hinge, side: nth >= of / 2 ? 'right' : 'left' } };
}
