import { Figures } from '../../view/ui/Figures';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import {
  carcassIdOf,
  formatLength,
  INCHES,
  itemsOf,
  MILLIMETRES,
  parseLength,
  parseNumber,
  partsList,
  QUICK_CARDS,
  quickPlan,
  usualNumbers,
  usualPlan,
  type Mover,
  type Plan,
  type QuickAsk,
  type QuickCard,
} from '@tarnpass/core';
import { Play } from 'lucide-react';
import { useEffect, useMemo, useRef, useState } from 'react';
import { Link, Navigate, useNavigate, useParams } from 'react-router';
import { ApiError, createJob } from '../../api/client';
import { LivePoseProvider } from '../../view/live/LivePose';
import { play } from '../../state/view/play';
import { useScene } from '../../state/view/useScene';
import { viewCleared } from '../../state/slices/viewSlice';
import { useAsked } from '../../state/check/asked';
import { Field } from '../../view/numbers/Field';
import { FlatView } from '../../view/sheet/FlatView';
import { cutOf, planSight, sectionSight } from '../../view/sheet/views';
import { useApp, useAppDispatch } from '../../state/slices/app';
import { throughAndBack } from '../../state/view/openInOrder';
import { ANSWERS } from '../../view/strips/Strips';
import { Strip } from '../../view/strips/Strip';
import { colour } from '../../view/theme/palette';
import { UPRIGHT } from '../../view/theme/theme';
import { SizeText } from '../../view/ui/SizeText';

/** One card of the deck: its numbers, the answer, and the drawing that moves. */
export function QuickScreen() {
  const { card: id } = useParams();
  const card = QUICK_CARDS.find((one) => one.id === id);
  return card ? <Quick key={card.id} card={card} /> : <Navigate to="/quick" replace />;
}

/** The numbers of a card in force, its plan, and what was refused of them. */
function useNumbers(card: QuickCard) {
  const [numbers, setNumbers] = useState(() => usualNumbers(card));
  // Several that were refused may be taken one after the other before the page is drawn again.
  const given = useRef(numbers);
  const [{ plan, version }, setPlan] = useState(() => ({ plan: usualPlan(card), version: 1 }));
  const [refused, setRefused] = useState<Readonly<Record<string, string | undefined>>>({});
  const { units } = plan;
  return {
    ...{ numbers, plan, version, refused },
    /** Take one number: what is wrong with it, in which case all stays as it was. */
    take: (ask: QuickAsk, text: string) => {
      const read =
        ask.input === 'length' ? parseLength(text, units.system) : parseNumber(text.replace(/°/g, ''));
      if (!read.ok) return read;
      const next = { ...given.current, [ask.key]: 'mm' in read ? read.mm : read.value };
      const made = quickPlan(card, next, units);
      if (!made.ok) return { message: made.issues[0]!.message };
      given.current = next;
      setNumbers(next);
      setPlan((before) => ({ plan: made.plan, version: before.version + 1 }));
      return undefined;
    },
    refuse: (ask: QuickAsk, text: string | undefined) =>
      setRefused((before) => ({ ...before, [ask.key]: text })),
    changeUnits: () => {
      const made = quickPlan(card, numbers, units.system === 'mm' ? INCHES : MILLIMETRES);
      if (made.ok) setPlan({ plan: made.plan, version: version + 1 });
    },
  };
}
type Numbers = ReturnType<typeof useNumbers>;

/** What the check says of the card: its report, the best offer, and the pairs that are worth a word. */
function useAnswers({ plan, version }: Numbers, several: boolean) {
  const asked = useAsked('quick', version, { kind: 'report', plan });
  const report = asked.answer ?? null;
  const toMend = asked.stale ? undefined : report?.answer.finding;
  const offers = useAsked(
    'quick offers',
    version,
    toMend === undefined ? null : { kind: 'offers', plan, of: toMend, enough: 1 },
  );
  const pairs = useAsked('quick pairs', version, several ? { kind: 'pairs', plan } : null).answer ?? [];
  return {
    asked,
    report,
    offered: offers.stale ? undefined : offers.answer?.offers[0]?.words,
    pairs: pairs.filter(({ word }) => word !== 'never meet' && word !== 'any order'),
    reports: useMemo(() => new Map(report?.parts.map((part) => [part.id, part])), [report]),
  };
}
type Answers = ReturnType<typeof useAnswers>;

