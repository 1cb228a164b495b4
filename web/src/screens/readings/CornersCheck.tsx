import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import {
  anglesOf,
  cornersOf,
  formatLength,
  withOutline,
  type MeasuredDimension,
  type Plan,
  type Point2,
  type TrueShape,
  trueShape,
  SLIP,
  type WrongLength,
} from '@tarnpass/core';
import { useMemo, useState } from 'react';
import { editNow } from '../../state/job/edits';
import { useApp, useAppDispatch } from '../../state/slices/app';
import { colour } from '../../view/theme/palette';
import { trueShapeShown } from '../../state/slices/readingsSlice';
import { exaggerated, EXAGGERATION } from '../../view/sheet/exaggerate';
import { useSummary } from '../../state/readings/useLog';

const BOX = { width: 400, height: 210 };

/** Square or not: what the lengths read between corners say together, which cannot be true, and the shape that follows. */
export function CornersCheck({ plan }: { plan: Plan }) {
  const summary = useSummary();
  const shape = useMemo(() => trueShape(plan, summary), [plan, summary]);
  if (shape.kind === 'none') return null;
  return (
    <Box component="section" aria-label="Square or not">
      <Typography variant="h3" sx={{ color: 'text.secondary', pt: 1.5 }}>
        Square or not
      </Typography>
      {shape.kind === 'wanting' && shape.lean !== undefined && (
        <Typography>
          {Math.abs(shape.lean) < 0.05
            ? 'Its diagonals are alike: it is square if its walls are.'
            : `Its diagonals say that it leans ${formatLength(Math.abs(shape.lean), plan.units, true)} to the ${shape.lean > 0 ? 'east' : 'west'} over its depth, if opposite walls are alike.`}
        </Typography>
      )}
      {shape.kind === 'wanting' && (
        <Typography variant="body2">
          {shape.more === 1 ? 'One more length' : `${shape.more} more lengths`} between corners, walls or
          diagonals, and the true shape is known.
        </Typography>
      )}
      {shape.kind === 'unsettled' && (
        <>
          <Typography role="alert" sx={{ color: 'error.main' }}>
            These lengths settle to no room: one of them is far off, or the room is drawn quite another shape.
          </Typography>
          <Wrong plan={plan} suspects={shape.suspects} />
        </>
      )}
      {shape.kind === 'found' && <Found plan={plan} shape={shape} />}
    </Box>
  );
}

/** Which length to read again, the likeliest first. */
function Wrong({ plan, suspects }: { plan: Plan; suspects: readonly WrongLength[] }) {
  const [first, second] = suspects;
  const say = (mm: number) => formatLength(mm, plan.units, true);
  if (!first) return null;
  return (
    <Typography role="alert" sx={{ color: 'error.main', fontWeight: 620 }}>
      They cannot all be true. Read the {first.words} again: it would be {say(first.ought)} if the others hold
      {second && `; or else the ${second.words}, ${say(second.ought)}`}.
    </Typography>
  );
}

/** Corners known worse than this, two standard deviations in mm, are said to be so in strong words: they could as well be drawn. */
const OPEN = 10;

/** How far these lengths can be relied on, and which one more would tell. */
function Watch({ plan, shape }: { plan: Plan; shape: Extract<TrueShape, { kind: 'found' }> }) {
  const { worst, unseen, next } = shape;
  const say = (mm: number) => formatLength(mm, plan.units, true);
  const known = `Corner ${worst.corner + 1} is known least, to ± ${say(2 * worst.sigma)} from the first wall.`;
  const open = 2 * worst.sigma > OPEN;
  const hundred = (share: number) => Math.round(100 * share);
  const passes =
    unseen > 0.995
      ? 'None of these lengths checks another: a slip in any passes unseen.'
      : hundred(unseen) < 1
        ? 'A slip in any of them would be seen.'
        : `A slip of ${say(SLIP)} in one of them would pass unseen ${hundred(unseen)} times of 100.`;
  const helps = next && (open || hundred(next.unseen) < hundred(unseen));
  const more = !helps
    ? hundred(unseen) < 1
      ? ''
      : ' What matters most, read twice.'
    : ` Read the ${next.words} too: then ${open ? `± ${say(2 * next.worst)}, and ` : ''}${hundred(next.unseen)} times of 100.`;
  return (
    <>
      <Typography
        variant={open ? 'body1' : 'body2'}
        sx={open ? { color: 'error.main', fontWeight: 620 } : {}}
      >
        {known}
      </Typography>
      <Typography variant="body2">
        {passes}
        {more}
      </Typography>
    </>
  );
}

