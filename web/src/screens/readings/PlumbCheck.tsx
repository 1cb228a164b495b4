import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import {
  formatLength,
  freshName,
  leaningThing,
  plumbOf,
  withoutArticle,
  type Plan,
  type Plumb,
} from '@tarnpass/core';
import { useState } from 'react';
import { editNow } from '../../state/job/edits';
import { useAppDispatch } from '../../state/slices/app';
import { useSummary } from '../../state/readings/useLog';

/** Plumb or not: walls that were read at foot and head against a plumb line, and what a lean takes of the room. */
export function PlumbCheck({ plan }: { plan: Plan }) {
  const dispatch = useAppDispatch();
  const summary = useSummary();
  const [wrong, setWrong] = useState<string>();
  const walls = plumbOf(plan.space, (key) => summary.byDimension.get(key)?.governs);
  if (walls.length === 0) return null;
  const say = (mm: number) => formatLength(Math.abs(mm), plan.units, true);
  const put = (plumb: Plumb) => {
    const bare = withoutArticle(plumb.wall.name);
    const issues = dispatch(
      editNow(`Put in the lean of ${plumb.wall.name}`, (now) => {
        const thing = leaningThing(now.space, plumb, freshName(now, 'lean', `Lean of the ${bare}`));
        return thing ? [{ path: ['things', now.things.length], after: thing }] : [];
      }),
    );
    setWrong(issues[0]?.message);
  };
  return (
    <Box component="section" aria-label="Plumb or not">
      <Typography variant="h3" sx={{ color: 'text.secondary', pt: 1.5 }}>
        Plumb or not
      </Typography>
      {walls.map((plumb) => {
        const { wall, intoRoom, sigma, leans } = plumb;
        const words = leans
          ? `leans ${say(intoRoom)} ${intoRoom > 0 ? 'into the room' : 'away'} at its head, ± ${say(2 * sigma)}.`
          : 'is plumb, as far as the readings tell.';
        return (
          <Box key={wall.id} sx={{ display: 'flex', alignItems: 'center', gap: 1, minHeight: 44 }}>
            <Typography sx={{ flex: 1 }}>
              {wall.name.charAt(0).toUpperCase()}
              {wall.name.slice(1)} {words}
            </Typography>
            {leans && !plan.space.outline && (
              <Button variant="outlined" size="small" onClick={() => put(plumb)}>
                Put it in
              </Button>
            )}
          </Box>
        );
      })}
      {wrong && (
        <Typography role="alert" variant="body2" sx={{ color: 'error.main' }}>
          {wrong}
        </Typography>
      )}
    </Box>
  );
}
