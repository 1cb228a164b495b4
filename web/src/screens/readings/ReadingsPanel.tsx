import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import IconButton from '@mui/material/IconButton';
import NativeSelect from '@mui/material/NativeSelect';
import Typography from '@mui/material/Typography';
import {
  formatLength,
  GOVERNING_RULES,
  type Dimension,
  type GoverningRule,
  type Instrument,
  type Plan,
  type Summary,
} from '@tarnpass/core';
import { Undo2 } from 'lucide-react';
import { useState } from 'react';
import { useApp, useAppDispatch } from '../../state/slices/app';
import { colour } from '../../view/theme/palette';
import { takeReading } from '../../state/readings/live';
import { NotSent } from './NotSent';
import { ReadingForm } from './ReadingForm';
import { readAbout, ruleChosen } from '../../state/slices/readingsSlice';
import { useDimensions, useSummary } from '../../state/readings/useLog';
import { takeOver } from '../../state/readings/takeOver';
import { CornersCheck } from './CornersCheck';
import { PlumbCheck } from './PlumbCheck';

/** Rows of readings that are on the page at once; the rest is a press away. */
const ROWS = 12;

const WORDS: Record<GoverningRule, string> = {
  smallest: 'the smallest governs',
  largest: 'the largest governs',
  mean: 'the mean governs',
};

/** The readings of one dimension of what is selected: take one more, see which governs, take that over into the plan. */
export function ReadingsPanel({ plan, item }: { plan: Plan; item: string }) {
  const dispatch = useAppDispatch();
  const dimensions = useDimensions();
  const summary = useSummary();
  const about = useApp(({ readings }) => readings.about);
  const own = dimensions.filter((dimension) => dimension.item === item);
  const dimension = own.find(({ key }) => key === about) ?? own[0];
  if (!dimension) return <Typography sx={{ py: 2 }}>Nothing of this can be read with a tape.</Typography>;
  const read = summary.byDimension.get(dimension.key);
  return (
    <Box>
      <NativeSelect
        value={dimension.key}
        onChange={(event) => dispatch(readAbout(event.target.value))}
        inputProps={{ 'aria-label': 'Dimension' }}
        disableUnderline
        sx={{ width: '100%', minHeight: 44, mt: 1, borderBottom: `1.2px solid ${colour('ink')}` }}
      >
        {own.map(({ key, label }) => {
          const n = summary.byDimension.get(key)?.readings.length ?? 0;
          return (
            <option key={key} value={key}>
              {label}
              {n > 0 ? ` (${n} ${n === 1 ? 'reading' : 'readings'})` : ''}
            </option>
          );
        })}
      </NativeSelect>
      <NotSent />
      <ReadingForm key={dimension.key} dimension={dimension} units={plan.units} />
      {read ? (
        <Read plan={plan} dimension={dimension} summary={read} />
      ) : (
        <Typography sx={{ color: 'text.secondary', py: 1 }}>
          {dimension.mm > 0
            ? `Not read yet. The plan has ${formatLength(dimension.mm, plan.units, true)}.`
            : 'Not read yet. Hang a plumb line before the wall and read to the wall at its foot and head.'}
        </Typography>
      )}
      {item === 'space' && (
        <>
          <CornersCheck plan={plan} />
          <PlumbCheck plan={plan} />
        </>
      )}
    </Box>
  );
}

interface ReadProps {
  readonly plan: Plan;
  readonly dimension: Dimension;
  readonly summary: Summary;
}

function Read({ plan, dimension, summary }: ReadProps) {
  const { governs, slip, readings } = summary;
  const say = (mm: number) => formatLength(mm, plan.units, true);
  return (
    <Box component="section" aria-label="What was read">
      <Governs dimension={dimension} governs={governs} say={say} />
      {readings.length > 1 && (
        <Typography variant="body2" sx={slip ? { color: 'error.main', fontWeight: 620 } : {}}>
          They spread over {say(governs.spread)}
          {slip ? ': one of them may be a slip. Read it again.' : '.'}
        </Typography>
      )}
      <TakeOver plan={plan} dimension={dimension} summary={summary} />
      <ReadingList summary={summary} say={say} />
    </Box>
  );
}

interface GovernsProps {
  readonly dimension: Dimension;
  readonly governs: Summary['governs'];
  say(mm: number): string;
}

