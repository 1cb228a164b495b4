import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import {
  buildScene,
  familyOf,
  itemIdOf,
  itemsOf,
  withChanges,
  type Item,
  type Plan,
  type Report,
  type Scene,
} from '@tarnpass/core';
import { lazy, Suspense, useCallback, useEffect, useMemo, useState } from 'react';
import { Link, Navigate, useNavigate, useParams } from 'react-router';
import { Hotkeys } from '../../view/commands/Hotkeys';
import { useActions } from '../../view/commands/useActions';
import { useOpenJob } from '../../state/job/useOpenJob';
import { followDevices, followLog } from '../../state/readings/live';
import { useApp, useAppDispatch } from '../../state/slices/app';
import { Strips } from '../../view/strips/Strips';
import { Cautions } from '../../view/notes/Cautions';
import { colour } from '../../view/theme/palette';
import { UPRIGHT } from '../../view/theme/theme';
import { useSheet } from '../../view/theme/SheetProvider';
import { useHeld } from '../../hooks/useHeld';
import { useSame } from '../../hooks/useSame';
import { AnswerLine } from './AnswerLine';
import { Card } from './Card';
import { ConflictDialog } from './ConflictDialog';
import { LivePoseProvider } from '../../view/live/LivePose';
import { MainPanes, SmallPanes } from './Panes';
import { isStage, type Stage } from '../../state/view/stages';
import { SavingLine } from './SavingLine';
import { StoryPole } from './StoryPole';
import { Tools } from './Tools';
import { useAsked } from '../../state/check/asked';
import { useScene } from '../../state/view/useScene';
import type { OpenJob } from '../../state/slices/jobSlice';
import { begun, selected as select, commandFailed } from '../../state/slices/viewSlice';

const FindDialog = lazy(() => import('../../view/commands/FindDialog'));
const MakeSheet = lazy(() => import('../make/MakeSheet'));

/** One job on the board: opens it, or says why not. */
export function BoardScreen() {
  const { id, stage } = useParams();
  const { open, trouble } = useOpenJob(id);
  if (!isStage(stage)) return <Navigate to={`/jobs/${id}/check`} replace />;
  if (trouble) {
    return (
      <Box sx={{ p: 4 }}>
        <Typography variant="h1" role="alert">
          {trouble}
        </Typography>
        <Typography sx={{ mt: 2 }} component={Link} to="/">
          Back to the jobs
        </Typography>
      </Box>
    );
  }
  return open ? (
    <Board stage={stage} />
  ) : (
    <Box aria-busy="true" sx={{ height: '100vh', ml: '152px', bgcolor: colour('paper') }} />
  );
}

/** Which lists the card of a stage is about. */
const ABOUT: Record<Stage, readonly Item['list'][]> = {
  measure: ['space', 'things', 'existing'],
  plan: ['carcasses', 'parts'],
  check: ['parts', 'existing'],
  make: ['carcasses', 'parts'],
};

/** What the card shows: what is selected if the stage is about it, else what the stage would begin with. */
function itemFor(plan: Plan, report: Report | null, stage: Stage, chosen: string | null): Item | undefined {
  const items = itemsOf(plan).filter(({ list }) => ABOUT[stage].includes(list));
  const first = stage === 'check' ? (report?.answer.part ?? items[0]?.id) : items[0]?.id;
  const wanted = chosen && itemIdOf(plan, chosen);
  return items.find(({ id }) => id === wanted) ?? items.find(({ id }) => id === first);
}

/** The stage that a selected item's numbers are in, where the current one is not about it. */
function stageFor(plan: Plan, id: string): Stage {
  const item = itemsOf(plan).find((candidate) => candidate.id === itemIdOf(plan, id));
  return item && ABOUT.measure.includes(item.list) ? 'measure' : 'plan';
}

const isLifted = (item: Item | undefined) => item?.list === 'parts' && familyOf(item.value).weighed === true;

/** The plan as it is drawn: with what is tried, which is nowhere else. */
function useTried(plan: Plan, version: number, scene: Scene) {
  const tried = useApp(({ offers }) => offers.tried);
  const shown = useMemo(() => (tried ? withChanges(plan, tried.changes) : plan), [plan, tried]);
  const ofTried = useAsked('tried', version, tried && { kind: 'report', plan: shown }, tried?.key);
  const shownScene = useMemo(() => (shown === plan ? scene : buildScene(shown)), [shown, plan, scene]);
  const report = ofTried.stale ? null : (ofTried.answer ?? null);
  return { shown, shownScene, reportOfTried: tried ? report : undefined };
}

