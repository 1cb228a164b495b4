import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import ButtonBase from '@mui/material/ButtonBase';
import Typography from '@mui/material/Typography';
import type { Scene } from '@tarnpass/core';
import { Play, Square } from 'lucide-react';
import { stop } from '../board/play';
import { movedAll, orderHidden, paired, paneShown } from '../board/viewSlice';
import type { Actions } from '../commands/Hotkeys';
import { useApp, useAppDispatch } from '../store';
import { colour } from '../theme/palette';
import { Stone } from '../ui/Stone';
import { stopsOf } from './openInOrder';

interface Props {
  readonly scene: Scene;
  readonly actions: Actions;
  readonly letters: Readonly<Record<string, string>>;
  readonly selected: string | null;
}

const ICON = { size: 16, strokeWidth: 1.8 };

/** What is done with all strips at once, and the order that was found. */
export function StripsFoot({ scene, actions, letters, selected }: Props) {
  const dispatch = useAppDispatch();
  const playing = useApp(({ view }) => view.playing);
  const mover = scene.movers.find(({ id }) => id === selected);
  return (
    <Box sx={{ px: 1, minHeight: 44 }}>
      <OrderLine scene={scene} letters={letters} />
      <Box sx={{ display: 'flex', alignItems: 'center', columnGap: 1, flexWrap: 'wrap' }}>
        <Box component="span" sx={{ display: 'inline-flex', alignItems: 'center', gap: 1, mr: 1 }}>
          <svg width={34} height={4} aria-hidden="true">
            <line x1={0} y1={2} x2={34} y2={2} stroke="var(--ink)" strokeWidth={1.2} strokeDasharray="7 3" />
          </svg>
          <Typography variant="body2">gap needed</Typography>
        </Box>
        {playing !== null ? (
          <Button startIcon={<Square {...ICON} />} onClick={() => dispatch(stop())}>
            Stop
          </Button>
        ) : (
          mover && (
            <Button startIcon={<Play {...ICON} />} sx={{ whiteSpace: 'nowrap' }} onClick={actions.play}>
              <Box
                component="span"
                sx={{ maxWidth: 220, overflow: 'hidden', textOverflow: 'ellipsis' }}
                title={mover.name}
              >
                Play {mover.name}
              </Box>
            </Button>
          )
        )}
        <Button onClick={actions.shutAll}>Shut all</Button>
        <Button onClick={actions.openAll}>Open all</Button>
        {actions.openInOrder && <Button onClick={actions.openInOrder}>Open in order</Button>}
      </Box>
    </Box>
  );
}

/** The order found, as steps that can be gone to; or who stands in whose way. */
function OrderLine({ scene, letters }: Pick<Props, 'scene' | 'letters'>) {
  const dispatch = useAppDispatch();
  const version = useApp(({ job }) => job?.version);
  const asked = useApp(({ view }) => view.order);
  const playing = useApp(({ view }) => view.playing);
  if (!asked || asked.version !== version) return null;
  const nameOf = (id: string) => scene.movers.find((mover) => mover.id === id)?.name ?? id;
  const showPair = (pair: readonly [string, string]) => {
    dispatch(paired(pair));
    dispatch(paneShown('pass'));
  };
  const { outcome } = asked;
  return (
    <Box
      role="status"
      aria-label="Order of opening"
      sx={{
        display: 'flex',
        alignItems: 'center',
        flexWrap: 'wrap',
        columnGap: 0.5,
        minHeight: 44,
        maxHeight: 96,
        overflowY: 'auto',
        borderBottom: `1px solid ${colour('line')}`,
      }}
    >
      {outcome.kind === 'asking' && <Typography>Looking for an order</Typography>}
      {outcome.kind === 'failed' && (
        <Typography>The search for an order stopped: {outcome.message} Ask again.</Typography>
      )}
      {outcome.kind === 'none' && (
        <>
          <Typography sx={{ color: 'error.main', fontWeight: 620 }}>
            No order opens all: {nameOf(outcome.pair[0])} and {nameOf(outcome.pair[1])} cannot both stand
            open, whatever else is shut.
          </Typography>
          <Button onClick={() => showPair(outcome.pair)}>Show the two</Button>
        </>
      )}
      {outcome.kind === 'not proven' && (
        <>
          <Typography>
            No order is proven to open all
            {outcome.pair && `: ${nameOf(outcome.pair[0])} and ${nameOf(outcome.pair[1])} come too near`}.
          </Typography>
          {outcome.pair && <Button onClick={() => showPair(outcome.pair!)}>Show the two</Button>}
        </>
      )}
      {outcome.kind === 'order' && (
        <>
          <Typography sx={{ fontWeight: 620, mr: 0.5 }}>
            {outcome.moves.length === 0 ? 'All stand open.' : 'Open in this order:'}
          </Typography>
          {outcome.moves.map((move, i) => {
            const parts = move.kind === 'one' ? [move.part] : move.parts;
            const words =
              parts.map(nameOf).join(' and ') + (move.kind === 'two' ? ' together' : '') + backWords(move);
            return (
              <ButtonBase
                key={i}
                aria-current={playing !== null && stepAt(outcome.moves, playing) === i ? 'step' : undefined}
                onClick={() => {
                  dispatch(stop());
                  dispatch(movedAll(Object.assign({}, ...stopsOf(outcome.moves.slice(0, i + 1)))));
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
                <Typography component="span" noWrap sx={{ maxWidth: 220 }}>
                  {words}
                </Typography>
              </ButtonBase>
            );
          })}
        </>
      )}
      <Button onClick={() => dispatch(orderHidden())} sx={{ ml: 'auto' }}>
        Put away
      </Button>
    </Box>
  );
}

type Moves = Parameters<typeof stopsOf>[0];

const backWords = (move: Moves[number]) => (move.kind === 'one' && move.to < move.from ? ', shut again' : '');

/** Which move a stop of the motion belongs to: moves of two have as many stops as their way has corners. */
function stepAt(moves: Moves, at: number): number {
  let stops = 0;
  for (const [i, move] of moves.entries()) {
    stops += move.kind === 'one' ? 1 : move.way.length;
    if (at < stops) return i;
  }
  return moves.length - 1;
}