/** What governs, how well it is known, and by which rule. */
function Governs({ dimension, governs, say }: GovernsProps) {
  const dispatch = useAppDispatch();
  return (
    <>
      <Box
        sx={{
          display: 'flex',
          alignItems: 'baseline',
          gap: 1,
          borderTop: `1.4px solid ${colour('ink')}`,
          pt: 0.75,
        }}
      >
        <Typography sx={{ fontSize: 26, fontWeight: 700, lineHeight: '34px' }} data-governs>
          {say(governs.mm)}
        </Typography>
        <Typography sx={{ flex: 1 }}>± {say(2 * governs.sigma)}</Typography>
        <NativeSelect
          value={governs.rule}
          onChange={(event) => {
            dispatch(ruleChosen({ of: dimension.key, rule: event.target.value as GoverningRule }));
          }}
          inputProps={{ 'aria-label': 'Which reading governs' }}
          disableUnderline
          sx={{ borderBottom: `1.2px solid ${colour('ink')}`, maxWidth: 230 }}
        >
          {GOVERNING_RULES.map((rule) => (
            <option key={rule} value={rule}>
              {WORDS[rule]}
            </option>
          ))}
        </NativeSelect>
      </Box>
      <Typography variant="body2">
        {governs.rule === dimension.rule
          ? `Since ${dimension.why}.`
          : `Usually ${WORDS[dimension.rule]} here, since ${dimension.why}.`}
      </Typography>
    </>
  );
}

/** The plan takes what governs, has it already, or has no number of its own for it. */
function TakeOver({ plan, dimension, summary }: ReadProps) {
  const dispatch = useAppDispatch();
  const [wrong, setWrong] = useState<string>();
  const { governs } = summary;
  const say = (mm: number) => formatLength(mm, plan.units, true);
  const taken = plan.measured.find(({ of }) => of === dimension.key);
  const same = taken && Math.abs(taken.mm - governs.mm) < 0.05 && Math.abs(dimension.mm - governs.mm) < 0.05;
  return (
    <>
      {same ? (
        <Typography sx={{ py: 1 }}>The plan has this number.</Typography>
      ) : dimension.path ? (
        <Box sx={{ py: 1 }}>
          <Button
            variant="contained"
            onClick={() => setWrong(dispatch(takeOver(dimension, summary))[0]?.message)}
          >
            {Math.abs(governs.mm - dimension.mm) < 0.05
              ? `The plan’s ${say(dimension.mm)} is as read`
              : `Use ${say(governs.mm)} for the plan’s ${say(dimension.mm)}`}
          </Button>
        </Box>
      ) : (
        <Typography variant="body2" sx={{ py: 1 }}>
          {dimension.mm > 0
            ? `The plan has ${say(dimension.mm)} between these corners.`
            : 'From the plumb line to the wall.'}
        </Typography>
      )}
      {wrong && (
        <Typography role="alert" variant="body2" sx={{ color: 'error.main' }}>
          {wrong}
        </Typography>
      )}
    </>
  );
}

/** Every reading, the newest first, each to be taken back. */
function ReadingList({ summary, say }: { summary: Summary; say(mm: number): string }) {
  const dispatch = useAppDispatch();
  const instruments = useApp(({ readings }) => readings.log.instruments);
  const waiting = useApp(({ readings }) => readings.outbox);
  const [all, setAll] = useState(false);
  const names = new Map(instruments.map(({ id, name }) => [id, name]));
  const waits = new Set(waiting.map(({ id }) => id));
  const readings = [...summary.readings].reverse();
  return (
    <>
      <Box component="ul" aria-label="Readings" sx={{ listStyle: 'none', m: 0, p: 0 }}>
        {readings.slice(0, all ? undefined : ROWS).map(({ reading, mm, by }) => (
          <Box component="li" key={reading.id} sx={ROW}>
            <Typography sx={{ fontWeight: 620, width: 96, textAlign: 'right' }}>{say(mm)}</Typography>
            <Typography variant="body2" sx={{ flex: 1, minWidth: 0 }}>
              {[
                reading.place,
                toolWords(names, reading.instrument, by, say, reading.mm),
                reading.who,
                new Date(reading.at).toLocaleDateString(undefined, { day: 'numeric', month: 'short' }),
                reading.note,
                waits.has(reading.id) ? 'waits to be sent' : '',
              ]
                .filter(Boolean)
                .join(', ')}
            </Typography>
            <IconButton
              aria-label={`Take back the reading of ${say(reading.mm)}`}
              onClick={() => dispatch(takeReading({ ...reading, withdrawn: true }))}
            >
              <Undo2 size={20} strokeWidth={1.8} />
            </IconButton>
          </Box>
        ))}
      </Box>
      {readings.length > ROWS && !all && (
        <Button onClick={() => setAll(true)}>Show all {readings.length}</Button>
      )}
    </>
  );
}

const ROW = {
  display: 'flex',
  alignItems: 'center',
  gap: 1,
  borderBottom: `1px solid ${colour('line')}`,
  minHeight: 44,
};

function toolWords(
  names: ReadonlyMap<Instrument['id'], string>,
  tool: string | null,
  by: number,
  say: (mm: number) => string,
  raw: number,
): string {
  const name = tool === null ? '' : (names.get(tool) ?? 'an instrument that is gone');
  return by === 0 ? name : `${name} read ${say(raw)}`;
}
