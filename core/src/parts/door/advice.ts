import { forceMark, lengthMark, massMark } from '../../length/lengthMark';
import { noteOf, type Assumption, type PartNote } from '../../item/note';
import { GRAVITY } from '../../piece/mass';
import type { Link } from '../../piece/piece';
import type { Carried, PartPieces } from '../contract/family';
import { hardwareAssumptions, OPENING_ASSUMPTION, thicknessAssumptions } from '../kit/assumptions';
import { gripNote } from '../kit/fronts';
import { anyHinge, hingeHardware } from './hinges';
import type { HungLeaf, LaidDoor } from './lay';
import { hingePulls } from './hingePulls';
import { momentMass, sagOf, USUAL_WIDE, wantedHinges } from './load';
import { doorWoodNotes } from './wood';
import { cupNotes, plateNotes } from './plates';
import { hingeGain, neighbourGap } from './path';

/** What closed forms tell of a door: its load and sag, the hinge's setting, fingers, reach, and what to beware of. */
export function doorNotes(laid: LaidDoor, pieces: PartPieces, carried: readonly Carried[]): PartNote[] {
  const leaf = laid.leaves[0]!;
  return [
    ...laid.leaves
      // Leaves of a pair are alike but for what is mounted on one of them.
      .filter((one, i) => i === 0 || carried.some(({ link }) => link === one.key))
      .flatMap((one) =>
        loadNotes(
          laid,
          one,
          pieces.moving.find(({ key }) => key === one.key)!,
          carried.filter(({ link }) => link === one.key),
        ),
      ),
    ...settingNotes(leaf),
    ...laid.leaves.flatMap((one) => plateNotes(laid, one)),
    ...cupNotes(laid, leaf),
    ...mortiseNotes(laid, leaf),
    ...doorWoodNotes(laid, leaf),
    gainNote(laid, leaf),
    ...openingNotes(laid),
    ...fingerNotes(laid),
    ...reachNotes(laid, leaf),
    ...cautions(laid),
  ];
}

const inWords = (names: readonly string[]): string =>
  [names.slice(0, -1).join(', '), names[names.length - 1]].filter((one) => one).join(' and ');
const COUNTS = [
  'no',
  'one',
  'two',
  'three',
  'four',
  'five',
  'six',
  'seven',
  'eight',
  'nine',
  'ten',
  'eleven',
  'twelve',
];

/** More than this of a rating is told as tight. */
const NEAR_LIMIT = 0.8;

function loadNotes(laid: LaidDoor, leaf: HungLeaf, link: Link, carried: readonly Carried[]): PartNote[] {
  const { door, place } = laid;
  const { hinge } = door;
  const { rating } = anyHinge(door, place);
  const mass = leaf.mass + carried.reduce((sum, { kg }) => sum + kg, 0);
  const [wide, high] = [leaf.x[1] - leaf.x[0], leaf.z[1] - leaf.z[0]];
  const { count } = leaf.hinges;
  // The usual counts are those of leaves up to a width: a wider one turns as hard about its hinges as a heavier one.
  const wanted = wantedHinges(hinge.kind, high, momentMass(mass, wide), rating);
  const found: PartNote[] = [];
  const laden = carried.length > 0 ? ` with ${inWords(carried.map(({ words }) => words))}` : '';
  const weighs = `The leaf${laden} weighs about ${massMark(mass)}`;
  const pull = hingePulls(laid, leaf, link, carried)[1]!;
  if (wanted === undefined)
    found.push(
      noteOf(
        'hinges',
        'hits',
        `${weighs}: that is beyond what ${hinge.kind === 'cup' ? 'usual cup hinges' : 'these hinges'} are known to carry${hinge.kind === 'cup' ? `, which is ${massMark(22)} and ${lengthMark(2400)}` : `, which is ${massMark(rating)}`}. Make it lighter, or take hinges rated for it.`,
      ),
    );
  else if (count < wanted)
    found.push(
      noteOf(
        'hinges',
        'hits',
        `${weighs}${wide > USUAL_WIDE ? `, and is ${lengthMark(wide)} wide: it` : ' and'} wants ${COUNTS[wanted]} hinges; it has ${COUNTS[count]}.`,
      ),
    );
  else {
    const most = rating * GRAVITY;
    const will = `${weighs}; ${hinge.kind === 'continuous' ? 'its hinge' : `${COUNTS[count]} hinges`} will do`;
    found.push(
      noteOf(
        'hinges',
        pull > most ? 'hits' : pull > NEAR_LIMIT * most ? 'tight' : 'clear',
        pull > most
          ? `${weighs}, and its top hinge is pulled with ${forceMark(pull)}; it is rated for ${forceMark(most)}. Set its end hinges farther apart, or take stronger ones.`
          : `${will}. The top one is pulled with ${forceMark(pull)} of the ${forceMark(most)} it is rated for.`,
      ),
    );
  }
  return [...found, ...sagNotes(laid, leaf)];
}

