import { strutsOf, type Moving } from '../../../mechanism/leafOnStruts';
import type { Frame } from '../../../item/frame';
import type { HardwareList } from '../../../hardware/generic';
import { plain } from '../../../piece/plain';
import type { Link, Piece } from '../../../piece/piece';
import { atPlane, fromAxis, levelLeafOf, type TurningPlane } from './plane';
import { springsBroad, springsEach } from './help';
import type { Closer, Help, Latch, Stay } from './schema';

/** A link with the way it goes, where that is not the leaf's own. */
export interface MovingLink {
  readonly link: Link;
  readonly motion: Moving['motion'];
}

/** Who has them: the item, the key of the leaf they are of, and what that is called in a sentence. */
export interface Owner {
  readonly item: string;
  readonly key: string;
  readonly words: string;
}

/** Tube and rod are one strut. */
const HALF = 0.5;
/** Share of a spring, shut, that each of its two halves is drawn long. */
const SPRING_PART = 0.6;

/** A strut as it is drawn: its two parts slide in one another, each as long as a strut pressed in wholly leaves it. */
export const strutPart = (item: { readonly extended: number; readonly stroke: number }): number =>
  Math.min(0.9, (item.extended - item.stroke) / 2 / (item.extended - item.stroke) + 0.12);

/** Struts or springs between a leaf and its case, each half of them a link on its own way; none of what is in the hinge line. */
export function betweenLinks(
  help: Help,
  plane: TurningPlane,
  x: readonly number[],
  hardware: HardwareList,
  owner: Owner,
): MovingLink[] {
  if (help.kind !== 'gas struts' && help.kind !== 'pull springs') return [];
  const strut = help.kind === 'gas struts' ? hardware.find(help.hardware, 'gas strut') : undefined;
  const spring = help.kind === 'pull springs' ? hardware.find(help.hardware, 'pull spring') : undefined;
  const item = strut ?? spring;
  if (!item || x.length === 0) return [];
  const [onLeaf, fixed] = [fromAxis(plane, help.onLeaf), fromAxis(plane, help.onCase)];
  const low = (place: readonly [number, number]) => atPlane(plane, ...place)[1];
  const { tubes, rods } = strutsOf(levelLeafOf(plane, [0, 0], [0, 0], 0), {
    onLeaf,
    fixed,
    x,
    tube: strut?.tube ?? spring!.across,
    rod: strut?.rod ?? spring!.across,
    part: strut ? strutPart(strut) : SPRING_PART,
    ...(spring && { broad: springsBroad(help, spring.across) }),
    // Its rod hangs down while it is shut, so that its seals stay oiled.
    rodAt: low(fixed) < low(onLeaf) ? 'case' : 'leaf',
  });
  const word = strut ? 'strut' : 'spring';
  const made = (id: string, told: string, { solids, motion }: Moving): MovingLink => ({
    link: {
      key: `${owner.key}/${id}`,
      item: owner.item,
      words: told,
      pieces: solids.map((solid, i): Piece => ({
        ...plain(plane.frame, {
          key: `${owner.key}/${id}-${i + 1}`,
          item: owner.item,
          role: strut ? 'strut' : 'spring',
          is: 'bought',
          name: item.name,
          told: { key: `${owner.key}/${id}`, words: told },
          solids: [solid],
        }),
        hardware: { id: help.hardware, share: HALF * springsEach(help) },
      })),
    },
    motion,
  });
  return [
    made(`${word}s`, `a ${word} of ${owner.words}`, tubes),
    made(
      `${word}-ends`,
      strut ? `the rod of a strut of ${owner.words}` : `the end of a spring of ${owner.words}`,
      rods,
    ),
  ];
}

/** Keys of what is in the hinge line, and what it is called. */
const IN_LINE = {
  'lid springs': { key: 'lid-spring', words: 'lid spring' },
  'friction hinges': { key: 'friction-hinge', words: 'friction hinge' },
  counterweight: { key: 'counterweight', words: 'counterweight' },
} as const;

/** What is only bought and weighed nowhere: what is in the hinge line, a stay, a closer, a latch. */
export function boughtPieces(
  help: Help,
  others: readonly {
    readonly role: Piece['role'];
    readonly id: string;
    readonly count: number;
    readonly key: string;
    readonly words?: string;
  }[],
  hardware: HardwareList,
  frame: Frame,
  owner: Owner,
): Piece[] {
  const inLine =
    help.kind === 'lid springs' || help.kind === 'friction hinges' || help.kind === 'counterweight'
      ? [{ role: 'spring' as const, id: help.hardware, count: help.count, ...IN_LINE[help.kind] }]
      : [];
  return [...inLine, ...others].flatMap(({ role, id, count, key, words = key }) => {
    const item = hardware.named(id);
    if (!item) return [];
    return Array.from({ length: count }, (_, i) =>
      plain(frame, {
        key: `${owner.key}/${key}-${i + 1}`,
        item: owner.item,
        role,
        is: 'bought',
        name: item.name,
        told: { key: `${owner.key}/${key}`, words: `the ${words} of ${owner.words}` },
        hardware: { id, share: 1 },
      }),
    );
  });
}

/** Where along its axis a leaf's stay is, of the two ends there may be one at. */
export const stayPlaces = <At>(stay: Stay, [left, right]: readonly [At, At]): readonly At[] => {
  if (!stay) return [];
  return stay.ends === 'both' ? [left, right] : [stay.ends === 'left' ? left : right];
};

export const stayCount = (stay: NonNullable<Stay>): number => (stay.ends === 'both' ? 2 : 1);

/** What holds a leaf open, takes up its fall and keeps it shut, as it is bought. */
export const heldBy = ({ stay, closer, latch }: { readonly stay: Stay; readonly closer: Closer; readonly latch: Latch }) => [
  ...(stay ? [{ role: 'stay' as const, id: stay.hardware, count: stayCount(stay), key: 'stay' }] : []),
  ...(closer ? [{ role: 'stay' as const, id: closer.hardware, count: closer.count, key: 'closer' }] : []),
  ...(latch ? [{ role: 'latch' as const, id: latch.hardware, count: 1, key: 'latch' }] : []),
]; // prettier-ignore
