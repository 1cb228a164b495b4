import { type Carcass } from '../carcass/schema';
import { WHOLE } from '../carcass/kinds';
import { type ReusedBoard } from '../parts/kit/reused';
import { USUAL_FIT, USUAL_HANDLE, USUAL_RACK, hingeOf } from '../parts/door/fresh';
import { USUAL_BED_STAY, USUAL_LEGS, usualDesk } from '../parts/bed/fresh';
import type { Bed } from '../parts/bed/schema';
import { type Door } from '../parts/door/schema';
import { type Part } from '../parts/families';
import { USUAL_BOTTOM, USUAL_BOX, USUAL_JOINT, USUAL_NOTCH } from '../parts/kit/box/usual';
import { type Content } from '../parts/kit/contents/schema';
import { USUAL_CABLE, USUAL_CONTENT, USUAL_OPENS } from '../parts/kit/contents/usual';
import { USUAL_OLD_BOX } from '../parts/drawer/fresh';
import { drawersOf } from '../parts/kit/drawn/bank';
import { bankOf, USUAL_DRAWN_FIT } from '../parts/kit/drawn/usual';
import { type Drawer } from '../parts/drawer/schema';
import { USUAL_BIN } from '../parts/pullout/fresh';
import { type Pullout } from '../parts/pullout/schema';
import { USUAL_RUNS } from '../parts/kit/runs/usual';
import type { Bears } from '../parts/platform/schema';
import { type Grooves } from '../parts/sliding/schema';
import { usualProps } from '../parts/folddown/fresh';
import { usualBears } from '../parts/platform/fresh';
import { USUAL_BEHIND } from '../parts/slats/fresh';
import { USUAL_SLIDING_PULL, USUAL_WAY } from '../parts/sliding/fresh';
import { USUAL_FLAP_HELP } from '../parts/flap/fresh';
import type { Flap } from '../parts/flap/schema';
import { NO_MARGINS, USUAL_CUSHION as LID_CUSHION, USUAL_HELP, USUAL_STAY } from '../parts/lid/fresh';
import { TOP_WAYS, type Top } from '../parts/top/schema';
import { type Reused } from '../parts/reused/schema';
import type { Rod } from '../parts/rod/schema';
import type { Shelf } from '../parts/shelf/schema';
import { newPart } from '../plan/fresh';
import { HIDDEN_ROWS } from './hiddenRows';
import { caseOf, doorOf, FRAME, mm, planWith, type Made, inBay } from './planWith';

import {
  bedOf,
  ROPES,
  boxAt,
  flapOf,
  lidOf,
  slidingOf,
  withBed,
  withDrawer,
  withFlap,
  coverOnDoor,
  withCover,
  withFoldDown,
  withLid,
  withPlatform,
  withLift,
  withPullout,
  withSlats,
} from './partsOf';

/** What a kind comes to when it is built, and its own typical fault: found or refused, with the amount. */
export interface KindRow {
  readonly good: Made;
  /** A line of the parts list: its name, length and width in mm. */
  readonly size: readonly [name: string, length: number, width: number];
  readonly bad: Made;
  /** The finding, note or refusal, with the amount. */
  readonly said: string;
}

const carcass = (kind: Carcass['kind'], other: Partial<Carcass> = {}) => caseOf({ kind, ...other });
const one = (other: Partial<Carcass>): Made => ({ carcasses: [caseOf(other)] });
const door = (other: Partial<Door>, on: Partial<Carcass> = {}): Made => ({
  carcasses: [caseOf(on)],
  parts: [doorOf(other)],
});
const inset = (gap: number) => ({ ...USUAL_FIT.inset, hinge: mm(gap), free: mm(gap) });
const old = (other: Partial<ReusedBoard>): ReusedBoard => ({
  width: mm(596),
  height: mm(716),
  thickness: mm(18),
  holes: [],
  lock: null,
  turned: 'as it was',
  becomes: 'cleared',
  ...other,
});
const shelf = (other: Partial<Shelf>): Part => ({
  ...(newPart(planWith({}), 'shelf', caseOf()) as Shelf),
  ...other,
});
const rod = (other: Partial<Rod>): Part => ({
  ...(newPart(planWith({}), 'rod', caseOf()) as Rod),
  ...other,
});
const kept = (other: Partial<Reused>): Part => ({
  ...(newPart(planWith({}), 'kept', caseOf()) as Reused),
  ...other,
});
const wallAt =
  (gap: number): NonNullable<Made['change']> =>
  (plan) => ({
    ...plan,
    things: [
      {
        id: 'wall',
        name: 'Stub wall',
        kind: 'box',
        x: mm(3000 - gap - 100),
        y: mm(2000),
        z: mm(0),
        width: mm(100),
        depth: mm(1400),
        height: mm(2000),
      },
    ],
  });
const bays = (...sizes: number[]): Carcass['bay'] => ({
  ...WHOLE,
  split: {
    way: 'uprights',
    setback: mm(0),
    bays: sizes.map((size, i) => ({ id: `b${i}`, take: 'fixed', size: mm(size), read: {} })),
  },
});

const drawer = withDrawer;
const pull = withPullout;
const tall = (other: Partial<Pullout>): Made => ({
  ...pull('tiers', other),
  carcasses: [caseOf({ kind: 'tower', width: mm(300), height: mm(1800), z: mm(100), depth: mm(560) })],
});
const top = (other: Partial<Top>): Made => ({
  carcasses: [caseOf({ top: 'none', kind: 'bench' })].map((one) => ({
    ...one,
    width: mm(600),
    depth: mm(500),
    height: mm(400),
  })),
  parts: [{ ...(newPart(planWith({}), 'sliding top', caseOf()) as Top), ...other }],
});
const sliding = slidingOf;
const slide = (way: Partial<Grooves>): Made => ({ parts: [slidingOf(way)] });
const FRONT = { made: 'applied', material: 'ply-18', banding: mm(0), screw: mm(25) } as const;
const BOTTLE = USUAL_CONTENT;
const inside = (...items: Content[]): Drawer['contents'] => ({ set: 'side by side', items, load: 0 });
const lid = withLid;
const flap = withFlap;
const inMargins = lidOf();
const BUTTS = { ...inMargins.hinge, kind: 'butt', hardware: 'butt-63', pin: mm(3.5) } as const;
/** Level, hung at its head, it is held by a stay to the side. */
const TOP_STAY = { hardware: 'stay-lock', ends: 'right', onLeaf: { along: mm(200), in: mm(10) }, onCase: { along: mm(195), in: mm(10) } } as const; // prettier-ignore
const WHOLE_TOP = { margins: NO_MARGINS, grip: { kind: 'edge' } } as const;
const SOLID_BACK = { back: { material: 'ply-18', set: 'between' } } as const;
/** Behind a chest whose back is at 3500. */
const behindLid = (gap: number) =>
  boxAt('Back wall', { x: 2500, y: 3500 + gap, z: 0, width: 1600, depth: 60, height: 2000 });
const latch = (hardware: string, reached: 'from outside' | 'from within' = 'from outside') =>
  ({ hardware, reached }) as const;

/** Folding platforms: three leaves on a chest 900 x 400 x 420. */
const USUAL_BEARS = usualBears('ledgers', 'ply-18', 0) as Extract<Bears, { kind: 'ledgers' }>;
const LEDGERS = 'A folding platform on ledgers';
const USUAL_FRAME = usualBears('frame', 'ply-18', 0) as Extract<Bears, { kind: 'frame' }>;
const ON_FRAME = 'A folding platform on a frame that comes apart';
const PLATFORM_ROWS: Readonly<Record<string, KindRow>> = {
  'family: platform': { good: withPlatform({}), size: ['Case folding platform, leaf 2', 900, 460], bad: withPlatform({ gap: mm(3) }), said: 'Folded, its leaves would bind on the knuckle of their hinge. At least 4.5 mm between them will do.' },
  // 3 x 18, a gap of 6, and 6 with legs of 18 between undersides.
  'platform: stack': { good: withPlatform({ within: mm(84) }), size: ['Case folding platform, leaf 3', 900, 460], bad: withPlatform({ within: mm(80) }), said: 'Folded the stack stands 4 mm proud: it is 84 mm thick, and there is room for 80 mm.' },
  // With a mat on each of 10 more of 30: 54 + 12 + 30.
  'platform: mat': { good: withPlatform({ mat: { thick: mm(10), kg: 1 }, within: mm(96), bears: USUAL_BEARS }, LEDGERS), size: ['Case folding platform, ledger', 806, 40], bad: withPlatform({ mat: { thick: mm(12), kg: 1 }, within: mm(96), bears: USUAL_BEARS }, LEDGERS), said: 'Folded the stack stands 6 mm proud' },
  'platform: seat': { good: withPlatform({ seat: true, mat: { thick: mm(0), kg: 0 } }, undefined, { height: mm(340) }), size: ['Case folding platform, leg', 340, 45], bad: withPlatform({ seat: true }), said: 'Folded it is sat on 504 mm above the floor; 400 mm to 460 mm is usual.' },
  'bears: legs': { good: withPlatform({}), size: ['Case folding platform, leg', 420, 45], bad: withPlatform({ leaves: [mm(400), mm(420), mm(460)] }), said: 'The legs of leaf 2 are 420 mm long: folded they stand 20 mm past their leaf.' },
  'bears: ledgers': { good: withPlatform({}, LEDGERS), size: ['Case folding platform, ledger', 806, 40], bad: withPlatform({ bears: { ...USUAL_BEARS, bears: mm(12) } }, LEDGERS), said: 'bears 12 mm at either end over 900 mm; at least 15 mm is wanted' },
  // 806 before the carcass in two sections, three bearers to each; in six 806 / 6 less two of 18 are left beside a bolt of 50.
  'bears: frame': { good: withPlatform({}, ON_FRAME), size: ['Case folding platform, bearer', 900, 80], bad: withPlatform({ bears: { ...USUAL_FRAME, sections: 6 } }, ON_FRAME), said: 'and they are not put in: beside the end bearers 98.3 mm is free, and a bolt with a hand wants 110 mm' },
  'platform: way': { good: withPlatform({}), size: ['Case folding platform, leaf 1', 900, 400], bad: { ...withPlatform({}), change: boxAt('Lamp', { x: 3000, y: 2900, z: 850, width: 900, depth: 200, height: 60 }) }, said: 'touches the lamp at' },
  // Over a seat 700 deep without a top.
  'platform: first leaf': { good: withPlatform({}, LEDGERS, { top: 'over' }), size: ['Case folding platform, leaf 1', 900, 400], bad: withPlatform({}, LEDGERS, { depth: mm(900) }), said: 'The first leaf breaks in time: with 120 kg at its middle and its own weight it is strained to 16 MPa over a span of 864 mm' },
}; // prettier-ignore