/** How far the free edge may drop by the play of its hinges. */
function sagNotes({ door, place }: LaidDoor, { x, hinges: { spacing } }: HungLeaf): PartNote[] {
  const { play } = anyHinge(door, place);
  const sag = sagOf(play, x[1] - x[0], spacing);
  const foot = door.fit.kind === 'inset' ? door.fit.bottom.mm : Infinity;
  if (sag >= foot)
    return [
      noteOf(
        'hinges',
        'hits',
        `Its free edge can drop ${lengthMark(sag)} by the play of its hinges, and ${lengthMark(foot)} is left at its foot.`,
      ),
    ];
  if (sag > foot / 2)
    return [
      noteOf(
        'hinges',
        'tight',
        `Its free edge can drop ${lengthMark(sag)} by the play of its hinges; ${lengthMark(foot)} is left at its foot.`,
      ),
    ];
  return [];
}

function settingNotes({ cup }: HungLeaf): PartNote[] {
  if (!cup) return [];
  const { item, setting } = cup;
  const { overlay, adjust, arm } = setting;
  const comes = overlay < 0 ? `a gap of ${lengthMark(-overlay)}` : `an overlay of ${lengthMark(overlay)}`;
  const arms = {
    frame: 'Face-frame plate',
    full: 'Full-overlay arm',
    half: 'Half-overlay arm',
    inset: 'Inset arm',
  }[arm];
  const used =
    Math.abs(adjust) < 0.005
      ? 'no side adjustment is used'
      : `${lengthMark(Math.abs(adjust))} of side adjustment is used`;
  const left = item.adjustSide - Math.abs(adjust);
  return [
    noteOf(
      'adjustment',
      left < 0.5 ? 'tight' : 'clear',
      `${arms}: the hinge comes to ${comes}; ${used}, ${lengthMark(left)} is left that way; its ${lengthMark(item.adjustDepth)} of depth and ${lengthMark(item.adjustHeight)} of height are untouched.`,
    ),
  ];
}

/** How far the leaf comes past its own hinge edge as it opens, and what a neighbour needs there. */
function gainNote(laid: LaidDoor, leaf: HungLeaf): PartNote {
  const gain = hingeGain(laid, leaf);
  const next = neighbourGap(laid, leaf);
  if (gain < 0.05)
    return noteOf('opening', 'clear', 'Opened square it never goes past where its hinge edge stands shut.');
  const beside =
    next < 0.05
      ? 'a leaf shut beside it needs no gap for that'
      : `a leaf shut beside it needs a gap of ${lengthMark(next)}`;
  return noteOf(
    'opening',
    'clear',
    `Opened square it goes ${lengthMark(gain)} past where its hinge edge stands shut; ${beside}.`,
  );
}

