import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import {
  capitalised,
  freshId,
  GENERIC_HARDWARE,
  HARDWARE_NAMES,
  hardwareRows,
  MILLIMETRES,
  newHardware,
  readHardwareRows,
  type DrawerItem,
  type HardwareRead,
} from '@tarnpass/core';
import { useEffect, useState } from 'react';
import { Link } from 'react-router';
import { Field } from '../../view/numbers/Field';
import { useApp, useAppDispatch } from '../../state/slices/app';
import { colour } from '../../view/theme/palette';
import { UPRIGHT } from '../../view/theme/theme';
import { AddMenu } from '../../view/ui/AddMenu';
import { RowsWrong } from '../../view/ui/RowsWrong';
import { saveCsv } from '../../browser/saveCsv';
import { Wrong } from '../../view/ui/Wrong';
import { FileBox, LARGEST, tooLarge } from '../../view/ui/FileBox';
import { openDrawer, putIn, takeOut } from '../../state/hardware/drawer';
import { HardwareNumbers } from './HardwareNumbers';

/** The workshop's drawer: what hardware lies there, for every job to take from first. */
export function DrawerScreen() {
  const dispatch = useAppDispatch();
  const { items, trouble } = useApp(({ drawer }) => drawer);
  const [chosen, setChosen] = useState<string>();
  useEffect(() => {
    void dispatch(openDrawer());
  }, [dispatch]);
  const all = items ?? [];
  const shown = all.find(({ item }) => item.id === chosen) ?? all[0];
  const put = (one: DrawerItem) => {
    setChosen(one.item.id);
    void dispatch(putIn([one]));
  };
  return (
    <Box sx={{ maxWidth: 1240, mx: 'auto', px: 3, py: 2 }}>
      <Box sx={{ display: 'flex', alignItems: 'baseline', gap: 2, flexWrap: 'wrap' }}>
        <Typography
          component={Link}
          to="/"
          variant="h3"
          sx={{ color: 'text.primary', textDecoration: 'none' }}
        >
          Tarnpass
        </Typography>
        <Typography variant="h1" sx={{ flex: 1 }}>
          What lies in the drawer
        </Typography>
      </Box>
      <Typography sx={{ pb: 2, maxWidth: 720 }}>
        Hinges, slides and handles you have already. A job offers them first, with the numbers you give here;
        what a maker’s sheet says goes before usual numbers.
      </Typography>
      <Wrong>{trouble}</Wrong>
      <Box sx={COLUMNS}>
        <Box component="section" aria-label="In the drawer" sx={SHEET}>
          {items !== null && all.length === 0 && (
            <Typography sx={{ py: 2 }}>
              The drawer is empty. Put in what you have, one by one or from a file, and every job asks here
              first.
            </Typography>
          )}
          <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }}>
            {all.map((one) => (
              <DrawerLine
                key={one.item.id}
                one={one}
                shown={one.item.id === shown?.item.id}
                onChoose={() => setChosen(one.item.id)}
                put={put}
              />
            ))}
          </Box>
          <PutIn items={all} put={put} />
          <HardwareFile items={all} />
        </Box>
        {shown && (
          <Box sx={SHEET}>
            <HardwareNumbers
              key={shown.item.id}
              item={shown.item}
              units={MILLIMETRES}
              onChange={(item) => {
                put({ item, count: shown.count });
                return [];
              }}
            />
          </Box>
        )}
      </Box>
    </Box>
  );
}

const COLUMNS = {
  display: 'grid',
  gap: 3,
  [`@media (min-width: ${UPRIGHT}px)`]: { gridTemplateColumns: 'minmax(0, 1fr) 452px' },
};
const SHEET = { bgcolor: 'background.paper', borderTop: `2.4px solid ${colour('ink')}`, px: 2, pb: 2 };

interface LineProps {
  readonly one: DrawerItem;
  /** Its numbers stand beside it. */
  readonly shown: boolean;
  onChoose(): void;
  put(one: DrawerItem): void;
}