/** Slats on the same chest: (900 - 14 x 3) / 15 = 57.2 wide, 400 + 18 - 12 long. */
const SLATS_ROWS: Readonly<Record<string, KindRow>> = {
  'family: slats': { good: withSlats({}), size: ['Case slat bed, sliding slat', 406, 57.2], bad: withSlats({ count: 60 }), said: 'So many slats would be 4.6 mm wide. At most 22 will do.' },
  'slats: overlap': { good: withSlats({ travel: mm(288) }), size: ['Case slat bed, staying slat', 400, 57.2], bad: withSlats({ travel: mm(420) }), said: 'At full travel the combs come apart by 32 mm: they fall between each other no more. At most 288 mm of travel will do.' },
  'slats: open': { good: withSlats({}), size: ['Case slat bed, bearer', 864, 90], bad: withSlats({ count: 4 }), said: 'its slats stand 132 mm apart; at most 70 mm is usual under a mattress: more slats will do' },
  // 120 kg over a lever of 280 to 108.
  // 400 deep less 80 at the right, less the 100 of overlap that is wanted and 12 kept off the back.
  'slats: behind': { good: withSlats({ behind: USUAL_BEHIND, travel: mm(200) }), size: ['Case slat bed, front rail', 900, 90], bad: withSlats({ behind: { left: mm(0), middle: mm(20), right: mm(300) }, travel: mm(200) }), said: 'At full travel the combs come apart by' },
  'slats: rail': { good: withSlats({}), size: ['Case slat bed, front rail', 900, 90], bad: withSlats({ legs: null }), said: 'Nothing carries its front rail: 120 kg there lifts its other ends with 3051 N.' },
  'slats: bending': { good: withSlats({ layers: 1, travel: mm(200) }), size: ['Case slat bed, leg', 330, 45], bad: withSlats({ layers: 1, travel: mm(350) }), said: 'A slat sags 1.7 mm with 48 kg of a person at its middle' },
  'slats: way': { good: withSlats({}), size: ['Case slat bed, front rail', 900, 90], bad: { ...withSlats({}), change: boxAt('Step', { x: 3000, y: 2700, z: 0, width: 900, depth: 100, height: 200 }) }, said: 'A leg of the case slat bed touches the step at 182 mm' },
  'combs: from strips': { good: withSlats({}), size: ['Case slat bed, sliding slat', 406, 57.2], bad: withSlats({ stopped: false }), said: 'Nothing stops it: drawn on, it falls.' },
  'combs: from one board': { good: withSlats({ combs: 'from one board', clearance: mm(3) }), size: ['Case slat bed, sliding slat', 406, 57.2], bad: withSlats({ combs: 'from one board', clearance: mm(0.5) }), said: 'Between slats 0.5 mm binds with paint and crumbs: 1 mm to 5 mm is usual, which a coarser blade' },
  // Over a seat without a top: 120 kg in the middle of a bearer of 864.
  'slats: bearer': { good: withSlats({}), size: ['Case slat bed, bearer', 864, 90], bad: withSlats({ rail: { material: 'ply-18', deep: mm(60) } }), said: 'A bearer breaks in time: with 120 kg at its middle and its own weight it is strained to 24 MPa over a span of 864 mm' },
  'slats: staying': { good: withSlats({}), size: ['Case slat bed, staying slat', 400, 57.2], bad: withSlats({ layers: 1, travel: mm(100) }, { depth: mm(560) }), said: 'A staying slat breaks in time: with 48 kg of a person at its middle and its own weight it is strained to 20 MPa over a span of 518 mm' },
}; // prettier-ignore

/** Tables on the floor, 900 x 600, from 400 to 720 high. */
const LIFT_ROWS: Readonly<Record<string, KindRow>> = {
  'family: lift table': { good: withLift('pedestal'), size: ['Lift table, top', 900, 600], bad: withLift('pedestal', { high: mm(380) }), said: 'Its highest must be over its lowest. More than 400 mm will do.' },
  // 382 of tube less 80 draws out by 302.
  'lifts: pedestal': { good: withLift('pedestal'), size: ['Lift table, top', 900, 600], bad: withLift('pedestal', { lifts: { kind: 'pedestal', tubes: 2, across: mm(100), held: mm(80) } }), said: '2 tubes of 382 mm, each held in the next by 80 mm, draw out by 302 mm: at most 702 mm high will do, or 3 tubes.' },
  // 800 long, its pins 308 apart in height at the lowest: 738.34 from pin to pin, and 50 of arm.
  'lifts: scissor': { good: withLift('scissor'), size: ['Lift table, outer arm and lift table, inner arm', 850, 50], bad: withLift('scissor', { wide: mm(780) }), said: 'At its lowest its arms are 788.4 mm from end to end. At least as much top will do' },
  'lifts: parallel arms': { good: withLift('parallel arms'), size: ['Lift table, front arm and lift table, rear arm', 750, 50], bad: { ...withLift('parallel arms'), change: boxAt('Seat back', { x: 3000, y: 2000, z: 0, width: 3000, depth: 300, height: 1000 }) }, said: 'the seat back' },
  'table: seat': { good: withLift('pedestal', { seat: mm(430) }), size: ['Lift table, top', 900, 600], bad: withLift('pedestal', { seat: mm(540) }), said: 'Between seat and top 162 mm is left for knees and thighs; 170 mm is wanted.' },
  'table: sleeps': { good: withLift('pedestal', { sleeps: true, low: mm(430), material: 'ply-18', wide: mm(460) }), size: ['Lift table, top', 460, 600], bad: withLift('pedestal', { sleeps: true }), said: 'Down, it lies 30 mm under the seats: within 5 mm one lies level. A lowest of 430 mm will do.' },
  // 6.6 kg of plywood, 2 on it, half of the tubes, and a person.
  'table: rating': { good: withLift('pedestal', { rating: 60 }), size: ['Lift table, top', 900, 600], bad: withLift('pedestal', { sleeps: true, rating: 100 }), said: 'It must carry 129 kg, a person on it, and is rated for 100 kg: let ledges on the seats carry the top' },
  'power: by hand': { good: withLift('pedestal'), size: ['Lift table, top', 900, 600], bad: withLift('pedestal', { carries: 20 }), said: 'A hand lifts 268 N all the way: more than 100 N' },
  'power: by a motor': { good: withLift('pedestal', { power: 'by a motor', carries: 20 }), size: ['Lift table, top', 900, 600], bad: { ...withLift('pedestal', { power: 'by a motor' }), change: boxAt('Lamp', { x: 3600, y: 2800, z: 700, width: 900, depth: 500, height: 200 }) }, said: 'Touches the lamp at 300 mm' },
}; // prettier-ignore

