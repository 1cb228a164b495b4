import { lengthMark } from '../../length/lengthMark';
import { sumOf, type SumLine } from '../../sizing/sum';
import { span } from '../box/box';
import type { PartPlace, SizedPiece } from '../family';
import { frontHeightSum } from './bank';
import { moverId, saidOf, titleOf } from './build';
import { drawerInnards, type Innards } from './innards';
import { layBank, type DrawerAt, type LaidBank } from './laid';
import type { Drawer } from './schema';

/** Fronts, boxes and packing of a bank, those cut alike together. */
export function drawerSizes(
  drawer: Drawer,
  place: PartPlace,
  innards: Innards = drawerInnards(drawer, place),
): SizedPiece[] {
  const laid = layBank(drawer, place);
  // From the top down, as one counts them.
  const all = [...laid.drawers].reverse();
  return [
    ...all.flatMap((at) => (at.front ? [frontPiece(drawer, laid, at, place)] : [])),
    ...together(all.flatMap((at) => boxOf(drawer, laid, at, innards))),
    ...together(all.flatMap((at) => packingPieces(drawer, laid, at))),
  ];
}

/** Pieces that differ in nothing but the drawer they are of. */
function together(pieces: readonly { readonly key: string; readonly piece: SizedPiece }[]): SizedPiece[] {
  const alike = new Map<string, SizedPiece>();
  for (const { key, piece } of pieces) {
    const sums = JSON.stringify([piece.width.lines, piece.height.lines, piece.material, piece.notes]);
    const known = alike.get(`${key} ${sums}`);
    alike.set(`${key} ${sums}`, known ? { ...known, count: known.count + piece.count } : piece);
  }
  return [...alike.values()];
}

function frontPiece(drawer: Drawer, laid: LaidBank, at: DrawerAt, { stock }: PartPlace): SizedPiece {
  const { fit, front, bank, handle } = drawer;
  const { opening, over, between } = laid;
  const inset = fit.kind === 'inset';
  const edge = (words: string, mm: number): SumLine => ({
    words: `${words} ${inset ? 'gap' : 'overlay'}`,
    mm,
  });
  const banding: SumLine[] =
    front.banding.mm > 0
      ? [{ words: 'edge banding', mm: -2 * front.banding.mm, times: [2, front.banding.mm] }]
      : [];
  const width = sumOf('front width', [
    ...opening.width.lines,
    edge('left', over.left),
    edge('right', over.right),
    ...banding,
  ]);
  const whole = [...opening.height.lines, edge('top', over.top), edge('bottom', over.bottom)];
  const height = frontHeightSum(bank, whole, between, at.row);
  const finished = span(at.front!.x);
  const notes: string[] = [];
  if (handle && handle.holes.mm > 0)
    notes.push(
      `Handle holes ${lengthMark(handle.holes.mm)} apart, each ${lengthMark((finished - handle.holes.mm) / 2)} from its end.`,
    );
  else if (handle) notes.push(`Knob in the middle, ${lengthMark(finished / 2)} from each end.`);
  if (front.made === 'applied') notes.push(FIXING[stock.schools.front]);
  notes.push(...slideNotes(drawer, laid, at, stock.schools.slides));
  return {
    name: titleOf(drawer, at),
    count: 1,
    width,
    height: sumOf('front height', [...height.lines, ...banding]),
    thickness: laid.frontThick,
    material: front.material,
    of: moverId(drawer, at),
    notes,
  };
}

/** How an applied front is set to its neighbours before it is screwed, by the school of the job. */
const FIXING: Readonly<Record<PartPlace['stock']['schools']['front'], string>> = {
  pinned: 'Set the front by shims, pin it from before, then screw it from inside the box.',
  'pressed points':
    'Let screw points stand a hair out of the box, press the front on them, and screw it where they mark.',
  'taped or wedged': 'Hold the front in its gaps by tape or wedges while you screw it from inside.',
  glued: 'Glue the front to its box and clamp it; it cannot be set again.',
};

/** Where the slides of one drawer are fixed: the spacer they lie on in the case, or their line on a side on the bench. */
function slideNotes(
  { runs }: Drawer,
  { slide, opening }: LaidBank,
  at: DrawerAt,
  school: PartPlace['stock']['schools']['slides'],
): string[] {
  if (runs.kind !== 'side slides' || slide?.kind !== 'slide') return [];
  const edge = at.box.z[0] + runs.up.mm;
  return [
    school === 'over spacers'
      ? `Its slides lie on spacers ${lengthMark(edge - opening.inside.bottom)} high over the bay’s bottom.`
      : `The middle of its slides is ${lengthMark(edge + slide.high / 2)} above the foot of the case’s side.`,
  ];
}

/** How the box's outer width came about. */
function boxWidthLines(drawer: Drawer, laid: LaidBank): SumLine[] {
  const { runs, old } = drawer;
  const { opening, clear, slide, side } = laid;
  if (old) return [{ words: 'the old box', mm: old.width.mm }];
  const sum = opening.width.lines;
  const { left, right } = drawer.box.aside;
  const rest = clear[1] - clear[0] + left.mm + right.mm - opening.width.mm;
  const kept = (['left', 'right'] as const).flatMap((side) => {
    const { mm } = drawer.box.aside[side];
    return mm > 0 ? [{ words: `kept clear on the ${side}`, mm: -mm }] : [];
  });
  const from = [...sum, ...(Math.abs(rest) > 1e-9 ? [{ words: 'narrower within', mm: rest }] : []), ...kept];
  if (runs.kind === 'wooden runners')
    return [...from, { words: 'free at the sides', mm: -2 * runs.play.mm, times: [2, runs.play.mm] }];
  if (slide?.kind === 'under slide')
    return [
      ...from,
      { words: 'slides take of the inside', mm: -slide.inner },
      { words: 'sides', mm: 2 * side, times: [2, side] },
    ];
  return [...from, { words: 'slides', mm: -2 * slide!.side, times: [2, slide!.side] }];
}

function boxOf(drawer: Drawer, laid: LaidBank, at: DrawerAt, innards: Innards) {
  const name = `${drawer.name} box`;
  return innards
    .pieces(at.box, boxWidthLines(drawer, laid), name)
    .map((piece, i) => ({ key: String(i), piece }));
}

/** Strips between the case and its slides that are thick enough to be cut. */
function packingPieces(drawer: Drawer, laid: LaidBank, at: DrawerAt) {
  const { runs } = drawer;
  const long = runs.kind === 'wooden runners' ? laid.room : (laid.length ?? 0);
  const high = runs.kind === 'wooden runners' ? runs.thick.mm : (laid.slide?.kind === 'slide' ? laid.slide.high : 0); // prettier-ignore
  return (['left', 'right'] as const).flatMap((side) => {
    const mm = at.packing[side];
    if (mm < LEAST_PACKING) return [];
    const piece: SizedPiece = {
      name: `${drawer.name} packing`,
      count: 1,
      width: sumOf('height', [
        { words: runs.kind === 'wooden runners' ? 'as the runner' : 'as the slide', mm: high },
      ]),
      height: sumOf('length', [{ words: 'as what runs on it', mm: long }]),
      thickness: mm,
      material: drawer.box.material,
      notes: [
        `${lengthMark(mm)} thick, between the case’s side and what the ${saidOf(drawer, at)} runs on, on the ${side}.`,
      ],
    };
    return [{ key: side, piece }];
  });
}
/** Thinner packing is card or veneer, told as a note. */
const LEAST_PACKING = 1.5;