/** What the card and the sheet are about: the item, its mover, and the answer as far as it is of this plan. */
function useAbout(plan: Plan, scene: Scene, stage: Stage) {
  const dispatch = useAppDispatch();
  const report = useApp(({ check }) => check.report);
  const chosen = useApp(({ view }) => view.selected);
  const found = useMemo(() => itemFor(plan, report, stage, chosen), [plan, report, stage, chosen]);
  // An answer leaves it as it was: its numbers are not drawn again for one.
  const item = useSame(found, (a, b) => a.list === b.list && a.value === b.value);
  // What the card began with stays on it: mending the worst part must not turn the card to the next worst.
  const first = report && chosen === null ? item?.id : undefined;
  useEffect(() => {
    if (first) dispatch(begun(first));
  }, [first, dispatch]);
  // Of a pair the leaf that was pressed, else its first.
  const mover =
    scene.movers.find((one) => one.id === chosen && one.item === item?.id) ??
    scene.movers.find((one) => one.item === item?.id);
  // A report of an older plan may name parts that are gone.
  const current = useMemo(
    () =>
      report && {
        ...report,
        parts: report.parts.filter(({ id }) => scene.movers.some((one) => one.id === id)),
      },
    [report, scene.movers],
  );
  return { item, mover, current, selected: mover?.id ?? item?.id ?? null };
}

/** What was read for the job comes in while it is open, here or on a phone beside the wall. */
function useReadings(job: string, stage: Stage) {
  const dispatch = useAppDispatch();
  useEffect(() => dispatch(followLog(job)), [dispatch, job]);
  const reads = stage === 'measure' || stage === 'plan';
  useEffect(() => (reads ? dispatch(followDevices()) : undefined), [dispatch, reads]);
}

function Board({ stage }: { stage: Stage }) {
  const dispatch = useAppDispatch();
  const navigate = useNavigate();
  const { sheet } = useSheet();
  const job = useApp(({ job }) => job)!;
  const panes = useApp(({ view }) => view.panes);
  const stale = useApp(({ check }) => check.version) !== job.version;
  const { plan } = job;
  const scene = useScene(plan);
  const { shown, shownScene, reportOfTried } = useTried(plan, job.version, scene);
  const { item, mover, current, selected } = useAbout(plan, scene, stage);
  const tab = useApp(({ view }) => view.tabs['plan']);
  // What is lifted is seen from its side, beside a chart as high as the window.
  const lifted = stage === 'plan' && tab === 'forces' && mover !== undefined && isLifted(item);
  // Measuring wants the large view and a long card.
  const small = panes.length > 1 && stage !== 'measure' && stage !== 'make' && !lifted;
  const [finding, setFinding] = useState(false);
  const find = useCallback(() => setFinding(true), []);
  const pick = useCallback(
    (id: string) => {
      dispatch(select(id));
      const about = itemsOf(plan).find((candidate) => candidate.id === itemIdOf(plan, id));
      if (about && !ABOUT[stage].includes(about.list)) void navigate(`/jobs/${job.id}/${stageFor(plan, id)}`);
    },
    [dispatch, navigate, plan, stage, job.id],
  );
  useReadings(job.id, stage);
  const actions = useActions({ plan, scene, report: current, selected, onFind: find });
  const words = useMemo(() => sheetWords(plan, current), [plan, current]);
  const drawn = reportOfTried === undefined ? current : reportOfTried;
  const moverId = mover?.id;
  // Fields, strips and the answer follow an edit first; the drawing a frame or two later, so that they never wait for it.
  const sheetProps = useHeld(
    useMemo(
      () => ({
        ...{ plan: shown, scene: shownScene, report: drawn, item, mover: moverId, words, onSelect: pick },
        letters: plan.stones,
      }),
      [shown, shownScene, drawn, item, moverId, plan.stones, words, pick],
    ),
    stale,
    isTyping,
    HELD_MS,
  );
  const rest = { plan, scene, report: current, stale, letters: plan.stones, actions };
  return (
    <LivePoseProvider scene={shownScene} mover={mover}>
      <Box className="board" sx={layoutOf(small)}>
        <StoryPole
          {...{
            plan,
            report: current,
            stage,
            revision: job.revision,
            saving: job.saving,
            keptHere: job.kept,
          }}
          tools={<Tools actions={actions} />}
        />
        <AnswerHead report={current} stale={stale} job={job} />
        {stage === 'make' ? (
          <Box className="sheet" sx={{ minHeight: 0, display: 'grid' }}>
            <Suspense fallback={null}>
              <MakeSheet plan={plan} report={current} selected={item?.id ?? null} onSelect={pick} />
            </Suspense>
          </Box>
        ) : (
          <MainPanes {...sheetProps} lifted={lifted} />
        )}
        {stage !== 'make' && (
          <Box className="print-only">
            <Cautions plan={plan} report={current} />
          </Box>
        )}
        {small && <SmallPanes {...sheetProps} />}
        <Box className="strips" sx={{ borderTop: `1.4px solid ${colour('ink')}` }}>
          <Strips {...rest} selected={selected} />
        </Box>
        <Box className="card" sx={CARD}>
          <Card {...rest} {...{ stage, item, mover, sheet }} key={item?.id} />
        </Box>
        <Hotkeys actions={actions} />
        {finding && (
          <Suspense fallback={null}>
            <FindDialog
              {...{ actions, items: itemsOf(plan), onSelect: pick, onClose: () => setFinding(false) }}
            />
          </Suspense>
        )}
        <ConflictDialog />
      </Box>
    </LivePoseProvider>
  );
}

