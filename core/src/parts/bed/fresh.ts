import type { PartPlace } from '../contract/family';
import { openingOf } from '../kit/fronts';
import { USUAL_GRIP } from '../kit/turning/grip';
import type { Stay, UsualHelp } from '../kit/turning/schema';
import type { Bed, Desk, Legs } from './schema';

/** Usual numbers to start from. Common practice, no single source; each is there to be changed. */
const mm = (value: number) => ({ mm: value });

export const USUAL_LEGS: { readonly [Kind in Legs['kind']]: Extract<Legs, { kind: Kind }> } = {
  none: { kind: 'none' },
  fixed: { kind: 'fixed', wide: mm(70), in: mm(60) },
  'by hand': { kind: 'by hand', wide: mm(70), in: mm(60), at: 60 },
  'on a link': { kind: 'on a link', wide: mm(70), in: mm(60), crank: mm(90) },
};

export const USUAL_BED_STAY: NonNullable<Stay> = {
  hardware: 'chain-350',
  ends: 'both',
  onLeaf: { along: mm(245), in: mm(20) },
  onCase: { along: mm(245), in: mm(20) },
};

export const USUAL_BED_HELP: UsualHelp = {
  none: { kind: 'none' },
  'gas struts': {
    kind: 'gas struts',
    // Beneath the pivot on the cabinet: at their longest with the bed up, they are pressed in as it comes down.
    hardware: 'strut-485-400',
    count: 2,
    onLeaf: { along: mm(320), in: mm(20) },
    onCase: { along: mm(-130), in: mm(50) },
  },
  'pull springs': {
    kind: 'pull springs',
    // Over the pivot on both: drawn out as it comes down.
    hardware: 'spring-4',
    count: 2,
    onLeaf: { along: mm(150), in: mm(40) },
    onCase: { along: mm(330), in: mm(60) },
  },
  counterweight: {
    kind: 'counterweight',
    hardware: 'weight-4',
    count: 2,
    onLeaf: { along: mm(300), in: mm(20) },
    onCase: { along: mm(500), in: mm(60) },
  },
  'lid springs': { kind: 'lid springs', hardware: 'lid-spring-4', count: 2 },
  'friction hinges': { kind: 'friction hinges', hardware: 'friction-8', count: 2 },
};

/** A desk at the usual height for sitting at, as high up as the bay's foot lets it; so much stays under its hinges. */
export const usualDesk = ({ frame, pivot }: Bed): Desk => ({
  material: frame.material,
  up: mm(720),
  deep: mm(400),
  room: mm(Math.max(20, Math.min(60, pivot.up.mm - 40))),
  kg: 3,
});

export const USUAL_FACE: NonNullable<Bed['face']> = {
  material: 'ply-18',
  panels: 1,
  reveal: mm(3),
  foot: mm(40),
};

/** Rails stand so far off the sides of the cabinet, for struts between: mm. Common practice. */
const BESIDE = 30;
/** A mattress weighs about so much, kg a cubic metre, with its cover. Common practice. */
const MATTRESS_DENSITY = 50;
const PLAY = 10;
const FOOT = 40;
const BEARERS_APART = 300;

/** How deep bearers are usually, mm. Common practice. */
const BEARER = 80;
/** In a shallow bay at most such a share of its depth. */
const BEARER_SHARE = 0.27;
/** Over its bearers and its platform rails hold a mattress by so much, mm. */
const HOLDS = 60;
/** What a bed's numbers come from: what its bay is clear of, and how thick its boards are, mm. */
export interface BedRoom {
  readonly wide: number;
  readonly high: number;
  readonly deep: number;
  readonly rail: number;
  readonly face: number;
  readonly board: number;
}

/** Between its far corner and the head of its bay, as it turns, and between its mattress and the back, mm. */
const TURNS_CLEAR = 15;
const BEHIND = 20;

