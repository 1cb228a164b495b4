import { besideBay, isOn, type Beside } from '../../../carcass/beside';
import type { BuiltCarcass, GroundWork } from '../../../carcass/build';
import type { Opening } from '../../../carcass/layout';
import type { HardwareList } from '../../../hardware/generic';
import type { PartNote } from '../../../item/note';
import { lengthMark } from '../../../length/lengthMark';
import { span, type Bounds, type Range } from '../../../solid/bounds';
import type { WorkIn } from '../../../piece/board';
import { atPlane, fromAxis, type TurningPlane } from './plane';
import type { Help, PlaceInPlane, Stay } from './schema';

/** A bracket's plate, square, and its pilot holes: across, deep at most, and how far apart, mm; so much wood stays beyond. Common practice, no single source. */
const PLATE = 30;
const PILOT = { across: 2.5, deep: 15, left: 2, apart: 14 };
/** Screws that hold one end of a stay, and of a spring. */
export const USUAL_SCREWS = 2;

/** What is fixed to a leaf at one end and to its case at the other. */
interface Between {
  readonly key: string;
  /** "strut", "stay". */
  readonly word: string;
  readonly x: readonly number[];
  readonly onLeaf: PlaceInPlane;
  readonly onCase: PlaceInPlane;
  readonly screws: number;
}

/** A leaf with what is fixed between it and its case. */
export interface Bracketed {
  readonly key: string;
  readonly words: string;
  readonly plane: TurningPlane;
  readonly help: Help;
  readonly helpX: readonly number[];
  readonly stay: Stay;
  readonly stayX: readonly number[];
  readonly built: BuiltCarcass;
  readonly opening: Pick<Opening, 'inside'>;
  readonly thick: number;
}

/** All that stands on a bracket at either end; a counterweight's cord runs over a roller, which is fixed where it finds a place. */
function betweenOf(leaf: Bracketed, hardware: HardwareList): Between[] {
  const { help, stay, helpX, stayX } = leaf;
  const found: Between[] = [];
  if (help.kind === 'gas struts')
    found.push({
      ...help,
      key: 'strut',
      word: 'strut',
      x: helpX,
      screws: hardware.find(help.hardware, 'gas strut')?.screws ?? USUAL_SCREWS,
    });
  if (help.kind === 'pull springs')
    found.push({ ...help, key: 'spring', word: 'spring', x: helpX, screws: USUAL_SCREWS });
  if (stay) found.push({ ...stay, key: 'stay', word: 'stay', x: stayX, screws: USUAL_SCREWS });
  return found;
}

const about = (middle: number, wide: number): Range => [middle - wide / 2, middle + wide / 2];

/** Brackets on the leaf's inner face: the place of each, and its pilot holes. */
export function leafBrackets(leaf: Bracketed, hardware: HardwareList): WorkIn[] {
  const { plane, thick } = leaf;
  // A leaf that lies level is met from beneath, one that stands from behind.
  const level = plane.into[1] !== 0;
  const inward = level ? plane.into[1] : plane.into[0];
  return betweenOf(leaf, hardware).flatMap(({ key, word, x, onLeaf, screws }) =>
    x.flatMap((middle, i): WorkIn[] => {
      const [y, z] = atPlane(plane, onLeaf.along.mm, plane.face);
      const face = level ? z : y;
      const deep = Math.min(PILOT.deep, thick - PILOT.left);
      const into: Range = inward < 0 ? [face, face + deep] : [face - deep, face];
      const at = (across: Range, along: Range, through: Range): Bounds =>
        level ? { x: across, y: along, z: through } : { x: across, y: through, z: along };
      const row = level ? y : z;
      const words = `the bracket of a ${word}`;
      return [
        {
          key: `${key}-${i + 1}`,
          kind: 'footprint',
          side: 'back',
          at: at(about(middle, PLATE), about(row, PLATE), [face, face]),
          words,
        },
        ...(deep > 0
          ? pilots(screws).map((off, n): WorkIn => ({
              key: `${key}-${i + 1}-screw-${n + 1}`,
              kind: 'hole',
              side: 'back',
              round: true,
              at: at(about(middle, PILOT.across), about(row + off, PILOT.across), into),
              words,
            }))
          : []),
      ];
    }),
  );
}

/** Where screws of one bracket stand off its middle, mm. */
const pilots = (screws: number): number[] =>
  Array.from({ length: screws }, (_, n) => (n - (screws - 1) / 2) * PILOT.apart);