/** An answer that comes within this is drawn with the edit that it is of, ms. */
const HELD_MS = 120;

/** Whether a number on the card is being worked on: what is moved on the sheet itself is drawn there at once. */
const isTyping = () => document.activeElement?.closest('.card') !== null;

/** Pole, answer, sheet, strips and card; `small` where panes stand beside the large one. */
const layoutOf = (small: boolean) => ({
  display: 'grid',
  minHeight: '100vh',
  gridTemplateColumns: '152px minmax(0, 1fr)',
  gridTemplateRows: `auto clamp(420px, 46vh, 720px) ${small ? '300px' : '0'} auto 1fr`,
  '& > nav': { gridRow: '1 / -1' },
  '& > .answer, & > .strips, & > .card, & > .aside': { gridColumn: '2 / -1' },
  '& > .sheet': { gridColumn: 2, gridRow: 2 },
  '& > .answer': { gridRow: 1 },
  '& > .aside': { gridRow: 3 },
  '& > .strips': { gridRow: 4 },
  '& > .card': { gridRow: 5 },
  [`@media (min-width: ${UPRIGHT}px)`]: {
    height: '100vh',
    gridTemplateColumns: '152px minmax(0, 1fr) 452px',
    gridTemplateRows: `auto ${small ? 'minmax(250px, 34%)' : '0'} minmax(0, 1fr) auto`,
    '& > .sheet': { gridRow: '2 / 4' },
    '& > .aside': { gridRow: 2, gridColumn: 3 },
    '& > .card': { gridRow: 3, gridColumn: 3 },
  },
});
const CARD = {
  bgcolor: 'background.paper',
  borderTop: `1.4px solid ${colour('ink')}`,
  minHeight: 0,
  display: 'grid',
  borderLeft: `1.4px solid ${colour('ink')}`,
  [`@media (min-width: ${UPRIGHT}px)`]: { '&&': { gridColumn: 3 }, borderLeft: 0, pt: 1 },
};

interface HeadProps {
  readonly report: Report | null;
  readonly stale: boolean;
  readonly job: OpenJob;
}

/** The answer, why the last command could not be done, and how the job is saved. */
function AnswerHead({ report, stale, job }: HeadProps) {
  const dispatch = useAppDispatch();
  const trouble = useApp(({ view }) => view.commandError);
  return (
    <Box component="header" className="answer">
      <AnswerLine report={report} stale={stale} />
      {trouble && (
        <Alert
          severity="info"
          icon={false}
          variant="outlined"
          onClose={() => dispatch(commandFailed(null))}
          sx={{ mx: 2, mb: 1, py: 0 }}
        >
          {trouble}
        </Alert>
      )}
      <SavingLine job={job} />
    </Box>
  );
}

/** What a screen reader says of the drawing. */
function sheetWords(plan: Plan, report: Report | null): string {
  const parts = report?.parts.map(({ name, short }) => `${name}: ${short.word} ${short.amount}`).join('; ');
  return `${plan.title}. ${parts ?? ''}`;
}
