import Box from '@mui/material/Box';
import ButtonBase from '@mui/material/ButtonBase';
import Dialog from '@mui/material/Dialog';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import Typography from '@mui/material/Typography';
import type { PairLine, PairWord, Scene } from '@tarnpass/core';
import { paired } from '../../state/slices/viewSlice';
import { useAppDispatch } from '../../state/slices/app';
import { colour } from '../theme/palette';
import { Stone } from '../ui/Stone';

interface Props {
  readonly scene: Scene;
  readonly lines: readonly PairLine[];
  readonly letters: Readonly<Record<string, string>>;
  readonly shown: readonly [string, string];
  onClose(): void;
}

/** Words of pairs that do not open as one likes. */
const STOPS = new Set<PairWord>([
  'one at a time',
  'together',
  'first only',
  'second only',
  'neither',
  'parted',
]);

/** Every two parts as a triangle of words: choosing a cell puts its pair on the pass. */
export default function PairsDialog({ scene, lines, letters, shown, onClose }: Props) {
  const dispatch = useAppDispatch();
  const { movers } = scene;
  const lineOf = new Map(lines.map((line) => [`${line.a} ${line.b}`, line]));
  const choose = (line: PairLine) => {
    dispatch(paired([line.a, line.b]));
    onClose();
  };
  return (
    <Dialog open onClose={onClose} maxWidth={false} aria-labelledby="pairs-title">
      <DialogTitle id="pairs-title">Which two parts?</DialogTitle>
      <DialogContent sx={{ overflow: 'auto' }}>
        <Box component="table" sx={{ borderCollapse: 'collapse', '& th, & td': { p: 0 } }}>
          <thead>
            <tr>
              <th />
              {movers.slice(1).map(({ id, name }) => (
                <ColumnHead key={id} name={name} letter={letters[id]!} />
              ))}
            </tr>
          </thead>
          <tbody>
            {movers.slice(0, -1).map((row, i) => (
              <tr key={row.id}>
                <RowHead name={row.name} letter={letters[row.id]!} />
                {movers.slice(1).map((column, j) => {
                  const line = j >= i ? lineOf.get(`${row.id} ${column.id}`) : undefined;
                  if (!line) return <td key={column.id} />;
                  const current = shown[0] === line.a && shown[1] === line.b;
                  return (
                    <Cell key={column.id} {...{ line, letters, current }} onChoose={() => choose(line)} />
                  );
                })}
              </tr>
            ))}
          </tbody>
        </Box>
        {lines.length === 0 && <Typography sx={{ pt: 1 }}>Working it out</Typography>}
      </DialogContent>
    </Dialog>
  );
}

interface HeadProps {
  readonly name: string;
  readonly letter: string;
}

const ColumnHead = ({ name, letter }: HeadProps) => (
  <th scope="col" title={name}>
    <Box sx={{ display: 'flex', flexDirection: 'column', alignItems: 'center', minWidth: 104, pb: 0.5 }}>
      <svg width={26} height={26} aria-hidden="true">
        <Stone x={13} y={13} letter={letter} filled={false} />
      </svg>
      <Typography variant="body2" sx={{ maxWidth: 92, lineHeight: '16px' }}>
        {name}
      </Typography>
    </Box>
  </th>
);

const RowHead = ({ name, letter }: HeadProps) => (
  <th scope="row">
    <Box sx={{ display: 'flex', alignItems: 'center', gap: 1, pr: 2, minWidth: 150 }}>
      <svg width={26} height={26} aria-hidden="true" style={{ flex: 'none' }}>
        <Stone x={13} y={13} letter={letter} filled={false} />
      </svg>
      <Typography variant="h3" component="span" sx={{ textAlign: 'left' }}>
        {name}
      </Typography>
    </Box>
  </th>
);

interface CellProps {
  readonly line: PairLine;
  readonly letters: Readonly<Record<string, string>>;
  readonly current: boolean;
  onChoose(): void;
}

/** The word of a pair, strong where they do not open as one likes. */
function Cell({ line, letters, current, onChoose }: CellProps) {
  const stops = STOPS.has(line.word);
  const apart = line.word === 'never meet' || line.word === 'one thing';
  const word = line.word.replace('first ', `${letters[line.a]} `).replace('second ', `${letters[line.b]} `);
  return (
    <Box component="td" sx={{ border: `1px solid ${colour('line')}` }}>
      <ButtonBase
        autoFocus={current}
        aria-pressed={current}
        aria-label={line.sentence}
        onClick={onChoose}
        sx={{
          width: 1,
          minHeight: 44,
          px: 1,
          fontFamily: 'inherit',
          fontSize: 14,
          fontWeight: stops || current ? 700 : 450,
          color: stops ? 'error.main' : apart ? 'text.secondary' : 'text.primary',
          boxShadow: current ? `inset 0 0 0 2.4px ${colour('ink')}` : undefined,
        }}
      >
        {word}
      </ButtonBase>
    </Box>
  );
}
