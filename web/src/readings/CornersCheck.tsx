import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import {
  cornerAngles,
  cornersOf,
  formatLength,
  quadrilateral,
  QUAD_NAMES,
  withOutline,
  type Measured,
  type Plan,
  type Point2,
  type Six,
} from '@tarnpass/core';
import { useMemo, useState } from 'react';
import { editNow } from '../job/edits';
import { useAppDispatch } from '../store';
import { colour } from '../theme/palette';
import { useSummary } from './useLog';

/** So many times is the lean of the walls drawn, so that it can be seen. */
const TIMES = 12;
const BOX = { width: 400, height: 210 };

/** Out of square: what four walls and two diagonals, read, say together of a space with four corners. */
export function CornersCheck({ plan }: { plan: Plan }) {
  const dispatch = useAppDispatch();
  const summary = useSummary();
  const [wrong, setWrong] = useState<string>();
  const corners = cornersOf(plan.space);
  const { six, missing } = useMemo(() => {
    const found: Partial<Record<keyof Six<Measured>, Measured>> = {};
    if (corners.length === 4)
      for (const name of QUAD_NAMES) {
        const [a, b] = [...name].map((letter) => corners['ABCD'.indexOf(letter)]!.id);
        const read = summary.byDimension.get(`space/${a}:${b}`) ?? summary.byDimension.get(`space/${b}:${a}`);
        if (read) found[name] = read.governs;
      }
    return { six: found, missing: QUAD_NAMES.filter((name) => !found[name]).length };
  }, [corners, summary]);
  if (corners.length !== 4 || missing === 6) return null;
  const head = (
    <Typography variant="h3" sx={{ color: 'text.secondary', pt: 1.5 }}>
      Square or not
    </Typography>
  );
  if (missing > 0)
    return (
      <>
        {head}
        <Typography variant="body2">
          {missing === 1 ? 'One more' : `${missing} more`} of the four walls and two diagonals, and the room’s
          true shape is known.
        </Typography>
      </>
    );
  const shape = quadrilateral(six as Six<Measured>);
  const say = (mm: number) => formatLength(mm, plan.units, true);
  if (!shape)
    return (
      <>
        {head}
        <Typography role="alert" sx={{ color: 'error.main' }}>
          These six lengths make no room at all: one of them is far off.
        </Typography>
      </>
    );
  const first = shape.suspects[0];
  const angles = cornerAngles(shape.corners).map((angle) => (angle * 180) / Math.PI);
  const worst = angles.reduce(
    (most, angle) => (Math.abs(angle - 90) > Math.abs(most - 90) ? angle : most),
    90,
  );
  const use = () =>
    setWrong(
      dispatch(
        editNow('Take over the true shape', ({ space }) => [
          {
            path: ['space'],
            before: space,
            after: withOutline(
              space,
              shape.corners.map(([x, y], i) => ({ id: corners[i]!.id, x: { mm: x }, y: { mm: y } })),
            ),
          },
        ]),
      )[0]?.message,
    );
  return (
    <Box component="section" aria-label="Square or not">
      {head}
      {first ? (
        <Typography role="alert" sx={{ color: 'error.main', fontWeight: 620 }}>
          The six cannot all be true. Read the {nameOf(first.name)} again: it would be {say(first.ought)} if
          the others hold
          {shape.suspects[1] &&
            `; or else the ${nameOf(shape.suspects[1].name)}, ${say(shape.suspects[1].ought)}`}
          .
        </Typography>
      ) : (
        <Typography>
          {Math.abs(worst - 90) < 0.05
            ? 'It is square, as far as the readings tell.'
            : `The worst corner is ${Math.abs(worst - 90).toFixed(2)}° ${worst > 90 ? 'wider' : 'narrower'} than square.`}
        </Typography>
      )}
      <TrueShape corners={shape.corners} />
      <Typography variant="body2">
        Drawn {TIMES} times as far out of square as it is; dashed, the square room.
      </Typography>
      {!first && (
        <Button variant="outlined" onClick={use} sx={{ mt: 1 }}>
          Plan with the true shape
        </Button>
      )}
      {wrong && (
        <Typography role="alert" variant="body2" sx={{ color: 'error.main' }}>
          {wrong}
        </Typography>
      )}
    </Box>
  );
}

const nameOf = (name: string): string =>
  ({
    AB: 'south wall',
    BC: 'east wall',
    CD: 'north wall',
    DA: 'west wall',
    AC: 'diagonal from the south-west corner',
    BD: 'diagonal from the south-east corner',
  })[name] ?? name;

/** The measured shape over the square one of the same size, what is out of square drawn larger. */
function TrueShape({ corners }: { corners: readonly Point2[] }) {
  const [a, b, c, d] = corners as [Point2, Point2, Point2, Point2];
  const wide = (b[0] - a[0] + c[0] - d[0]) / 2;
  const deep = (c[1] - b[1] + d[1] - a[1]) / 2;
  const square: Point2[] = [
    [0, 0],
    [wide, 0],
    [wide, deep],
    [0, deep],
  ];
  const scale = Math.min((BOX.width - 80) / wide, (BOX.height - 60) / deep);
  const put = ([x, y]: Point2): Point2 => [
    (BOX.width - scale * wide) / 2 + scale * x,
    (BOX.height + scale * deep) / 2 - scale * y,
  ];
  const drawn = corners.map((corner, i): Point2 => {
    const [x, y] = square[i]!;
    return put([x + TIMES * (corner[0] - x), y + TIMES * (corner[1] - y)]);
  });
  return (
    <svg
      viewBox={`0 0 ${BOX.width} ${BOX.height}`}
      width="100%"
      role="img"
      aria-label="The room’s true shape, exaggerated"
    >
      <polygon
        points={square.map((point) => put(point).join(',')).join(' ')}
        fill="none"
        stroke={colour('ink2')}
        strokeDasharray="5 4"
      />
      <polygon
        points={drawn.map((point) => point.join(',')).join(' ')}
        fill="none"
        stroke={colour('ink')}
        strokeWidth={2}
      />
      {drawn.map(([x, y], i) => (
        <text
          key={i}
          x={x + (i === 0 || i === 3 ? -14 : 6)}
          y={y + (i < 2 ? 16 : -6)}
          fontSize={14}
          fill={colour('ink')}
        >
          {'ABCD'[i]}
        </text>
      ))}
    </svg>
  );
}
