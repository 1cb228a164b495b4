import { lengthMark, shelfLoadMark } from '../../length/lengthMark';
import type { Assumption, PartNote } from '../../item/note';
import { CLOTHES_RAIL, perMetre } from '../../strength/usualLoads';
import { ownWeight } from '../../strength/beam';
import { hardly } from '../../strength/round';
import { thicknessAssumptions } from '../kit/assumptions';
import type { LaidRod } from './lay';
import { sectionOf } from './pieces';

/** A hanger is so wide, and what hangs on it; wanted above a rod to lift it off. Common practice, no single source. */
const HANGERS = 550;
const ABOVE = 40;
/** Left beneath what hangs, mm. Common practice. */
const UNDER = 30;

/** What of a rod nobody weighed or measured. */
export const rodAssumptions = ({ rod, place: { stock } }: LaidRod): Assumption[] => [
  ...thicknessAssumptions([rod.material], stock),
  ...(rod.load === null
    ? [
        {
          words: `no more than ${shelfLoadMark(CLOTHES_RAIL)} hangs on it, as of clothes`,
          measure: 'weigh a metre of what hangs on it',
        },
      ]
    : []),
];

export const rodNotes = (laid: LaidRod): PartNote[] => [
  hardly(rodSpan(laid)),
  ...roomNotes(laid),
  ...reachNotes(laid),
];

/** A round rod on its two ends under what hangs on it. */
export function rodSpan({ rod, from, to, cleat }: LaidRod) {
  const load = rod.load ?? CLOTHES_RAIL;
  const { inner, density } = sectionOf(rod);
  return {
    made: rod.made,
    across: rod.thick.mm,
    inner,
    span: to - from - 2 * cleat,
    // As heavy along its length as a square bar of its section.
    spread:
      perMetre(load).spread +
      ownWeight({ wide: 1, thick: (Math.PI / 4) * (rod.thick.mm ** 2 - inner ** 2), density }),
    under: shelfLoadMark(load),
  };
}

function roomNotes({ rod, under, deep, y, opening }: LaidRod): PartNote[] {
  const short = rod.long.mm + UNDER - under;
  const above = rod.below.mm - rod.thick.mm / 2;
  const beside = Math.min(y - opening.inside.front, opening.inside.back - y);
  return [
    short > 0
      ? {
          about: 'fit',
          verdict: short > UNDER ? 'hits' : 'tight',
          sentence: `What hangs on it is ${lengthMark(rod.long.mm)} long and has ${lengthMark(under, 'most')} under the rod, ${lengthMark(UNDER)} of which stays free: it must hang ${lengthMark(short, 'least')} higher, or be shorter.`,
        }
      : {
          about: 'fit',
          verdict: 'clear',
          sentence: `What hangs on it, ${lengthMark(rod.long.mm)} long, has ${lengthMark(under - rod.long.mm, 'most')} free beneath.`,
        },
    ...(above < ABOVE
      ? [
          {
            about: 'fit' as const,
            verdict: 'tight' as const,
            sentence: `Hangers have ${lengthMark(above, 'most')} above the rod to be lifted off; ${lengthMark(ABOVE)} is wanted.`,
          },
        ]
      : []),
    ...(2 * beside < HANGERS
      ? [
          {
            about: 'fit' as const,
            verdict: 'tight' as const,
            sentence: `Hangers with clothes are about ${lengthMark(HANGERS)} wide, and ${lengthMark(2 * beside, 'most')} is free about the rod in a bay ${lengthMark(deep, 'most')} deep: they hang aslant, or in a door’s way. At least ${lengthMark(deep + HANGERS - 2 * beside, 'least')} deep will do, or a rod that comes out to the front.`,
          },
        ]
      : []),
  ];
}

function reachNotes({ place: { carcass, reach, floor }, z }: LaidRod): PartNote[] {
  const up = carcass.z.mm - floor.high + z;
  return up > reach.high
    ? [
        {
          about: 'reach',
          verdict: 'tight',
          sentence: `The rod is ${lengthMark(up)} above the floor, ${lengthMark(up - reach.high, 'least')} over easy reach.`,
        },
      ]
    : [];
}

/** What hangs on it, kg. */
export const hangingOn = ({ rod, from, to }: LaidRod): number =>
  ((rod.load ?? CLOTHES_RAIL) * (to - from)) / 1000;
