import { lengthMark } from '../../length/lengthMark';
import { cupHingeFault } from '../../motion/cupHinge';
import type { Issue } from '../../item/issue';
import type { Body } from '../../scene/scene';
import { segmentInside } from '../../solid/segmentInside';
import { frameOf } from '../../item/frame';
import type { PartPlace } from '../contract/family';
import { coverFault, WIDEST_GAP } from '../kit/fronts';
import { firstTrouble, missingNamed, refuse, within } from '../kit/issues';
import { holeClashes, reusedIssues, type Boring } from '../kit/reused';
import { anyHinge, hardwareKindsOf, hingeHardware } from './hinges';
import { PANEL_PLAY } from './framedLeaf';
import type { HungLeaf, LaidDoor } from './lay';
import type { Door } from './schema';

/** On pivots the gap is what the leaf needs to turn, and a strip covers it. Common practice. */
const WIDEST_AT_PIVOTS = 60;
/** Wood left before a cup's bottom, mm: less shows on the face. Common practice, no single source. */
const SKIN = 2;

type Side = 'left' | 'right' | 'top' | 'bottom';
const SIDES = ['left', 'right', 'top', 'bottom'] as const;

/** Bay, materials and hinges it names that are not there, or not of the kind it needs. */
export function missingOfDoor({ mount, leaf, hinge }: Door, place: PartPlace): Issue[] {
  const missing = missingNamed(
    {
      bay: mount.bay,
      materials: [
        [['leaf', 'material'], leaf.material],
        ...(leaf.pane ? [[['leaf', 'pane', 'material'], leaf.pane.material] as const] : []),
        ...(leaf.framed ? [[['leaf', 'framed', 'panel'], leaf.framed.panel] as const] : []),
      ],
    },
    place,
  );
  if (missing.length > 0) return missing;
  const kinds = hardwareKindsOf(hinge);
  return kinds.some((kind) => place.hardware.find(hinge.hardware, kind))
    ? []
    : refuse(['hinge', 'hardware'], `There is no ${kinds[0]!} “${hinge.hardware}”.`);
}

/** What cannot be built, with the number that would do; the first kind of trouble there is, since the rest may follow from it. */
export function refuseDoor(laid: LaidDoor, around: readonly Body[]): Issue[] {
  const { door, leaves } = laid;
  return firstTrouble([
    () => (door.old ? within('old', reusedIssues(door.old)) : []),
    () => coverIssues(laid),
    () => leaves.flatMap((leaf) => leafIssues(laid, leaf)),
    () => hingeIssues(laid),
    () => leaves.flatMap((leaf) => pinIssues(laid, leaf, around)),
    () => leaves.flatMap((leaf) => holeIssues(laid, leaf)),
  ]);
}

/** The field an edge's overlap is typed in, and how the edge is called. */
function edgeOf({ fit, leaves, hinge }: Door, side: Side): { path: Issue['path']; words: string } {
  const field =
    side === 'top' || side === 'bottom' ? side : leaves === 'pair' || hinge.side === side ? 'hinge' : 'free';
  const words = { hinge: 'hinge edge', free: 'free edge', top: 'top', bottom: 'foot' }[field];
  return { path: fit.kind === 'even' ? ['fit', 'gap'] : ['fit', field], words };
}

function coverIssues({ door, opening, over }: LaidDoor): Issue[] {
  const { fit, old } = door;
  const widest = door.hinge.kind === 'pivot' ? WIDEST_AT_PIVOTS : WIDEST_GAP;
  return SIDES.flatMap((side) => {
    const { path, words } = edgeOf(door, side);
    // What an old leaf comes to at the edges that are not set is told by `leafIssues`.
    if (old && (side === 'top' || path[1] === 'free')) return [];
    return coverFault(fit.kind, over[side], opening[side], { what: 'leaf', edge: words }, path, widest);
  });
}

