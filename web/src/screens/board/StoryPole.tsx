import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { piecesToCut, thingsIn, type Plan, type Report } from '@tarnpass/core';
import { useDeferredValue, useMemo } from 'react';
import { Link } from 'react-router';
import type { Saving } from '../../state/slices/jobSlice';
import { colour } from '../../view/theme/palette';
import { STAGES, type Stage } from '../../state/view/stages';

interface Props {
  readonly plan: Plan;
  readonly report: Report | null;
  readonly stage: Stage;
  readonly revision: number;
  readonly saving: Saving;
  /** Whether the browser keeps what is not saved. */
  readonly keptHere: boolean;
  readonly tools: React.ReactNode;
}

interface Mark {
  readonly name: string;
  /** What is still open there, or why it waits. */
  readonly words: string;
  /** The stage it leads to; absent where it has no page yet. */
  readonly leads?: Stage;
  readonly look: 'done' | 'open' | 'hits' | 'waits';
}

const many = (n: number, one: string) => `${n} ${one}${n === 1 ? '' : 's'}`;

/** How many dimensions are drawn, not measured, that an answer hangs on. */
const worthReading = (report: Report | null) =>
  report?.missing.filter(({ why }) => why !== undefined).length ?? 0;

function measureWords(plan: Plan, report: Report | null): string {
  const open = worthReading(report);
  if (open > 0) return `${open} to measure`;
  const things = plan.things.length + plan.existing.length;
  return things > 0 ? `${many(things, 'thing')} in the space` : 'an empty space';
}

function marksOf({ plan, report, revision, saving, keptHere }: Props, pieces: number): Mark[] {
  const hits = thingsIn(report?.parts ?? [], 'hits');
  const tight = thingsIn(report?.parts ?? [], 'tight');
  const parts = plan.parts.length;
  const check = !report
    ? 'working it out'
    : hits + tight > 0
      ? [hits > 0 && many(hits, 'hit'), tight > 0 && `${tight} tight`].filter(Boolean).join(', ')
      : parts > 0
        ? 'all clear'
        : 'nothing moves yet';
  const kept: Record<Saving['kind'], string> = {
    saved: `revision ${revision}`,
    unsaved: 'saving soon',
    saving: 'saving',
    waiting: keptHere ? 'not saved yet, kept here' : 'not saved, on this page alone',
    conflict: 'two versions',
  };
  return [
    {
      name: STAGES.measure,
      words: measureWords(plan, report),
      leads: 'measure',
      look: worthReading(report) > 0 ? 'open' : 'done',
    },
    {
      name: STAGES.plan,
      words: parts > 0 ? many(parts, 'moving part') : 'nothing moves yet',
      leads: 'plan',
      look: parts > 0 ? 'done' : 'open',
    },
    {
      name: STAGES.check,
      words: check,
      leads: 'check',
      look: hits > 0 ? 'hits' : tight > 0 ? 'open' : 'done',
    },
    {
      name: 'Make',
      words:
        hits > 0
          ? `waits on ${many(hits, 'hit')}`
          : pieces > 0
            ? `${many(pieces, 'piece')} to cut`
            : 'nothing to cut yet',
      leads: 'make',
      look: hits > 0 || pieces === 0 ? 'waits' : 'open',
    },
    { name: 'Fit', words: 'not begun', look: 'waits' },
    { name: 'Keep', words: kept[saving.kind], look: saving.kind === 'saved' ? 'done' : 'open' },
  ];
}

/** The stick at the left edge with a mark for each stage: the way around, and what is still open where. */
export function StoryPole(props: Props) {
  const { plan, stage, tools } = props;
  // The count may come a frame after the answer.
  const settled = useDeferredValue(plan);
  const pieces = useMemo(() => piecesToCut(settled), [settled]);
  return (
    <Box
      component="nav"
      aria-label="Stages"
      sx={{ display: 'flex', flexDirection: 'column', width: 152, minHeight: '100%', position: 'relative' }}
    >
      <Box sx={STICK} />
      <PoleHead title={plan.title} />
      {marksOf(props, pieces).map((mark, i) => (
        <PoleMark key={mark.name} mark={mark} current={mark.leads === stage} label={i + 1} />
      ))}
      <Box sx={TOOLS}>{tools}</Box>
    </Box>
  );
}