/** Leaves on a wall, over a strip of 60 and a cleat of 18. */
const LEGS = usualProps('legs', 'ply-18');
const STRUTS = usualProps('struts', 'ply-18');
const FOLDED_ROWS: Readonly<Record<string, KindRow>> = {
  'family: fold-down': { good: withFoldDown('table'), size: ['Fold-down leaf', 800, 450], bad: withFoldDown('table', { deep: mm(720) }), said: 'Hanging, it would reach the floor. At most 717 mm deep will do.' },
  'folds to: table': { good: withFoldDown('table'), size: ['Fold-down leaf, strip', 800, 60], bad: { ...withFoldDown('table'), change: boxAt('Stool', { x: 3700, y: 200, z: 0, width: 400, depth: 400, height: 450 }) }, said: 'Touches the stool at' },
  // 120 kg at 440 over 300 and half of the leaf: 1676 N from eight screws' worth of four.
  'folds to: seat': { good: withFoldDown('seat'), size: ['Fold-down leaf, cleat', 450, 70], bad: withFoldDown('seat', { fixing: { hardware: 'stud-screw', count: 4 } }), said: 'With 120 kg on its far edge its cleat is drawn off the wall with 1676 N and bears 1177 N; 4 of screw 5 x 60 mm into a stud or joist hold only 1200 N and 1600 N. 6 of them would do.' },
  'folds to: step': { good: withFoldDown('step'), size: ['Fold-down leaf', 300, 175], bad: withFoldDown('step', { fixing: { hardware: 'hollow-fixing', count: 12 } }), said: 'a lining bears nobody. Fix it into studs or masonry.' },
  'props: brackets': { good: withFoldDown('table'), size: ['Fold-down leaf, bracket', 260, 300], bad: withFoldDown('table', { strip: mm(30) }), said: 'What folds behind the leaf is 36 mm thick. A strip of at least 36 mm will do.' },
  'props: legs': { good: withFoldDown('table', { props: LEGS }), size: ['Fold-down leaf, leg', 717, 60], bad: withFoldDown('table', { props: LEGS, wide: mm(700) }), said: 'They are 717 mm long, and fold along 620 mm of leaf. A leaf at least 797 mm wide will do, or brackets.' },
  // Out by 60 + 300 - 18 and 60 down.
  'props: struts': { good: withFoldDown('table', { props: STRUTS, fixing: { hardware: 'stud-screw-8', count: 4 } }), size: ['Fold-down leaf, strut', 347.223271, 60], bad: withFoldDown('table', { props: STRUTS }), said: 'drawn off the wall with 1450 N and bears 196 N; 4 of screw 5 x 60 mm into a stud or joist hold only 1200 N and 1600 N. 5 of them would do.' },
}; // prettier-ignore

/** Lids and flaps, what helps them, holds them open and keeps them shut. */
const TURNING_ROWS: Readonly<Record<string, KindRow>> = {
  // 600 - 80 - 80 - 3 - 3 by 500 + 20 - 60 - 3; of 600 - 280 - 6 - 50 the left margin may be 264.
  'family: lid': { good: lid({}), size: ['Case lid', 434, 457], bad: lid({}, { top: 'between' }), said: 'A lid wants a carcass without a top of its own' },
  'lid: in margins': { good: lid({}), size: ['Case lid, back strip', 440, 60], bad: lid({ margins: { left: mm(300), right: mm(280), front: mm(0), back: mm(60) } }), said: 'The margins leave no leaf: 14 mm of it. At most 264 mm at the left will do.' },
  'lid: the whole top': { good: lid(WHOLE_TOP, SOLID_BACK), size: ['Case lid', 600, 520], bad: { ...lid(WHOLE_TOP, SOLID_BACK), change: behindLid(40) }, said: 'Touches the back wall at 94°' },
  'lid: two leaves': { good: lid({ leaves: 'two' }), size: ['Case lid, left', 215.5, 457], bad: lid({ leaves: 'two', margins: { ...inMargins.margins, left: mm(250), right: mm(250) } }), said: 'The margins leave no leaf: 45.5 mm of it. At most 241 mm at the left will do.' },
  'lid: split lengthwise': { good: lid({ margins: { ...NO_MARGINS, back: mm(180) } }), size: ['Case lid', 600, 337], bad: lid({ margins: { ...NO_MARGINS, back: mm(470) } }), said: 'The margins leave no leaf: 47 mm of it. At most 467 mm at the back will do.' },
  'lid: two boards glued': { good: lid({ layers: 2 }), size: ['Case lid, under layer', 434, 457], bad: lid({ material: 'ply-6' }), said: 'A leaf 6 mm thick holds no screws in its edge: bolt its hinge through' },
  'lid: cushion': { good: lid({ cushion: { ...LID_CUSHION, setBack: mm(40) } }), size: ['Case lid', 434, 457], bad: { ...lid({ cushion: LID_CUSHION }), change: behindLid(20) }, said: 'The cushion of the case lid touches the back wall at 94°' },
  'lid: seat': { good: lid({ seat: { back: 10 } }), size: ['Case lid', 434, 457], bad: lid({ seat: { back: 10 } }, { height: mm(520) }), said: 'It is sat on 538 mm above the floor; 400 mm to 460 mm is usual.' },
  'lid: sawn apart': { good: lid({ sawn: 'apart', gap: mm(4) }), size: ['Case lid', 432, 456], bad: lid({ sawn: 'apart', gap: mm(9) }), said: 'Its gaps are 9 mm: a child’s finger goes into 7 mm to 12 mm and sticks.' },
  'lid: front margin': { good: lid({ margins: { ...inMargins.margins, front: mm(60) }, gap: mm(4) }), size: ['Case lid, front margin', 440, 60], bad: lid({ margins: { ...inMargins.margins, front: mm(60) }, gap: mm(0.3) }), said: 'Touches the front margin of the case lid at 1°, 99° short of full travel' },
  'knuckle: above': { good: lid({}), size: ['Case lid', 434, 457], bad: { ...lid({}), change: behindLid(0) }, said: 'Touches the back wall at 97°' },
  'knuckle: flush': { good: lid({ hinge: { ...inMargins.hinge, knuckle: 'flush' }, limit: 70 }), size: ['Case lid', 434, 457], bad: lid({ hinge: { ...inMargins.hinge, knuckle: 'flush' } }), said: 'Touches the back strip of the case lid at 74°' },
  'knuckle: beneath': { good: lid({ ...WHOLE_TOP, hinge: { ...inMargins.hinge, knuckle: 'beneath' } }, SOLID_BACK), size: ['Case lid', 600, 520], bad: lid({ hinge: { ...inMargins.hinge, knuckle: 'beneath' } }), said: 'Touches the back strip of the case lid at 8°, 92° short of full travel' },
  'level hinge: continuous': { good: lid({}), size: ['Case lid', 434, 457], bad: lid(WHOLE_TOP), said: 'What is behind it holds no screws: its back is 6 mm thick.' },
  'level hinge: butt': { good: lid({ hinge: BUTTS }), size: ['Case lid', 434, 457], bad: lid({ hinge: { ...BUTTS, count: 2 }, material: 'ply-6' }, { width: mm(1900) }), said: '2 butts, 1494 mm apart: lifted at its middle its hinge edge bends' },
  'help: gas struts': { good: lid({ help: USUAL_HELP['gas struts'] }, { height: mm(450) }), size: ['Case lid', 434, 457], bad: lid({ help: { ...USUAL_HELP['gas struts'], onCase: { along: mm(130), in: mm(150) } } }), said: 'The strut is 235 mm long pressed in wholly, and shut there are 143.6 mm between its ends: 91.4 mm more will do, or a shorter strut.' },
  'help: pull springs': { good: lid({ help: USUAL_HELP['pull springs'] }), size: ['Case lid', 434, 457], bad: lid({ help: { ...USUAL_HELP['pull springs'], hardware: 'spring-4', count: 2 } }), said: '53 N to push it shut, most shut' },
  'help: counterweight': { good: lid({ help: USUAL_HELP.counterweight }), size: ['Case lid', 434, 457], bad: lid({ help: { ...USUAL_HELP.counterweight, count: 2 } }), said: '38 N to push it shut, most at 86.7°' },
  'help: lid springs': { good: lid({ help: USUAL_HELP['lid springs'] }), size: ['Case lid', 434, 457], bad: lid({ help: { ...USUAL_HELP['lid springs'], hardware: 'lid-spring-8', count: 6 } }), said: 'By hand it takes nothing to open it: it goes by itself; 104 N to push it shut, most shut.' },
  'help: friction hinges': { good: lid({ help: USUAL_HELP['friction hinges'] }), size: ['Case lid', 434, 457], bad: lid({ help: { ...USUAL_HELP['friction hinges'], count: 6, hardware: 'friction-8' } }), said: 'By hand it takes 132 N to lift it, most shut' },
  'held: stay': { good: lid({ stay: { ...USUAL_STAY, hardware: 'stay-rub' } }), size: ['Case lid', 434, 457], bad: lid({ stay: { ...USUAL_STAY, hardware: 'stay-250', onCase: { along: mm(40), in: mm(300) } } }), said: 'The stay is too short: shut, its ends are 310.2 mm apart, and it is 250 mm long. More than 310.2 mm will do' },
  'held: locking stay': { good: lid({ stay: USUAL_STAY }), size: ['Case lid', 434, 457], bad: lid({ limit: 60 }), said: 'It does not stay open: let go at 60° it falls shut.' },
  'held: chain': { good: lid({ stay: { ...USUAL_STAY, hardware: 'chain-350' } }), size: ['Case lid', 434, 457], bad: lid({ stay: { ...USUAL_STAY, hardware: 'chain-350', onLeaf: { along: mm(200), in: mm(10) }, onCase: { along: mm(60), in: mm(150) } } }), said: 'before the 100° that were wanted' },
  'closer: soft': { good: lid({ closer: { hardware: 'soft-3', count: 2 } }), size: ['Case lid', 434, 457], bad: lid({ carries: 12 }), said: 'Let go at 95.3° it falls, and lands with 35.3 J, its edge at 4.3 m/s' },
  'latch: catch': { good: lid({ latch: latch('catch-40'), travels: true }), size: ['Case lid', 434, 457], bad: lid({ latch: latch('catch-40'), travels: true, carries: 12 }), said: 'Thrown up with twice its weight it pulls at its catch with' },
  'latch: roller catch': { good: lid({ latch: latch('roller-30'), travels: true }), size: ['Case lid', 434, 457], bad: lid({ travels: true }), said: 'The home moves, and nothing keeps it shut: a catch that holds' },
  'latch: turn button': { good: lid({ latch: latch('button-45'), front: null }), size: ['Case lid', 434, 457], bad: lid({ latch: latch('button-45') }), said: 'A child can get into it, and its catch does not give way to a push from within' },
  'latch: bolt': { good: lid({ latch: latch('bolt-80'), front: null }), size: ['Case lid', 434, 457], bad: lid({ latch: latch('bolt-80', 'from within') }), said: 'Its catch is reached from within only, and shut nobody is within' },
  'grip: edge': { good: lid(WHOLE_TOP, SOLID_BACK), size: ['Case lid', 600, 520], bad: lid({ grip: { kind: 'edge' }, over: { ...inMargins.over, front: mm(6) } }), said: 'Nothing takes the fingers: its front edge lies 6 mm over. At least 15 mm will do' },
  'grip: notch': { good: lid({}), size: ['Case lid', 434, 457], bad: lid({ grip: { kind: 'notch', wide: mm(40), deep: mm(10) } }), said: 'A notch 40 mm by 10 mm takes no fingers: at least 45 mm by 15 mm will do.' },
  'grip: pull': { good: lid({ grip: { kind: 'pull', projection: mm(30), wide: mm(100) } }), size: ['Case lid', 434, 457], bad: lid({ grip: { kind: 'pull', projection: mm(18), wide: mm(100) } }), said: 'Fingers have 18 mm at the pull; 25 mm is wanted.' },
  // Over an opening 564 x 364: 364 + 16 by 564 + 32; even gaps 364 + 33 by 564 + 33.
  'family: flap': { good: flap('drop front'), size: ['Case flap', 380, 596], bad: flap('drop front', { mount: inBay('b7') }), said: 'Its carcass has no bay “b7”.' },
  'flap: drop front': { good: flap('drop front'), size: ['Case flap', 380, 596], bad: flap('drop front', { stay: { ...flapOf('drop front').stay!, hardware: 'stay-250', onLeaf: { along: mm(330), in: mm(5) }, onCase: { along: mm(40), in: mm(5) } } }), said: 'The stay is too short: shut, its ends are 290 mm apart' },
  'flap: tilt-out': { good: flap('tilt-out'), size: ['Case flap', 397, 597], bad: { ...flap('tilt-out'), change: boxAt('Trap pipe', { x: 3100, y: 3020, z: 1336, width: 300, depth: 40, height: 30 }) }, said: 'The tray of the case flap touches the trap pipe at' },
  'flap: top-hung': { good: flap('top-hung', { stay: TOP_STAY }), size: ['Case flap', 397, 597], bad: flap('top-hung'), said: 'It does not stay open: let go at 90° it falls shut.' },
  'flap: parallel arms': { good: flap('parallel arms', { help: USUAL_FLAP_HELP['gas struts'] }), size: ['Case flap', 397, 597], bad: { ...flap('parallel arms'), change: boxAt('Beam', { x: 2900, y: 2800, z: 1700, width: 900, depth: 150, height: 100 }) }, said: 'Touches the beam at 38°, 60° short of full travel' },
  'flap: double fold': { good: flap('double fold', { help: USUAL_FLAP_HELP['gas struts'] }), size: ['Case flap, upper', 182, 597], bad: flap('double fold', { way: { ...flapOf('double fold').way, upper: mm(360) } as Flap['way'] }), said: 'The upper leaf leaves nothing of the lower one. At most 344 mm will do.' },
  'flap fit: inset': { good: flap('top-hung', { fit: { kind: 'inset', sides: mm(2), top: mm(2), bottom: mm(2) } }), size: ['Case flap', 360, 560], bad: flap('top-hung', { fit: { kind: 'inset', sides: mm(25), top: mm(2), bottom: mm(2) } }), said: 'The flap cannot cover its opening: a gap of 25 mm at the left edge stays open. At most 20 mm will do.' },
  'flap fit: overlay': { good: flap('drop front'), size: ['Case flap', 380, 596], bad: flap('drop front', { fit: { kind: 'overlay', sides: mm(30), top: mm(16), bottom: mm(0) } }), said: 'The overlay of 30 mm at the left edge is wider than what it lies on. At most 18 mm will do.' },
  'flap fit: even': { good: flap('tilt-out'), size: ['Case flap', 397, 597], bad: flap('tilt-out', { fit: { kind: 'even', gap: mm(40) } }), said: 'So wide a gap leaves nothing of the flap over the left edge. Less than 36 mm will do.' },
}; // prettier-ignore

