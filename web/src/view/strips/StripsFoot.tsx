import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import type { Plan, Scene } from '@tarnpass/core';
import { Play, Square } from 'lucide-react';
import { stop } from '../../state/view/play';
import type { Actions } from '../commands/Hotkeys';
import { useApp, useAppDispatch } from '../../state/slices/app';
import { anyOpen } from '../../state/view/openInOrder';
import { OrderLine } from './OrderLine';

interface Props {
  readonly scene: Scene;
  readonly plan: Plan;
  readonly actions: Actions;
  readonly letters: Readonly<Record<string, string>>;
  readonly selected: string | null;
}

const ICON = { size: 16, strokeWidth: 1.8 };

/** What is done with all strips at once, and the order that was found. */
export function StripsFoot({ scene, plan, actions, letters, selected }: Props) {
  const dispatch = useAppDispatch();
  const playing = useApp(({ view }) => view.playing);
  const mover = scene.movers.find(({ id }) => id === selected);
  return (
    <Box sx={{ px: 1, minHeight: 44 }}>
      <OrderLine scene={scene} plan={plan} letters={letters} />
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
        {actions.orderHere && <OrderHere scene={scene} act={actions.orderHere} />}
      </Box>
    </Box>
  );
}

/** Asks for an order to where all stand now, once a part stands open. */
function OrderHere({ scene, act }: { readonly scene: Scene; act(): void }) {
  const open = useApp(({ view }) => view.playing === null && anyOpen(scene, view.travels));
  return open ? <Button onClick={act}>In order to here</Button> : null;
}
