import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import LinearProgress from '@mui/material/LinearProgress';
import Typography from '@mui/material/Typography';
import { readingRows, type Plan, type ReadingsRead } from '@tarnpass/core';
import { useState } from 'react';
import { useDimensions } from '../../state/readings/useLog';
import { sendMany } from '../../state/readings/live';
import { useApp, useAppDispatch } from '../../state/slices/app';
import { RowsWrong } from '../../view/ui/RowsWrong';
import { saveCsv } from '../../browser/saveCsv';
import { FileBox, LARGEST, tooLarge } from '../../view/ui/FileBox';
import { useImport } from './useImport';

/** Readings out to a CSV file and in from one: what cannot be taken is told row by row, the rest offered, whole or not at all. */
export function ReadingsFile({ plan }: { plan: Plan }) {
  const dispatch = useAppDispatch();
  const dimensions = useDimensions();
  const log = useApp(({ readings }) => readings.log);
  const { busy, trouble, setTrouble, run, stop } = useImport();
  const [sending, setSending] = useState(false);
  const [read, setRead] = useState<ReadingsRead>();
  const [done, setDone] = useState<string>();
  const open = async (file: File) => {
    setRead(undefined);
    setDone(undefined);
    setTrouble(tooLarge(file, LARGEST.csv));
    if (file.size > LARGEST.csv) return;
    const text = await file.text();
    const { instruments } = log;
    setRead((await run(file.name, { kind: 'readings', text, dimensions, instruments }))?.read);
  };
  const take = async () => {
    if (!read) return;
    setSending(true);
    const wrong = await dispatch(sendMany(read.log));
    setSending(false);
    setTrouble(wrong);
    if (wrong) return;
    setDone(`${read.log.readings.length} readings are in.`);
    setRead(undefined);
  };
  const save = () => void saveCsv(readingRows(log), `${plan.title} readings`);
  const good = read?.log.readings.length ?? 0;
  return (
    <FileBox
      title="Readings"
      words="A CSV file with the columns dimension and value, and unit, place, instrument, who, at and note where you have them."
      accept=".csv,text/csv"
      onFile={(file) => void open(file)}
      trouble={trouble}
      busy={busy}
      onStop={stop}
    >
      <Button onClick={save} disabled={log.readings.length === 0} sx={{ ml: 1 }}>
        {log.readings.length > 0 ? `Save ${log.readings.length} as CSV` : 'Save as CSV'}
      </Button>
      {sending && <LinearProgress aria-label="Taking the readings in" sx={{ mt: 1 }} />}
      {done && (
        <Typography role="status" sx={{ pt: 1 }}>
          {done}
        </Typography>
      )}
      {read && (
        <Box sx={{ pt: 1 }}>
          <RowsWrong issues={read.issues} />
          <Button variant="contained" disabled={good === 0} onClick={() => void take()} sx={{ mt: 1 }}>
            {good === 0 ? 'No row can be taken' : `Take in ${good} readings`}
          </Button>
        </Box>
      )}
    </FileBox>
  );
}