/** One thing in the drawer, and how many of it. */
function DrawerLine({ one: { item, count }, shown, onChoose, put }: LineProps) {
  const dispatch = useAppDispatch();
  const takeCount = (text: string) => {
    const next = Number(text.trim());
    if (!Number.isInteger(next) || next < 0) return { message: 'How many must be a whole number.' };
    put({ item, count: next });
    return undefined;
  };
  return (
    <Box
      component="li"
      sx={{
        display: 'flex',
        alignItems: 'center',
        gap: 2,
        borderBottom: `1px solid ${colour('line')}`,
        bgcolor: shown ? colour('tarnSoft') : undefined,
        px: 1,
      }}
    >
      <Button onClick={onChoose} aria-pressed={shown} sx={NAME}>
        <Box>
          <Typography sx={{ fontWeight: 620 }}>{item.name}</Typography>
          <Typography variant="body2">
            {item.kind}
            {item.confirmed ? '' : ', numbers not confirmed'}
          </Typography>
        </Box>
      </Button>
      <Box sx={{ width: 210, flex: 'none' }}>
        <Field label="How many" shown={String(count)} take={takeCount} />
      </Box>
      <Button
        size="small"
        aria-label={`Take out ${item.name}`}
        onClick={() => void dispatch(takeOut(item.id))}
      >
        Take out
      </Button>
    </Box>
  );
}

const NAME = {
  flex: 1,
  justifyContent: 'flex-start',
  textAlign: 'left',
  color: 'text.primary',
  minHeight: 48,
};

/** All that may be put in, kind by kind: with usual numbers, or as another. */
function PutIn({ items, put }: { items: readonly DrawerItem[]; put(one: DrawerItem): void }) {
  const id = (name: string) => freshId(name, new Set(items.map(({ item }) => item.id)));
  return (
    <Box sx={{ display: 'flex', gap: 1, py: 2, flexWrap: 'wrap' }}>
      <AddMenu
        words="Put in"
        groups={HARDWARE_NAMES.map((kind) => ({
          words: capitalised(kind),
          choices: [
            ...GENERIC_HARDWARE.filter((one) => one.kind === kind).map((one) => ({
              words: one.name,
              act: () => put({ item: { ...one, id: id(one.name) }, count: 1 }),
            })),
          ].concat({
            words: `Another ${kind}`,
            act: () => put({ item: newHardware(kind, id(kind), `Another ${kind}`), count: 1 }),
          }),
        }))}
      />
    </Box>
  );
}

/** Hardware out to a CSV file and in from one: what cannot be taken is told row by row, the rest offered. */
function HardwareFile({ items }: { items: readonly DrawerItem[] }) {
  const dispatch = useAppDispatch();
  const [trouble, setTrouble] = useState<string>();
  const [read, setRead] = useState<HardwareRead>();
  const open = async (file: File) => {
    setRead(undefined);
    setTrouble(tooLarge(file, LARGEST.csv));
    if (file.size > LARGEST.csv) return;
    const { default: Papa } = await import('papaparse');
    const { data } = Papa.parse<string[]>(await file.text(), { skipEmptyLines: 'greedy' });
    setRead(readHardwareRows(data));
  };
  const good = read?.items.length ?? 0;
  return (
    <FileBox
      title="As a file"
      words="A CSV file with the columns name and kind, and in drawer, confirmed and any number of the kind where you have them; what is left out is the usual one."
      accept=".csv,text/csv"
      onFile={(file) => void open(file)}
      trouble={trouble}
    >
      <Button
        onClick={() => void saveCsv(hardwareRows(items), 'hardware')}
        disabled={items.length === 0}
        sx={{ ml: 1 }}
      >
        Save as CSV
      </Button>
      {read && (
        <Box sx={{ pt: 1 }}>
          <RowsWrong issues={read.issues} />
          <Button
            variant="contained"
            disabled={good === 0}
            sx={{ mt: 1 }}
            onClick={() => void dispatch(putIn(read.items)).then((done) => done && setRead(undefined))}
          >
            {good === 0 ? 'No row can be taken' : `Put in ${good} pieces`}
          </Button>
        </Box>
      )}
    </FileBox>
  );
}
