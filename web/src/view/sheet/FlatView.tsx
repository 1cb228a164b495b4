import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { itemsOf, type Item, type Plan, type Report, type Scene, itemIdOf } from '@tarnpass/core';
import { memo, useMemo, useRef, useState } from 'react';
import { alsoSelected } from '../../state/slices/viewSlice';
import { useApp, useAppDispatch } from '../../state/slices/app';
import { useSize } from '../../hooks/useSize';
import { Dimension } from './Dimension';
import { dimensionsOf, type SheetDim } from './dimensions';
import { fitFrame, type Margin, type SheetFrame } from './frame';
import { nudged, pressing } from './handInput';
import { HandMarks } from './HandMarks';
import { lensPlace, type LensPlace } from './lensPlace';
import { LiveLayer } from './LiveLayer';
import { airBounds, Blocked, reachOfPart, shutBounds, SweptAir } from './MovingPart';
import { DividersByHand } from './DividersByHand';
import { OutlineByHand, TrueShapeOnSheet } from './OutlineByHand';
import { ScaleBar } from './ScaleBar';
import { SectionMark } from './SectionMark';
import { roomOf, SheetMarks, SheetNames, useSheetLabels } from './SheetLabels';
import { itemBounds, StillBodies } from './StillBodies';
import { TitleBlock } from './TitleBlock';
import { TypeOver } from './TypeOver';
import { useByHand } from './useByHand';
import { usePanZoom } from './usePanZoom';
import type { FlatSight } from './views';
import { ViewTools } from './ViewTools';
import { VIEWS, type SectionCut } from '../../state/slices/viewSlice';

export interface SheetProps {
  readonly plan: Plan;
  readonly scene: Scene;
  readonly report: Report | null;
  readonly item: Item | undefined;
  /** The mover that is selected, where what is selected moves: of a pair one of its leaves. */
  readonly mover: string | undefined;
  readonly letters: Readonly<Record<string, string>>;
  readonly words: string;
  onSelect(item: string): void;
}

interface Props extends SheetProps {
  readonly sight: FlatSight;
  /** The large pane has room for dimensions, names and a scale. */
  readonly large: boolean;
  /** Drawn on the plan, where it can be moved. */
  readonly section: SectionCut | undefined;
  /** A picture of what is decided elsewhere: no dimension can be typed over. */
  readonly fixed?: boolean;
}

/** Room outside the walls for the dimension lines, the title and the tools, px. */
const MARGIN: Record<'large' | 'small', Margin> = {
  large: { left: 48, right: 14, top: 72, bottom: 42 },
  small: { left: 32, right: 8, top: 42, bottom: 10 },
};
const NO_DIMS: readonly SheetDim[] = [];
/** How thick the scene's walls are drawn, mm. */
const WALL = 120;

/** One flat view of the sheet: plan, front or section of the same scene, that can be panned, enlarged and worked on by hand. */
export function FlatView(props: Props) {
  const { plan, item, words, sight, large } = props;
  const box = useRef<HTMLDivElement>(null);
  const { width, height } = useSize(box);
  const size = useMemo(() => [width, height] as const, [width, height]);
  const panZoom = usePanZoom(box, width > 0);
  const margin = MARGIN[large ? 'large' : 'small'];
  const frame = useMemo(
    () => fitFrame(sight.projection, plan.space, size, WALL, margin, panZoom.zoom),
    [sight.projection, plan.space, size, margin, panZoom.zoom],
  );
  const hand = useByHand(plan, item, frame);
  const itemId = item?.id ?? null;
  const press = useAlsoPress(plan, itemId, hand);
  return (
    <Box
      ref={box}
      className={large ? 'view' : undefined}
      role="group"
      aria-label={`${VIEWS[sight.kind]} ${sight.words}. ${words}`}
      tabIndex={-1}
      onKeyDown={(event) => {
        if (!nudged(event, hand, itemId)) panZoom.onKeyDown(event);
      }}
      {...press}
      sx={PANE}
    >
      {width > 0 && <Drawing {...props} frame={frame} hand={hand} />}
      {hand.wrong && (
        <Typography role="alert" sx={REFUSED}>
          {hand.wrong}
        </Typography>
      )}
      {large && <TitleBlock plan={plan} sight={sight} />}
      <ViewTools {...panZoom} large={large} />
    </Box>
  );
}