/** What a folded butt or continuous hinge takes of the gap it stands in. */
function mortiseNotes({ door, place }: LaidDoor, leaf: HungLeaf): PartNote[] {
  const { hinge, fit } = door;
  if ((hinge.kind !== 'butt' && hinge.kind !== 'continuous') || fit.kind !== 'inset') return [];
  const { thick } =
    hinge.kind === 'butt'
      ? hingeHardware(door, place, 'butt hinge')
      : hingeHardware(door, place, 'continuous hinge');
  const takes = { none: 2 * thick, leaf: thick, both: 0 }[hinge.mortise];
  const gap = -leaf.over;
  if (takes <= gap + 1e-9) return [];
  return [
    noteOf(
      'hinges',
      'hits',
      `Folded, the hinge takes ${lengthMark(takes)} of the hinge gap, which is ${lengthMark(gap)}: let it in by ${lengthMark(takes - gap, 'least')} more, or make the gap ${lengthMark(takes, 'least')}.`,
    ),
  ];
}

/** What an opening that is not square leaves round a square leaf. */
function openingNotes({ opening: { slack } }: LaidDoor): PartNote[] {
  const found: PartNote[] = [];
  if (slack.width > 0.05)
    found.push(
      noteOf(
        'opening',
        slack.width > 2 ? 'tight' : 'clear',
        `The opening is ${lengthMark(slack.width)} wider at its widest than where it governs: the gaps grow by as much in all.`,
      ),
    );
  if (slack.height > 0.05)
    found.push(
      noteOf(
        'opening',
        slack.height > 2 ? 'tight' : 'clear',
        `One side of the opening is ${lengthMark(slack.height)} higher than the other: the gap grows by as much there.`,
      ),
    );
  return found;
}

/** A finger, and a hand behind a bar. Common practice, no single source. */
function fingerNotes({ door, place, over: overlaps }: LaidDoor): PartNote[] {
  const { handle, fit } = door;
  const { fingers } = place.reach;
  if (!handle) {
    const over = fit.kind === 'inset' ? 0 : Math.min(...Object.values(overlaps));
    return [
      noteOf(
        'fingers',
        'tight',
        `It has no handle: give it a push catch, or an edge that fingers find${over > 0 ? '' : ', since an inset leaf has none'}.`,
      ),
    ];
  }
  return [gripNote(handle, handle.width.mm, fingers)];
}

function reachNotes(
  { door: { handle }, place: { carcass, reach, floor } }: LaidDoor,
  leaf: HungLeaf,
): PartNote[] {
  if (!handle) return [];
  const middle = carcass.z.mm + leaf.z[0] + handle.fromBottom.mm + handle.height.mm / 2 - floor.high;
  if (middle > reach.high)
    return [
      noteOf(
        'reach',
        'tight',
        `The handle is ${lengthMark(middle)} above the floor, ${lengthMark(middle - reach.high, 'least')} over easy reach.`,
      ),
    ];
  if (middle < reach.low)
    return [
      noteOf(
        'reach',
        'tight',
        `The handle is ${lengthMark(middle)} above the floor, ${lengthMark(reach.low - middle, 'least')} below easy reach.`,
      ),
    ];
  return [];
}

function cautions({ door: { leaf, rack }, place }: LaidDoor): PartNote[] {
  const { pane } = leaf;
  const found: PartNote[] = [];
  // Toughened and laminated glass is what it asks for.
  if (pane && (place.stock.material(pane.material).pane ?? 'annealed') === 'annealed')
    found.push(
      noteOf(
        'caution',
        'tight',
        `${pane.kind === 'glass' ? 'Glass' : 'A mirror'} in a door that swings must be safety glass, held all round${pane.kind === 'mirror' ? ', or backed by film' : ''}: annealed, it breaks into blades. Ask the glazier for toughened or laminated.`,
      ),
    );
  if (rack && rack.load > 3)
    found.push(
      noteOf(
        'caution',
        'tight',
        'What stands on its back falls out when it is thrown open: give it a rail, and the door a stop.',
      ),
    );
  return found;
}

/** What of a door was never measured or held against the maker's sheet. */
export function doorAssumptions({ door, place, opening }: LaidDoor): Assumption[] {
  const { stock, carcass } = place;
  return [
    ...thicknessAssumptions([carcass.sheet, ...(door.old ? [] : [door.leaf.material])], stock),
    ...hardwareAssumptions(anyHinge(door, place)),
    ...(door.fit.kind === 'inset' && !opening.read ? [OPENING_ASSUMPTION] : []),
  ];
}