interface CaseBracket extends Between {
  readonly at: readonly [number, number];
  readonly sides: readonly { readonly which: 'left' | 'right'; readonly beside: Beside | undefined }[];
}

/** Brackets on the sides of the case: which board each is on, and where. */
function caseBracketsOf(leaf: Bracketed, hardware: HardwareList): CaseBracket[] {
  const { plane, built, opening } = leaf;
  const { left, right } = opening.inside;
  return betweenOf(leaf, hardware).map((one) => ({
    ...one,
    at: atPlane(plane, ...fromAxis(plane, one.onCase)),
    sides: one.x.map((x) => {
      const which = x - left <= right - x ? 'left' : 'right';
      return { which, beside: besideBay(built, opening, which) };
    }),
  }));
}

/** Brackets on the sides of the case, with their pilot holes: none where no board is there. */
export function caseBrackets(leaf: Bracketed, hardware: HardwareList): GroundWork[] {
  return caseBracketsOf(leaf, hardware).flatMap(({ key, word, at: [y, z], sides, screws }) =>
    sides.flatMap(({ which, beside }, i): GroundWork[] => {
      if (!beside || !isOn(beside, { y: [y, y], z: [z, z] })) return [];
      const thick = span(beside.board.at.x);
      const deep = Math.max(0, Math.min(PILOT.deep, thick - PILOT.left));
      const into: Range = which === 'left' ? [beside.at - deep, beside.at] : [beside.at, beside.at + deep];
      const words = `the bracket of a ${word} of ${leaf.words}`;
      const board = beside.board.key;
      const own = `${leaf.key}/${key}-${i + 1}`;
      return [
        {
          into: board,
          work: {
            key: own,
            kind: 'footprint',
            side: beside.side,
            at: { x: [beside.at, beside.at], y: about(y, PLATE), z: about(z, PLATE) },
            words,
          },
        },
        ...pilots(screws).map((off, n): GroundWork => ({
          into: board,
          work: {
            key: `${own}-screw-${n + 1}`,
            kind: 'hole',
            side: beside.side,
            round: true,
            at: { x: into, y: about(y, PILOT.across), z: about(z + off, PILOT.across) },
            words,
          },
        })),
      ];
    }),
  );
}

/** Where the brackets on the case are, from the front edge of their board and down from its head; and whether a board is there at all. */
export function bracketNotes(leaf: Bracketed, hardware: HardwareList): PartNote[] {
  return caseBracketsOf(leaf, hardware).map(({ word, at: [y, z], sides }): PartNote => {
    const lost = sides.find(({ beside }) => !beside || !isOn(beside, { y: [y, y], z: [z, z] }));
    const many = sides.length > 1;
    const what = many ? `Brackets of its ${word}s` : `The bracket of its ${word}`;
    if (lost)
      return {
        about: 'holes',
        of: word,
        verdict: 'hits',
        sentence: `${what} ${many ? 'find' : 'finds'} no board on the ${lost.which} to be screwed to${lost.beside ? `, ${lengthMark(y - lost.beside.board.at.y[0])} back from its front edge and ${lengthMark(lost.beside.board.at.z[1] - z)} below its head` : ''}: fix ${many ? 'them' : 'it'} nearer, or block it out.`,
      };
    const { board } = sides[0]!.beside!;
    return {
      about: 'holes',
      of: word,
      verdict: 'clear',
      sentence: `${what} ${many ? 'are' : 'is'} on the ${many ? 'sides' : `${sides[0]!.which} side`}, middle${many ? 's' : ''} ${lengthMark(y - board.at.y[0])} back from the front edge and ${lengthMark(board.at.z[1] - z)} below the head.`,
    };
  });
}

/** How deep under the leaf's inner face what is fixed to its case reaches in, mm; 0 where nothing is. */
export const fittingsReach = (help: Help, stay: Stay): number =>
  Math.max(
    0,
    ...('onCase' in help && help.kind !== 'counterweight'
      ? [help.onCase.in.mm + PLATE / 2, help.onLeaf.in.mm + PLATE / 2]
      : []),
    ...(stay ? [stay.onCase.in.mm + PLATE / 2] : []),
  );

/** How far aside a chain hangs, or a stay folds, that is so long and whose ends are so far apart, mm. @source two sides of half its length, by Pythagoras */
export const slackAside = (long: number, apart: number): number =>
  Math.sqrt(Math.max(0, long * long - apart * apart)) / 2;