const PANE = {
  position: 'relative',
  minWidth: 0,
  minHeight: 0,
  overflow: 'hidden',
  touchAction: 'none',
  height: 1,
} as const;
const REFUSED = {
  position: 'absolute',
  left: 12,
  right: 12,
  bottom: 8,
  color: 'error.main',
  bgcolor: 'background.paper',
} as const;

/** Presses on the sheet: with Shift a thing is selected with what is, or no longer. */
function useAlsoPress(plan: Plan, itemId: string | null, hand: ReturnType<typeof useByHand>) {
  const dispatch = useAppDispatch();
  const also = useApp(({ view }) => view.also);
  return pressing(hand, itemId, (pressed) => {
    const id = itemIdOf(plan, pressed);
    if (itemId && itemId !== 'space' && id !== itemId && id !== 'space')
      dispatch(alsoSelected(also.includes(id) ? also.filter((other) => other !== id) : [...also, id]));
  });
}

type DrawingProps = Props & {
  readonly frame: SheetFrame;
  readonly hand: ReturnType<typeof useByHand>;
};

/** What is drawn: the sheet, over it what moves with the strips, and the dimension that is typed over. */
function Drawing(props: DrawingProps) {
  const { plan, scene, report, item, mover, sight, large, fixed = false, frame, hand } = props;
  const [typing, setTyping] = useState<{ dim: SheetDim; at: readonly [number, number] }>();
  const reports = useMemo(() => new Map(report?.parts.map((part) => [part.id, part])), [report]);
  const selected = mover ?? item?.id ?? null;
  const movers = useMemo(
    () => [...scene.movers].sort((a, b) => Number(a.id === selected) - Number(b.id === selected)),
    [scene.movers, selected],
  );
  const off = WALL * frame.scale + (large ? 26 : 16);
  const dims = useMemo(() => {
    const own = item && scene.movers.find((one) => one.item === item.id);
    return dimensionsOf(plan, item, frame, off, own && shutBounds(own, frame));
  }, [plan, item, scene.movers, frame, off]);
  const lens = useMemo(
    () => (large && !fixed ? lensFor(plan, scene, selected, frame) : undefined),
    [large, fixed, plan, scene, selected, frame],
  );
  const labels = useSheetLabels({
    ...{ plan, scene, frame, sight, reports, selected, large, lens },
    dims: large ? dims : NO_DIMS,
    size: frame.view,
  });
  const layer = { ...props, reports, movers, selected, dims, labels };
  return (
    <>
      <StillLayer {...layer} onType={fixed ? undefined : (dim, at) => setTyping({ dim, at })} />
      <MovingLayer {...layer} lens={lens} />
      {typing && (
        <TypeOver
          key={typing.dim.key}
          dim={typing.dim}
          at={typing.at}
          units={plan.units}
          take={(length) => hand.setDimension(typing.dim.sets, length, typing.dim.name)}
          onClose={() => setTyping(undefined)}
        />
      )}
    </>
  );
}

type LayerProps = DrawingProps & {
  readonly reports: ReadonlyMap<string, Report['parts'][number]>;
  readonly movers: Scene['movers'];
  readonly selected: string | null;
  readonly dims: readonly SheetDim[];
  readonly labels: ReturnType<typeof useSheetLabels>;
};

type StillProps = LayerProps & {
  readonly onType: ((dim: SheetDim, at: readonly [number, number]) => void) | undefined;
};