function Found({ plan, shape }: { plan: Plan; shape: Extract<TrueShape, { kind: 'found' }> }) {
  const { corners, lengths, suspects } = shape;
  const dispatch = useAppDispatch();
  const onSheet = useApp(({ readings }) => readings.trueShape !== null);
  const [wrong, setWrong] = useState<string>();
  const drawn = cornersOf(plan.space).map(({ x, y }): Point2 => [x.mm, y.mm]);
  const [first] = suspects;
  const turned = turnOf(drawn, corners);
  const use = () => {
    const issues = dispatch(
      editNow('Take over the true shape', ({ space, measured }) => [
        { path: ['measured'], before: measured, after: vouched(measured, lengths) },
        {
          path: ['space'],
          before: space,
          after: withOutline(
            space,
            cornersOf(space).map(({ id }, i) => ({
              id,
              x: { mm: corners[i]![0] },
              y: { mm: corners[i]![1] },
            })),
          ),
        },
      ]),
    );
    setWrong(issues[0]?.message);
    if (issues.length === 0) dispatch(trueShapeShown(null));
  };
  return (
    <>
      {first ? (
        <Wrong plan={plan} suspects={suspects} />
      ) : (
        <Typography>
          {Math.abs(turned) < 0.05
            ? 'Its corners are as drawn, as far as the readings tell.'
            : `The worst corner is ${Math.abs(turned).toFixed(2)}° ${turned > 0 ? 'wider' : 'narrower'} than drawn.`}
        </Typography>
      )}
      {!first && <Watch plan={plan} shape={shape} />}
      <Drawing drawn={drawn} corners={corners} />
      <Typography variant="body2">
        What is off is drawn {EXAGGERATION} times as large; dashed, the room as it is planned.
      </Typography>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, pt: 1 }}>
        <Button
          variant={onSheet ? 'contained' : 'outlined'}
          aria-pressed={onSheet}
          onClick={() => dispatch(trueShapeShown(onSheet ? null : corners))}
        >
          Show it on the sheet
        </Button>
        {!first && (
          <Button variant="outlined" onClick={use}>
            Plan with the true shape
          </Button>
        )}
      </Box>
      {wrong && (
        <Typography role="alert" variant="body2" sx={{ color: 'error.main' }}>
          {wrong}
        </Typography>
      )}
    </>
  );
}

/** What was measured before, with the lengths between corners as they are now. */
function vouched(
  before: readonly MeasuredDimension[],
  lengths: readonly MeasuredDimension[],
): readonly MeasuredDimension[] {
  const now = new Set(lengths.map(({ of }) => of));
  return [...before.filter(({ of }) => !now.has(of)), ...lengths];
}

/** By how many degrees the corner that differs most is wider than drawn. */
function turnOf(drawn: readonly Point2[], read: readonly Point2[]): number {
  const [now, before] = [anglesOf(read), anglesOf(drawn)];
  return now
    .map((angle, i) => angle - before[i]!)
    .reduce((most, by) => (Math.abs(by) > Math.abs(most) ? by : most), 0);
}

/** The measured shape over the planned one, what is off drawn larger. */
function Drawing({ drawn, corners }: { drawn: readonly Point2[]; corners: readonly Point2[] }) {
  const [wide, deep] = [0, 1].map((axis) => Math.max(...drawn.map((point) => point[axis]!))) as [
    number,
    number,
  ];
  const scale = Math.min((BOX.width - 80) / wide, (BOX.height - 60) / deep);
  const put = ([x, y]: Point2): Point2 => [
    (BOX.width - scale * wide) / 2 + scale * x,
    (BOX.height + scale * deep) / 2 - scale * y,
  ];
  const read = exaggerated(drawn, corners).map(put);
  return (
    <svg
      viewBox={`0 0 ${BOX.width} ${BOX.height}`}
      width="100%"
      role="img"
      aria-label="The true shape, exaggerated"
    >
      <polygon
        points={drawn.map((point) => put(point).join(',')).join(' ')}
        fill="none"
        stroke={colour('ink2')}
        strokeDasharray="5 4"
      />
      <polygon
        points={read.map((point) => point.join(',')).join(' ')}
        fill="none"
        stroke={colour('ink')}
        strokeWidth={2}
      />
      {read.map(([x, y], i) => (
        <text
          key={i}
          x={x + (x < BOX.width / 2 ? -12 : 6)}
          y={y + (y > BOX.height / 2 ? 16 : -6)}
          fontSize={14}
          fill={colour('ink')}
        >
          {i + 1}
        </text>
      ))}
    </svg>
  );
}
