import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { formatLength, travelText, type Mover, type Pass, type Plan, type Scene } from '@tarnpass/core';
import { Play } from 'lucide-react';
import { lazy, Suspense, useMemo, useRef, useState } from 'react';
import { play, stop } from '../../state/view/play';
import { useLivePose } from '../live/LivePose';
import { movedAll } from '../../state/slices/viewSlice';
import { useAnswered, useAsked } from '../../state/check/asked';
import { useApp, useAppDispatch } from '../../state/slices/app';
import { colour } from '../theme/palette';
import { Stone } from '../ui/Stone';
import { useSame } from '../../hooks/useSame';
import { useSize } from '../../hooks/useSize';
import { pairShown } from './pairShown';
import { BLOCKED_LINE, contoursOf, groundOf } from './passContours';

const PairsDialog = lazy(() => import('./PairsDialog'));

interface Props {
  readonly plan: Plan;
  readonly scene: Scene;
  readonly selected: string | null;
  readonly letters: Readonly<Record<string, string>>;
}

/** The pass of two parts: the square of their travels as a map, dry ground where they meet, and the way through. */
export function PassView({ plan, scene, selected, letters }: Props) {
  const version = useApp(({ job }) => job!.version);
  const pair = useApp(({ view }) => view.pair);
  const [choosing, setChoosing] = useState(false);
  const answered = useAnswered();
  const several = scene.movers.length > 1 && answered;
  const pairs = useAsked('pairs', version, several ? { kind: 'pairs', plan } : null);
  const shown = pairShown(scene, pairs.answer ?? [], pair, selected);
  const asks = answered ? shown : null;
  const pass = useAsked('pass', version, asks && { kind: 'pass', plan, a: asks[0], b: asks[1] });
  const map = useSame(pass.answer, samePass);
  const failure = pairs.failure ?? pass.failure;
  if (scene.movers.length < 2)
    return <Empty>With a second part that moves, this shows where the two can go together.</Empty>;
  if (failure) {
    return (
      <Empty>
        The map of the two stopped: {failure}
        <Button
          onClick={() => {
            pairs.retry();
            pass.retry();
          }}
        >
          Work it out again
        </Button>
      </Empty>
    );
  }
  if (!shown || !map) return <Empty>Working it out</Empty>;
  const [a, b] = [map.a, map.b].map((id) => scene.movers.find((mover) => mover.id === id));
  if (!a || !b) return <Empty>Working it out</Empty>;
  return (
    <Box
      sx={{
        display: 'flex',
        flexDirection: 'column',
        // Beneath the pane's title: a long sentence beside a small map is scrolled to, not under it.
        height: 'calc(100% - 40px)',
        mt: '40px',
        minHeight: 0,
        overflowY: 'auto',
        px: 1.5,
        pb: 1,
      }}
    >
      {/* Ways of one thing have no map: it goes one way at a time. */}
      {map.word !== 'one thing' && (
        <Map pass={map} a={a} b={b} plan={plan} letters={letters} stale={pass.stale} />
      )}
      <Typography variant="body2" sx={{ color: 'text.primary', fontWeight: 620, pt: 0.5 }}>
        {pass.stale ? 'Working it out' : map.sentence}
      </Typography>
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', mt: 'auto' }}>
        <Button size="small" onClick={() => setChoosing(true)}>
          All pairs
        </Button>
        {map.way && !pass.stale && <PlayWay pass={map} />}
      </Box>
      {choosing && (
        <Suspense fallback={null}>
          <PairsDialog
            scene={scene}
            lines={pairs.answer ?? []}
            letters={letters}
            shown={shown}
            onClose={() => setChoosing(false)}
          />
        </Suspense>
      )}
    </Box>
  );
}

