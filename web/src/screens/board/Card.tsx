import { Figures } from '../../view/ui/Figures';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import {
  capitalised,
  familyOf,
  hostOf,
  itemsOf,
  partsList,
  type Item,
  type Mover,
  type PiecesAlike,
  type Plan,
  type Report,
  type Scene,
  type Units,
} from '@tarnpass/core';
import { lazy, memo, Suspense, useMemo } from 'react';
import type { Actions } from '../../view/commands/Hotkeys';
import { useAnswered, useAsked } from '../../state/check/asked';
import { ItemFields } from '../../view/numbers/ItemFields';
import { NotesList } from '../../view/numbers/NotesList';
import { SumBlock } from '../../view/numbers/SumBlock';
import { useApp } from '../../state/slices/app';
import { colour, type Sheet } from '../../view/theme/palette';
import { SizeText } from '../../view/ui/SizeText';
import { Swatch } from '../../view/ui/Patterns';
import { Stone } from '../../view/ui/Stone';
import { AddBar } from './AddBar';
import { FindingsList } from './FindingsList';
import { ItemMenu } from './ItemMenu';
import type { Stage } from '../../state/view/stages';

const OpeningsList = lazy(() => import('./OpeningsList'));
const MeasureCard = lazy(() => import('../measure/MeasureCard'));
const PlanCard = lazy(() => import('../plan/PlanCard'));
const ForcesPanel = lazy(() => import('../../view/forces/ForcesPanel'));
const ClearanceChart = lazy(() => import('../../view/chart/ClearanceChart'));

interface Props {
  readonly plan: Plan;
  readonly scene: Scene;
  readonly report: Report | null;
  readonly stale: boolean;
  readonly stage: Stage;
  readonly item: Item | undefined;
  /** The mover of the item that is looked at. */
  readonly mover: Mover | undefined;
  readonly letters: Readonly<Record<string, string>>;
  readonly actions: Actions;
  readonly sheet: Sheet;
}

/** The one card, for what is selected: its numbers, or in Check what it meets. */
export const Card = memo(function Card(props: Props) {
  const { plan, item, stage } = props;
  return (
    <Box component="section" aria-label={item ? item.name : 'Numbers'} sx={CARD}>
      {item ? (
        <>
          <CardHead {...props} item={item} />
          <CardBody {...props} item={item} />
        </>
      ) : (
        <>
          <Typography variant="h2" sx={{ pt: 2 }}>
            Begin with a carcass
          </Typography>
          <Typography sx={{ py: 1 }}>
            It comes with usual sizes, against the south wall. Give it yours, hang a part on it, and read here
            what it meets. The room’s own size is under Measure.
          </Typography>
        </>
      )}
      {(stage === 'plan' || !item) && <AddBar plan={plan} stage={stage} item={item} />}
    </Box>
  );
});

const CARD = {
  borderTop: `2.4px solid ${colour('ink')}`,
  px: 2,
  pb: 2,
  minWidth: 0,
  overflowY: 'auto',
  display: 'flex',
  flexDirection: 'column',
} as const;
const HEAD = {
  display: 'flex',
  alignItems: 'center',
  gap: 1.25,
  minHeight: 48,
  borderBottom: `1px solid ${colour('line')}`,
  position: 'sticky',
  top: 0,
  zIndex: 1,
  bgcolor: 'background.paper',
  flex: 'none',
} as const;

/** What it is called, what it belongs to, and what may be done with it. */
const CardHead = ({ plan, item, mover, letters, actions }: Props & { readonly item: Item }) => (
  <Box sx={HEAD}>
    {mover && (
      <svg width={26} height={26} style={{ flex: 'none' }}>
        <Stone x={13} y={13} letter={letters[mover.id] ?? ''} filled />
      </svg>
    )}
    <Typography variant="h2" noWrap title={item.name} sx={{ flex: 1, minWidth: 0 }}>
      {item.name}
    </Typography>
    <Typography variant="body2" noWrap sx={{ maxWidth: 160 }}>
      {belongsTo(plan, item)}
    </Typography>
    {item.list !== 'space' && <ItemMenu item={item} actions={actions} />}
  </Box>
);