function leafIssues(laid: LaidDoor, leaf: HungLeaf): Issue[] {
  const { door } = laid;
  const width = leaf.x[1] - leaf.x[0];
  const height = leaf.z[1] - leaf.z[0];
  const { fit, handle, rack, old, leaves } = door;
  const across = leaves === 'pair' ? ['middle'] : ['fit', fit.kind === 'even' ? 'gap' : 'free'];
  if (width <= 0) return refuse(across, 'The gaps leave no leaf: they are as wide as the opening.');
  if (height <= 0)
    return refuse(
      ['fit', fit.kind === 'even' ? 'gap' : 'top'],
      'The gaps leave no leaf: they are as high as the opening.',
    );
  if (old) return oldFits(laid, leaf);
  const { pane } = door.leaf;
  if (pane && 2 * pane.border.mm >= Math.min(width, height))
    return refuse(
      ['leaf', 'pane', 'border'],
      `So wide a border leaves no pane. Less than ${lengthMark(Math.min(width, height) / 2, 'most')} will do.`,
    );
  if (pane && pane.rebate.mm > 0 && pane.rebate.mm >= pane.border.mm)
    return refuse(
      ['leaf', 'pane', 'rebate'],
      `The glass would come out at the leaf’s edge. Less than ${lengthMark(pane.border.mm, 'most')} will do.`,
    );
  const framed = framedIssues(laid, width, height);
  if (framed.length > 0) return framed;
  const off = (path: Issue['path'], what: string, most: number) =>
    refuse(
      path,
      `The ${what} would stand off the leaf. At most ${lengthMark(Math.max(0, most), 'most')} will do.`,
    );
  if (handle && handle.fromFree.mm + handle.width.mm > width)
    return off(['handle', 'fromFree'], 'handle', width - handle.width.mm);
  if (handle && handle.fromBottom.mm + handle.height.mm > height)
    return off(['handle', 'fromBottom'], 'handle', height - handle.height.mm);
  if (rack && rack.fromHinge.mm + rack.fromFree.mm >= width)
    return off(['rack', 'fromFree'], 'rack', width - rack.fromHinge.mm - 10);
  if (rack && rack.fromBottom.mm + rack.height.mm > height)
    return off(['rack', 'fromBottom'], 'rack', height - rack.height.mm);
  return [];
}

/** Less than this between stiles or rails is no panel, mm. */
const LEAST_PANEL = 20;

/** Stiles and rails that leave no panel, or grooves that go through them. */
function framedIssues({ door, place, thick }: LaidDoor, width: number, height: number): Issue[] {
  const { framed } = door.leaf;
  if (!framed) return [];
  const most = (room: number) => (room - LEAST_PANEL) / 2;
  const told = (field: 'stile' | 'rail' | 'groove' | 'panel', message: string) =>
    refuse(['leaf', 'framed', field], message);
  if (framed.stile.mm > most(width))
    return told(
      'stile',
      `So wide its stiles leave no panel. At most ${lengthMark(Math.max(0, most(width)), 'most')} will do.`,
    );
  if (framed.rail.mm > most(height))
    return told(
      'rail',
      `So wide its rails leave no panel. At most ${lengthMark(Math.max(0, most(height)), 'most')} will do.`,
    );
  const deepest = Math.min(framed.stile.mm, framed.rail.mm);
  if (framed.groove.mm >= deepest)
    return told(
      'groove',
      `The groove would go through stile or rail. Less than ${lengthMark(deepest, 'most')} will do.`,
    );
  if (framed.groove.mm <= PANEL_PLAY / 2)
    return told(
      'groove',
      `The panel would not reach into its groove. More than ${lengthMark(PANEL_PLAY / 2, 'least')} will do.`,
    );
  if (place.stock.thickness(framed.panel) >= thick)
    return told(
      'panel',
      `The panel is as thick as the leaf, which is ${lengthMark(thick)}: nothing is left beside its groove.`,
    );
  return [];
}