/** Covers that swing aside: over a socket 150 x 80 on a wall, a hob in a top. */
const COVER_ROWS: Readonly<Record<string, KindRow>> = {
  'family: cover': { good: withCover('wall'), size: ['Cover', 210, 150], bad: withCover('wall', { pin: { in: mm(4), up: mm(130), hardware: 'stud-screw' } }), said: 'Its screw would stand at its edge or beside it. 8 mm to 202 mm will do.' },
  // 210 less 40 and 175 of it: 5 too little.
  'cover: lap': { good: withCover('wall'), size: ['Cover', 210, 150], bad: withCover('wall', { over: { in: mm(40), up: mm(20), wide: mm(175), high: mm(80) } }), said: 'Shut, it leaves 5 mm of what it covers bare at its right.' },
  // By half a turn it comes away by what it hangs below its screw, 20 of the 30 that are over what it covers; by 30 degrees it lies over that.
  'cover: free': { good: withCover('wall'), size: ['Cover', 210, 150], bad: withCover('wall', { limit: 30 }), said: 'Turned as far as it goes it still lies' },
  'cover: way': { good: withCover('wall'), size: ['Cover', 210, 150], bad: { ...withCover('wall'), change: boxAt('Shelf', { x: 3600, y: 0, z: 480, width: 800, depth: 200, height: 20 }) }, said: 'Touches the shelf at' },
  // 0.386 kg at 85 beside its screw.
  'cover: to the right': { good: withCover('wall', { way: 'to the right', pin: { in: mm(190), up: mm(130), hardware: 'stud-screw' } }), size: ['Cover', 210, 150], bad: withCover('wall', { way: 'to the right' }), said: 'Shut, its own weight turns it open: its screw must hold it with 0.3 Nm' },
  'cover: to the left': { good: withCover('wall'), size: ['Cover', 210, 150], bad: withCover('wall', { pin: { in: mm(190), up: mm(130), hardware: 'stud-screw' } }), said: 'Shut, its own weight turns it open: its screw must hold it with 0.3 Nm' },
  // Over the latch of a door that is there, without its handle: turned by half a turn about its screw.
  'cover: on a leaf': { good: coverOnDoor({}), size: ['Cover', 110, 140], bad: coverOnDoor({ limit: 45 }), said: 'Turned as far as it goes it still lies' },
  'cover: on a top': { good: withCover('top'), size: ['Case cover', 560, 420], bad: withCover('top', { wide: mm(880) }), said: 'Shut, it would lie over the edge of its top. At most 20 mm will do.' },
}; // prettier-ignore

const bed = withBed;
const long = (mattress: { long?: number; thick?: number }, turns: Bed['turns'] = 'at the end') => ({
  mattress: {
    ...bedOf(turns).mattress,
    ...(mattress.long && { long: mm(mattress.long) }),
    ...(mattress.thick && { thick: mm(mattress.thick) }),
  },
});
/** A low box on the floor where the far end of a bed comes down. */
const under = (made: Made): Made => ({
  ...made,
  change: boxAt('Low box', { x: 3000, y: 1000, z: 0, width: 1000, depth: 300, height: 40 }),
});
const legged = (kind: Exclude<Bed['legs']['kind'], 'none'>) => bed('at the end', { legs: USUAL_LEGS[kind] });

