import { memo, useMemo } from 'react';
import {
  motionPose,
  onlyShifts,
  partsOfMover,
  place,
  travelText,
  type Mover,
  type MovingBody,
  type PartReport,
  type Units,
} from '@tarnpass/core';
import { colour } from '../theme/palette';
import { keptOf } from '../../hooks/keptOf';
import type { SheetFrame } from './frame';
import { layLabels, textWidth, type LabelBox } from './labels';
import { boundsOf, outlineOf, pointsText, type Bounds, type Outline } from './outline';
import { onEnter } from './StillBodies';

interface Props {
  readonly mover: Mover;
  /** How far it goes free, and whether something stops it there. */
  readonly usable: number;
  readonly hit: boolean;
  readonly frame: SheetFrame;
  readonly units: Units;
  readonly selected: boolean;
}

/** Of a part's report what is drawn of it; all of its travel as free where there is none yet. */
export const reachOfPart = (mover: Mover, report: PartReport | undefined) => ({
  usable: report?.check.usable ?? mover.to,
  hit: report?.check.encounters[0]?.contact !== undefined,
});

/** What is swept as it moves: all but what turns about its own axis. */
const sweepers = (mover: Mover): readonly MovingBody[] => partsOfMover(mover).filter(({ round }) => !round);

const cornersAt = (mover: Mover, travel: number, bodies = sweepers(mover)): Float64Array[] =>
  bodies.flatMap(({ pieces, motion }) => {
    const pose = motionPose(motion, travel);
    return pieces.map((piece) => place(pose, piece.corners));
  });

/** What only shifts sweeps the hull of its ends: no stop between them is wanted. */
const isStraight = ({ bodies }: Mover): boolean => bodies.every(({ motion }) => onlyShifts(motion));

/** The outline of the main body at a travel: what contours and labels go by. */
const mainOutline = (mover: Mover, frame: SheetFrame, travel: number): Outline =>
  outlineOf(frame, ...cornersAt(mover, travel, sweepers(mover).slice(0, 1)));

/** Even steps of travel for contour lines: degrees for a turn, a tenth of the run for a slide. */
function stepsOf(mover: Mover, every: number): number[] {
  const step = mover.unit === 'rad' ? (every * Math.PI) / 180 : ((mover.to - mover.from) * every) / 100;
  const count = Math.floor((mover.to - mover.from) / step + 1e-9);
  return Array.from({ length: count + 1 }, (_, i) => mover.from + i * step);
}

/** What the part sweeps between two travels as one path of bands: each the hull of a piece at its two ends. */
const sweptPath = keptOf((mover: Mover, frame: SheetFrame, from: number, to: number): string => {
  const between = isStraight(mover) ? [] : stepsOf(mover, 2.5);
  const stops = [from, ...between.filter((travel) => travel > from + 1e-6 && travel < to - 1e-6), to];
  const places = stops.map((travel) => cornersAt(mover, travel));
  return places
    .slice(1)
    .flatMap((corners, i) =>
      corners.map((piece, k) => `M${pointsText(outlineOf(frame, places[i]![k]!, piece))}Z`),
    )
    .join('');
});

/** The outlines of the main body at even travels up to one, as one path: every one, or only those that are, or are not, index lines. */
const contourPath = keptOf((mover: Mover, frame: SheetFrame, every: number, usable: number, which: number) =>
  contoursOf(mover, every, usable)
    .filter((travel) => which === ALL || isIndex(mover, travel) === (which === INDEX))
    .map((travel) => `M${pointsText(mainOutline(mover, frame, travel))}Z`)
    .join(''),
);
const [ALL, INDEX, BETWEEN] = [0, 1, 2];

/** Travels that a contour line is drawn at. */
const contoursOf = (mover: Mover, every: number, usable: number): number[] =>
  stepsOf(mover, every)
    .slice(1)
    .filter((travel) => travel <= usable);

/** The air a part sweeps as far as it goes free, with contour lines at even travels. */
export const SweptAir = memo(function SweptAir({
  mover,
  usable,
  frame,
  units,
  selected,
  large,
}: Props & { large: boolean }) {
  const swept = useMemo(() => sweptPath(mover, frame, mover.from, usable), [mover, frame, usable]);
  const every = selected ? 10 : 15;
  const contours = (which: number, strokeWidth: number, strokeOpacity = 1) => (
    <path
      d={contourPath(mover, frame, every, usable, which)}
      fill="none"
      stroke={colour('tarn')}
      {...{ strokeWidth, strokeOpacity }}
    />
  );
  return (
    <g aria-hidden="true" pointerEvents="none">
      <path d={swept} fill={colour('tarnSoft')} stroke={colour('tarnSoft')} strokeWidth={0.6} />
      {!selected && contours(ALL, 0.6, 0.5)}
      {selected && contours(BETWEEN, 0.6)}
      {selected && contours(INDEX, 1.1)}
      {large &&
        selected &&
        labelledOf(mover, usable, frame, units).map((travel) => (
          <TipLabel
            key={travel}
            mover={mover}
            outline={mainOutline(mover, frame, travel)}
            frame={frame}
            text={travelText(mover, travel, units)}
            fill="tarn"
          />
        ))}
    </g>
  );
});

