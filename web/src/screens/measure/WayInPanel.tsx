import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import IconButton from '@mui/material/IconButton';
import Typography from '@mui/material/Typography';
import {
  capitalised,
  formatLength,
  freeId,
  newPassage,
  PASSAGE_KINDS,
  type Change,
  type Passage,
  type Plan,
  type Units,
} from '@tarnpass/core';
import { ArrowUp, Plus, Trash2 } from 'lucide-react';
import { useState } from 'react';
import { editNow } from '../../state/job/edits';
import { LengthField, NumberField, TextField } from '../../view/numbers/Field';
import { useAppDispatch } from '../../state/slices/app';
import { colour } from '../../view/theme/palette';

const LABELS: Partial<Record<string, string>> = {
  width: 'Clear width',
  height: 'Clear height',
  length: 'Length',
  onward: 'Width beyond the turn',
  rise: 'Rise',
};

/** Everything that must be passed to get a piece in, from outside inwards. */
export function WayInPanel({ plan }: { plan: Plan }) {
  const dispatch = useAppDispatch();
  const [wrong, setWrong] = useState<string>();
  const change = (name: string, changes: (now: Plan) => Change[]) =>
    setWrong(dispatch(editNow(name, changes))[0]?.message);
  const add = (kind: Passage['kind']) =>
    change(`Add a ${kind} to the way in`, ({ wayIn }) => {
      const id = freeId('way-', wayIn.length + 1, wayIn);
      return [
        {
          path: ['wayIn', wayIn.length],
          after: newPassage(kind, id, capitalised(kind)),
        },
      ];
    });
  const narrowest = plan.wayIn.reduce<Passage | undefined>(
    (least, one) => (!least || one.width.mm < least.width.mm ? one : least),
    undefined,
  );
  return (
    <Box sx={{ py: 1 }}>
      <Typography>
        {narrowest
          ? `From outside to the space. Narrowest is the ${narrowest.name.toLowerCase()}, ${formatLength(narrowest.width.mm, plan.units, true)} wide.`
          : 'What must be passed to bring a piece in: the doors, passages, turns and stairs, from outside inwards.'}
      </Typography>
      {plan.wayIn.map((passage, i) => (
        <OnePassage key={passage.id} {...{ passage, i, change }} units={plan.units} />
      ))}
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, pt: 2 }}>
        {PASSAGE_KINDS.map((kind) => (
          <Button
            key={kind}
            variant="outlined"
            size="small"
            startIcon={<Plus size={18} />}
            onClick={() => add(kind)}
          >
            {capitalised(kind)}
          </Button>
        ))}
      </Box>
      {wrong && (
        <Typography role="alert" variant="body2" sx={{ color: 'error.main' }}>
          {wrong}
        </Typography>
      )}
    </Box>
  );
}

interface PassageProps {
  readonly passage: Passage;
  /** Its place on the way, from outside. */
  readonly i: number;
  readonly units: Units;
  change(name: string, changes: (now: Plan) => Change[]): void;
}

/** One of what must be passed: its place on the way, and its sizes. */
function OnePassage({ passage, i, units, change }: PassageProps) {
  return (
    <Box
      component="section"
      aria-label={passage.name}
      sx={{ borderTop: `1.4px solid ${colour('ink')}`, mt: 1, pt: 0.5 }}
    >
      <PassageHead {...{ passage, i, change }} />
      <TextField
        label="Name"
        path={['wayIn', i, 'name']}
        name={`${passage.name}: name`}
        value={passage.name}
      />
      {Object.entries(passage)
        .filter(([key]) => LABELS[key] !== undefined)
        .map(([key, value]) => (
          <LengthField
            key={key}
            label={LABELS[key]!}
            path={['wayIn', i, key]}
            name={`${passage.name}: ${LABELS[key]!.toLowerCase()}`}
            value={value as Plan['space']['width']}
            units={units}
          />
        ))}
      {passage.kind === 'turn' && (
        <NumberField
          label="Turns by"
          path={['wayIn', i, 'angle']}
          name={`${passage.name}: turns by`}
          value={passage.angle}
          suffix="°"
        />
      )}
    </Box>
  );
}

/** Its number and kind, and what can be done with the whole of it. */
function PassageHead({ passage, i, change }: Omit<PassageProps, 'units'>) {
  return (
    <Box sx={{ display: 'flex', alignItems: 'center' }}>
      <Typography variant="h3" sx={{ flex: 1 }}>
        {i + 1}. {passage.kind}
      </Typography>
      <IconButton
        aria-label={`${passage.name} earlier`}
        disabled={i === 0}
        onClick={() =>
          change(`${passage.name} earlier`, ({ wayIn }) => [
            { path: ['wayIn', i], before: wayIn[i]! },
            { path: ['wayIn', i - 1], after: wayIn[i]! },
          ])
        }
      >
        <ArrowUp size={20} strokeWidth={1.8} />
      </IconButton>
      <IconButton
        aria-label={`Take out ${passage.name}`}
        onClick={() =>
          change(`Take out ${passage.name}`, ({ wayIn }) => [{ path: ['wayIn', i], before: wayIn[i]! }])
        }
      >
        <Trash2 size={20} strokeWidth={1.8} />
      </IconButton>
    </Box>
  );
}