function Quick({ card }: { card: QuickCard }) {
  const dispatch = useAppDispatch();
  const numbers = useNumbers(card);
  const { plan } = numbers;
  const scene = useScene(plan);
  const chosen = useApp(({ view }) => view.selected);
  const mover = scene.movers.find((one) => one.id === chosen) ?? scene.movers[0]!;
  const item = useMemo(() => itemsOf(plan).find((one) => one.id === mover.item), [plan, mover.item]);
  const answers = useAnswers(numbers, scene.movers.length > 1);
  const sight = useMemo(
    () => (card.section ? sectionSight(plan, cutOf(plan, item, null)) : planSight(plan)),
    [card, plan, item],
  );
  useEffect(() => {
    dispatch(viewCleared());
  }, [dispatch, card]);
  return (
    <LivePoseProvider scene={scene} mover={mover}>
      <Box sx={LAYOUT}>
        <Headline card={card} answers={answers} />
        <Box component="main" sx={DRAWING}>
          <FlatView
            plan={plan}
            scene={scene}
            report={answers.report}
            item={item}
            mover={mover.id}
            letters={plan.stones}
            words={answers.report?.answer.stands ?? ''}
            sight={sight}
            large
            section={undefined}
            fixed
            onSelect={() => undefined}
          />
        </Box>
        <NumbersPane card={card} numbers={numbers} answers={answers} mover={mover} />
        <Box component="section" aria-label="Travel strips" aria-busy={answers.asked.stale} sx={STRIPS}>
          {scene.movers.map((one) => (
            <Strip
              key={one.id}
              mover={one}
              name={one.name}
              report={answers.reports.get(one.id)}
              owner={ownerOf(plan, one.item)}
              letter={plan.stones[one.id] ?? ''}
              units={plan.units}
              selected={one === mover}
              scene={scene}
            />
          ))}
        </Box>
      </Box>
    </LivePoseProvider>
  );
}

const LAYOUT = {
  display: 'grid',
  minHeight: '100vh',
  gridTemplateRows: 'auto 46vh auto auto',
  [`@media (min-width: ${UPRIGHT}px)`]: {
    height: '100vh',
    gridTemplateColumns: '360px minmax(0, 1fr)',
    gridTemplateRows: 'auto minmax(0, 1fr) auto',
    '& > header': { gridColumn: '1 / -1' },
    '& > .numbers': { gridRow: '2 / 4' },
  },
};
const DRAWING = {
  bgcolor: 'background.paper',
  borderTop: `1.4px solid ${colour('ink')}`,
  borderLeft: `1.4px solid ${colour('ink')}`,
  minHeight: 0,
  order: { lg: 2 },
};

const STRIPS = {
  ...ANSWERS,
  borderTop: `1.4px solid ${colour('ink')}`,
  py: 1,
  px: 1,
  order: { xs: 2, lg: 3 },
};

/** The answer, or why there is none. */
function Headline({ card, answers }: { card: QuickCard; answers: Answers }) {
  const { asked, report, offered } = answers;
  return (
    <Box component="header" sx={{ px: 3, py: 1.5, minHeight: 72 }}>
      <Typography variant="body2">{card.title}</Typography>
      {asked.failure ? (
        <Typography variant="h1" role="alert">
          The check stopped: {asked.failure}
          <Button onClick={asked.retry}>Check again</Button>
        </Typography>
      ) : (
        <Typography variant="h1" role="status" sx={{ opacity: asked.stale ? 0.55 : 1, textWrap: 'balance' }}>
          {report ? (
            <>
              <Figures words={report.answer.stands} />, so next,{' '}
              <Box component="span" sx={{ color: 'primary.main' }}>
                {offered ?? report.answer.next}
              </Box>
              .
            </>
          ) : (
            'Working it out'
          )}
        </Typography>
      )}
    </Box>
  );
}

interface PaneProps {
  readonly card: QuickCard;
  readonly numbers: Numbers;
  readonly answers: Answers;
  readonly mover: Mover;
}

