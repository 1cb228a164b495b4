import { noteOf, type PartNote } from '../../item/note';
import { lengthMark, massMark } from '../../length/lengthMark';
import { span, type Range } from '../../solid/bounds';
import { edgePast } from '../../strength/pastEdge';
import type { Spanned } from '../../strength/spans';
import { atMiddle, PERSON, PERSON_STRIP } from '../../strength/usualLoads';
import { BOLT, type LaidBearers } from './bearerFrame';
import type { LaidPlatform } from './lay';

/** A bolt is put in with so much beside it for the hand, and its nut is held with a spanner in so much; a socket's edge is so far from its middle, mm. Common practice. */
const HAND = 60;
const SPANNER = 80;
const SOCKET = 15;

/** An edge that hangs out less is none, mm. */
const HAIR = 0.05;

/** Where its leaves before the carcass lie flat, from the carcass out. */
export function flatLeaves({ leaves, platform }: Pick<LaidPlatform, 'leaves' | 'platform'>): Range[] {
  let edge = -platform.over.front.mm;
  return leaves.slice(1).map(({ wide }): Range => {
    const from = edge - platform.gap.mm;
    edge = from - wide;
    return [edge, from];
  });
}

/** What of a leaf lies on which bearers: how far apart those are, and how far its edges hang out past them. */
interface Borne {
  readonly nth: number;
  readonly on: number;
  readonly clear: number;
  readonly past: number;
}

const bornes = (laid: LaidPlatform, { sections }: LaidBearers): Borne[] =>
  flatLeaves(laid).map(([far, near], i) => {
    const under = sections
      .flat()
      .map(({ y }) => y)
      .filter((y) => y[1] > far && y[0] < near)
      .sort((a, b) => a[0] - b[0]);
    const [first, last] = [under[0], under.at(-1)];
    return {
      nth: i + 2,
      on: under.length,
      clear: Math.max(0, ...under.slice(1).map((y, k) => y[0] - under[k]![1])),
      past: first && last ? Math.max(0, first[0] - far, near - last[1]) : near - far,
    };
  });

/** From bearer to bearer a leaf spans so far; 0 of one that lies on fewer than two. */
export const frameClear = (laid: LaidPlatform, bearers: LaidBearers): number =>
  Math.max(0, ...bornes(laid, bearers).map(({ clear }) => clear));

/** A bearer from ledger to ledger, with what of a person lies nearer to it than to the next. */
export function bearerSpan(laid: LaidPlatform, bearers: LaidBearers): Spanned | undefined {
  const { platform, place, across } = laid;
  const { bears } = platform;
  if (bears.kind !== 'frame') return undefined;
  const wide = span(bearers.sections[0]![0]!.y);
  const has = PERSON * Math.min(1, (frameClear(laid, bearers) + wide) / PERSON_STRIP);
  return {
    material: place.stock.material(bears.material),
    thick: bears.deep.mm,
    span: span(across) - 2 * bears.bears.mm,
    wide,
    load: atMiddle(has),
    under: `${massMark(has)} of a person at its middle`,
    who: 'A bearer',
    stood: true,
  };
}

/** How a frame of bearers carries its leaves, and how it goes together. */
export const frameNotes = (laid: LaidPlatform, bearers: LaidBearers): PartNote[] => [
  ...borneNotes(laid, bearers),
  ...flapNotes(laid, bearers),
  ...boltNotes(laid, bearers),
];

