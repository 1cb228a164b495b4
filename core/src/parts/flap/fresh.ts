import type { PartPlace } from '../contract/family';
import type { FlapFit, HelpKind, LevelHinge, Stay, UsualHelp } from '../kit/turning/schema';
import { openingOf } from '../kit/fronts';
import { USUAL_GRIP } from '../kit/turning/grip';
import type { Flap, FlapWay } from './schema';

/** Usual numbers to start from. Common practice, no single source; each is there to be changed. */
const mm = (value: number) => ({ mm: value });

export const USUAL_FLAP_FIT: { readonly [Kind in FlapFit['kind']]: Extract<FlapFit, { kind: Kind }> } = {
  even: { kind: 'even', gap: mm(3) },
  overlay: { kind: 'overlay', sides: mm(16), top: mm(16), bottom: mm(16) },
  inset: { kind: 'inset', sides: mm(2), top: mm(2), bottom: mm(2) },
};

const HINGE: LevelHinge = {
  kind: 'continuous',
  hardware: 'continuous-32',
  knuckle: 'above',
  pin: mm(2),
  mortise: 'leaf',
  count: null,
  ends: mm(80),
};

export const USUAL_FLAP_WAY: { readonly [Kind in FlapWay['kind']]: Extract<FlapWay, { kind: Kind }> } = {
  // Its pin in the plane of its inner face: open it lies level with the bottom.
  'drop front': { kind: 'drop front', hinge: { ...HINGE, knuckle: 'beneath', pin: mm(0) }, desk: null },
  'tilt-out': {
    kind: 'tilt-out',
    hinge: { ...HINGE, knuckle: 'beneath', pin: mm(0) },
    tray: { height: mm(90), depth: mm(60), up: mm(40), kg: 1 },
  },
  'top-hung': { kind: 'top-hung', hinge: HINGE },
  'parallel arms': { kind: 'parallel arms', hardware: 'lift-200', hang: 60, down: mm(110) },
  // Its pin in the plane of its inner face: in front of that the lower leaf would swing into its case.
  'double fold': {
    kind: 'double fold',
    hinge: { ...HINGE, knuckle: 'beneath', pin: mm(0) },
    upper: mm(340),
    gap: mm(3),
    arm: { onLeaf: mm(300), back: mm(60), down: mm(200) },
  },
};

/** How far each goes. */
export const USUAL_LIMIT: Readonly<Record<FlapWay['kind'], number>> = {
  'drop front': 90,
  'tilt-out': 30,
  'top-hung': 90,
  'parallel arms': 98,
  'double fold': 88,
};

export const USUAL_FLAP_STAY: NonNullable<Stay> = {
  hardware: 'chain-350',
  ends: 'both',
  onLeaf: { along: mm(245), in: mm(5) },
  onCase: { along: mm(245), in: mm(5) },
};

/** Struts push up what hangs at its head; springs and a cord draw back what falls open. Each is placed for that. */
export const USUAL_FLAP_HELP: UsualHelp = {
  none: { kind: 'none' },
  'gas struts': {
    kind: 'gas struts',
    hardware: 'strut-245-80',
    count: 2,
    onLeaf: { along: mm(40), in: mm(12) },
    onCase: { along: mm(160), in: mm(145) },
  },
  'pull springs': {
    kind: 'pull springs',
    hardware: 'spring-1-2',
    count: 2,
    onLeaf: { along: mm(100), in: mm(40) },
    onCase: { along: mm(240), in: mm(60) },
  },
  counterweight: {
    kind: 'counterweight',
    hardware: 'weight-4',
    count: 1,
    onLeaf: { along: mm(200), in: mm(5) },
    onCase: { along: mm(300), in: mm(60) },
  },
  'lid springs': { kind: 'lid springs', hardware: 'lid-spring-4', count: 2 },
  'friction hinges': { kind: 'friction hinges', hardware: 'friction-3', count: 2 },
};

/** It turns at its foot, and falls open. */
export const hangsAtFoot = ({ kind }: FlapWay): boolean => kind === 'drop front' || kind === 'tilt-out';

/** Inside its case no strut pushes what falls open back up, and nothing draws up what hangs at its head. */
export const helpsFlap = (kind: HelpKind, way: FlapWay): boolean =>
  hangsAtFoot(way) ? kind !== 'gas struts' : kind !== 'pull springs' && kind !== 'counterweight';

/** A drop front lies over its sides and its head, and ends level with the bottom's upper face: open they are one. */
export const DROP_FIT: FlapFit = { ...USUAL_FLAP_FIT.overlay, bottom: mm(0) };

/** A way with its usual numbers, in an opening so high, mm. */
export const wayIn = (kind: FlapWay['kind'], high: number): FlapWay => {
  const way = USUAL_FLAP_WAY[kind];
  if (way.kind !== 'double fold') return way;
  const share = (of: number) => mm(Math.round(high * of));
  return { ...way, upper: share(0.5), arm: { ...way.arm, onLeaf: share(0.44), down: share(0.3) } };
};

/** The same flap going another way, its other numbers as that usually has them. */
export const flapGoing =
  (kind: Exclude<FlapWay['kind'], 'drop front'>) =>
  (flap: Flap, place: PartPlace): Flap => ({
    ...flap,
    way: wayIn(kind, openingOf(flap, place).height.mm),
    fit: USUAL_FLAP_FIT.even,
    limit: USUAL_LIMIT[kind],
    stay: null,
  });

/** A drop front over a bay, held by a chain at either end so that it lies level. */
export function freshFlap(id: string, name: string, place: PartPlace, bay: string): Flap {
  const flap: Flap = {
    id,
    family: 'flap',
    name,
    mount: { on: 'bay', carcass: place.carcass.id, bay },
    material: place.carcass.sheet,
    fit: DROP_FIT,
    way: USUAL_FLAP_WAY['drop front'],
    limit: USUAL_LIMIT['drop front'],
    grip: USUAL_GRIP.pull,
    stay: null,
    help: USUAL_FLAP_HELP.none,
    closer: null,
    latch: { hardware: 'catch-40', reached: 'from outside' },
  };
  const opening = openingOf(flap, place);
  const high = opening.height.mm;
  // A chain whose ends are as far from the axis as each other is drawn tight at a right angle by 1.414 of that.
  const along = Math.min(245, Math.round(high * 0.6));
  return {
    ...flap,
    stay: {
      ...USUAL_FLAP_STAY,
      onLeaf: { along: mm(along), in: mm(5) },
      onCase: { along: mm(along), in: mm(5) },
    },
  };
}

export const mirrorFlap = (flap: Flap): Flap => ({
  ...flap,
  stay: flap.stay && {
    ...flap.stay,
    ends: flap.stay.ends === 'left' ? 'right' : flap.stay.ends === 'right' ? 'left' : 'both',
  },
});