/** All that stands as it is while a strip is drawn along: things, swept air, dimensions and names. */
function StillLayer(props: StillProps) {
  const { plan, scene, item, letters, sight, large, section, onSelect, frame } = props;
  const { reports, movers, selected, dims, labels, onType } = props;
  const [width, height] = frame.view;
  const { units } = plan;
  return (
    <svg
      width={width}
      height={height}
      viewBox={`0 0 ${width} ${height}`}
      data-sheet={sight.kind}
      style={LAYER}
    >
      <Ground
        {...{ scene, frame, sight, selected, plan, reports, movers, large, onSelect }}
        itemId={item?.id ?? null}
      />
      {large &&
        dims.map((dim) => (
          <Dimension
            {...dim}
            key={dim.key}
            units={units}
            {...(onType && { onType: (at: readonly [number, number]) => onType(dim, at) })}
          />
        ))}
      {!large && <Dimension {...dims[1]!} units={units} />}
      <SheetNames labels={labels} letters={letters} />
      {sight.kind === 'plan' && <TrueShapeOnSheet plan={plan} frame={frame} />}
      {section && sight.kind === 'plan' && <SectionMark plan={plan} section={section} frame={frame} />}
      {large && <ScaleBar right={width - 24} y={height - 14} scale={frame.scale} system={units.system} />}
    </svg>
  );
}

/** What follows the strips and the hand. */
function MovingLayer(props: LayerProps & { readonly lens: LensPlace | undefined }) {
  const { plan, scene, item, letters, sight, large, fixed = false, onSelect, frame, hand } = props;
  const { reports, movers, selected, labels, lens } = props;
  const also = useApp(({ view }) => view.also);
  const marks = useMemo(
    () => <SheetMarks labels={labels} letters={letters} selected={selected} />,
    [labels, letters, selected],
  );
  const [width, height] = frame.view;
  const byHand = large && !fixed;
  return (
    <svg
      width={width}
      height={height}
      viewBox={`0 0 ${width} ${height}`}
      style={{ ...LAYER, pointerEvents: 'none', willChange: 'transform' }}
    >
      <LiveLayer
        {...{ scene, sight, lens, movers, reports, frame, selected, large, marks, onSelect }}
        units={plan.units}
      />
      {item?.list === 'space' && sight.kind === 'plan' && byHand && (
        <OutlineByHand plan={plan} frame={frame} />
      )}
      {item?.list === 'carcasses' && byHand && (
        <DividersByHand plan={plan} carcass={item.value} frame={frame} />
      )}
      {item && <HandMarks {...{ plan, item, also, frame, large }} underWay={hand.underWay} />}
    </svg>
  );
}

const LAYER = { position: 'absolute', inset: 0, display: 'block' } as const;

interface GroundProps {
  readonly scene: Scene;
  readonly frame: SheetFrame;
  readonly sight: FlatSight;
  readonly plan: Plan;
  readonly selected: string | null;
  readonly itemId: string | null;
  readonly reports: ReadonlyMap<string, Report['parts'][number]>;
  readonly movers: Scene['movers'];
  readonly large: boolean;
  onSelect(item: string): void;
}

/** All that a drag along a strip leaves as it is: swept air, what stands, what is blocked. */
const Ground = memo(function Ground(props: GroundProps) {
  const { scene, frame, sight, plan, selected, itemId, reports, movers, large, onSelect } = props;
  const names = useMemo(() => Object.fromEntries(itemsOf(plan).map(({ id, name }) => [id, name])), [plan]);
  const shared = (mover: Scene['movers'][number]) => ({
    mover,
    ...reachOfPart(mover, reports.get(mover.id)),
    frame,
    units: plan.units,
    selected: mover.id === selected,
  });
  return (
    <>
      {movers.map((mover) => (
        <SweptAir key={mover.id} {...shared(mover)} large={large} />
      ))}
      <StillBodies
        scene={scene}
        frame={frame}
        sight={sight}
        selected={itemId}
        names={names}
        onSelect={onSelect}
      />
      {movers.map((mover) => (
        <Blocked key={mover.id} {...shared(mover)} />
      ))}
    </>
  );
});

/** Where the lens of the selected part would stand: off all things and all swept air. */
function lensFor(
  plan: Plan,
  scene: Scene,
  selected: string | null,
  frame: SheetFrame,
): LensPlace | undefined {
  const chosen = scene.movers.find(({ id }) => id === selected);
  if (!chosen) return undefined;
  const things = itemBounds(scene, frame);
  const air = scene.movers.map((mover) => airBounds(mover, frame));
  const own = airBounds(chosen, frame);
  return lensPlace(
    roomOf(plan, frame),
    [...things.values(), ...air],
    [own.x + own.width / 2, own.y + own.height / 2],
  );
}
