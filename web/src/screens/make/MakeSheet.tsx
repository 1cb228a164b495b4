import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import Typography from '@mui/material/Typography';
import {
  hardwareNeeded,
  partsList,
  type PiecesAlike,
  type Plan,
  type Report,
  type Sizes,
} from '@tarnpass/core';
import { useMemo } from 'react';
import { BeforeMove } from '../../view/notes/BeforeMove';
import { Cautions } from '../../view/notes/Cautions';
import { colour } from '../../view/theme/palette';
import { SizeText } from '../../view/ui/SizeText';
import { TablesMenu } from './TablesMenu';

interface Props {
  readonly plan: Plan;
  readonly report: Report | null;
  readonly selected: string | null;
  onSelect(item: string): void;
}

/** The parts list: every piece of the job with its count, cut and finished size, material and what is worked into it, and the hardware it takes. */
export default function MakeSheet({ plan, report, selected, onSelect }: Props) {
  const lines = useMemo(() => partsList(plan), [plan]);
  const groups = useMemo(() => byCarcass(lines), [lines]);
  return (
    <Box
      component="main"
      className="make"
      sx={{
        bgcolor: 'background.paper',
        borderTop: `1.4px solid ${colour('ink')}`,
        borderLeft: `1.4px solid ${colour('ink')}`,
        minHeight: 0,
        overflow: 'auto',
        px: 3,
        pb: 3,
      }}
    >
      <Box sx={{ display: 'flex', alignItems: 'center', gap: 2, minHeight: 56 }}>
        <Typography variant="h2" sx={{ flex: 1 }}>
          Parts list
        </Typography>
        <TablesMenu plan={plan} empty={lines.length === 0} />
      </Box>
      {lines.length === 0 && (
        <Typography>
          Nothing is to be cut yet. Add a carcass under Plan, and its pieces come here, each with its sum.
        </Typography>
      )}
      <BeforeMove plan={plan} />
      <Cautions plan={plan} report={report} toTake />
      {groups.map(([name, pieces]) => (
        <Box key={name} component="section" aria-label={name} sx={{ pb: 2 }}>
          <Typography variant="h3" sx={{ pt: 1 }}>
            {name}
          </Typography>
          <Table stickyHeader size="small" aria-label={`Pieces of ${name}`} sx={TABLE}>
            <TableHead>
              <TableRow>
                <TableCell>Piece</TableCell>
                <TableCell align="right">Count</TableCell>
                <TableCell align="right" sx={{ whiteSpace: 'nowrap' }}>
                  Cut to, long × wide × thick
                </TableCell>
                <TableCell align="right">Finished</TableCell>
              </TableRow>
            </TableHead>
            {pieces.map((piece) => (
              <Piece
                key={piece.pieces[0]!.key}
                piece={piece}
                plan={plan}
                chosen={piece.item === selected}
                onSelect={onSelect}
              />
            ))}
          </Table>
        </Box>
      ))}
      <HardwareTable plan={plan} />
    </Box>
  );
}

/** What is to be bought or had ready. */
function HardwareTable({ plan }: { plan: Plan }) {
  const hardware = useMemo(() => hardwareNeeded(plan), [plan]);
  if (hardware.length === 0) return null;
  return (
    <Box component="section" aria-label="Hardware">
      <Typography variant="h3" sx={{ pt: 1 }}>
        Hardware
      </Typography>
      <Table size="small" aria-label="Hardware to have ready" sx={TABLE}>
        <TableHead>
          <TableRow>
            <TableCell>What</TableCell>
            <TableCell>Kind</TableCell>
            <TableCell align="right">Count</TableCell>
          </TableRow>
        </TableHead>
        <TableBody>
          {hardware.map(({ name, kind, count }) => (
            <TableRow key={`${kind} ${name}`}>
              <TableCell>{name}</TableCell>
              <TableCell>{kind}</TableCell>
              <TableCell align="right">{count}</TableCell>
            </TableRow>
          ))}
        </TableBody>
      </Table>
    </Box>
  );
}

const TABLE = {
  '& th': {
    color: 'text.secondary',
    fontWeight: 560,
    borderBottom: `1.4px solid ${colour('ink')}`,
    px: 1,
    bgcolor: 'background.paper',
  },
  '& td': { borderBottom: `1px solid ${colour('line')}`, px: 1, verticalAlign: 'top' },
  '& td:first-of-type, & th:first-of-type': { pl: 0 },
} as const;

function Piece({
  piece,
  plan,
  chosen,
  onSelect,
}: {
  piece: PiecesAlike;
  plan: Plan;
  chosen: boolean;
  onSelect(item: string): void;
}) {
  const { item, name, pieces, cut, size, material, notes } = piece;
  const { units } = plan;
  return (
    <TableBody sx={chosen ? { bgcolor: colour('tarnSoft') } : {}}>
      <TableRow sx={notes.length > 0 ? { '& td': { borderBottom: 'none' } } : {}}>
        <TableCell sx={{ width: '40%' }}>
          <Button
            onClick={() => onSelect(item)}
            aria-pressed={chosen}
            sx={{
              p: 0,
              textAlign: 'left',
              justifyContent: 'flex-start',
              lineHeight: 1.3,
              color: 'text.primary',
              minHeight: 32,
            }}
          >
            {name}
          </Button>
          <Typography variant="body2">{material || 'there already'}</Typography>
        </TableCell>
        <TableCell align="right">{pieces.length}</TableCell>
        <TableCell align="right" sx={SIZE}>
          <SizeText size={cut} units={units} />
        </TableCell>
        <TableCell align="right" sx={{ whiteSpace: 'nowrap' }}>
          {sameSize(cut, size) ? 'the same' : <SizeText size={size} units={units} />}
        </TableCell>
      </TableRow>
      {notes.length > 0 && (
        <TableRow>
          <TableCell colSpan={4} sx={{ pt: 0 }}>
            {notes.map((note) => (
              <Typography key={note} variant="body2">
                {note}
              </Typography>
            ))}
          </TableCell>
        </TableRow>
      )}
    </TableBody>
  );
}

const sameSize = (a: Sizes, b: Sizes) =>
  (['length', 'width', 'thick'] as const).every((axis) => Math.abs(a[axis].mm - b[axis].mm) < 1e-6);

const SIZE = { fontWeight: 700, fontSize: 16, whiteSpace: 'nowrap' } as const;

function byCarcass(lines: readonly PiecesAlike[]): [string, PiecesAlike[]][] {
  const groups = new Map<string, PiecesAlike[]>();
  for (const line of lines) groups.set(line.of, [...(groups.get(line.of) ?? []), line]);
  return [...groups];
}
