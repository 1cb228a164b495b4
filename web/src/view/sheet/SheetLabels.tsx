import {
  extentOf,
  itemsOf,
  withoutArticle,
  type Mover,
  type PartReport,
  type Plan,
  type Report,
  type Scene,
} from '@tarnpass/core';
import { memo, useMemo } from 'react';
import { colour } from '../theme/palette';
import { Stone } from '../ui/Stone';
import { isUpright } from './Dimension';
import type { SheetDim } from './dimensions';
import type { SheetFrame } from './frame';
import { lensBounds, type LensPlace } from './lensPlace';
import { apart, layLabels, textWidth, type LabelBox, type LabelWish } from './labels';
import { markPlaces, reachOfPart, shutBounds, tipBoxes } from './MovingPart';
import { boundsOf, type Bounds } from './outline';
import { itemBounds, overheadOf } from './StillBodies';
import type { FlatSight } from './views';

interface Props {
  readonly plan: Plan;
  readonly scene: Scene;
  readonly frame: SheetFrame;
  readonly sight: FlatSight;
  readonly reports: ReadonlyMap<string, Report['parts'][number]>;
  readonly selected: string | null;
  readonly dims: readonly SheetDim[];
  readonly large: boolean;
  /** Where the lens stands when a part is open: no name is to lie under it. */
  readonly lens: LensPlace | undefined;
  /** Of the view, px. */
  readonly size: readonly [number, number];
}

const SIZE = 14;
const STONE = 26;

/** Where names and marks of a view stand, and what the names are; by the id of what they name. */
export interface SheetLabels {
  readonly placed: ReadonlyMap<string, LabelBox>;
  readonly texts: ReadonlyMap<string, string>;
  /** Which of them name what is overhead only: no obstacle on a plan, and said quietly. */
  readonly overhead: ReadonlySet<string>;
}

/**
 * Names and marks of a view, laid so that none lies on another: the selected part's first, then the other parts', then
 * the names of what stands. A part's mark takes its name along where there is room for it.
 */
export function useSheetLabels(props: Props): SheetLabels {
  const { plan, scene, frame, sight, reports, selected, dims, large, lens, size } = props;
  return useMemo(() => {
    const said = new Map<string, string>();
    const wishes: LabelWish[] = [];
    // A thing is marked once, however many ways it has.
    const marked = scene.movers.filter(({ goes, id }) => goes === undefined || id === selected);
    const first = marked.sort((a, b) => Number(b.id === selected) - Number(a.id === selected));
    // Parts are drawn over names: what is under one could not be read.
    const parts = marked.map((mover) => shutBounds(mover, frame));
    const covers = lens ? [...parts, lensBounds(lens)] : parts;
    for (const mover of first) {
      said.set(mover.id, mover.name);
      const widths = large ? [textWidth(mover.name, SIZE) + 8, 0] : [0];
      const places = stonePlaces(mover, reports.get(mover.id), frame, widths);
      // A filled mark on a filled body is not seen: what is selected has it beside its body where that finds room.
      const body = mover.id === selected ? shutBounds(mover, frame) : undefined;
      wishes.push({ key: mover.id, places: body ? besideFirst([...places], body) : places });
    }
    const names = new Map(itemsOf(plan).map(({ id, name }) => [id, name]));
    const chosen = scene.movers.find(({ id }) => id === selected);
    const marks = large
      ? [
          ...handleBoxes(plan, selected, frame),
          ...(chosen ? tipBoxes(chosen, reachOfPart(chosen, reports.get(chosen.id)), frame, plan.units) : []),
        ]
      : [];
    const things = itemBounds(scene, frame);
    const isRoomy = ({ width, height }: Bounds) => large || width * height > 5000;
    // What stays in the case of a part that moves, such as its slides, is not named beside its mark.
    const moving = new Set(scene.movers.map(({ item }) => item));
    for (const [key, bounds] of things) {
      if (moving.has(key)) continue;
      const text = names.get(key) ?? key;
      said.set(key, text);
      if (isRoomy(bounds)) wishes.push({ key, places: namePlaces(bounds, text), off: covers });
    }
    const overhead = new Set<string>();
    for (const [name, bounds] of overheadOf(scene, frame, sight)) {
      const text = `${withoutArticle(name)} overhead`;
      // No item's id has a space in it.
      overhead.add(text);
      said.set(text, text);
      if (isRoomy(bounds)) wishes.push({ key: text, places: overheadPlaces(bounds, text), off: covers });
    }
    return {
      placed: layLabels(wishes, {
        taken: [...dims.map(dimBox), ...marks],
        size,
        things,
        room: roomOf(plan, frame),
      }),
      texts: said,
      overhead,
    };
  }, [plan, scene, frame, sight, reports, selected, dims, large, lens, size]);
}

interface MarkProps {
  readonly labels: SheetLabels;
  readonly letters: Readonly<Record<string, string>>;
}

/** The names of what stands. */
export const SheetNames = memo(function SheetNames({
  labels: { placed, texts, overhead },
  letters,
}: MarkProps) {
  return (
    <g aria-hidden="true" pointerEvents="none">
      {[...placed]
        .filter(([key]) => !(key in letters))
        .map(([key, box]) => (
          <SheetText key={key} {...textAt(box)} text={texts.get(key)!} quiet={overhead.has(key)} />
        ))}
    </g>
  );
});

