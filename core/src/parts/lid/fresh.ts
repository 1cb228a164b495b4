import type { PartPlace } from '../contract/family';
import { USUAL_GRIP } from '../kit/turning/grip';
import type { Stay, UsualHelp } from '../kit/turning/schema';
import type { Lid } from './schema';

/** Usual numbers to start from. Common practice, no single source; each is there to be changed. */
const mm = (value: number) => ({ mm: value });
/** A hand saw or a circular saw takes 2.2 to 3.2 mm (common practice). */
const KERF = 3;

export const NO_MARGINS: Lid['margins'] = { left: mm(0), right: mm(0), front: mm(0), back: mm(0) };
export const USUAL_MARGINS: Lid['margins'] = { left: mm(80), right: mm(80), front: mm(0), back: mm(60) };

export const USUAL_CUSHION: NonNullable<Lid['cushion']> = {
  thick: mm(50),
  kg: 1.5,
  setBack: mm(0),
  rides: 'along',
};
export const USUAL_STAY: NonNullable<Stay> = {
  hardware: 'stay-lock',
  ends: 'right',
  onLeaf: { along: mm(150), in: mm(10) },
  onCase: { along: mm(40), in: mm(130) },
};
export const USUAL_HELP: UsualHelp = {
  none: { kind: 'none' },
  'gas struts': {
    kind: 'gas struts',
    hardware: 'strut-385-100',
    count: 2,
    onLeaf: { along: mm(90), in: mm(12) },
    onCase: { along: mm(130), in: mm(250) },
  },
  'pull springs': {
    kind: 'pull springs',
    hardware: 'spring-1-2',
    count: 1,
    // On a bracket beneath the leaf, by its axis: it is drawn forward as the leaf rises.
    onLeaf: { along: mm(10), in: mm(40) },
    onCase: { along: mm(280), in: mm(60) },
  },
  counterweight: {
    kind: 'counterweight',
    hardware: 'weight-4',
    count: 1,
    onLeaf: { along: mm(250), in: mm(10) },
    // Over where it stands open: it never draws that back.
    onCase: { along: mm(-20), in: mm(-250) },
  },
  'lid springs': { kind: 'lid springs', hardware: 'lid-spring-4', count: 1 },
  'friction hinges': { kind: 'friction hinges', hardware: 'friction-3', count: 2 },
};

/** A leaf between margins that stay, with a strip along the back: most stand against a wall. */
export const freshLid = (id: string, name: string, { carcass }: Pick<PartPlace, 'carcass'>): Lid => ({
  id,
  family: 'lid',
  name,
  mount: { on: 'top', carcass: carcass.id },
  material: carcass.sheet,
  layers: 1,
  over: { left: mm(0), right: mm(0), front: mm(20), back: mm(0) },
  margins: USUAL_MARGINS,
  leaves: 'one',
  sawn: 'from one board',
  gap: mm(KERF),
  ledge: { thick: mm(20), bears: mm(20) },
  front: { material: carcass.sheet },
  hinge: {
    kind: 'continuous',
    hardware: 'continuous-32',
    knuckle: 'above',
    pin: mm(2),
    mortise: 'both',
    count: null,
    ends: mm(120),
  },
  grip: USUAL_GRIP.notch,
  limit: 100,
  cushion: null,
  carries: 0,
  seat: null,
  stay: null,
  help: USUAL_HELP.none,
  closer: null,
  latch: null,
  travels: false,
  within: mm(0),
  air: 0,
});

/** All of the top lifts: its hinge on the outside of the back, the knuckle where both meet. */
export const wholeTop = (lid: Lid): Lid => ({
  ...lid,
  margins: NO_MARGINS,
  grip: USUAL_GRIP.edge,
  hinge: { ...lid.hinge, knuckle: 'beneath' },
});

export const mirrorLid = (lid: Lid): Lid => ({
  ...lid,
  over: { ...lid.over, left: lid.over.right, right: lid.over.left },
  margins: { ...lid.margins, left: lid.margins.right, right: lid.margins.left },
  stay: lid.stay && {
    ...lid.stay,
    ends: lid.stay.ends === 'left' ? 'right' : lid.stay.ends === 'right' ? 'left' : 'both',
  },
});