/** Whether an old leaf closes its opening: what must come off it, or what stays open. */
function oldFits({ door, opening }: LaidDoor, leaf: HungLeaf): Issue[] {
  const middle = door.middle.mm;
  const pair = door.leaves === 'pair';
  const span = opening.right.at - opening.left.at;
  const end = pair
    ? opening.left.at + (span - middle) / 2
    : leaf.side === 'left'
      ? opening.right.at
      : opening.left.at;
  const past = pair
    ? leaf.side === 'left'
      ? leaf.x[1] - end
      : end + middle - leaf.x[0]
    : leaf.side === 'left'
      ? leaf.x[1] - end
      : end - leaf.x[0];
  const over = leaf.z[1] - opening.top.at;
  const inset = door.fit.kind === 'inset';
  const tell = (field: 'width' | 'height', mm: number, cover: number, edge: string): Issue[] => {
    const most = inset || (pair && field === 'width') ? 0 : cover;
    if (mm > most + 1e-9)
      return refuse(
        ['old', field],
        `The old leaf is too large: ${lengthMark(mm - most, 'least')} must come off at its ${edge}.`,
      );
    if (inset ? -mm > WIDEST_GAP : !(pair && field === 'width') && mm <= 0)
      return refuse(
        ['old', field],
        `The old leaf cannot cover its opening: ${lengthMark(-mm)} stays open at its ${edge}.`,
      );
    return [];
  };
  const free = leaf.side === 'left' ? opening.right.cover : opening.left.cover;
  return [...tell('width', past, free, 'free edge'), ...tell('height', over, opening.top.cover, 'top')];
}

function hingeIssues(laid: LaidDoor): Issue[] {
  const { door, place, thick, leaves } = laid;
  const { hinge, limit, fit } = door;
  const { opens } = anyHinge(door, place);
  if (limit > opens)
    return refuse(['limit'], `The hinges open no farther than ${opens}°. At most ${opens} will do.`);
  const [leaf] = leaves;
  const high = leaf!.z[1] - leaf!.z[0];
  if ((hinge.kind === 'cup' || hinge.kind === 'butt') && 2 * hinge.ends.mm >= high)
    return refuse(
      ['hinge', 'ends'],
      `The hinges would meet in the middle of the leaf. Less than ${lengthMark(high / 2, 'most')} will do.`,
    );
  if (hinge.kind === 'pivot') {
    if (fit.kind !== 'inset')
      return refuse(['hinge', 'kind'], 'Pivots carry an inset leaf: make it inset first.');
    const wide = leaf!.x[1] - leaf!.x[0];
    if (hinge.in.mm >= wide)
      return refuse(
        ['hinge', 'in'],
        `The pivots would stand off the leaf. Less than ${lengthMark(wide, 'most')} will do.`,
      );
    if (hinge.back.mm > thick)
      return refuse(
        ['hinge', 'back'],
        `The pivots would stand behind the leaf. At most ${lengthMark(thick, 'most')} will do.`,
      );
  }
  return hinge.kind === 'cup' ? leaves.flatMap((one) => cupIssues(laid, one)) : [];
}

function cupIssues({ door, thick }: LaidDoor, leaf: HungLeaf): Issue[] {
  const { hinge } = door;
  if (hinge.kind !== 'cup' || !leaf.cup) return [];
  const { item, setting, linkage } = leaf.cup;
  if (item.deep > thick - SKIN)
    return refuse(
      door.old ? ['old', 'thickness'] : ['leaf', 'material'],
      `The cup, ${lengthMark(item.deep)} deep, would come through a leaf ${lengthMark(thick)} thick. At least ${lengthMark(item.deep + SKIN, 'least')} will do.`,
    );
  if (hinge.cup.mm < item.cupFrom || hinge.cup.mm > item.cupTo)
    return refuse(
      ['hinge', 'cup'],
      `This hinge wants its cup between ${lengthMark(item.cupFrom, 'least')} and ${lengthMark(item.cupTo, 'most')} from the leaf’s edge.`,
    );
  if (hinge.plate.mm > item.plateTo)
    return refuse(
      ['hinge', 'plate'],
      `There is no plate so high for it. At most ${lengthMark(item.plateTo, 'most')} will do.`,
    );
  const { overlay, adjust, arm } = setting;
  if (Math.abs(adjust) > item.adjustSide + 1e-9) {
    const [least, most] = [overlay - item.adjustSide, overlay + item.adjustSide];
    // What cup distance would bring it within reach, if any does.
    const cup = hinge.cup.mm + adjust - Math.sign(adjust) * item.adjustSide;
    const words =
      leaf.over < 0 ? `a gap of ${lengthMark(-leaf.over)}` : `an overlay of ${lengthMark(leaf.over)}`;
    const would =
      cup >= item.cupFrom && cup <= item.cupTo
        ? `A cup distance of ${lengthMark(cup)} will do.`
        : most <= 0
          ? `A gap between ${lengthMark(-most, 'least')} and ${lengthMark(-least, 'most')} will do.`
          : `An overlay between ${lengthMark(least, 'least')} and ${lengthMark(most, 'most')} will do.`;
    return refuse(
      ['hinge', 'cup'],
      `With ${arm === 'frame' ? 'a face-frame plate' : arm === 'full' ? 'a full-overlay arm' : arm === 'half' ? 'a half-overlay arm' : 'an inset arm'} this hinge cannot be set to ${words}: it is ${lengthMark(Math.abs(adjust) - item.adjustSide, 'least')} beyond its adjustment. ${would}`,
    );
  }
  const fault = cupHingeFault(linkage, -1, (door.limit * Math.PI) / 180);
  return fault ? refuse(['hinge', 'hardware'], fault) : [];
}