/** The marks of what moves, over it wherever it stands. */
export const SheetMarks = memo(function SheetMarks({
  labels: { placed, texts },
  letters,
  selected,
}: MarkProps & { selected: string | null }) {
  return (
    <g aria-hidden="true" pointerEvents="none">
      {[...placed]
        .filter(([key]) => key in letters)
        .map(([key, box]) => (
          <g key={key}>
            <Stone
              x={box.x + STONE / 2}
              y={box.y + STONE / 2}
              letter={letters[key]!}
              filled={key === selected}
            />
            {box.width > STONE && (
              <SheetText
                x={box.x + STONE + 4}
                y={box.y + STONE / 2 + 5}
                text={texts.get(key)!}
                bold={key === selected}
              />
            )}
          </g>
        ))}
    </g>
  );
});

/** The inside of the space on the sheet. */
export function roomOf(plan: Plan, frame: SheetFrame): Bounds {
  const { least, greatest } = extentOf(itemsOf(plan)[0]!)!;
  return boundsOf([frame.put(least), frame.put(greatest)]);
}

const besideFirst = (places: readonly LabelBox[], body: Bounds): LabelBox[] => [
  ...places.filter((place) => apart(place, body)),
  ...places.filter((place) => !apart(place, body)),
];

/** A mark in the air its part sweeps, with its name where that finds room. */
function* stonePlaces(
  mover: Mover,
  report: PartReport | undefined,
  frame: SheetFrame,
  widths: readonly number[],
): Generator<LabelBox> {
  const places: [number, number][] = [];
  for (const [k, width] of widths.entries()) {
    for (const place of k === 0 ? markPlaces(mover, report, frame) : places) {
      if (k === 0) places.push(place);
      // With its name it must lie on nothing that stands; the bare mark may.
      yield { ...stoneBox(...place, width), beside: width > 0 };
    }
  }
}

const stoneBox = (x: number, y: number, name: number): LabelBox => ({
  x: x - STONE / 2,
  y: y - STONE / 2,
  width: STONE + name,
  height: STONE,
});

/** In its outline, along it where it is narrow, then beside it to the right, left, above, below. */
function namePlaces({ x, y, width, height }: Bounds, text: string): LabelBox[] {
  const long = textWidth(text, SIZE);
  const [cx, cy] = [x + width / 2, y + height / 2];
  const level = (left: number, top: number): LabelBox => ({ x: left, y: top, width: long, height: 18 });
  const beside = (left: number, top: number): LabelBox => ({ ...level(left, top), beside: true });
  const upright: LabelBox = { x: cx - 9, y: cy - long / 2, width: 18, height: long, upright: true };
  const inside = [
    ...(width > long + 6 && height > 18
      ? [-0.0, -0.28, 0.28].map((part) => level(cx - long / 2, cy - 9 + part * height))
      : []),
    ...(height > long + 6 && width > 15 ? [upright] : []),
  ];
  return [
    ...inside,
    beside(x + width + 6, cy - 9),
    beside(x - long - 6, cy - 9),
    beside(cx - long / 2, y - 22),
    beside(cx - long / 2, y + height + 4),
  ];
}

/** In a corner of its dashed outline, out of the way of what stands below it; none where it is too narrow. */
function overheadPlaces({ x, y, width, height }: Bounds, text: string): LabelBox[] {
  const long = textWidth(text, SIZE);
  if (long + 18 > width) return [];
  return [
    { x: x + width - long - 10, y: y + 6, width: long, height: 18 },
    { x: x + width - long - 10, y: y + height - 26, width: long, height: 18 },
    { x: x + 8, y: y + 6, width: long, height: 18 },
  ];
}

/** The handles of what is selected, that no name may cover. */
function handleBoxes(plan: Plan, selected: string | null, frame: SheetFrame): LabelBox[] {
  const item = itemsOf(plan).find(({ id }) => id === selected);
  const extent = item && item.list !== 'space' ? extentOf(item) : undefined;
  if (!extent) return [];
  const { x, y, width, height } = boundsOf([frame.put(extent.least), frame.put(extent.greatest)]);
  const [cx, cy] = [x + width / 2, y + height / 2];
  const level = (left: number): LabelBox => ({ x: left, y: cy - 7, width: 20, height: 14 });
  const upright = (top: number): LabelBox => ({ x: cx - 7, y: top, width: 14, height: 20 });
  return [level(x - 20), level(x + width), upright(y - 20), upright(y + height)];
}

/** The figure of a dimension, that no name may cover. */
function dimBox(dim: SheetDim): LabelBox {
  const [cx, cy] = [(dim.from[0] + dim.to[0]) / 2, (dim.from[1] + dim.to[1]) / 2];
  const [w, h] = isUpright(dim) ? [18, 50] : [50, 18];
  return { x: cx - w / 2, y: cy - h / 2, width: w, height: h };
}

const textAt = ({ x, y, width, height, upright }: LabelBox) =>
  upright ? { x: x + width / 2 + 5, y: y + height / 2, upright } : { x, y: y + 14 };

function SheetText({
  x,
  y,
  text,
  upright = false,
  bold = false,
  quiet = false,
}: {
  x: number;
  y: number;
  text: string;
  upright?: boolean;
  bold?: boolean;
  quiet?: boolean;
}) {
  return (
    <text
      {...(upright ? { transform: `translate(${x} ${y}) rotate(-90)`, textAnchor: 'middle' } : { x, y })}
      fontSize={SIZE}
      fontWeight={bold ? 700 : 500}
      fill={colour(quiet ? 'ink2' : 'ink')}
      stroke={colour('paper')}
      strokeWidth={4}
      paintOrder="stroke"
    >
      {text}
    </text>
  );
}
