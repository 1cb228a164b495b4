import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import ButtonBase from '@mui/material/ButtonBase';
import Typography from '@mui/material/Typography';
import { buildScene, QUICK_CARDS, usualPlan, type QuickCard } from '@tarnpass/core';
import { useMemo } from 'react';
import { Link } from 'react-router';
import { FlatView } from '../../view/sheet/FlatView';
import { planSight } from '../../view/sheet/views';
import { colour } from '../../view/theme/palette';

/** What one may be making: a short deck, each card with its drawing. */
export function QuickDeck() {
  return (
    <Box component="main" sx={{ maxWidth: 1180, mx: 'auto', p: 3 }}>
      <Typography variant="h1">What are you making?</Typography>
      <Typography sx={{ maxWidth: 640, mt: 0.5 }}>
        Pick what comes nearest, give a few numbers, and see whether it opens. Nothing is saved until you make
        it a job.
      </Typography>
      <Box
        component="ul"
        aria-label="What one may be making"
        sx={{
          listStyle: 'none',
          p: 0,
          my: 3,
          display: 'grid',
          gridTemplateColumns: 'repeat(auto-fill, minmax(300px, 1fr))',
          gap: 2,
        }}
      >
        {QUICK_CARDS.map((card) => (
          <QuickTile key={card.id} card={card} />
        ))}
      </Box>
      <Button component={Link} to="/">
        All jobs
      </Button>
    </Box>
  );
}

function QuickTile({ card }: { card: QuickCard }) {
  const plan = useMemo(() => usualPlan(card), [card]);
  const scene = useMemo(() => buildScene(plan), [plan]);
  return (
    <Box
      component="li"
      sx={{ bgcolor: 'background.paper', border: `1.4px solid ${colour('ink')}`, display: 'flex' }}
    >
      <ButtonBase
        component={Link}
        to={`/quick/${card.id}`}
        sx={{ flex: 1, display: 'flex', flexDirection: 'column', alignItems: 'stretch', textAlign: 'left' }}
      >
        {/* A picture only: the words beside it say what it is of. */}
        <Box inert sx={{ height: 230, borderBottom: `1px solid ${colour('line')}` }}>
          <FlatView
            plan={plan}
            scene={scene}
            report={null}
            item={undefined}
            mover={undefined}
            letters={plan.stones}
            words=""
            sight={planSight(plan)}
            large={false}
            section={undefined}
            fixed
            onSelect={() => undefined}
          />
        </Box>
        <Box sx={{ p: 2 }}>
          <Typography variant="h2">{card.title}</Typography>
          <Typography sx={{ mt: 0.5 }}>{card.words}</Typography>
        </Box>
      </ButtonBase>
    </Box>
  );
}
