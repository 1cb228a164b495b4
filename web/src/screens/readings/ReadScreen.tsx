import Box from '@mui/material/Box';
import ButtonBase from '@mui/material/ButtonBase';
import NativeSelect from '@mui/material/NativeSelect';
import Typography from '@mui/material/Typography';
import { formatLength, type Missing, type Plan, type Summary } from '@tarnpass/core';
import { useEffect, useState } from 'react';
import { Link, useParams } from 'react-router';
import { useOpenJob } from '../../state/job/useOpenJob';
import { useApp, useAppDispatch } from '../../state/slices/app';
import { colour } from '../../view/theme/palette';
import { followDevices, followLog } from '../../state/readings/live';
import { NotSent } from './NotSent';
import { ReadingForm } from './ReadingForm';
import { useDimensions, useSummary } from '../../state/readings/useLog';

/** The page beside the wall: one dimension, one large figure, one thumb. What is read is on the board at once. */
export function ReadScreen() {
  const { id } = useParams();
  const dispatch = useAppDispatch();
  const { open, trouble } = useOpenJob(id);
  const plan = useApp(({ job }) => (job?.id === id ? job?.plan : undefined));
  // What to read first is told by the answers and by what was read: both are waited for.
  const ready = useApp(
    ({ check, readings }) => (check.report !== null || check.failure !== null) && readings.seq !== null,
  );
  useEffect(() => (open && id ? dispatch(followLog(id)) : undefined), [dispatch, open, id]);
  useEffect(() => (open ? dispatch(followDevices()) : undefined), [dispatch, open]);
  return (
    <Box
      component="main"
      sx={{ maxWidth: 520, mx: 'auto', minHeight: '100vh', bgcolor: 'background.paper', px: 2, pb: 3 }}
    >
      {trouble && (
        <Typography variant="h2" role="alert" sx={{ pt: 4 }}>
          {trouble}
        </Typography>
      )}
      {plan && ready && <Reading plan={plan} />}
    </Box>
  );
}

const NONE: readonly Missing[] = [];

function Reading({ plan }: { plan: Plan }) {
  const dimensions = useDimensions();
  const summary = useSummary();
  const [chosen, setChosen] = useState<string>();
  const missing = useApp(({ check }) => check.report?.missing ?? NONE);
  // Nothing read of it yet, and an answer hangs on it: that comes first.
  const first = missing.find(({ key }) => !summary.byDimension.has(key))?.key ?? dimensions[0]!.key;
  // What one began with stays, also once it has been read.
  const [begun] = useState(first);
  const shown = dimensions.find(({ key }) => key === (chosen ?? begun)) ?? dimensions[0]!;
  const read = summary.byDimension.get(shown.key);
  const why = missing.find(({ key }) => key === shown.key)?.why;
  const next = missing.find(({ key }) => key !== shown.key && !summary.byDimension.has(key));
  const say = (mm: number) => formatLength(mm, plan.units, true);
  return (
    <>
      <Head title={plan.title} />
      <NotSent />
      <NativeSelect
        value={shown.key}
        onChange={(event) => setChosen(event.target.value)}
        inputProps={{ 'aria-label': 'Dimension' }}
        disableUnderline
        sx={{ width: '100%', minHeight: 56, fontSize: 20, fontWeight: 680 }}
      >
        {dimensions.map(({ key, name }) => (
          <option key={key} value={key}>
            {name}
            {summary.byDimension.has(key) ? ' ✓' : ''}
          </option>
        ))}
      </NativeSelect>
      <Typography variant="body2">{why ? `It ${why}.` : `The plan has ${say(shown.mm)}.`}</Typography>
      <ReadingForm key={shown.key} dimension={shown} units={plan.units} large />
      {read && <WasRead read={read} say={say} />}
      {next && (
        <ButtonBase onClick={() => setChosen(next.key)} sx={NEXT}>
          <Typography>
            Next: <strong>{next.name}</strong>
          </Typography>
        </ButtonBase>
      )}
      <Typography
        sx={{ pt: 2, display: 'inline-block', color: 'primary.main' }}
        component={Link}
        to={`../measure`}
        relative="path"
      >
        To the board
      </Typography>
    </>
  );
}

const NEXT = {
  width: '100%',
  minHeight: 64,
  mt: 2,
  px: 2,
  border: `1.4px solid ${colour('tarn')}`,
  textAlign: 'left',
  justifyContent: 'flex-start',
};

/** Which job it is, and whether what is read is with the server. */
function Head({ title }: { title: string }) {
  const live = useApp(({ readings }) => readings.live);
  const kept = useApp(({ readings }) => readings.kept);
  const waiting = useApp(({ readings }) => readings.outbox.length);
  const away = kept ? 'no connection, kept here' : 'no connection, on this page alone';
  return (
    <Box
      sx={{
        display: 'flex',
        alignItems: 'center',
        gap: 1,
        pt: 1.5,
        borderBottom: `1.4px solid ${colour('ink')}`,
        pb: 1,
      }}
    >
      <Typography component="h1" variant="h2" noWrap sx={{ flex: 1 }}>
        {title}
      </Typography>
      <Typography variant="body2" role="status">
        {live === 'connected' ? 'live' : away}
        {waiting > 0 && `, ${waiting} to send`}
      </Typography>
    </Box>
  );
}

const WasRead = ({ read, say }: { read: Summary; say(mm: number): string }) => (
  <Box
    component="section"
    aria-label="What was read"
    sx={{ borderTop: `1.4px solid ${colour('ink')}`, pt: 1 }}
  >
    <Typography sx={{ fontSize: 22, fontWeight: 700 }}>
      {say(read.governs.mm)}{' '}
      <Typography component="span">
        ± {say(2 * read.governs.sigma)}, {read.governs.rule} of {read.readings.length}
      </Typography>
    </Typography>
    <Typography variant="body2" sx={read.slip ? { color: 'error.main', fontWeight: 620 } : {}}>
      {[...read.readings]
        .reverse()
        .slice(0, 6)
        .map(({ reading, mm }) => `${say(mm)} ${reading.place}`)
        .join('; ')}
      {read.slip && '. They are far apart: read it again'}.
    </Typography>
  </Box>
);