/** What the stage wants of it. */
function CardBody(props: Props & { readonly item: Item }) {
  const { plan, report, item, stage } = props;
  if (stage === 'check' && (item.list === 'parts' || item.list === 'existing'))
    return <CheckBody {...props} />;
  if (stage === 'make') return <MakeBody plan={plan} item={item} />;
  const numbers = <NumbersBody {...props} />;
  return (
    <Suspense fallback={null}>
      {stage === 'measure' ? (
        <MeasureCard
          plan={plan}
          report={report}
          item={item}
          numbers={
            <>
              <AirWords report={report} item={item} />
              {numbers}
            </>
          }
          add={<AddBar plan={plan} stage={stage} item={item} />}
        />
      ) : (
        <PlanCard plan={plan} item={item} numbers={numbers} forces={forcesOf(props)} />
      )}
    </Suspense>
  );
}

/** What hand and struts do, of what is lifted. */
function forcesOf({ plan, report, item, mover, sheet }: Props & { readonly item: Item }) {
  if (item.list !== 'parts' || !familyOf(item.value).weighed || !report || !mover) return undefined;
  return <ForcesPanel {...{ plan, report, mover, sheet }} />;
}

function belongsTo(plan: Plan, item: Item): string {
  const host = item.list === 'parts' || item.list === 'carcasses' ? hostOf(item.value) : undefined;
  if (host !== undefined) return itemsOf(plan).find(({ id }) => id === host)?.name ?? '';
  if ('group' in item.value && item.value.group) return item.value.group;
  return {
    space: 'measured inside',
    things: 'in the space',
    existing: 'moves already',
    carcasses: 'carcass',
    parts: 'part',
  }[item.list];
}

function CheckBody(props: Props & { item: Item }) {
  const { plan, scene, report, stale, item, mover, sheet } = props;
  const part = report?.parts.find(({ id }) => id === mover?.id);
  const about = aboutItem(report, item);
  const pairs = usePairs(plan, mover);
  return (
    <>
      <ItemFields plan={plan} item={item} only="Opening" />
      {part && mover && (
        <>
          {part.main?.cut && (
            <Box sx={{ display: 'flex', gap: 1, alignItems: 'baseline', pt: 1 }}>
              <Typography variant="body2" sx={{ flex: 1 }}>
                {`${capitalised(part.main.role)} to cut`}
              </Typography>
              <Typography sx={{ fontWeight: 700, fontSize: 18 }}>
                <SizeText size={part.main.cut} units={plan.units} withUnit />
              </Typography>
            </Box>
          )}
          {item.list === 'parts' && familyOf(item.value).openings && (
            <Openings plan={plan} part={item.value} movers={scene.movers} />
          )}
          <FindingsList part={part} stale={stale} />
          {pairs.map(({ sentence, word }) => (
            <Box
              key={sentence}
              sx={{ display: 'flex', gap: 1.25, py: 0.75, borderBottom: `1px solid ${colour('line')}` }}
            >
              <Box sx={{ pt: '3px' }}>
                <Swatch verdict={word === 'one at a time' || word === 'together' ? 'hits' : 'tight'} />
              </Box>
              <Typography>{sentence}</Typography>
            </Box>
          ))}
          {report && <Suspense fallback={null}>{forcesOf({ ...props, item })}</Suspense>}
          <NotesList {...about} offers />
          <Suspense fallback={<Box sx={{ height: 168 }} />}>
            <ClearanceChart mover={mover} report={part} scene={scene} units={plan.units} sheet={sheet} />
          </Suspense>
        </>
      )}
      {!mover && report && <NotesList {...about} offers />}
      {!report && <Typography sx={{ py: 2 }}>Working it out</Typography>}
    </>
  );
}

/** What sums tell of an item. */
function aboutItem(report: Report | null, { id }: Item) {
  return {
    notes: report?.notes.filter(({ item }) => item === id) ?? [],
    assumptions: report?.assumptions.filter(({ item }) => item === id) ?? [],
  };
}

/** The others that a mover may not stand open with in any order. */
function usePairs(plan: Plan, mover: Mover | undefined) {
  const version = useApp(({ job }) => job?.version ?? 0);
  const answered = useAnswered();
  const several = answered && (plan.parts.length + plan.existing.length > 1 || mover?.id.includes('.'));
  const { answer } = useAsked('pairs', version, mover && several ? { kind: 'pairs', plan } : null);
  return (answer ?? []).filter(
    ({ a, b, word }) => (a === mover?.id || b === mover?.id) && word !== 'never meet' && word !== 'any order',
  );
}

