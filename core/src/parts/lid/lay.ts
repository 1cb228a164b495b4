import { called } from '../../item/called';
import { frameOf, type Frame } from '../../item/frame';
import type { Inside } from '../../carcass/layout';
import type { PartPlace } from '../contract/family';
import { levelHingeItem, pinOut } from '../kit/turning/hinge';
import { helpRoom, stayItem, stayLong } from '../kit/turning/help';
import { stayPlaces } from '../kit/turning/pieces';
import { DIRECTIONS, fromAxis, turnsUntil, type TurningPlane } from '../kit/turning/plane';
import { span, type Bounds, type Range } from '../../solid/bounds';
import type { Lid } from './schema';

/** One leaf of a lid, in its carcass's frame, mm. */
export interface LidLeaf {
  /** Its mover's id: the part's own of a single leaf. */
  readonly key: string;
  readonly of: '' | 'left' | 'right';
  readonly at: Bounds;
  /** Where what is between it and its carcass stands along its axis. */
  readonly helpX: readonly number[];
  readonly stayX: readonly number[];
}

/** What ends its way as it opens: in words, and the turn at which it does, rad. */
export interface Stop {
  readonly words: string;
  readonly at: number;
}

export interface LaidLid {
  readonly lid: Lid;
  readonly place: PartPlace;
  readonly frame: Frame;
  readonly inside: Inside;
  /** The whole top, and what of it stays. */
  readonly top: Bounds;
  readonly margins: readonly { readonly edge: keyof Lid['margins']; readonly at: Bounds }[];
  /** Strips under the margins that carry the leaf. */
  readonly ledges: readonly { readonly edge: 'left' | 'right' | 'front'; readonly at: Bounds }[];
  readonly front: Bounds | undefined;
  readonly leaves: readonly LidLeaf[];
  readonly thick: number;
  readonly plane: TurningPlane;
  /** From the axis to the leaf's hinge edge, and to its free one. */
  readonly from: number;
  readonly long: number;
  /** The knuckle's radius. */
  readonly knuckle: number;
  /** How far it opens, rad, and all that would stop it, the first that does so first. */
  readonly to: number;
  readonly stops: readonly Stop[];
}

export const RADIANS = Math.PI / 180;
const BESIDE = 4;

export function layLid(lid: Lid, place: PartPlace): LaidLid {
  const { carcass, built, stock, hardware } = place;
  const { over, margins, gap, ledge, hinge } = lid;
  const [height, width, depth] = [carcass.height.mm, carcass.width.mm, carcass.depth.mm];
  const { shell } = built.layout;
  const { inside } = built.layout.openings.get(carcass.bay.id)!;
  const thick = lid.layers * stock.thickness(lid.material);
  const z: Range = [height, height + thick];
  const top: Bounds = {
    x: [-over.left.mm, width + over.right.mm],
    y: [-over.front.mm, depth + over.back.mm],
    z,
  };
  const inner = (mm: number) => (mm > 0 ? mm + gap.mm : 0);
  const x: Range = [top.x[0] + inner(margins.left.mm), top.x[1] - inner(margins.right.mm)];
  const y: Range = [top.y[0] + inner(margins.front.mm), top.y[1] - inner(margins.back.mm)];
  const item = levelHingeItem(hinge, hardware);
  const out = pinOut(hinge, thick);
  const line: readonly [number, number] = [y[1] + (margins.back.mm > 0 ? gap.mm / 2 : 0), z[1] + out];
  const plane: TurningPlane = {
    frame: frameOf(carcass),
    axis: line,
    ...DIRECTIONS.lid,
    face: line[1] - z[0],
  };
  const lip = ledge.thick.mm > 0 ? ledge.bears.mm : 0;
  const { off, half } = helpRoom(lid.help, place.hardware);
  const leaves = leavesOf(lid, x, y, z).map((leaf): LidLeaf => {
    const ends: Range = [
      Math.max(inside.left + off, leaf.at.x[0] + lip + half + BESIDE),
      Math.min(inside.right - off, leaf.at.x[1] - lip - half - BESIDE),
    ];
    return {
      ...leaf,
      helpX: 'count' in lid.help && lid.help.count === 1 ? [ends[0]] : ends,
      stayX: stayPlaces(lid.stay, ends),
    };
  });
  const stops = stopsOf(lid, place, plane, item?.opens);
  const front: Bounds | undefined = lid.front
    ? {
        x: [inside.left, inside.right],
        y: [shell.front, shell.front + stock.thickness(lid.front.material)],
        z: [inside.bottom, height],
      }
    : undefined;
  return {
    lid,
    place,
    frame: plane.frame,
    inside,
    top,
    margins: marginsOf(lid, top),
    ledges: ledgesOf(lid, x, y, height, {
      x: [inside.left, inside.right],
      front: front ? front.y[1] : shell.front,
    }),
    front,
    leaves,
    thick,
    plane,
    from: line[0] - y[1],
    long: line[0] - y[0],
    knuckle: (item?.knuckle ?? 0) / 2,
    to: stops[0]!.at,
    stops,
  };
}