/** The card's numbers, what is to be cut, and the way on. */
function NumbersPane({ card, numbers, answers, mover }: PaneProps) {
  const dispatch = useAppDispatch();
  const [warned, setWarned] = useState(false);
  const { units } = numbers.plan;
  return (
    <Box className="numbers" component="section" aria-label="Numbers" sx={NUMBERS}>
      {card.asks.map((ask) => {
        const value = numbers.numbers[ask.key]!;
        return (
          <Field
            key={ask.key}
            label={ask.label}
            shown={ask.input === 'length' ? formatLength(value, units) : String(value)}
            {...(ask.input === 'degrees' && { suffix: '°' })}
            edits={numbers.version}
            onRefused={(text) => {
              setWarned(false);
              numbers.refuse(ask, text);
            }}
            take={(text) => numbers.take(ask, text)}
          />
        );
      })}
      <Box sx={{ display: 'flex', gap: 1, pt: 2 }}>
        <Button
          startIcon={<Play size={18} strokeWidth={1.8} />}
          variant="outlined"
          onClick={() => void dispatch(play(throughAndBack(mover, answers.reports)))}
        >
          Play it
        </Button>
        <Button onClick={numbers.changeUnits}>{units.system === 'mm' ? 'In inches' : 'In mm'}</Button>
      </Box>
      <ToCut plan={numbers.plan} pairs={answers.pairs} />
      <Typography variant="body2" sx={{ pt: 2 }}>
        Usual sizes are taken for all else. As a job you can change every one, add what stands around, and
        save it.
      </Typography>
      <MakeJob card={card} numbers={numbers} warned={warned} onWarn={() => setWarned(true)} />
    </Box>
  );
}

const NUMBERS = {
  bgcolor: 'background.paper',
  borderTop: `2.4px solid ${colour('ink')}`,
  px: 3,
  py: 2,
  display: 'flex',
  flexDirection: 'column',
  order: { xs: 3, lg: 1 },
} as const;

function ToCut({ plan, pairs }: { plan: Plan; pairs: Answers['pairs'] }) {
  const leaves = useMemo(
    () => partsList(plan).filter(({ item: of }) => plan.parts.some(({ id }) => id === of)),
    [plan],
  );
  return (
    <Box component="section" aria-label="To cut" sx={{ pt: 2 }}>
      {leaves.map(({ name, cut }, i) => (
        <Box key={`${name} ${i}`} sx={{ display: 'flex', gap: 1, alignItems: 'baseline' }}>
          <Typography sx={{ flex: 1 }}>{name}</Typography>
          <Typography sx={{ fontWeight: 700, fontSize: 18, whiteSpace: 'nowrap' }}>
            <SizeText size={cut} units={plan.units} withUnit />
          </Typography>
        </Box>
      ))}
      {pairs.map(({ sentence }) => (
        <Typography key={sentence} sx={{ pt: 1 }}>
          {sentence}
        </Typography>
      ))}
    </Box>
  );
}

interface MakeJobProps {
  readonly card: QuickCard;
  readonly numbers: Numbers;
  readonly warned: boolean;
  onWarn(): void;
}

/** A job is made of what is in force: that it is not what stands in a field is said first. */
function MakeJob({ card, numbers: { numbers, refused, plan }, warned, onWarn }: MakeJobProps) {
  const navigate = useNavigate();
  const [trouble, setTrouble] = useState<string>();
  const open = card.asks.filter(({ key }) => refused[key] !== undefined);
  const shownOf = (ask: QuickAsk) =>
    ask.input === 'length'
      ? formatLength(numbers[ask.key]!, plan.units, true)
      : `${numbers[ask.key]!}${ask.input === 'degrees' ? '°' : ''}`;
  const makeJob = async () => {
    if (open.length > 0 && !warned) return onWarn();
    try {
      const job = await createJob(plan);
      await navigate(`/jobs/${job.id}/check`);
    } catch (error) {
      if (!(error instanceof ApiError)) throw error;
      setTrouble(error.message);
    }
  };
  return (
    <>
      {trouble && (
        <Typography role="alert" sx={{ color: 'error.main', pt: 1 }}>
          {trouble}
        </Typography>
      )}
      {warned && open.length > 0 && (
        <Typography role="alert" sx={{ color: 'error.main', pt: 1 }}>
          {open
            .map((ask) => `${ask.label} was refused at ${refused[ask.key]}: ${shownOf(ask)} is in force.`)
            .join(' ')}{' '}
          The job would be made with what is in force.
        </Typography>
      )}
      <Box sx={{ display: 'flex', gap: 1, pt: 2, mt: 'auto' }}>
        <Button variant="contained" onClick={() => void makeJob()}>
          {warned && open.length > 0 ? 'Make it as in force' : 'Make it a job'}
        </Button>
        <Button component={Link} to="/quick">
          The deck
        </Button>
      </Box>
    </>
  );
}

/** The name of the carcass that a part is in. */
function ownerOf(plan: Plan, item: string): string {
  const part = plan.parts.find(({ id }) => id === item);
  return plan.carcasses.find(({ id }) => part && id === carcassIdOf(part))?.name ?? '';
}