/** Of fold-up beds: each with its size worked by hand, and its typical fault. */
const BED_ROWS: Readonly<Record<string, KindRow>> = {
  // A mattress of 2000 x 850, 10 about it, rails of 18: 2056 x 906 in all, in a bay of 964 x 2214 x 444.
  'family: bed': { good: bed('at the end'), size: ['Case fold-up bed, platform', 2020, 870], bad: bed('at the end', long({ thick: 400 })), said: 'Up, the bed is 516 mm deep, and its cabinet 444 mm within: 72 mm too much.' },
  'bed: at the end': { good: bed('at the end'), size: ['Case fold-up bed, bearer', 870, 80], bad: bed('at the end', long({ long: 2300 })), said: 'Up, the bed ends 182 mm over the head of its bay. A mattress of at most 2118 mm will do, or a foot lower down.' },
  'bed: at the side': { good: bed('at the side'), size: ['Case fold-up bed, platform', 870, 2020], bad: bed('at the side', long({ long: 2100 }, 'at the side')), said: 'With its rails the bed is 2156 mm wide, and its bay 2114 mm. A mattress of at most 2058 mm will do.' },
  'legs: none': { good: bed('at the side', { legs: USUAL_LEGS.none, stay: ROPES }), size: ['Case fold-up bed, panel', 1171, 2108], bad: bed('at the end', { legs: USUAL_LEGS.none }), said: 'Nothing holds it at 90°: give it legs, or a stay at either end.' },
  // Its pivot is 18 + 190 above the floor and 97 behind the panels' face: 208 - 97.
  'legs: fixed': { good: legged('fixed'), size: ['Case fold-up bed, leg', 111, 70], bad: under(legged('fixed')), said: 'A leg of the case fold-up bed touches the low box at 88°, 2° short of full travel' },
  // Its pin in the cabinet is as far below the pivot as the leg's below its hinge: 111 of leg less 15 of wood.
  'legs: on a link': { good: bed('at the end', { legs: USUAL_LEGS['on a link'], face: null }), size: ['Case fold-up bed, leg', 111, 70], bad: bed('at the end', { legs: { ...USUAL_LEGS['on a link'], crank: mm(140) }, face: null }), said: 'as far under its pivot and its legs’ hinges as this. At most 96 mm will do.' },
  // Its hinges stand 60 over its top; down it lies 208 - 97 - 60 above the floor, and ends 18 lower.
  'bed: desk': { good: bed('at the end', { desk: usualDesk(bedOf('at the end')) }), size: ['Case fold-up bed, desk', 906, 400], bad: { ...bed('at the end', { desk: usualDesk(bedOf('at the end')) }), change: boxAt('Threshold', { x: 3100, y: 2200, z: 0, width: 700, depth: 60, height: 40 }) }, said: 'The desk of the case fold-up bed touches the threshold' },
  'bed: headboard': { good: bed('at the end', { headboard: mm(40) }), size: ['Case fold-up bed, headboard', 906, 40], bad: bed('at the end', { headboard: mm(300) }), said: 'the back of the case' },
  // 18 of panel, 80, 18 and 150 are 266 of 444: a mattress that slumps by 150 reaches its rails' room, and by 40 over the bedding's.
  'bed: bulge': { good: bed('at the end', { mattress: { ...bedOf('at the end').mattress, bulges: mm(40) } }), size: ['Case fold-up bed, platform', 2020, 870], bad: bed('at the end', { mattress: { ...bedOf('at the end').mattress, thick: mm(300), bulges: mm(50) } }), said: 'Up, the bed is 466 mm deep, and its cabinet 444 mm within: 22 mm too much.' },
  'bed: straps': { good: bed('at the end'), size: ['Case fold-up bed, platform', 2020, 870], bad: bed('at the end', { straps: 0 }), said: 'Up, nothing holds its mattress to it' },
  'bed: on its stays': { good: bed('at the side', { legs: USUAL_LEGS.none, stay: ROPES }), size: ['Case fold-up bed, panel', 1171, 2108], bad: bed('at the side', { legs: USUAL_LEGS.none, stay: USUAL_BED_STAY }), said: 'Down, it lies on its stays: 5715 N in the nearer one as 120 kg sits on its edge; it bears 400 N' },
  'legs: by hand': { good: legged('by hand'), size: ['Case fold-up bed, leg', 111, 70], bad: under(legged('by hand')), said: 'A leg of the case fold-up bed touches the low box at 88°, 2° short of full travel' },
  'bed: rails': { good: bed('at the end'), size: ['Case fold-up bed, left rail and case fold-up bed, right rail', 2056, 158], bad: bed('at the side', { platform: { ...bedOf('at the side').platform, deep: mm(20), bearers: 16 }, frame: { ...bedOf('at the side').frame, deep: mm(70) }, pivot: { ...bedOf('at the side').pivot, back: mm(50) } }), said: 'A rail breaks in time: with 120 kg at its middle and its own weight it is strained to 41 MPa over a span of 2020 mm' },
  // Its far edge comes out over the lamp's place on the way down.
  'bed: way': { good: bed('at the end'), size: ['Case fold-up bed, bearer', 870, 80], bad: { ...bed('at the end'), change: boxAt('Lamp', { x: 3300, y: 1800, z: 1300, width: 200, depth: 200, height: 300 }) }, said: 'touches the lamp at' },
}; // prettier-ignore

