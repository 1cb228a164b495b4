import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import LinearProgress from '@mui/material/LinearProgress';
import Typography from '@mui/material/Typography';
import { readingRows, type Plan, type ReadingsRead } from '@tarnpass/core';
import Papa from 'papaparse';
import { useState } from 'react';
import { useDimensions } from '../readings/useLog';
import { sendMany } from '../readings/live';
import { useApp, useAppDispatch } from '../store';
import { RowsWrong } from '../ui/RowsWrong';
import { saveBlob } from '../ui/saveBlob';
import { FileBox, LARGEST, tooLarge } from './FileBox';
import { importing } from './importing';

/** Readings out to a CSV file and in from one: what cannot be taken is told row by row, the rest offered, whole or not at all. */
export function ReadingsFile({ plan }: { plan: Plan }) {
  const dispatch = useAppDispatch();
  const dimensions = useDimensions();
  const log = useApp(({ readings }) => readings.log);
  const [trouble, setTrouble] = useState<string>();
  const [share, setShare] = useState<number>();
  const [read, setRead] = useState<ReadingsRead>();
  const [done, setDone] = useState<string>();
  const open = async (file: File) => {
    setRead(undefined);
    setDone(undefined);
    setTrouble(tooLarge(file, LARGEST.csv));
    if (file.size > LARGEST.csv) return;
    setShare(0);
    try {
      const task = {
        kind: 'readings',
        text: await file.text(),
        dimensions,
        instruments: log.instruments,
      } as const;
      setRead((await importing(task, (part) => setShare(100 * part))).read);
    } catch (error) {
      setTrouble((error as Error).message);
    }
    setShare(undefined);
  };
  const take = async () => {
    if (!read) return;
    setShare(100);
    const wrong = await dispatch(sendMany(read.log));
    setShare(undefined);
    setTrouble(wrong);
    if (wrong) return;
    setDone(`${read.log.readings.length} readings are in.`);
    setRead(undefined);
  };
  const save = () =>
    saveBlob(
      new Blob([Papa.unparse(readingRows(log), { newline: '\n' })], { type: 'text/csv' }),
      `${plan.title} readings`,
      'csv',
    );
  const good = read?.log.readings.length ?? 0;
  return (
    <FileBox
      title="Readings"
      words="A CSV file with the columns dimension and value, and unit, place, instrument, who, at and note where you have them."
      accept=".csv,text/csv"
      onFile={(file) => void open(file)}
      trouble={trouble}
    >
      <Button onClick={save} disabled={log.readings.length === 0} sx={{ ml: 1 }}>
        {log.readings.length > 0 ? `Save ${log.readings.length} as CSV` : 'Save as CSV'}
      </Button>
      {share !== undefined && (
        <LinearProgress variant="determinate" value={share} aria-label="Reading the file" sx={{ mt: 1 }} />
      )}
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