function NumbersBody({ plan, scene, report, item }: Props & { item: Item }) {
  const lines = useMemo(() => partsList(plan, item.id), [plan, item.id]);
  return (
    <>
      {/* Of many pieces the sums stand under Make. */}
      {item.list === 'parts' &&
        lines.length <= MOST_SUMS &&
        lines.map((line) => (
          <Box key={line.name}>
            {lines.length > 1 && (
              <Typography variant="h3" sx={{ color: 'text.secondary', pt: 0.5 }}>
                {line.name}
              </Typography>
            )}
            <Box
              sx={{
                display: 'grid',
                gridTemplateColumns: `repeat(auto-fit, minmax(${plan.units.system === 'in' ? 240 : 190}px, 1fr))`,
                columnGap: 3,
                pb: 1,
              }}
            >
              <SumBlock sum={line.cut.width} units={plan.units} opened={lines.length === 1} />
              <SumBlock
                sum={line.cut.length}
                units={plan.units}
                opened={lines.length === 1 && plan.units.system === 'mm'}
              />
            </Box>
          </Box>
        ))}
      {item.list === 'parts' && familyOf(item.value).openings && (
        <Openings plan={plan} part={item.value} movers={scene.movers} />
      )}
      <NotesList {...aboutItem(report, item)} offers />
      <ItemFields plan={plan} item={item} />
      {(item.list === 'carcasses' || lines.length > MOST_SUMS) && (
        <PiecesOf units={plan.units} lines={lines} />
      )}
    </>
  );
}

/** More pieces than this are listed briefly. */
const MOST_SUMS = 2;

/** The pieces of a carcass or part, briefly: their sums are under Make. */
const PiecesOf = memo(function PiecesOf({ units, lines }: { units: Units; lines: readonly PiecesAlike[] }) {
  return (
    <Box component="section" aria-label="Its pieces" sx={{ pb: 1 }}>
      <Typography variant="h3" sx={{ color: 'text.secondary', pt: 0.5 }}>
        Its pieces
      </Typography>
      {lines.map(({ name, pieces, cut }, i) => (
        <Box
          key={`${name} ${i}`}
          sx={{ display: 'flex', gap: 1, py: 0.75, borderBottom: `1px solid ${colour('line')}` }}
        >
          <Typography sx={{ flex: 1, minWidth: 0 }}>
            {pieces.length > 1 ? `${pieces.length} × ` : ''}
            {name}
          </Typography>
          <Typography sx={{ fontWeight: 620, whiteSpace: 'nowrap' }}>
            <SizeText size={cut} units={units} />
          </Typography>
        </Box>
      ))}
    </Box>
  );
});

function Openings(props: React.ComponentProps<typeof OpeningsList>) {
  return (
    <Suspense fallback={null}>
      <OpeningsList {...props} />
    </Suspense>
  );
}

/** What of the selected item is to be made, each size with its sum and what is bored or cut into it. */
function MakeBody({ plan, item }: { plan: Plan; item: Item }) {
  const lines = useMemo(() => partsList(plan, item.id), [plan, item.id]);
  return (
    <>
      {lines.map((line, i) => (
        <Box key={`${line.name} ${i}`} component="section" aria-label={line.name} sx={{ pb: 1.5 }}>
          <Typography variant="h3" sx={{ color: 'text.secondary', pt: 1 }}>
            {line.pieces.length > 1 ? `${line.pieces.length} × ` : ''}
            {line.name}
          </Typography>
          <SumBlock sum={line.cut.length} units={plan.units} opened />
          <SumBlock sum={line.cut.width} units={plan.units} opened />
        </Box>
      ))}
    </>
  );
}

/** What was found of air that is spoken for, where that is what is selected. */
function AirWords({ report, item }: { report: Report | null; item: Item }) {
  const found = report?.air.find((one) => one.item === item.id);
  if (!found) return null;
  return (
    <Box sx={{ display: 'flex', gap: 1.25, py: 1 }}>
      <Box sx={{ pt: '3px' }}>
        <Swatch verdict={found.verdict} />
      </Box>
      <Typography sx={found.verdict === 'hits' ? { color: 'error.main', fontWeight: 620 } : {}}>
        <Figures words={found.sentence} />
      </Typography>
    </Box>
  );
}