/** Whether two answers show the same: an edit elsewhere in the plan draws no map anew. */
function samePass(p: Pass, q: Pass): boolean {
  const ends = ({ a, b, word, sentence, travelA, travelB }: Pass) =>
    JSON.stringify([a, b, word, sentence, travelA, travelB]);
  const same = (one: ArrayLike<number> | undefined, two: ArrayLike<number> | undefined) =>
    one === two ||
    (one !== undefined &&
      two !== undefined &&
      one.length === two.length &&
      every(one, (x, i) => x === two[i]));
  return ends(p) === ends(q) && same(p.ground, q.ground) && same(p.room, q.room);
}

function every(list: ArrayLike<number>, is: (x: number, i: number) => boolean): boolean {
  for (let i = 0; i < list.length; i += 1) if (!is(list[i]!, i)) return false;
  return true;
}

function Empty({ children }: { children: React.ReactNode }) {
  return <Typography sx={{ pt: '48px', px: 1.5, color: 'text.secondary' }}>{children}</Typography>;
}

/** Both parts shut, then along the way. */
function PlayWay({ pass }: { pass: Pass }) {
  const dispatch = useAppDispatch();
  return (
    <Button
      size="small"
      startIcon={<Play size={16} strokeWidth={1.8} />}
      onClick={() => void dispatch(play(pass.way!.map(([a, b]) => ({ [pass.a]: a, [pass.b]: b }))))}
    >
      Play the way
    </Button>
  );
}

interface MapProps {
  readonly pass: Pass;
  readonly a: Mover;
  readonly b: Mover;
  readonly plan: Plan;
  readonly letters: Readonly<Record<string, string>>;
  readonly stale: boolean;
}

const EDGE = { left: 34, bottom: 34, top: 6, right: 8 };

function Map({ pass, a, b, plan, letters, stale }: MapProps) {
  const dispatch = useAppDispatch();
  const box = useRef<HTMLDivElement>(null);
  const svg = useRef<SVGSVGElement>(null);
  const { width, height } = useSize(box);
  const side = Math.max(60, Math.min(width - EDGE.left - EDGE.right, height - EDGE.top - EDGE.bottom));
  const at = ([x, y]: readonly [number, number]): [number, number] => [
    EDGE.left + (side * (x - a.from)) / (a.to - a.from),
    EDGE.top + side - (side * (y - b.from)) / (b.to - b.from),
  ];
  const go = (x: number, y: number) => {
    dispatch(stop());
    dispatch(
      movedAll({
        [a.id]: Math.min(a.to, Math.max(a.from, x)),
        [b.id]: Math.min(b.to, Math.max(b.from, y)),
      }),
    );
  };
  const drag = (event: React.PointerEvent) => {
    const { left, top } = svg.current!.getBoundingClientRect();
    go(
      a.from + ((event.clientX - left - EDGE.left) / side) * (a.to - a.from),
      b.from + ((EDGE.top + side - (event.clientY - top)) / side) * (b.to - b.from),
    );
  };
  const path = pass.way?.map((place) => at(place).join(',')).join(' ');
  return (
    <Box ref={box} sx={{ flex: '1 0 112px', opacity: stale ? 0.55 : 1 }}>
      <svg
        ref={svg}
        width={EDGE.left + side + EDGE.right}
        height={EDGE.top + side + EDGE.bottom}
        style={{ touchAction: 'none', cursor: 'crosshair', display: 'block', margin: '0 auto' }}
        onPointerDown={(event) => {
          event.currentTarget.setPointerCapture(event.pointerId);
          drag(event);
        }}
        onPointerMove={(event) => event.currentTarget.hasPointerCapture(event.pointerId) && drag(event)}
      >
        <Land pass={pass} side={side} />
        {path && (
          <polyline
            points={path}
            fill="none"
            stroke={colour('ink')}
            strokeWidth={2.8}
            strokeDasharray="8 4"
            strokeLinejoin="round"
          />
        )}
        <End at={at([a.from, b.from])} filled={false} />
        <End at={at([a.to, b.to])} filled />
        <Here pass={pass} a={a} b={b} plan={plan} at={at} go={go} />
        <Legend side={side} first={letters[a.id] ?? ''} second={letters[b.id] ?? ''} />
      </svg>
    </Box>
  );
}