function borneNotes(laid: LaidPlatform, bearers: LaidBearers): PartNote[] {
  const { platform, place, thick, across } = laid;
  const all = bornes(laid, bearers);
  const tips = all.find(({ on }) => on < 2);
  if (tips)
    return [
      noteOf(
        'strength',
        'hits',
        `Leaf ${tips.nth} lies on ${tips.on === 0 ? 'no bearer' : 'one bearer alone'}: it tips under who lies on it. Bearers nearer to each other, or a wider leaf, will do.`,
        'borne',
      ),
    ];
  const worst = all.reduce((a, b) => (b.past > a.past ? b : a));
  if (worst.past < HAIR) return [];
  const { sag, most, verdict } = edgePast({
    material: place.stock.material(platform.material),
    thick,
    wide: Math.min(PERSON_STRIP, span(across)),
    past: worst.past,
    kg: PERSON,
  });
  return [
    noteOf(
      'strength',
      verdict,
      `An edge of leaf ${worst.nth} hangs ${lengthMark(worst.past)} out past its last bearer: with ${massMark(PERSON)} on it that gives ${lengthMark(sag)}; ${lengthMark(most, 'most')} is the most${verdict === 'hits' ? '. Bearers nearer to each other will do, or leaves whose joints come over them' : ''}.`,
      'edge',
    ),
  ];
}

/** Where leaves are hinged beneath, a bearer under the flaps is half bare. */
function flapNotes(laid: LaidPlatform, { sections }: LaidBearers): PartNote[] {
  const { platform, place } = laid;
  const item = place.hardware.find(platform.hinge.hardware, 'continuous hinge');
  if (!item) return [];
  const flat = flatLeaves(laid);
  const under = flat.slice(0, -1).flatMap(([far], i): number[] => {
    const nth = i + 2;
    const [from, to] = [far - platform.gap.mm - item.wide, far + item.wide];
    const meets = sections.flat().some(({ y }) => y[1] > from && y[0] < to);
    return nth % 2 === 0 && meets ? [nth] : [];
  });
  return under.map((nth) =>
    noteOf(
      'fixing',
      'tight',
      `A bearer lies under the hinge beneath leaves ${nth} and ${nth + 1}: let its flaps and knuckle in, ${lengthMark(item.knuckle / 2, 'least')} deep, or the leaves lie on them and the bearer is half bare.`,
      `flap ${nth}`,
    ),
  );
}

/** A section comes off by its bolts: a hand puts them in from beside its end bearer, and a spanner holds their nuts on the other side. */
function boltNotes(
  { platform: { bears } }: LaidPlatform,
  { sections, bolts, boltLong }: LaidBearers,
): PartNote[] {
  if (bears.kind !== 'frame' || bolts.length === 0) return [];
  const joints = sections.slice(1).map((section, i) => {
    const before = sections[i]!;
    const within = [before.at(-2)!.y[0] - before.at(-1)!.y[1], section[0]!.y[0] - section[1]!.y[1]];
    return { hand: Math.max(...within), spanner: Math.min(...within) };
  });
  const hand = Math.min(...joints.map((joint) => joint.hand));
  const spanner = Math.min(...joints.map((joint) => joint.spanner));
  const wants = boltLong + HAND;
  const about = Math.min(bears.deep.mm / 2, bears.bolts.in.mm);
  const each = bolts.length / joints.length;
  const size = `Its sections come apart by ${each} bolts M${BOLT.across} x ${boltLong} at each joint`;
  if (hand < wants || spanner < SPANNER)
    return [
      noteOf(
        'fixing',
        'hits',
        `${size}, and they are not put in: beside the end bearers ${lengthMark(Math.min(hand, spanner), 'most')} is free, and a bolt with a hand wants ${lengthMark(wants)}, a spanner ${lengthMark(SPANNER)}. Bearers farther apart will do, or longer sections.`,
        'bolts',
      ),
    ];
  return [
    noteOf(
      'fixing',
      about < SOCKET ? 'tight' : 'clear',
      about < SOCKET
        ? `${size}: ${lengthMark(about, 'most')} from the edge of a bearer a socket meets the leaves or the side; ${lengthMark(SOCKET)} is wanted. Deeper bearers, or bolts farther in.`
        : `${size}; ${lengthMark(hand, 'most')} is free beside them for a hand, and with the leaves folded back they are reached from above.`,
      'bolts',
    ),
  ];
}