const STICK = {
  position: 'absolute',
  left: 20,
  width: 18,
  top: 0,
  bottom: 0,
  bgcolor: colour('wash2'),
  borderInline: `1.4px solid ${colour('ink')}`,
};
const TOOLS = {
  mt: 'auto',
  pl: '50px',
  pb: 1,
  position: 'relative',
  display: 'grid',
  gridTemplateColumns: '44px 44px',
};

const PoleHead = ({ title }: { title: string }) => (
  <Box sx={{ height: 72, pl: '58px', pt: 1, pr: 0.5 }}>
    <Typography
      component={Link}
      to="/"
      variant="h3"
      sx={{ fontWeight: 780, textDecoration: 'none', color: 'text.primary', display: 'inline-block' }}
    >
      Tarnpass
    </Typography>
    <Typography
      variant="body2"
      sx={{
        lineHeight: '17px',
        display: '-webkit-box',
        WebkitLineClamp: 2,
        WebkitBoxOrient: 'vertical',
        overflow: 'hidden',
      }}
      title={title}
    >
      {title}
    </Typography>
  </Box>
);

function PoleMark({ mark, current, label }: { mark: Mark; current: boolean; label: number }) {
  const inner = (
    <>
      <Notches look={mark.look} current={current} />
      <Typography
        component="div"
        sx={{
          fontFamily: '"Commissioner Variable"',
          fontSize: 18.5,
          fontWeight: current ? 780 : 600,
          color: current ? 'primary.main' : 'text.primary',
        }}
      >
        {mark.name}
      </Typography>
      <Typography
        variant="body2"
        sx={{ color: current ? 'text.primary' : 'text.secondary', fontWeight: current ? 620 : 450 }}
      >
        {mark.words}
      </Typography>
    </>
  );
  const sx = current ? { ...MARK, ...CURRENT } : MARK;
  if (!mark.leads) {
    return (
      <Box sx={sx} data-stage={label}>
        {inner}
      </Box>
    );
  }
  return (
    <Box
      component={Link}
      to={mark.leads === 'check' ? '../check' : `../${mark.leads}`}
      relative="path"
      sx={sx}
      aria-current={current ? 'page' : undefined}
    >
      {inner}
    </Box>
  );
}

const MARK = {
  position: 'relative',
  display: 'block',
  height: 92,
  flex: 'none',
  pl: '58px',
  pt: '15px',
  pr: 0.5,
  color: 'inherit',
  textDecoration: 'none',
} as const;
const CURRENT = {
  bgcolor: colour('paper'),
  borderTop: `1.4px solid ${colour('ink')}`,
  borderBottom: `1.4px solid ${colour('ink')}`,
  clipPath: 'none',
  marginRight: '-1.5px',
  zIndex: 1,
  '&::before': {
    content: '""',
    position: 'absolute',
    left: 0,
    width: 50,
    top: -2,
    bottom: -2,
    bgcolor: colour('bench'),
  },
} as const;

/** What stands on the stick: pencil marks of what is begun, dots of what waits, a thick one under what is open. */
const Notches = ({ look, current }: { look: Mark['look']; current: boolean }) => (
  <svg
    width={58}
    height={92}
    style={{ position: 'absolute', left: 0, top: 0, overflow: 'visible', zIndex: 2 }}
    aria-hidden="true"
  >
    <path d="M13 1 H50 M40 1 L49 -5 M40 1 L49 7" stroke={colour('ink')} strokeWidth={1.6} fill="none" />
    {current && <rect x={20.7} y={2} width={16.6} height={90} fill={colour('tarnFill')} />}
    {look !== 'waits' &&
      Array.from({ length: 8 }, (_, i) => (
        <line
          key={i}
          x1={29}
          x2={38}
          y1={12 + i * 10}
          y2={12 + i * 10}
          stroke={colour('ink2')}
          strokeWidth={1.2}
        />
      ))}
    {look === 'waits' &&
      Array.from({ length: 6 }, (_, i) => (
        <circle key={i} cx={33} cy={16 + i * 14} r={1.3} fill={colour('ink2')} />
      ))}
    {(look === 'open' || look === 'hits') && (
      <line
        x1={13}
        x2={44}
        y1={82}
        y2={82}
        stroke={look === 'hits' ? colour('heather') : colour('ink')}
        strokeWidth={3.2}
      />
    )}
  </svg>
);
