import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import ButtonBase from '@mui/material/ButtonBase';
import Typography from '@mui/material/Typography';
import {
  bodyOf,
  neverWords,
  travelText,
  type Less,
  type Move,
  type Opening,
  type Plan,
  type Scene,
} from '@tarnpass/core';
import { Play } from 'lucide-react';
import { stop } from '../../state/view/play';
import { movedAll, orderHidden, paired, paneShown } from '../../state/slices/viewSlice';
import { useApp, useAppDispatch } from '../../state/slices/app';
import { colour } from '../theme/palette';
import { Stone } from '../ui/Stone';
import { playOrder, stopsOf } from '../../state/view/openInOrder';

interface Props {
  readonly scene: Scene;
  readonly plan: Plan;
  readonly letters: Readonly<Record<string, string>>;
}

/** The order found, as steps that can be gone to; and where none opens all, who stands in whose way. */
export function OrderLine({ scene, plan, letters }: Props) {
  const dispatch = useAppDispatch();
  const version = useApp(({ job }) => job?.version);
  const asked = useApp(({ view }) => view.order);
  if (!asked || asked.version !== version) return null;
  const { outcome } = asked;
  return (
    <Box sx={{ display: 'flex', alignItems: 'flex-start', borderBottom: `1px solid ${colour('line')}` }}>
      <Box
        role="status"
        aria-label="Order of opening"
        sx={{
          flex: 1,
          display: 'flex',
          alignItems: 'center',
          flexWrap: 'wrap',
          columnGap: 0.5,
          minHeight: 44,
          // A page that scrolls as a whole has room for all of it; else a part of a row shows that there is more.
          maxHeight: { xs: 'none', lg: 152 },
          overflowY: 'auto',
        }}
      >
        {outcome.kind === 'asking' && <Typography>Looking for an order</Typography>}
        {outcome.kind === 'failed' && (
          <Typography>The search for an order stopped: {outcome.message} Ask again.</Typography>
        )}
        {outcome.kind === 'told' && (
          <Told opening={outcome.opening} scene={scene} plan={plan} letters={letters} />
        )}
      </Box>
      <Button onClick={() => dispatch(orderHidden())} sx={{ flex: 'none' }}>
        Put away
      </Button>
    </Box>
  );
}

function Told({ opening, scene, plan, letters }: Props & { readonly opening: Opening }) {
  const dispatch = useAppDispatch();
  const { order, never, less } = opening;
  const moves = order.kind === 'order' ? order.moves : [];
  const lessOf = new Map(less.map((one) => [one.part, one]));
  const moved = new Set(moves.flatMap((move) => (move.kind === 'one' ? [move.part] : move.parts)));
  const shut = less.filter(({ part }) => !moved.has(part)).map(({ part }) => nameIn(scene, part));
  return (
    <>
      {never && <Never never={never} scene={scene} />}
      {(moves.length > 0 || !never) && (
        <Typography sx={{ fontWeight: 620, mr: 0.5 }}>
          {moves.length === 0
            ? 'All stand open.'
            : never
              ? 'As far as they go, in this order:'
              : 'Open in this order:'}
        </Typography>
      )}
      {never && moves.length > 0 && (
        <Button
          startIcon={<Play size={16} strokeWidth={1.8} />}
          onClick={() => void dispatch(playOrder(moves))}
        >
          Play
        </Button>
      )}
      <Steps moves={moves} lessOf={lessOf} scene={scene} plan={plan} letters={letters} />
      {shut.length > 0 && <Typography variant="body2">Stay shut: {shut.join('; ')}.</Typography>}
    </>
  );
}

/** Why no order opens all, and the way to the two parts. */
function Never({ never, scene }: { readonly never: NonNullable<Opening['never']>; readonly scene: Scene }) {
  const dispatch = useAppDispatch();
  const { pair } = never;
  const words = neverWords(never, (id) => nameIn(scene, id));
  return (
    <>
      <Typography sx={{ color: 'error.main', fontWeight: 620 }}>{words}</Typography>
      {pair && (
        <Button
          onClick={() => {
            dispatch(paired(pair));
            dispatch(paneShown('pass'));
          }}
        >
          Show the two
        </Button>
      )}
    </>
  );
}

interface StepsProps extends Props {
  readonly moves: readonly Move[];
  readonly lessOf: ReadonlyMap<string, Less>;
}

function Steps({ moves, lessOf, scene, plan, letters }: StepsProps) {
  const dispatch = useAppDispatch();
  const playing = useApp(({ view }) => view.playing);
  const step = playing === null ? undefined : stepAt(moves, playing);
  const only = (id: string, to: number | undefined) => {
    const less = lessOf.get(id);
    const mover = scene.movers.find((one) => one.id === id);
    return less && mover && to === less.to ? ` to ${travelText(mover, less.to, plan.units)} only` : '';
  };
  return moves.map((move, i) => {
    const parts = move.kind === 'one' ? [move.part] : move.parts;
    const ends = move.kind === 'one' ? [move.to] : move.way.at(-1)!;
    const stops = parts.flatMap((id) => {
      const less = lessOf.get(id);
      return less ? [`${stopName(scene, less)} stops ${nameIn(scene, id)}`] : [];
    });
    return (
      <ButtonBase
        key={i}
        aria-current={step === i ? 'step' : undefined}
        title={stops.join('; ') || undefined}
        onClick={() => {
          dispatch(stop());
          dispatch(movedAll(Object.assign({}, ...stopsOf(moves.slice(0, i + 1)))));
        }}
        sx={{
          minHeight: 44,
          px: 0.75,
          gap: 0.75,
          '&[aria-current]': { boxShadow: `inset 0 -3px 0 ${colour('tarn')}` },
        }}
      >
        <Typography component="span" variant="body2">
          {i + 1}
        </Typography>
        {parts.map((id) => (
          <svg key={id} width={26} height={26} aria-hidden="true">
            <Stone x={13} y={13} letter={letters[id] ?? ''} filled={false} />
          </svg>
        ))}
        <Typography component="span" noWrap sx={{ maxWidth: 280 }}>
          {parts.map((id, side) => `${nameIn(scene, id)}${only(id, ends[side])}`).join(' and ')}
          {move.kind === 'two' && ' together'}
          {move.kind === 'one' && move.to < move.from && ', shut again'}
        </Typography>
      </ButtonBase>
    );
  });
}

const nameIn = ({ movers }: Scene, id: string) => movers.find((mover) => mover.id === id)?.name ?? id;

const stopName = (scene: Scene, { by }: Less) =>
  by.kind === 'part' ? nameIn(scene, by.id) : bodyOf(scene, by.id).name;

/** Which move a stop of the motion belongs to: moves of two have as many stops as their way has corners. */
function stepAt(moves: readonly Move[], at: number): number {
  let stops = 0;
  for (const [i, move] of moves.entries()) {
    stops += move.kind === 'one' ? 1 : move.way.length;
    if (at < stops) return i;
  }
  return moves.length - 1;
}
