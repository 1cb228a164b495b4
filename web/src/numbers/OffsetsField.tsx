import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import {
  fitOffsets,
  formatLength,
  lengthText,
  offsetCurve,
  readOffsets,
  type Change,
  type Offset,
  type Point2,
  type Units,
} from '@tarnpass/core';
import { useId, useState } from 'react';
import { setValue } from '../job/edits';
import { useAppDispatch } from '../store';
import { colour } from '../theme/palette';

interface Props {
  readonly label: string;
  readonly path: Change['path'];
  readonly name: string;
  readonly table: readonly Offset[];
  readonly units: Units;
}

const BOX = { width: 380, height: 120 };

/** A table of offsets as it is taken down, a row a line; and the curve it makes, with the row that lies farthest off it. */
export function OffsetsField({ label, path, name, table, units }: Props) {
  const id = useId();
  const dispatch = useAppDispatch();
  const shown = table
    .map(({ station, depth }) => `${lengthText(station, units)}  ${lengthText(depth, units)}`)
    .join('\n');
  const [text, setText] = useState(shown);
  const [from, setFrom] = useState(shown);
  const [wrong, setWrong] = useState<string>();
  if (from !== shown) {
    setFrom(shown);
    setText(shown);
    setWrong(undefined);
  }
  const commit = () => {
    if (text === shown) return setWrong(undefined);
    const read = readOffsets(text, units.system);
    if (!read.ok) return setWrong(read.message);
    setWrong(dispatch(setValue(name, path, read.table))[0]?.message);
  };
  const rows = table.map(({ station, depth }): Point2 => [station.mm, depth.mm]);
  const fit = fitOffsets(rows);
  return (
    <Box sx={{ py: 0.5 }}>
      <Typography component="label" htmlFor={id}>
        {label}: station and depth, a row a line
      </Typography>
      <Box
        component="textarea"
        id={id}
        value={text}
        rows={Math.min(12, table.length + 1)}
        spellCheck={false}
        aria-invalid={wrong !== undefined}
        aria-describedby={`${id}-said`}
        onChange={(event: React.ChangeEvent<HTMLTextAreaElement>) => setText(event.target.value)}
        onBlur={commit}
        sx={{
          width: '100%',
          font: 'inherit',
          color: 'inherit',
          bgcolor: 'transparent',
          border: `1.2px solid ${colour(wrong ? 'heather' : 'ink')}`,
          p: 0.75,
          resize: 'vertical',
          whiteSpace: 'pre',
        }}
      />
      <Curve rows={rows} worst={fit?.worst.row} />
      <Typography
        id={`${id}-said`}
        variant="body2"
        role={wrong ? 'alert' : undefined}
        sx={{ color: wrong ? 'error.main' : 'text.secondary' }}
      >
        {wrong ??
          (fit
            ? `Fitted with a smooth curve, row ${fit.worst.row + 1} lies farthest off it: ${formatLength(Math.abs(fit.worst.mm), units, true)}. Read it again if the side is smooth there.`
            : 'Slide a stick with a mark on it along a straight batten, and note at each station how deep the mark goes to the curve. With five rows or more the row that lies farthest off is told.')}
      </Typography>
    </Box>
  );
}

/** The curve through the rows, its stations ticked, the row that lies farthest off it ringed. */
function Curve({ rows, worst }: { rows: readonly Point2[]; worst: number | undefined }) {
  const [first, last] = [rows[0]![0], rows[rows.length - 1]![0]];
  const deepest = Math.max(1, ...rows.map(([, y]) => y));
  const at = ([x, y]: Point2): Point2 => [
    8 + ((x - first) / (last - first)) * (BOX.width - 16),
    BOX.height - 8 - (y / deepest) * (BOX.height - 16),
  ];
  const line = offsetCurve(rows, 'spline')
    .points(Math.max(0.2, deepest / 400))
    .map(at);
  return (
    <svg
      viewBox={`0 0 ${BOX.width} ${BOX.height}`}
      width="100%"
      role="img"
      aria-label="The curve through the rows"
      style={{ display: 'block' }}
    >
      <polygon
        points={[[8, BOX.height - 8], ...line, [BOX.width - 8, BOX.height - 8]].map(String).join(' ')}
        fill="url(#cut)"
      />
      <polyline points={line.map(String).join(' ')} fill="none" stroke={colour('ink')} strokeWidth={1.6} />
      {rows.map((row, i) => {
        const [x, y] = at(row);
        return (
          <circle
            key={row[0]}
            cx={x}
            cy={y}
            r={i === worst ? 6 : 2.4}
            fill={i === worst ? 'none' : colour('ink')}
            stroke={colour(i === worst ? 'heather' : 'ink')}
            strokeWidth={1.4}
          />
        );
      })}
    </svg>
  );
}