/** The map itself: how much room there is, and the ground where the two meet. */
function Land({ pass, side }: { pass: Pass; side: number }) {
  const contours = useMemo(() => contoursOf(pass, side), [pass, side]);
  const blocked = useMemo(() => groundOf(pass, side), [pass, side]);
  return (
    <g transform={`translate(${EDGE.left} ${EDGE.top})`}>
      <rect width={side} height={side} fill={colour('tarnSoft')} />
      {contours.map(({ mm, path: line }) => (
        <path
          key={mm}
          d={line}
          fill="none"
          stroke={colour('tarn')}
          strokeWidth={mm === 20 ? 1.5 : 0.8}
          opacity={0.75}
        />
      ))}
      {blocked && (
        <path d={blocked} fill="url(#hits)" stroke={colour('heather')} strokeWidth={BLOCKED_LINE} />
      )}
      <rect width={side} height={side} fill="none" stroke={colour('ink')} strokeWidth={1.25} />
    </g>
  );
}

/** Which part opens along which side. */
const Legend = ({ side, first, second }: { side: number; first: string; second: string }) => (
  <>
    <Stone x={EDGE.left + 12} y={EDGE.top + side + 18} letter={first} filled />
    <text x={EDGE.left + 28} y={EDGE.top + side + 23} fontSize={14} fill={colour('ink2')}>
      opens →
    </text>
    <Stone x={14} y={EDGE.top + side - 14} letter={second} filled={false} />
    <text transform={`translate(19 ${EDGE.top + side - 32}) rotate(-90)`} fontSize={14} fill={colour('ink2')}>
      opens →
    </text>
  </>
);

interface HereProps extends Pick<MapProps, 'pass' | 'a' | 'b' | 'plan'> {
  at(travels: readonly [number, number]): [number, number];
  go(x: number, y: number): void;
}

/** Where the two stand now, as a ring that arrow keys move. */
function Here({ pass, a, b, plan, at, go }: HereProps) {
  const { travels } = useLivePose();
  const now: readonly [number, number] = [travels[a.id] ?? a.from, travels[b.id] ?? b.from];
  const step = (mover: Mover) => (mover.unit === 'rad' ? Math.PI / 180 : 1);
  const onKeyDown = (event: React.KeyboardEvent) => {
    const ways: Record<string, readonly [number, number]> = {
      ArrowRight: [1, 0], ArrowLeft: [-1, 0], ArrowUp: [0, 1], ArrowDown: [0, -1],
    }; // prettier-ignore
    const way = ways[event.key];
    if (!way) return;
    event.preventDefault();
    const size = event.shiftKey ? 10 : 1;
    go(now[0] + way[0] * size * step(a), now[1] + way[1] * size * step(b));
  };
  const [x, y] = at(now);
  const keeps = pass.keeps ? ` The way keeps ${formatLength(pass.keeps.lower, plan.units, true)}.` : '';
  return (
    <g
      role="slider"
      tabIndex={0}
      aria-label={`Travels of ${a.name} and ${b.name}`}
      aria-valuenow={Math.round(now[0] / step(a))}
      aria-valuemin={Math.round(a.from / step(a))}
      aria-valuemax={Math.round(a.to / step(a))}
      aria-valuetext={`${a.name} ${travelText(a, now[0], plan.units)}, ${b.name} ${travelText(b, now[1], plan.units)}. ${pass.sentence}${keeps}`}
      onKeyDown={onKeyDown}
    >
      <circle cx={x} cy={y} r={22} fill="transparent" />
      <circle cx={x} cy={y} r={6} fill={colour('paper')} stroke={colour('ink')} strokeWidth={2} />
    </g>
  );
}

function End({ at: [x, y], filled }: { at: readonly [number, number]; filled: boolean }) {
  return (
    <rect
      x={x - 4.5}
      y={y - 4.5}
      width={9}
      height={9}
      fill={filled ? colour('ink') : colour('paper')}
      stroke={colour('ink')}
      strokeWidth={1.5}
    />
  );
}
