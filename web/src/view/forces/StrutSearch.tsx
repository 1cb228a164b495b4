import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import LinearProgress from '@mui/material/LinearProgress';
import Typography from '@mui/material/Typography';
import {
  forceText,
  formatLength,
  NEWTONS_A_POUND,
  parseNumber,
  uncapitalised,
  type Offer,
  type Plan,
  type StrutAnswer,
  type Units,
} from '@tarnpass/core';
import { useState } from 'react';
import { useDrawer } from '../../state/hardware/drawer';
import { cancelStruts, findStruts } from '../../state/check/findStruts';
import { takeOffer } from '../../state/check/takeOffer';
import { useApp, useAppDispatch } from '../../state/slices/app';
import { tried } from '../../state/slices/offersSlice';
import { Field } from '../numbers/Field';
import { colour } from '../theme/palette';

interface Props {
  readonly plan: Plan;
  readonly part: string;
  readonly comfortable: number;
}

/** Which struts do it, and where they go: what is wanted, the search, and its best kinds of answer to try and to take. */
export function StrutSearch({ plan, part, comfortable }: Props) {
  const dispatch = useAppDispatch();
  const drawer = useDrawer();
  const { answers, done } = useApp(({ struts }) => struts);
  const [hand, setHand] = useState(comfortable);
  const [staysOpen, setStaysOpen] = useState(true);
  const [staysShut, setStaysShut] = useState(false);
  const { units } = plan;
  const scale = units.system === 'in' ? NEWTONS_A_POUND : 1;
  const unit = units.system === 'in' ? 'lbf' : 'N';
  const takeHand = (text: string) => {
    const read = parseNumber(text.replace(/(lbf|n)\s*$/i, ''));
    if (!read.ok) return read;
    if (!(read.value > 0)) return { message: 'A hand gives more than 0.' };
    setHand(read.value * scale);
    return undefined;
  };
  const looking = done !== null;
  const mine = answers?.part === part ? answers : null;
  return (
    <Box component="section" aria-label="Struts that do it" sx={{ pt: 2 }}>
      <Typography variant="h3">Struts that do it</Typography>
      <Field
        label={`A hand gives at most, ${unit}`}
        shown={String(Math.round((hand / scale) * 10) / 10)}
        take={takeHand}
      />
      <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'center', columnGap: 1 }}>
        <FormControlLabel
          control={<Checkbox checked={staysOpen} onChange={(event) => setStaysOpen(event.target.checked)} />}
          label="Stays open"
        />
        <FormControlLabel
          control={<Checkbox checked={staysShut} onChange={(event) => setStaysShut(event.target.checked)} />}
          label="Stays shut"
        />
        <Box sx={{ flex: 1 }} />
        {looking ? (
          <Button variant="outlined" onClick={() => dispatch(cancelStruts())}>
            Stop looking
          </Button>
        ) : (
          <Button
            variant="contained"
            onClick={() =>
              void dispatch(
                findStruts({
                  part,
                  wants: { hand, staysOpen, staysShut },
                  drawer: drawer.map(({ item }) => item.id),
                }),
              )
            }
          >
            Find struts
          </Button>
        )}
      </Box>
      {looking && (
        <LinearProgress variant="determinate" value={100 * done} aria-label="How far the search has come" />
      )}
      {mine && !looking && (
        <>
          {mine.nearest && (
            <Typography role="status" sx={{ py: 1, color: 'error.main', fontWeight: 620 }}>
              {mine.nearest}
            </Typography>
          )}
          <Box component="ul" aria-label="Kinds of answer" sx={{ listStyle: 'none', m: 0, p: 0 }}>
            {mine.answers.map((answer) => (
              <AnswerRow key={answer.key} {...{ answer, part, units }} />
            ))}
          </Box>
          <Typography variant="body2" sx={{ py: 0.75, color: 'text.secondary' }}>
            {`${mine.tried.struts} struts at ${mine.tried.places.toLocaleString('en')} pairs of places each were tried; those shown touch nothing.`}
          </Typography>
        </>
      )}
    </Box>
  );
}

function AnswerRow({ answer, part, units }: { answer: StrutAnswer; part: string; units: Units }) {
  const dispatch = useAppDispatch();
  const onSheet = useApp(({ offers }) => offers.tried?.key === answer.key);
  const offer: Offer = {
    key: answer.key,
    item: part,
    words: `fit ${uncapitalised(answer.words)}`,
    cost: 'what is under pressure is let go of with care',
    changes: answer.changes,
    least: undefined,
    proven: true,
    mends: [],
    rank: 0,
  };
  const length = (mm: number) => formatLength(mm, units, true);
  const failed = answer.balance.weathers.find(({ weather }) => weather.key === 'failed');
  const one = failed && Math.max(failed.hand.lift.most, failed.hand.push.most, failed.hand.back.most);
  return (
    <Box
      component="li"
      sx={{
        display: 'flex',
        gap: 1,
        alignItems: 'center',
        py: 0.5,
        borderBottom: `1px solid ${colour('line')}`,
        bgcolor: onSheet ? colour('tarnSoft') : undefined,
      }}
    >
      <Box sx={{ flex: 1, minWidth: 0 }}>
        <Typography sx={{ fontWeight: 640 }}>{answer.words}</Typography>
        <Typography variant="body2" sx={{ color: 'text.secondary' }}>
          {`${answer.own ? 'yours · ' : ''}${forceText(answer.hand, units)} at most${one !== undefined ? `, ${forceText(one, units)} with one failed` : ''}`}
        </Typography>
        <Typography variant="body2" sx={{ color: 'text.secondary' }}>
          {`leaf ${length(answer.onLeaf[0])} from the axis; case ${length(answer.onCase[0])} and ${length(answer.onCase[1])} in`}
        </Typography>
      </Box>
      <Button
        size="small"
        aria-pressed={onSheet}
        aria-label={`Try it: ${answer.words}`}
        onClick={() => dispatch(tried(onSheet ? null : offer))}
      >
        {onSheet ? 'Put back' : 'Try'}
      </Button>
      <Button size="small" aria-label={`Take it: ${answer.words}`} onClick={() => dispatch(takeOffer(offer))}>
        Take
      </Button>
    </Box>
  );
}