/** What it cannot reach, crossed, over what is in its way; where it first touches, dashed, with the word. */
export const Blocked = memo(function Blocked({ mover, usable, hit, frame }: Props) {
  const swept = useMemo(
    () => (hit ? sweptPath(mover, frame, usable, mover.to) : ''),
    [mover, frame, usable, hit],
  );
  if (!hit) return null;
  const atContact = cornersAt(mover, usable);
  return (
    <g aria-hidden="true" pointerEvents="none">
      <path d={swept} fill="url(#hits)" opacity={0.85} />
      {atContact.map((corners, k) => (
        <polygon
          key={k}
          points={pointsText(outlineOf(frame, corners))}
          fill="none"
          stroke={colour('heather')}
          strokeWidth={1.4}
          strokeDasharray="4 2.5"
        />
      ))}
    </g>
  );
});

/** The word at the place of first contact, until a hand brings the part near and the tie says more. */
export const HitLabel = memo(function HitLabel({
  mover,
  usable,
  hit,
  frame,
  units,
}: Omit<Props, 'selected'>) {
  if (!hit) return null;
  return (
    <TipLabel
      mover={mover}
      outline={mainOutline(mover, frame, usable)}
      frame={frame}
      text={`hits at ${travelText(mover, usable, units)}`}
      fill="heather"
      bold
    />
  );
});

/** What the word at the first contact takes up along the arc, px. */
const HIT_WORD = 84;

/** A contour with its travel written at its tip: every thirty degrees, clear of where it stops. */
function isLabelled(mover: Mover, travel: number, usable: number, frame: SheetFrame): boolean {
  if (!isIndex(mover, travel)) return false;
  const { width, height } = boundsOf(mainOutline(mover, frame, mover.from));
  const stops = usable < mover.to;
  return usable - travel > (stops ? Math.max(0.15, HIT_WORD / Math.max(width, height, 1)) : 0.15);
}

function isIndex(mover: Mover, travel: number): boolean {
  if (mover.unit !== 'rad') return false;
  const thirties = travel / (Math.PI / 6);
  return Math.abs(thirties - Math.round(thirties)) < 1e-6;
}

/** A label keeps so far off the edge of its view, px. */
const EDGE = 6;
const clamp = (at: number, least: number, most: number) => Math.max(least, Math.min(at, most));

interface TipProps {
  readonly mover: Mover;
  readonly outline: Outline;
  readonly frame: SheetFrame;
  readonly text: string;
  readonly fill: 'tarn' | 'heather';
  readonly bold?: boolean;
}

/** Where a label so wide stands just beyond the end of a pose that is farthest from the joint, within the view, px. */
function tipPlace(mover: Mover, outline: Outline, frame: SheetFrame, width: number) {
  const joint = mover.bodies[0]?.motion.stagesAt(mover.from)[0]?.joint;
  const [px, py] = joint?.kind === 'turn' ? frame.put(joint.point) : outline[0]!;
  const far = [...outline].sort(
    (a, b) => Math.hypot(b[0] - px, b[1] - py) - Math.hypot(a[0] - px, a[1] - py),
  )[0]!;
  const away = Math.hypot(far[0] - px, far[1] - py) || 1;
  const [ux, uy] = [(far[0] - px) / away, (far[1] - py) / away];
  const anchor = ux > 0.35 ? 'start' : ux < -0.35 ? 'end' : 'middle';
  const x = far[0] + 8 * ux;
  const before = { start: 0, middle: width / 2, end: width }[anchor];
  const y = far[1] + (uy < -0.5 ? 6 : 13) * uy + 5;
  const [wide, high] = frame.view;
  // What is panned out of the view takes its label along.
  if (far[0] < 0 || far[1] < 0 || far[0] > wide || far[1] > high) return { x, y, anchor } as const;
  return {
    x: before + clamp(x - before, EDGE, wide - width - EDGE),
    y: clamp(y, 3 * EDGE, high - EDGE),
    anchor,
  } as const;
}

/** The labels at the tips of a selected part's contours, and of its first contact, that no name may cover. */
export function tipBoxes(
  mover: Mover,
  { usable, hit }: ReturnType<typeof reachOfPart>,
  frame: SheetFrame,
  units: Units,
): LabelBox[] {
  return [
    ...labelledOf(mover, usable, frame, units).map((travel) =>
      tipBox(mover, frame, travel, travelText(mover, travel, units), 14),
    ),
    ...(hit ? [tipBox(mover, frame, usable, `hits at ${travelText(mover, usable, units)}`, 16)] : []),
  ];
}