/** What a cabinet must be clear of within for a mattress, mm: across, up, and back. */
export function roomFor(
  turns: Bed['turns'],
  mattress: { readonly long: number; readonly wide: number; readonly thick: number },
  sheet: number,
) {
  const [up, along] =
    turns === 'at the end' ? [mattress.long, mattress.wide] : [mattress.wide, mattress.long];
  const about = 2 * (sheet + PLAY);
  const on = 2 * sheet + BEARER;
  const pivot = { up: FOOT + 150, back: sheet + Math.round((BEARER + sheet + HOLDS) / 2) };
  const top = FOOT + up + about - pivot.up;
  const far = Math.max(
    Math.hypot(top, BEARER + sheet + HOLDS - (pivot.back - sheet)),
    Math.hypot(top - sheet - PLAY, on + mattress.thick - pivot.back),
  );
  // The mattress's near end swings back before it goes down.
  const swings = Math.hypot(on + mattress.thick - pivot.back, pivot.up - FOOT - sheet - PLAY);
  return {
    wide: along + about + 2 * BESIDE,
    high: Math.ceil(pivot.up + far + TURNS_CLEAR),
    deep: Math.ceil(pivot.back + swings + BEHIND),
    pivot,
  };
}

/** The mattress, the rails and the pivot that fill a bay: as large as goes in and turns in it. */
export function bedIn(turns: Bed['turns'], room: BedRoom): Pick<Bed, 'mattress' | 'frame' | 'platform' | 'pivot' | 'foot' | 'bedding' | 'headboard' | 'straps'> {
  const { wide, high, deep, rail, face, board } = room;
  const bearer = Math.min(BEARER, Math.max(10, Math.round(deep * BEARER_SHARE)));
  const on = face + bearer + board;
  const thick = Math.max(20, Math.min(180, Math.round(deep - on - 60)));
  const rails = Math.min(bearer + board + HOLDS, Math.round(deep - face - 20));
  const back = face + Math.round(rails / 2);
  const up = FOOT + Math.min(150, Math.round(high / 6));
  const reach = high - up - 15;
  const behind = Math.max(0, on + thick - back);
  const far = Math.floor(Math.sqrt(Math.max(100, reach ** 2 - behind ** 2)));
  const standing = Math.max(60, Math.floor(far + up - FOOT - 2 * (rail + PLAY)));
  const along = Math.max(60, Math.floor(wide - 2 * (BESIDE + rail + PLAY)));
  const [long, width] = turns === 'at the end' ? [standing, along] : [along, standing];
  return {
    mattress: { long: mm(Math.min(long, 2400)), wide: mm(Math.min(width, 2200)), thick: mm(thick), kg: Math.max(1, Math.round((long * width * thick * MATTRESS_DENSITY) / 1e9)) },
    bedding: { thick: mm(0), kg: 0 },
    headboard: mm(0),
    straps: 2,
    frame: { material: 'ply-18', deep: mm(rails), play: mm(PLAY) },
    platform: { material: 'ply-18', bearers: Math.max(1, Math.min(16, Math.round(Math.max(standing, along) / BEARERS_APART))), deep: mm(bearer) },
    pivot: { hardware: 'pivot-120', up: mm(up), back: mm(back) },
    foot: mm(FOOT),
  };
} // prettier-ignore

/** A bed that fills a bay, turning at its end, and comes down onto legs. */
export function freshBed(id: string, name: string, place: PartPlace, bay: string): Bed {
  const sheet = place.carcass.sheet;
  const thick = place.stock.thickness(sheet);
  const bed = {
    id,
    family: 'bed' as const,
    name,
    mount: { on: 'bay' as const, carcass: place.carcass.id, bay },
    turns: 'at the end' as const,
    face: { ...USUAL_FACE, material: sheet },
    legs: USUAL_LEGS['by hand'],
    limit: 90,
    grip: USUAL_GRIP.pull,
    stay: null,
    help: USUAL_BED_HELP.none,
    closer: null,
    latch: { hardware: 'bolt-80', reached: 'from outside' as const },
  };
  const { inside } = openingOf(bed, place);
  const sizes = bedIn('at the end', {
    wide: inside.right - inside.left,
    high: inside.top - inside.bottom,
    deep: inside.back - inside.front,
    rail: thick,
    face: thick,
    board: thick,
  });
  return {
    ...bed,
    ...sizes,
    frame: { ...sizes.frame, material: sheet },
    platform: { ...sizes.platform, material: sheet },
  };
}

/** The same turning at its side: its mattress lies the other way. */
export const turningAtSide = (bed: Bed): Bed => ({
  ...bed,
  turns: 'at the side',
  mattress: { ...bed.mattress, long: bed.mattress.wide, wide: bed.mattress.long },
});

export const mirrorBed = (bed: Bed): Bed => ({
  ...bed,
  stay: bed.stay && {
    ...bed.stay,
    ends: bed.stay.ends === 'left' ? 'right' : bed.stay.ends === 'right' ? 'left' : 'both',
  },
});