function leavesOf(lid: Lid, x: Range, y: Range, z: Range): Pick<LidLeaf, 'key' | 'of' | 'at'>[] {
  if (lid.leaves === 'one') return [{ key: lid.id, of: '', at: { x, y, z } }];
  const middle = (x[0] + x[1]) / 2;
  const half = lid.gap.mm / 2;
  return [
    { key: `${lid.id}.left`, of: 'left', at: { x: [x[0], middle - half], y, z } },
    { key: `${lid.id}.right`, of: 'right', at: { x: [middle + half, x[1]], y, z } },
  ];
}

/** Margins at the sides go all the way back; the others lie between them. */
function marginsOf({ margins }: Lid, { x, y, z }: Bounds): LaidLid['margins'] {
  const { left, right, front, back } = margins;
  const between: Range = [x[0] + left.mm, x[1] - right.mm];
  return [
    { edge: 'left' as const, at: { x: [x[0], x[0] + left.mm] as Range, y, z } },
    { edge: 'right' as const, at: { x: [x[1] - right.mm, x[1]] as Range, y, z } },
    { edge: 'front' as const, at: { x: between, y: [y[0], y[0] + front.mm] as Range, z } },
    { edge: 'back' as const, at: { x: between, y: [y[1] - back.mm, y[1]] as Range, z } },
  ].filter(({ edge }) => margins[edge].mm > 0);
}

/** A ledge that would be narrower, or longer by less, is none, mm. */
const LEAST_LEDGE = 5;

/** Under each margin at whose edge the leaf lies, half beneath each; at its back the hinge carries it. Within the carcass, behind its front. */
function ledgesOf(
  { margins, ledge, gap }: Lid,
  x: Range,
  y: Range,
  height: number,
  within: { readonly x: Range; readonly front: number },
): LaidLid['ledges'] {
  const [thick, bears] = [ledge.thick.mm, ledge.bears.mm];
  if (thick === 0 || bears === 0) return [];
  const z: Range = [height - thick, height];
  const under = bears + gap.mm;
  const along: Range = [Math.max(y[0] - (margins.front.mm > 0 ? under : 0), within.front), y[1]];
  return [
    {
      edge: 'left' as const,
      at: { x: [Math.max(x[0] - under, within.x[0]), x[0] + bears] as Range, y: along, z },
    },
    {
      edge: 'right' as const,
      at: { x: [x[1] - bears, Math.min(x[1] + under, within.x[1])] as Range, y: along, z },
    },
    {
      edge: 'front' as const,
      at: {
        x: [
          margins.left.mm > 0 ? x[0] + bears : within.x[0],
          margins.right.mm > 0 ? x[1] - bears : within.x[1],
        ] as Range,
        y: [Math.max(y[0] - under, within.front), y[0] + bears] as Range,
        z,
      },
    },
  ].filter(({ edge, at }) => margins[edge].mm > 0 && span(at.x) > LEAST_LEDGE && span(at.y) > LEAST_LEDGE);
}

/** What ends its way, the first first: as wanted, its hinge, its stay, its struts drawn out wholly. */
function stopsOf(lid: Lid, { hardware }: PartPlace, plane: TurningPlane, opens: number | undefined): Stop[] {
  const { help, stay, limit } = lid;
  const stops: Stop[] = [{ words: 'as far as was wanted', at: limit * RADIANS }];
  if (opens !== undefined) stops.push({ words: 'by its hinge', at: opens * RADIANS });
  const item = stay && stayItem(stay.hardware, hardware);
  if (stay && item) {
    const at = turnsUntil(fromAxis(plane, stay.onLeaf), fromAxis(plane, stay.onCase), stayLong(item));
    if (at !== undefined) stops.push({ words: 'by its stay', at: Math.max(0, at) });
  }
  const strut = help.kind === 'gas struts' ? hardware.find(help.hardware, 'gas strut') : undefined;
  if (help.kind === 'gas struts' && strut) {
    const at = turnsUntil(fromAxis(plane, help.onLeaf), fromAxis(plane, help.onCase), strut.extended);
    if (at !== undefined) stops.push({ words: 'by its struts, drawn out wholly', at: Math.max(0, at) });
  }
  return stops.sort((a, b) => a.at - b.at);
}

export const wideOf = ({ at }: LidLeaf): number => span(at.x);

/** Whether anything stands behind its hinge for the other flap: a strip beside the leaf, or the back under a knuckle beneath it. */
export const hasFooting = ({ lid }: Pick<LaidLid, 'lid'>): boolean =>
  lid.margins.back.mm > 0 || lid.hinge.knuckle === 'beneath';

export const leafWords = (laid: LaidLid, { of }: LidLeaf): string =>
  of === '' ? `the ${called(laid.lid.name)}` : `the ${of} leaf of the ${called(laid.lid.name)}`;
