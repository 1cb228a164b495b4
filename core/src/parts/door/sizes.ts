import { lengthMark } from '../../length/lengthMark';
import { sumOf, type Sum, type SumLine } from '../../sizing/sum';
import type { PartPlace, SizedPiece } from '../family';
import { openingOf } from '../fronts';
import { moverId } from './build';
import { hingeHardware, hingesOf } from './hung';
import { leafThickness, leavesOf, overlapsOf, type Leaf, type Overlaps } from './leaf';
import type { Door } from './schema';

/** The leaves to cut: opening and both overlaps, or opening less both gaps; and panes set into or on them. */
export function doorSizes(door: Door, place: PartPlace): SizedPiece[] {
  return leavesOf(door, place).flatMap((leaf) => [
    leafPiece(door, leaf, place),
    ...paneOf(door, leaf, place),
  ]);
}

function leafPiece(door: Door, leaf: Leaf, place: PartPlace): SizedPiece {
  const { old } = door;
  const shared = {
    name: leaf.of === '' ? door.name : `${door.name}, ${leaf.of}`,
    count: 1,
    thickness: leafThickness(door, place),
    of: moverId(door, leaf),
    notes: notesOf(door, leaf, place),
  };
  if (old) {
    const asIs = (name: string, mm: number) => sumOf(name, [{ words: 'the old leaf', mm }]);
    return {
      ...shared,
      material: '',
      width: asIs('leaf width', old.width.mm),
      height: asIs('leaf height', old.height.mm),
    };
  }
  const opening = openingOf(door, place);
  const over = overlapsOf(door, opening);
  const width = [...opening.width.lines, ...acrossLines(door, over)];
  if (door.leaves === 'pair') {
    const both = width.reduce((sum, { mm }) => sum + mm, 0) - door.middle.mm;
    width.push(
      { words: 'gap between the leaves', mm: -door.middle.mm },
      { words: 'the other leaf', mm: -both / 2 },
    );
  }
  const height = [
    ...opening.height.lines,
    edgeLine(door, 'top', over.top),
    edgeLine(door, 'foot', over.bottom),
  ];
  return {
    ...shared,
    thickness: shared.thickness - door.leaf.front.mm - door.leaf.back.mm,
    material: door.leaf.material,
    width: sumOf('leaf width', [...width, ...edgeCover(door)]),
    height: sumOf('leaf height', [...height, ...edgeCover(door)]),
  };
}

function acrossLines(door: Door, over: Overlaps): SumLine[] {
  const edge = (side: 'left' | 'right') =>
    door.leaves === 'pair' ? `${side} hinge edge` : door.hinge.side === side ? 'hinge' : 'free edge';
  return (['left', 'right'] as const).map((side) => edgeLine(door, edge(side), over[side]));
}

const edgeLine = ({ fit }: Door, edge: string, mm: number): SumLine => ({
  words: `${edge} ${fit.kind === 'inset' ? 'gap' : 'overlay'}`,
  mm,
});

/** What goes on the edges after cutting comes off the cut. */
function edgeCover({ leaf }: Door): SumLine[] {
  const twice = (words: string, mm: number): SumLine[] =>
    mm > 0 ? [{ words, mm: -2 * mm, times: [2, mm] }] : [];
  return [
    ...twice('edge banding', leaf.banding.mm),
    ...(leaf.wraps ? twice('wrapped round', leaf.front.mm) : []),
  ];
}

function paneOf(door: Door, leaf: Leaf, { stock }: PartPlace): SizedPiece[] {
  const { pane } = door.leaf;
  if (!pane) return [];
  const border: SumLine = { words: 'border', mm: -2 * pane.border.mm, times: [2, pane.border.mm] };
  const size = (name: string, whole: string, mm: number): Sum =>
    sumOf(name, [{ words: whole, mm }, ...(pane.border.mm > 0 ? [border] : [])]);
  return [
    {
      name: `${pane.kind === 'glass' ? 'Glass' : 'Mirror'} of ${door.name}${leaf.of === '' ? '' : `, ${leaf.of}`}`,
      count: 1,
      width: size('width', 'leaf width', leaf.x[1] - leaf.x[0]),
      height: size('height', 'leaf height', leaf.z[1] - leaf.z[0]),
      thickness: stock.thickness(pane.material),
      material: pane.material,
      notes: [],
    },
  ];
}

/** What is bored or let in, and where. */
function notesOf(door: Door, leaf: Leaf, place: PartPlace): string[] {
  const { hinge, old } = door;
  const { heights } = hingesOf(door, leaf, place);
  const at = heights.map((mm) => lengthMark(mm)).join(', ');
  const notes: string[] = [];
  if (hinge.kind === 'cup') {
    const item = hingeHardware(door, place, 'cup hinge');
    const inset = door.fit.kind === 'inset' ? leaf.y[1] - leaf.y[0] : 0;
    notes.push(
      `Cups ${lengthMark(item.cup)} wide and ${lengthMark(item.deep)} deep in the back, their middles ${lengthMark(hinge.cup.mm + item.cup / 2)} from the hinge edge and ${at} above the foot.`,
      `Plate holes ${lengthMark(item.holesBack + inset)} back from the carcass’s front, ${lengthMark(item.holesApart)} apart, about the same heights.`,
    );
  } else if (hinge.kind === 'butt') {
    const item = hingeHardware(door, place, 'butt hinge');
    const deep = { none: 0, leaf: item.thick, both: item.thick }[hinge.mortise];
    const into = {
      none: 'on the surface',
      leaf: `let ${lengthMark(deep)} into the leaf`,
      both: `let ${lengthMark(deep)} into leaf and frame`,
    }[hinge.mortise];
    notes.push(`Hinges ${into}, their middles ${at} above the foot.`);
  } else if (hinge.kind === 'pivot') {
    notes.push(
      `Pivots ${lengthMark(hinge.in.mm)} in from the hinge edge and ${lengthMark(hinge.back.mm)} back from the face, at foot and head.`,
    );
  }
  if (old && old.becomes === 'plugged' && old.holes.length > 0)
    notes.push('Plug the old holes before anything new is bored.');
  return notes;
}