function tipBox(mover: Mover, frame: SheetFrame, travel: number, text: string, size: number): LabelBox {
  const width = textWidth(text, size);
  const { x, y, anchor } = tipPlace(mover, mainOutline(mover, frame, travel), frame, width);
  const left = { start: x, middle: x - width / 2, end: x - width }[anchor];
  return { x: left, y: y - 0.8 * size, width, height: size };
}

/** A part whose air is no broader than this is seen along the plane it turns in: its contours have no tips to write at, px. */
const EDGE_ON = 16;

/** Travels written at the tips of contours: of those that would lie on one another, as of a part that rests on its way, the first. */
function labelledOf(mover: Mover, usable: number, frame: SheetFrame, units: Units): number[] {
  const { width, height } = airBounds(mover, frame);
  if (!isStraight(mover) && Math.min(width, height) < EDGE_ON) return [];
  const wished = stepsOf(mover, 10)
    .slice(1)
    .filter((travel) => isLabelled(mover, travel, usable, frame))
    .map((travel) => ({ travel, box: tipBox(mover, frame, travel, travelText(mover, travel, units), 14) }));
  const placed = layLabels(wished.map(({ travel, box }) => ({ key: String(travel), places: [box] })));
  return wished.filter(({ travel }) => placed.has(String(travel))).map(({ travel }) => travel);
}

function TipLabel({ mover, outline, frame, text, fill, bold = false }: TipProps) {
  const { x, y, anchor } = tipPlace(mover, outline, frame, textWidth(text, bold ? 16 : 14));
  return (
    <text
      x={x}
      y={y}
      textAnchor={anchor}
      fontSize={bold ? 16 : 14}
      fontWeight={bold ? 700 : 560}
      fill={colour(fill)}
      stroke={colour('paper')}
      strokeWidth={4}
      paintOrder="stroke"
    >
      {text}
    </text>
  );
}

/** About the air a part sweeps, px. */
export const airBounds = keptOf((mover: Mover, frame: SheetFrame): Bounds => {
  const shares = isStraight(mover) ? [0, 1] : [0, 0.25, 0.5, 0.75, 1];
  const places = shares.map((share) => mover.from + share * (mover.to - mover.from));
  return boundsOf(places.flatMap((travel) => outlineOf(frame, ...cornersAt(mover, travel))));
});

/** About the part where it stands shut, px. */
export const shutBounds = keptOf((mover: Mover, frame: SheetFrame): Bounds =>
  boundsOf(outlineOf(frame, ...cornersAt(mover, mover.from, mover.bodies))),
);

/** More pieces than this are drawn apart from each other. */
const PLAIN = 5;

/** The part itself where it stands now. */
export const PartNow = memo(function PartNow({
  mover,
  frame,
  selected,
  travel,
  onSelect,
}: Pick<Props, 'mover' | 'frame' | 'selected'> & { travel: number; onSelect(id: string): void }) {
  const corners = cornersAt(mover, travel, mover.bodies);
  const outlines = corners.map((piece) => pointsText(outlineOf(frame, piece)));
  return (
    <g
      role="button"
      tabIndex={0}
      aria-label={mover.name}
      aria-pressed={selected}
      data-part={mover.id}
      pointerEvents="all"
      onClick={() => onSelect(mover.id)}
      onKeyDown={onEnter(() => onSelect(mover.id))}
      style={{ cursor: 'pointer' }}
    >
      {/* A leaf is a few px thick: this is what a finger or a pointer finds. */}
      <polygon
        points={pointsText(outlineOf(frame, ...corners))}
        fill="transparent"
        stroke="transparent"
        strokeWidth={16}
      />
      {outlines.map((points, i) => (
        <polygon
          key={i}
          points={points}
          fill={selected ? colour('tarn') : colour('tarnFill')}
          // What a box is made of shows in it, selected as well.
          stroke={selected && outlines.length > PLAIN ? colour('paper') : colour('tarn')}
          strokeWidth={selected && outlines.length > PLAIN ? 0.7 : 1.4}
          strokeLinejoin="round"
        />
      ))}
    </g>
  );
});

/** Where a part's mark may stand, px: in the air it sweeps, the middle first. */
export function* markPlaces(
  mover: Mover,
  report: PartReport | undefined,
  frame: SheetFrame,
): Generator<[number, number]> {
  // What stands in something when shut has no air of its own: its mark goes where it would be open.
  const free = report?.check.usable ?? mover.to;
  const usable = free - mover.from > 0.05 ? free : mover.to;
  for (const share of [0.45, 0.3, 0.65, 0.85, 0.1]) {
    const outline = mainOutline(mover, frame, mover.from + (usable - mover.from) * share);
    const sum = outline.reduce(([sx, sy], [x, y]) => [sx + x, sy + y] as const, [0, 0] as const);
    yield [sum[0] / outline.length, sum[1] / outline.length];
  }
}