/** Every kind there is, with one row each; later families add theirs. A kind without a row fails below. */
export const KIND_ROWS: Readonly<Record<string, KindRow>> = {
  ...TURNING_ROWS,
  ...BED_ROWS,
  ...PLATFORM_ROWS,
  ...SLATS_ROWS,
  ...LIFT_ROWS,
  ...FOLDED_ROWS,
  ...COVER_ROWS,
  ...HIDDEN_ROWS,
  // Carcasses. 1890 less a plinth of 90 is 1800.
  'carcass: cupboard': { good: { carcasses: [carcass('cupboard', { height: mm(1890), stands: { on: 'a plinth', height: mm(90), setback: mm(40) } })] }, size: ['Left side and right side', 1800, 500], bad: one({ bay: bays(300, 300) }), said: 'The bays take 600 mm and there are 546 mm. 246 mm for the last will do, or let it take the rest.' },
  'carcass: wall cupboard': { good: { carcasses: [carcass('wall cupboard')] }, size: ['Hanging rail', 764, 80], bad: { carcasses: [carcass('wall cupboard', { z: mm(1500) })], parts: [doorOf({ handle: { ...USUAL_HANDLE.knob, fromBottom: mm(600) } })] }, said: 'The handle is 2116.5 mm above the floor, 316.5 mm over easy reach.' },
  'carcass: tower': { good: { carcasses: [carcass('tower')] }, size: ['Bottom and top', 364, 560], bad: { carcasses: [carcass('tower', { sides: { left: { middle: mm(4), head: mm(8) }, right: null } })], parts: [doorOf({ fit: inset(2) })] }, said: 'The opening is 7.9 mm wider at its widest than where it governs' },
  'carcass: bench': { good: { carcasses: [carcass('bench')] }, size: ['Back', 342, 1064], bad: { carcasses: [carcass('bench')], parts: [shelf({ up: { first: mm(330), step: mm(100) } })] }, said: 'The topmost shelf would stand 6 mm into what is above. At most 324 mm for the lowest will do.' },
  'carcass: low locker': { good: { carcasses: [carcass('low locker')] }, size: ['Top', 900, 400], bad: { carcasses: [carcass('low locker')], parts: [doorOf({ fit: { ...USUAL_FIT.overlay, top: mm(30) } })] }, said: 'The overlay of 30 mm at the top is wider than what it lies on. At most 18 mm will do.' },
  'carcass: table frame': { good: { carcasses: [carcass('table frame')] }, size: ['Front rail and back rail', 1080, 90], bad: { carcasses: [carcass('table frame', { width: mm(120) })] }, said: 'No opening is left between the sides. At least 130 mm wide will do.' },
  'carcass: free cradle': { good: { carcasses: [carcass('free cradle')] }, size: ['Front rail and back rail', 864, 90], bad: { carcasses: [carcass('free cradle', { height: mm(70), carries: { inside: mm(50), front: mm(0) } })] }, said: 'No opening is left between top and bottom. At least 78 mm high will do.' },
  'front: frameless': { good: one({ bay: bays(264, 282) }), size: ['Upright 1', 684, 494], bad: one({ bay: { ...WHOLE, split: { way: 'uprights', setback: mm(490), bays: [{ id: 'a', take: 'equal', read: {} }, { id: 'b', take: 'equal', read: {} }] } } }), said: 'Set back so far nothing is left of them. At most 484 mm will do.' },
  'front: face frame': { good: one({ frame: FRAME }), size: ['Bottom rail and top rail', 524, 38], bad: door({ fit: { ...USUAL_FIT.overlay, hinge: mm(50) } }, { frame: FRAME }), said: 'The overlay of 50 mm at the hinge edge is wider than what it lies on. At most 38 mm will do.' },
  'stands: the floor': { good: one({ stands: { on: 'the floor' } }), size: ['Left side and right side', 720, 500], bad: one({ depth: mm(20), back: { material: 'ply-18', set: 'between' } }), said: 'Frame and back leave no room inside. At least 28 mm deep will do.' },
  'stands: a plinth': { good: one({ stands: { on: 'a plinth', height: mm(100), setback: mm(50) } }), size: ['Left plinth side and right plinth side', 414, 100], bad: one({ stands: { on: 'a plinth', height: mm(690), setback: mm(50) } }), said: 'No opening is left between top and bottom. At least 736 mm high will do.' },
  'stands: legs': { good: one({ stands: { on: 'legs', height: mm(120), thick: mm(40) } }), size: ['Left front leg and 3 alike', 120, 40], bad: one({ stands: { on: 'legs', height: mm(700), thick: mm(40) } }), said: 'No opening is left between top and bottom. At least 746 mm high will do.' },
  'stands: the wall': { good: one({ stands: { on: 'the wall', rail: mm(80) } }), size: ['Hanging rail', 564, 80], bad: { ...door({ rack: { ...USUAL_RACK, depth: mm(480), height: mm(500), fromBottom: mm(190) } }, { stands: { on: 'the wall', rail: mm(80) } }) }, said: 'The rack on the door' },
  // Bottom and top between sides of 18: 600 - 36 wide; it hangs by its top, with no plinth and no rail.
  'stands: the ceiling': { good: one({ stands: { on: 'the ceiling' } }), size: ['Bottom and top', 564, 500], bad: { ...door({ handle: { ...USUAL_HANDLE.knob, fromBottom: mm(360) } }, { stands: { on: 'the ceiling' }, z: mm(1880) }) }, said: 'mm over easy reach' },
  // Doors on 564 x 684. Even: 564 + 2 (18 - 3/2) = 597, pair (597 - 3) / 2.
  // The pin stands 3 mm out of the case, 6 mm from the wall; the leaf's front corner is 5 and 18 off it: 34.25 degrees.
  'leaves: one': { good: door({}), size: ['Door', 717, 597], bad: { ...door({ hinge: hingeOf('butt', 'left'), fit: USUAL_FIT.overlay, limit: 110 }), change: wallAt(9) }, said: 'Touches the stub wall at 34°, 76° short of full travel' },
  'leaves: pair': { good: door({ leaves: 'pair' }), size: ['Door, left', 717, 297], bad: door({ leaves: 'pair', fit: inset(2), middle: mm(0.1), leaf: { ...doorOf().leaf, material: 'pine-20' }, hinge: hingeOf('butt', 'left') }), said: 'Touches the right leaf of the door at 0°' },
  'fit: inset': { good: door({ fit: inset(2), hinge: hingeOf('butt', 'left') }), size: ['Door', 680, 560], bad: door({ fit: inset(25) }), said: 'a gap of 25 mm at the hinge edge stays open. At most 20 mm will do.' },
  'fit: overlay': { good: door({ fit: USUAL_FIT.overlay }), size: ['Door', 716, 596], bad: door({ fit: { ...USUAL_FIT.overlay, free: mm(-4) } }), said: 'at the free edge it ends 4 mm short of lying over it' },
  // Two bays of (564 - 18) / 2 = 273: full overlay 16.5 outside, half overlay (18 - 3) / 2 = 7.5 inside.
  'fit: even': { good: { carcasses: [caseOf({ bay: bays(273, 273) })], parts: [doorOf({ mount: inBay('b0') }), doorOf({ id: 'second', name: 'Second', mount: inBay('b1'), hinge: hingeOf('cup', 'right') })] }, size: ['Second', 717, 297], bad: door({ fit: { kind: 'even', gap: mm(40) } }), said: 'So wide a gap leaves nothing of the leaf over the hinge edge. Less than 36 mm will do.' },
  'hinge: butt': { good: door({ hinge: hingeOf('butt', 'left'), fit: USUAL_FIT.overlay, limit: 180 }), size: ['Door', 716, 596], bad: door({ fit: inset(2), hinge: { ...hingeOf('butt', 'left'), mortise: 'none' } as Door['hinge'] }), said: 'Folded, the hinge takes 3 mm of the hinge gap, which is 2 mm: let it in by 1 mm more, or make the gap 3 mm.' },
  'hinge: continuous': { good: door({ hinge: hingeOf('continuous', 'left'), fit: inset(2) }), size: ['Door', 680, 560], bad: door({ hinge: hingeOf('continuous', 'left'), fit: USUAL_FIT.overlay, rack: { ...USUAL_RACK, load: 60 } }), said: 'that is beyond what these hinges are known to carry, which is 30 kg' },
  // In 40 and back 9 of 18 it needs sqrt(40^2 + 9^2) - 40 = 1 mm at its hinge edge.
  'hinge: pivot': { good: door({ hinge: hingeOf('pivot', 'left'), fit: { ...inset(2), free: mm(2) } }), size: ['Door', 680, 560], bad: door({ hinge: hingeOf('pivot', 'left'), fit: { ...inset(2), hinge: mm(0.9) } }), said: 'Touches the left side of the case at' },
  'hinge: cup': { good: door({ limit: 110 }), size: ['Door', 717, 597], bad: door({ limit: 120 }), said: 'The hinges open no farther than 110°. At most 110 will do.' },
  'handle: bar': { good: door({ handle: USUAL_HANDLE.bar, hinge: hingeOf('cup', 'left') }, { height: mm(900) }), size: ['Door', 897, 597], bad: door({ handle: { ...USUAL_HANDLE.bar, projection: mm(22), fromBottom: mm(400) } }), said: 'Fingers have 12 mm behind the handle; 25 mm is wanted. 35 mm out will do.' },
  'handle: knob': { good: door({ handle: { ...USUAL_HANDLE.knob, fromBottom: mm(400) } }), size: ['Door', 717, 597], bad: door({ handle: { ...USUAL_HANDLE.knob, fromBottom: mm(700) } }), said: 'The handle would stand off the leaf. At most 687 mm will do.' },
  'pane: glass': { good: door({ leaf: { ...doorOf().leaf, pane: { kind: 'glass', material: 'glass-4', border: mm(70), rebate: mm(10) } } }), size: ['Glass of Door', 594, 474], bad: door({ leaf: { ...doorOf().leaf, pane: { kind: 'glass', material: 'glass-4', border: mm(300), rebate: mm(0) } } }), said: 'So wide a border leaves no pane. Less than 298.5 mm will do.' },
  // 0.597 x 0.717 x (18 x 680 + 4 x 2500) / 1000 = 9.5 kg wants three.
  'pane: mirror': { good: door({ leaf: { ...doorOf().leaf, pane: { kind: 'mirror', material: 'mirror-4', border: mm(0), rebate: mm(0) } } }), size: ['Mirror of Door', 717, 597], bad: door({ leaf: { ...doorOf().leaf, pane: { kind: 'mirror', material: 'mirror-4', border: mm(0), rebate: mm(0) } }, hinge: { ...hingeOf('cup', 'left'), count: 2 } as Door['hinge'] }), said: 'The leaf weighs about 9.5 kg and wants three hinges; it has two.' },
  'on its back: rack': { good: door({ rack: USUAL_RACK }), size: ['Door', 717, 597], bad: door({ rack: { ...USUAL_RACK, fromFree: mm(10) } }), said: 'The rack on the door stands' },
  'old: kept': { good: door({ old: old({ becomes: 'kept' }), fit: USUAL_FIT.overlay }), size: ['Door', 716, 596], bad: door({ old: old({ width: mm(610) }), fit: USUAL_FIT.overlay }), said: 'The old leaf is too large: 12 mm must come off at its free edge.' },
  'old: plugged': { good: door({ old: old({ becomes: 'plugged', holes: [{ x: mm(22), z: mm(100), wide: mm(35), deep: mm(12) }] }), fit: USUAL_FIT.overlay }), size: ['Door', 716, 596], bad: door({ old: old({ height: mm(690) }), fit: USUAL_FIT.overlay }), said: 'The old leaf cannot cover its opening: 10 mm stays open at its top.' },
  // The cups' middles are at 22.5 and 100: a hole of 35 there is right upon one, 45 mm of room is wanted between middles.
  'old: cleared': { good: door({ old: old({ holes: [{ x: mm(22), z: mm(300), wide: mm(35), deep: mm(12) }] }), fit: USUAL_FIT.overlay }), size: ['Door', 716, 596], bad: door({ old: old({ holes: [{ x: mm(22), z: mm(110), wide: mm(35), deep: mm(12) }] }), fit: USUAL_FIT.overlay }), said: 'Cup 1 would come upon old hole 1: it must be 35 mm higher or lower, or the old holes plugged.' },
  'family: door': { good: door({}), size: ['Door', 717, 597], bad: door({ mount: inBay('b7') }), said: 'Its carcass has no bay “b7”.' },
  // Cleats along the sides, 494 deep and 90 high. 1000 of clothes and 30 under them want 1030 below the rod.
  'family: rod': { good: { carcasses: [caseOf({ height: mm(1300) })], parts: [rod({})] }, size: ['Case rod cleat', 494, 90], bad: { carcasses: [caseOf({ height: mm(900) })], parts: [rod({ long: mm(1000) })] }, said: 'What hangs on it is 1000 mm long and has 804 mm under the rod, 30 mm of which stays free: it must hang 226 mm higher, or be shorter.' },
  'family: shelf': { good: { parts: [shelf({})] }, size: ['Case shelf', 561, 484], bad: { carcasses: [caseOf({ frame: { ...FRAME, left: mm(90), right: mm(90), top: mm(300), bottom: mm(200) } })], parts: [shelf({})] }, said: 'The shelf cannot get in past the frame, tilted or straight: the longest that can is' },
  'family: kept': { good: { parts: [kept({})] }, size: ['Case old top or box', 120, 400], bad: { parts: [kept({ depth: mm(510) })] }, said: 'The old box is 16 mm too deep for its bay. At most 494 mm will do.' },
  'kept: box': { good: { parts: [kept({ what: 'box' })] }, size: ['Case old top or box', 120, 400], bad: { parts: [kept({ old: old({ width: mm(570), height: mm(100) }) })] }, said: 'The old box is 10 mm too wide for its bay. At most 560 mm will do.' },
  'kept: top': { good: { parts: [kept({ what: 'top', old: old({ width: mm(640), height: mm(520) }), over: { left: mm(20), up: mm(0), front: mm(20) } })] }, size: ['Case old top or box', 640, 520], bad: { parts: [kept({ what: 'top', old: old({ width: mm(580) }) })] }, said: 'The old top is 20 mm narrower than what it is to cover. At least 600 mm will do.' },
  // A bank on 564 x 684: fronts with even gaps of 3 mm are 597 wide and share 717; boxes are 564 - 2 x 12.7 = 538.6 wide; 494 deep clear.
  'family: drawer': { good: drawer({}), size: ['Case drawers', 717, 597], bad: drawer({ mount: inBay('b7') }), said: 'Its carcass has no bay “b7”.' },
  'bank: even': { good: drawer({ bank: bankOf('even', 3) }), size: ['Case drawers, 2', 237, 597], bad: drawer({ bank: bankOf('even', 24) }), said: 'So many fronts would be 27 mm high. At most 21 will do.' },
  // 708 among four, each 30 lower than the one beneath: 177 + 45.
  'bank: graduated': { good: drawer({ bank: { kind: 'graduated', drawers: drawersOf(4), step: mm(30) } }), size: ['Case drawers, 4', 222, 597], bad: drawer({ bank: { kind: 'graduated', drawers: drawersOf(4), step: mm(150) } }), said: 'The topmost front would be 0 mm high. Steps of at most 98 mm will do.' },
  'bank: typed': { good: drawer({ bank: { kind: 'typed', drawers: drawersOf(3), fronts: [mm(300), mm(200)] } }), size: ['Case drawers, 1', 211, 597], bad: drawer({ bank: { kind: 'typed', drawers: drawersOf(3), fronts: [mm(300), mm(400)] } }), said: '11 mm is left for the topmost front. At most 381 mm here will do.' },
  'drawer fit: even': { good: drawer({}), size: ['Case drawers', 717, 597], bad: drawer({ fit: { kind: 'even', gap: mm(40) } }), said: 'So wide a gap leaves nothing of the front over the left edge. Less than 36 mm will do.' },
  'drawer fit: overlay': { good: drawer({ fit: USUAL_DRAWN_FIT.overlay }), size: ['Case drawers', 716, 596], bad: drawer({ fit: { ...USUAL_DRAWN_FIT.overlay, sides: mm(-4) } }), said: 'at the left edge it ends 4 mm short of lying over it' },
  'drawer fit: inset': { good: drawer({ fit: USUAL_DRAWN_FIT.inset }), size: ['Case drawers', 680, 560], bad: drawer({ fit: { ...USUAL_DRAWN_FIT.inset, sides: mm(25) } }), said: 'a gap of 25 mm at the left edge stays open. At most 20 mm will do.' },
  // The plates of a cup hinge stand out further than a slide is thick.
  'drawer fit: none': { good: drawer({ fit: USUAL_DRAWN_FIT.none }), size: ['Case drawers box, side', 450, 649], bad: { ...drawer({ fit: USUAL_DRAWN_FIT.none, handle: null }), parts: [...drawer({ fit: USUAL_DRAWN_FIT.none, handle: null }).parts!, doorOf({})] }, said: 'a hinge plate of the door' },
  'runs: side slides': { good: drawer({}), size: ['Case drawers box, end', 514.6, 649], bad: drawer({ runs: { ...USUAL_RUNS['side slides'], length: mm(500) } }), said: 'A slide of 500 mm is longer than the clear depth of 494 mm. 450 mm is the longest that fits.' },
  'runs: under slides': { good: drawer({ runs: USUAL_RUNS['under slides'] }), size: ['Case drawers box, end', 522, 649], bad: drawer({ runs: USUAL_RUNS['under slides'], box: { ...USUAL_BOX, material: 'ply-18' } }), said: 'These slides are for sides up to 16 mm thick, and these are 18 mm.' },
  'runs: wooden runners': { good: drawer({ runs: USUAL_RUNS['wooden runners'] }), size: ['Case drawers box, end', 537, 649], bad: drawer({ runs: { ...USUAL_RUNS['wooden runners'], kicker: null } }), said: 'It tips once it is out more than' },
  'closing: plain': { good: drawer({}), size: ['Case drawers', 717, 597], bad: drawer({ handle: null }), said: 'It has no handle: let it open by a push, or give its front an edge that fingers find.' },
  'closing: soft-close': { good: drawer({ closing: 'soft-close', contents: { set: 'side by side', items: [], load: 5 } }), size: ['Case drawers', 717, 597], bad: drawer({ closing: 'soft-close', contents: { set: 'side by side', items: [], load: 60 } }), said: 'and a pair of these slides carries 35 kg:' },
  'closing: push-to-open': { good: drawer({ closing: 'push-to-open', handle: null }), size: ['Case drawers box, side', 450, 649], bad: drawer({ closing: 'push-to-open', runs: USUAL_RUNS['wooden runners'] }), said: 'What opens by a push runs on slides made for it' },
  'drawer front: applied': { good: drawer({}), size: ['Case drawers', 717, 597], bad: drawer({ front: { ...FRONT, screw: mm(40) } }), said: 'A screw of 40 mm comes out of the front: box and front are 30 mm together. Less than 30 mm will do.' },
  'drawer front: the box’s own': { good: drawer({ front: { ...FRONT, made: 'the box’s own' }, fit: USUAL_DRAWN_FIT.inset }), size: ['Case drawers box, back', 514.6, 649], bad: drawer({ front: { ...FRONT, made: 'the box’s own' }, closing: 'push-to-open' }), said: 'Opened by a push, a front that lies over its case must be applied, or inset.' },
  'joint: butt': { good: drawer({}), size: ['Case drawers box, end', 514.6, 649], bad: drawer({ runs: { ...USUAL_RUNS['side slides'], screw: mm(16) } }), said: 'A screw of 16 mm comes out inside the box: 1.6 mm of metal and 12 mm of side. At most 13.6 mm will do.' },
  'joint: rebate': { good: drawer({ box: { ...USUAL_BOX, joint: USUAL_JOINT.rebate } }), size: ['Case drawers box, end', 526.6, 649], bad: drawer({ box: { ...USUAL_BOX, joint: { kind: 'rebate', deep: mm(12) } } }), said: 'The joint would go through the side. Less than 12 mm will do.' },
  'joint: housed': { good: drawer({ box: { ...USUAL_BOX, joint: USUAL_JOINT.housed } }), size: ['Case drawers box, end', 526.6, 649], bad: drawer({ box: { ...USUAL_BOX, joint: { kind: 'housed', deep: mm(13) } } }), said: 'The joint would go through the side. Less than 12 mm will do.' },
  'joint: lock': { good: drawer({ box: { ...USUAL_BOX, joint: USUAL_JOINT.lock } }), size: ['Case drawers box, side', 438, 649], bad: drawer({ box: { ...USUAL_BOX, joint: { ...USUAL_JOINT.lock, lip: mm(12) } } }), said: 'Nothing is left of the end for a tongue. A lip of less than 12 mm will do.' },
  'bottom: groove': { good: drawer({}), size: ['Case drawers box, bottom', 524.6, 436], bad: drawer({ box: { ...USUAL_BOX, bottom: { ...USUAL_BOTTOM.groove, up: mm(200) }, height: mm(210) } }), said: 'The bottom stands 206 mm up in a box 210 mm high: nothing is left above it. At most 194 mm will do.' },
  'bottom: let in': { good: drawer({ box: { ...USUAL_BOX, bottom: USUAL_BOTTOM['let in'] } }), size: ['Case drawers box, bottom', 526.6, 438], bad: drawer({ box: { ...USUAL_BOX, bottom: { ...USUAL_BOTTOM['let in'], deep: mm(12) } } }), said: 'The rebate would go through the side. Less than 12 mm will do.' },
  'bottom: under': { good: drawer({ box: { ...USUAL_BOX, bottom: USUAL_BOTTOM.under } }), size: ['Case drawers box, bottom', 538.6, 450], bad: drawer({ runs: USUAL_RUNS['under slides'], box: { ...USUAL_BOX, bottom: USUAL_BOTTOM.under } }), said: 'The slides run under the bottom: it must be in a groove at least 12.5 mm up.' },
  'bottom: none': { good: drawer({ box: { ...USUAL_BOX, bottom: USUAL_BOTTOM.none } }), size: ['Case drawers box, rail', 514.6, 60], bad: drawer({ box: { ...USUAL_BOX, height: mm(100), bottom: { kind: 'none', rail: mm(120) } } }), said: 'The rail is higher than the box. At most 100 mm will do.' },
  'box: notch': { good: drawer({ box: { ...USUAL_BOX, notch: USUAL_NOTCH } }), size: ['Case drawers box, bottom', 524.6, 436], bad: drawer({ box: { ...USUAL_BOX, notch: { ...USUAL_NOTCH, left: mm(500) } } }), said: 'The notch would stand beside the box. At most 378.6 mm will do.' },
  'box: dividers': { good: drawer({ box: { ...USUAL_BOX, dividers: { ...USUAL_BOX.dividers, along: 3 } } }), size: ['Case drawers box, divider along', 426, 630], bad: drawer({ box: { ...USUAL_BOX, height: mm(100), dividers: { ...USUAL_BOX.dividers, across: 12, material: 'ply-18' } } }), said: 'So many dividers leave compartments under 20 mm. At most 10 will do.' },
  'contents: side by side': { good: drawer({ contents: inside(BOTTLE) }), size: ['Case drawers', 717, 597], bad: drawer({ contents: inside({ ...BOTTLE, count: 6 }) }), said: 'The contents take 540 mm side by side, and the box has 514.6 mm: it must be 25.4 mm wider, or hold fewer.' },
  'contents: one behind another': { good: drawer({ contents: { ...inside(BOTTLE), set: 'one behind another' } }), size: ['Case drawers', 717, 597], bad: drawer({ contents: { ...inside({ ...BOTTLE, count: 5 }), set: 'one behind another' } }), said: 'The contents take 450 mm one behind another, and the box has 426 mm: it must be 24 mm deeper, or hold fewer.' },
  // From the bottom's face at 18 + 15 + 19 = 52 up to 702 - 20.
  'opens: no': { good: drawer({ contents: inside(BOTTLE) }), size: ['Case drawers', 717, 597], bad: drawer({ contents: inside({ ...BOTTLE, height: mm(700) }) }), said: '“Bottle” wants 710 mm of height with the air above it, and there are 630 mm. Its bay must be 80 mm higher, or the thing lower.' },
  'opens: lid': { good: drawer({ contents: inside({ ...BOTTLE, opens: USUAL_OPENS.lid }) }), size: ['Case drawers', 717, 597], bad: { ...drawer({ contents: inside({ ...BOTTLE, height: mm(600), depth: mm(300), opens: USUAL_OPENS.lid }) }), change: boxAt('Over shelf', { x: 2900, y: 2000, z: 800, width: 800, depth: 900, height: 30 }) }, said: 'Touches the over shelf at' },
  // Its head at 52 + 120, the case's top at 702.
  'opens: tank': { good: drawer({ contents: inside({ ...BOTTLE, opens: { kind: 'tank', when: 'in place', by: mm(300) } }) }), size: ['Case drawers', 717, 597], bad: drawer({ contents: inside({ ...BOTTLE, opens: { kind: 'tank', when: 'in place', by: mm(600) } }) }), said: 'Touches the top of the case at 530 mm, 70 mm short of full travel' },
  'drawer: two-sided': { good: drawer({ twoSided: true, fit: USUAL_DRAWN_FIT.none, handle: null }, { back: null }), size: ['Case drawers box, side', 450, 649], bad: drawer({ twoSided: true, fit: USUAL_DRAWN_FIT.none, handle: null }), said: 'Touches the back of the case at 14 mm, 436 mm short of full travel' },
  'drawer: cable': { good: drawer({ cable: { ...USUAL_CABLE, bend: mm(15) } }), size: ['Case drawers', 717, 597], bad: drawer({ cable: { ...USUAL_CABLE, plug: { width: mm(40), height: mm(30), hole: mm(45) } } }), said: 'Its plug cannot pass its hole: 50 mm across is wanted, 5 mm more than there is.' },
  // (564 - 480) / 2 - 12.7 is packed out on each side.
  'drawer: old box': { good: drawer({ old: { ...USUAL_OLD_BOX, depth: mm(460) } }), size: ['Case drawers packing', 450, 45], bad: drawer({ old: { ...USUAL_OLD_BOX, width: mm(545) } }), said: 'The old box is 6.4 mm too wide for its opening with what it runs on. At most 538.6 mm will do.' },
  'family: pull-out': { good: pull('tray'), size: ['Case pull-out', 717, 597], bad: pull('tray', { mount: inBay('b7') }), said: 'Its carcass has no bay “b7”.' },
  'carries: tray': { good: pull('tray'), size: ['Case pull-out box, side', 450, 100], bad: { ...pull('tray', { fit: { kind: 'none', setback: mm(5) } }), change: boxAt('Locker lip', { x: 3000, y: 2900, z: 100, width: 600, depth: 30, height: 60 }) }, said: 'Touches the locker lip at 75 mm, 375 mm short of full travel' },
  'carries: bins': { good: pull('bins'), size: ['Case pull-out box, board for bins', 514.6, 426], bad: pull('bins', { contents: inside({ ...USUAL_BIN, width: mm(600) }) }), said: '“Bin” is 85.4 mm too wide for its box, which is 514.6 mm wide inside. At most 514.6 mm will do.' },
  'carries: tiers': { good: pull('tiers'), size: ['Case pull-out box, shelf', 426, 538.6], bad: pull('tiers', { carries: { kind: 'tiers', count: 12, rim: mm(60) } }), said: 'So many tiers leave 42.1 mm between them. At most 7 will do.' },
  // 35 kg over a box whose middle is 225 out of 450: 17.5 at its edge.
  'carries: table': { good: pull('table', { carries: { kind: 'table', edge: 10 } }), size: ['Case pull-out box, board', 450, 538.6], bad: pull('table', { carries: { kind: 'table', edge: 30 } }), said: 'At its outer edge its slides carry 14 kg besides its own 7.6 kg, drawn out fully; 30 kg is asked of it: take stronger slides' },
  'carries: step': { good: pull('step', { runs: { ...USUAL_RUNS['side slides'], up: mm(0), hardware: 'slide-step', length: mm(400) }, box: { ...USUAL_BOX, height: mm(100), material: 'ply-18' } }), size: ['Case pull-out box, cheek', 400, 82], bad: pull('step'), said: 'A step is stood on with 150 kg, and these slides are not rated for a person at all.' },
  // By 0.5 mm over 274 - 25.4 of width, 1639 high and 20 up.
  'pull-out: guide': { good: tall({ guide: { play: mm(2) } }), size: ['Case pull-out box, rim', 526, 60], bad: tall({ guide: null }), said: 'Its top sways 3.4 mm aside by the play of its slides, and 3 mm is left beside its front. A guide over its top will hold it.' },
  // 600 long with 3.9 kg: it tips at half of it, less what lies over the edge.
  'family: sliding top': { good: top({ held: true }), size: ['Case sliding top', 600, 520], bad: top({ travel: mm(310), edge: 0 }), said: 'It tips once it is out more than 300 mm, and it goes 310 mm: hold its rear edge down, or stop it at 300 mm.' },
  ...Object.fromEntries(TOP_WAYS.map((goes) => [`top: ${goes}`, { good: top({ goes, travel: mm(150) }), size: ['Case sliding top', 600, 520], bad: top({ goes, travel: mm(700) }), said: 'So far out nothing is left of the cleats that keep it on its way.' } satisfies KindRow])),
  // 564 with 40 of overlap for two; tracks 684 - 43 apart with 8 and 6 more.
  'family: sliding': { good: slide({}), size: ['Case sliding panels, 1', 655, 302], bad: { parts: [{ ...slide({}).parts![0]!, mount: inBay('b7') } as Part] }, said: 'Its carcass has no bay “b7”.' },
  'way: grooves': { good: slide({}), size: ['Case sliding panels, 2', 655, 302], bad: slide({ width: mm(270) }), said: 'The panels cannot cover the run: 24 mm stays open. At least 282 mm wide will do.' },
  'way: hung': { good: { parts: [{ ...sliding(), way: USUAL_WAY.hung, pull: null }] }, size: ['Case sliding panels', 724, 624], bad: { parts: [{ ...sliding(), way: { ...USUAL_WAY.hung, rating: 1 } }] }, said: 'A panel weighs 1.8 kg; its track carries 1 kg, 0.8 kg less: take a stronger one, or a lighter panel.' },
  'sliding pull: let in': { good: slide({}), size: ['Case sliding panels, 1', 655, 302], bad: { parts: [{ ...sliding(), pull: { ...USUAL_SLIDING_PULL, up: mm(700) } }] }, said: 'The pull would stand off the panel. At most 655 mm will do.' },
  'sliding pull: knob': { good: slide({}), size: ['Case sliding panels, 1', 655, 302], bad: { parts: [{ ...sliding(), pull: { ...USUAL_SLIDING_PULL, kind: 'knob', projection: mm(20) } }] }, said: 'Its knobs stand out 20 mm, and 7 mm is left between panels that pass' },
}; // prettier-ignore
