import { boxOf, type Boxes } from '../clearance/boxes';
import { capitalised } from '../item/capitals';
import { called } from '../item/called';
import type { PartNote } from '../item/note';
import { lengthMark } from '../length/lengthMark';
import { stillBodies } from '../plan/still';
import type { Plan } from '../plan/schema';
import type { Body } from '../scene/scene';
import type { Thing } from '../things/schema';

/**
 * From a hob up to wood above it, mm: less is told as a fault, and up to so much as near.
 *
 * @source usual figures of hobs and hoods, 650 to 750, from memory: the maker of the hob and the local code come first
 */
const HOB = { least: 650, usual: 750 } as const;
/** Wood nearer to a heater than this is told, mm. Common practice; the maker of the heater and the local code come first. */
const HEATER = 1000;
const GAS = 150;

/** What is hot, burns or carries gas, against the wood about it: how near that is, with whose word comes first. */
export function heatNotes(plan: Plan, thing: Thing): PartNote[] {
  if (thing.state === 'to be removed') return [];
  switch (thing.kind) {
    case 'hob':
      return hobNotes(plan, thing);
    case 'heater':
      return nearNotes(plan, thing, HEATER, heaterWords);
    case 'gas pipe':
      return nearNotes(plan, thing, GAS, gasWords);
    default:
      return [];
  }
}

const own = (plan: Plan): Body[] => {
  const ids = new Set([...plan.carcasses, ...plan.parts].map(({ id }) => id));
  return stillBodies(plan).filter(({ item }) => ids.has(item));
};

const boxesOf = ({ pieces }: Body): Boxes[] =>
  pieces.flatMap((piece) => (piece.kind === 'convex' ? [boxOf(piece.corners)] : []));

const boxOfThing = ({ x, y, z, width, depth, height }: Thing): Boxes =>
  Float64Array.of(x.mm, y.mm, z.mm, x.mm + width.mm, y.mm + depth.mm, z.mm + height.mm);

function hobNotes(plan: Plan, hob: Thing): PartNote[] {
  const at = boxOfThing(hob);
  const over = own(plan).flatMap((body) =>
    boxesOf(body)
      .filter((box) => box[0]! < at[3]! && box[3]! > at[0]! && box[1]! < at[4]! && box[4]! > at[1]!)
      .filter((box) => box[2]! >= at[5]!)
      .map((box) => ({ body, up: box[2]! - at[5]! })),
  );
  if (over.length === 0) return [];
  const { body, up } = over.reduce((a, b) => (b.up < a.up ? b : a));
  if (up >= HOB.usual) return [];
  const low = up < HOB.least;
  return [
    {
      about: low ? 'standing' : 'caution',
      verdict: low ? 'hits' : 'tight',
      sentence: `${capitalised(body.name)} is ${lengthMark(up, 'most')} over the ${called(hob.name)}: ${lengthMark(HOB.least)} to ${lengthMark(HOB.usual)} is usual to what burns; the hob’s maker and local codes come first.`,
    },
  ];
}

/** The nearest wood to a thing, as far as that is of consequence. */
function nearNotes(
  plan: Plan,
  thing: Thing,
  within: number,
  words: (thing: string, wood: string, off: string) => string,
): PartNote[] {
  const at = boxOfThing(thing);
  const near = own(plan)
    .flatMap((body) => boxesOf(body).map((box) => ({ body, off: gapOf(at, box) })))
    .filter(({ off }) => off < within);
  if (near.length === 0) return [];
  const { body, off } = near.reduce((a, b) => (b.off < a.off ? b : a));
  return [
    {
      about: 'caution',
      verdict: 'tight',
      sentence: words(called(thing.name), body.name, lengthMark(off, 'most')),
    },
  ];
}

const heaterWords = (thing: string, wood: string, off: string) =>
  `The ${thing} has ${off} to ${wood}: how near wood may come, and what must stand between, its maker and local codes say. Nothing is hung, stored or opened before it.`;
const gasWords = (thing: string, wood: string, off: string) =>
  `The ${thing} runs ${off} from ${wood}: no screw goes near it, it stays in reach and in air, and only licensed people move it. Local codes come first.`;

/** From one box to another, mm; 0 where they meet. */
function gapOf(a: Boxes, b: Boxes): number {
  const apart = [0, 1, 2].map((axis) => Math.max(0, a[axis]! - b[axis + 3]!, b[axis]! - a[axis + 3]!));
  return Math.hypot(...apart);
}