function pinIssues(
  { door, place, opening, thick }: LaidDoor,
  leaf: HungLeaf,
  around: readonly Body[],
): Issue[] {
  const { fit, hinge } = door;
  const { pin } = leaf;
  if (!pin || hinge.kind === 'cup') return [];
  const { carcass } = place;
  const path = ['hinge', hinge.kind === 'pivot' ? 'in' : 'pin'];
  if (hinge.kind !== 'pivot') {
    const room = fit.kind === 'inset' ? thick : opening[leaf.side].cover;
    if (hinge.knuckle === 'let in' && hinge.pin.mm > room)
      return refuse(path, `The pin cannot be let in deeper than ${lengthMark(room, 'most')} of wood.`);
  }
  const frame = frameOf(carcass);
  const foot = frame.toSpace([pin[0], pin[1], leaf.z[0]]);
  const head = frame.toSpace([pin[0], pin[1], leaf.z[1]]);
  const solid = around
    .filter((body) => body.item !== carcass.id && !body.zone)
    .find((body) => body.pieces.some((piece) => segmentInside(piece, foot, head) > 0));
  if (!solid) return [];
  return refuse(path, `The hinge pin would stand inside ${solid.name}. Move the carcass, or change the pin.`);
}

/** New cups and hinge mortises against the old holes that are left open. */
function holeIssues(laid: LaidDoor, leaf: HungLeaf): Issue[] {
  const { door } = laid;
  const { old, hinge } = door;
  if (!old) return [];
  const borings = boringsOf(laid, leaf);
  const [worst] = holeClashes(old, borings).sort((a, b) => b.by - a.by);
  if (!worst) return [];
  return refuse(
    ['hinge', 'ends' in hinge ? 'ends' : 'hardware'],
    `${worst.boring.words} would come upon ${worst.hole.words}: it must be ${lengthMark(Math.max(0, worst.by), 'least')} higher or lower, or the old holes plugged.`,
  );
}

/** What is bored or let into a leaf for its hinges, from its own left edge and foot. */
function boringsOf({ door, place }: LaidDoor, leaf: HungLeaf): Boring[] {
  const { hinge } = door;
  if (hinge.kind !== 'cup' && hinge.kind !== 'butt') return [];
  const width = leaf.x[1] - leaf.x[0];
  const { heights } = leaf.hinges;
  const from = (mm: number) => (leaf.side === 'left' ? mm : width - mm);
  if (hinge.kind === 'cup') {
    const { cup } = leaf.cup!.item;
    return heights.map((z, i) => ({
      words: `Cup ${i + 1}`,
      x: from(hinge.cup.mm + cup / 2),
      z,
      wide: cup,
      high: cup,
    }));
  }
  const { wide, high } = hingeHardware(door, place, 'butt hinge');
  return heights.map((z, i) => ({ words: `Hinge ${i + 1}`, x: from(wide / 2), z, wide, high }));
}
