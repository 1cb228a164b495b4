import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import IconButton from '@mui/material/IconButton';
import Typography from '@mui/material/Typography';
import {
  cornersOf,
  formatLength,
  freeId,
  outlineOfRuns,
  readRuns,
  runsText,
  wallsOf,
  withOutline,
  withoutArticle,
  type Corner,
  type Plan,
} from '@tarnpass/core';
import { Plus, Trash2 } from 'lucide-react';
import { useId, useState } from 'react';
import { editNow } from '../../state/job/edits';
import { LengthField } from '../../view/numbers/Field';
import { useAppDispatch } from '../../state/slices/app';
import { colour } from '../../view/theme/palette';

/** What is told of an edit of the walls. */
interface Told {
  readonly words: string;
  readonly wrong: boolean;
}

/** The walls as runs and turns, typed as they are called out; and corner by corner, with one more put into a wall. */
export function OutlineEditor({ plan }: { plan: Plan }) {
  const dispatch = useAppDispatch();
  const [told, setTold] = useState<Told>();
  const put = (name: string, corners: readonly Corner[]) =>
    dispatch(
      editNow(name, ({ space }) => [{ path: ['space'], before: space, after: withOutline(space, corners) }]),
    )[0]?.message;
  /** The same, of which only what is wrong is told. */
  const putOrTell = (name: string, corners: readonly Corner[]) => {
    const wrong = put(name, corners);
    if (wrong) setTold({ words: wrong, wrong: true });
  };
  return (
    <Box component="section" aria-label="Walls" sx={{ pt: 1 }}>
      <Typography variant="h3" sx={{ color: 'text.secondary' }}>
        Walls
      </Typography>
      <Runs plan={plan} told={told} onTold={setTold} put={put} />
      <Corners plan={plan} put={putOrTell} />
      <CornerNumbers plan={plan} />
    </Box>
  );
}

interface RunsProps {
  readonly plan: Plan;
  readonly told: Told | undefined;
  onTold(told: Told): void;
  put(name: string, corners: readonly Corner[]): string | undefined;
}

function Runs({ plan, told, onTold, put }: RunsProps) {
  const id = useId();
  const shown = runsText(plan.space, plan.units);
  const [text, setText] = useState(shown);
  const [from, setFrom] = useState(shown);
  if (from !== shown) {
    setFrom(shown);
    setText(shown);
  }
  const take = () => {
    const read = readRuns(text, plan.units);
    if (!read.ok) return onTold({ words: read.message, wrong: true });
    const made = outlineOfRuns(read.runs);
    if (!made.ok) return onTold({ words: made.message, wrong: true });
    const wrong = put('Walls by runs and turns', made.corners);
    const closes =
      made.missed < 0.05
        ? 'The runs close.'
        : `The runs miss their start by ${formatLength(made.missed, plan.units, true)}; that is shared among the corners.`;
    onTold({ words: wrong ?? closes, wrong: wrong !== undefined });
  };
  return (
    <>
      <Typography component="label" htmlFor={id}>
        Runs and turns from the south-west corner, eastward, the room to your left; one run a line
      </Typography>
      <Box
        component="textarea"
        id={id}
        value={text}
        rows={Math.min(10, text.split('\n').length + 1)}
        spellCheck={false}
        aria-describedby={`${id}-said`}
        onChange={(event: React.ChangeEvent<HTMLTextAreaElement>) => setText(event.target.value)}
        sx={{
          width: '100%',
          font: 'inherit',
          color: 'inherit',
          bgcolor: 'transparent',
          border: `1.2px solid ${colour(told?.wrong ? 'heather' : 'ink')}`,
          p: 0.75,
        }}
      />
      <Box sx={{ display: 'flex', alignItems: 'center', gap: 1 }}>
        <Button variant="outlined" onClick={take} disabled={text === shown}>
          Draw these walls
        </Button>
        <Typography
          id={`${id}-said`}
          variant="body2"
          role={told ? (told.wrong ? 'alert' : 'status') : undefined}
          sx={{ flex: 1, ...(told?.wrong && { color: 'error.main' }) }}
        >
          {told?.words ?? 'For example: 3600 left, or 900 right, or 1500 left 45.'}
        </Typography>
      </Box>
    </>
  );
}

interface CornersProps {
  readonly plan: Plan;
  put(name: string, corners: readonly Corner[]): void;
}

/** Every wall by the corner that begins it: one more put into it, or that one taken out. */
function Corners({ plan, put }: CornersProps) {
  const corners = cornersOf(plan.space);
  const walls = wallsOf(plan.space);
  const split = (i: number) => {
    const [a, b] = [corners[i]!, corners[(i + 1) % corners.length]!];
    const inward = walls[i]!.out;
    // Set in a little, so that it is a corner at once and can be dragged from there.
    const set: Corner = {
      id: freeId('c', Math.max(5, corners.length + 1), corners),
      x: { mm: Math.round((a.x.mm + b.x.mm) / 2 - 100 * inward[0]) },
      y: { mm: Math.round((a.y.mm + b.y.mm) / 2 - 100 * inward[1]) },
    };
    put(`Corner in ${walls[i]!.name}`, corners.toSpliced(i + 1, 0, set));
  };
  return corners.map((corner, i) => (
    <Box
      key={corner.id}
      sx={{ display: 'flex', alignItems: 'center', borderBottom: `1px solid ${colour('line')}` }}
    >
      <Typography sx={{ flex: 1 }}>
        {i + 1}. {withoutArticle(walls.find((wall) => wall.id === corner.id)?.name ?? '')},{' '}
        {formatLength(walls[i]?.length ?? 0, plan.units, true)}
      </Typography>
      <IconButton aria-label={`A corner in wall ${i + 1}`} onClick={() => split(i)}>
        <Plus size={20} strokeWidth={1.8} />
      </IconButton>
      <IconButton
        aria-label={`Take out corner ${i + 1}`}
        disabled={corners.length <= 3}
        onClick={() => put(`Take out corner ${i + 1}`, corners.toSpliced(i, 1))}
      >
        <Trash2 size={20} strokeWidth={1.8} />
      </IconButton>
    </Box>
  ));
}

/** Where each corner of an outline is, as numbers. */
const CornerNumbers = ({ plan }: { plan: Plan }) =>
  plan.space.outline && (
    <Box>
      {plan.space.outline.map((corner, i) => (
        <Box key={corner.id} sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', columnGap: 3 }}>
          {(['x', 'y'] as const).map((axis) => (
            <LengthField
              key={axis}
              label={`Corner ${i + 1} from ${axis === 'x' ? 'west' : 'south'}`}
              path={['space', 'outline', i, axis]}
              name={`Corner ${i + 1}`}
              value={corner[axis]}
              units={plan.units}
              corner={i}
            />
          ))}
        </Box>
      ))}
    </Box>
  );
