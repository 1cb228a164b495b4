import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import {
  lengthText,
  offsetCurve,
  offsetRows,
  offsetsLength,
  offsetWords,
  readOffsets,
  rowThatStandsOut,
  type Change,
  type OffsetThing,
  type Point2,
  type Units,
} from '@tarnpass/core';
import { useId, useState } from 'react';
import { setValue } from '../../state/job/edits';
import { useAppDispatch } from '../../state/slices/app';
import { colour } from '../theme/palette';

interface Props {
  readonly label: string;
  readonly path: Change['path'];
  readonly name: string;
  readonly thing: OffsetThing;
  readonly units: Units;
}

const BOX = { width: 380, height: 120 };

/** A table of offsets as it is taken down, a row a line; and the curve it makes, with the row that lies farthest off it. */
export function OffsetsField({ label, path, name, thing, units }: Props) {
  const { table } = thing.shape;
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
  const told = offsetWords(thing, units);
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
      <Curve thing={thing} />
      <Typography
        id={`${id}-said`}
        variant="body2"
        role={wrong ? 'alert' : undefined}
        sx={{ color: wrong ? 'error.main' : 'text.secondary' }}
      >
        {wrong ??
          (table.length < 5 &&
            'Slide a stick with a mark on it along a straight batten, and note at each station how deep the mark goes to the curve. With five rows or more the row that lies farthest off is told.')}
      </Typography>
      {told.map(({ words, strong }) => (
        <Typography
          key={words}
          variant="body2"
          sx={strong ? { color: 'error.main', fontWeight: 620 } : { color: 'text.secondary' }}
        >
          {words}
        </Typography>
      ))}
    </Box>
  );
}

/** The curve through the rows over the whole box, its chords dashed, what nobody measured crossed out, the row that lies farthest off ringed. */
function Curve({ thing }: { thing: OffsetThing }) {
  const rows = offsetRows(thing);
  const long = offsetsLength(thing);
  const worst = rowThatStandsOut(rows)?.row;
  const curve = offsetCurve(rows, thing.shape.curve).points(0.2);
  const deepest = Math.max(1, ...curve.map(([, y]) => y), ...rows.map(([, y]) => y));
  const at = ([x, y]: Point2): Point2 => [
    8 + (x / long) * (BOX.width - 16),
    BOX.height - 8 - (Math.max(0, y) / deepest) * (BOX.height - 16),
  ];
  const line = curve.map(at);
  const [first, last] = [line[0]![0], line[line.length - 1]![0]];
  const open = [
    [8, first],
    [last, BOX.width - 8],
  ].filter(([from, to]) => to! - from! > 1) as [number, number][];
  return (
    <svg
      viewBox={`0 0 ${BOX.width} ${BOX.height}`}
      width="100%"
      role="img"
      aria-label={
        open.length > 0
          ? 'The curve through the rows, and where nothing is measured'
          : 'The curve through the rows'
      }
      style={{ display: 'block' }}
    >
      <polygon
        points={[[first, BOX.height - 8], ...line, [last, BOX.height - 8]].map(String).join(' ')}
        fill="url(#cut)"
      />
      {open.map(([from, to]) => (
        <path
          key={from}
          d={`M${from} 8H${to}V${BOX.height - 8}H${from}ZM${from} 8L${to} ${BOX.height - 8}M${to} 8L${from} ${BOX.height - 8}`}
          fill="none"
          stroke={colour('heather')}
          strokeDasharray="4 3"
        />
      ))}
      <polyline
        points={rows.map(at).map(String).join(' ')}
        fill="none"
        stroke={colour('ink2')}
        strokeDasharray="5 4"
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
