import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import ListSubheader from '@mui/material/ListSubheader';
import Menu from '@mui/material/Menu';
import MenuItem from '@mui/material/MenuItem';
import Typography from '@mui/material/Typography';
import {
  FAMILY_NAMES,
  itemsOf,
  newCarcass,
  newPart,
  newThing,
  EXISTING_KINDS,
  KIND_GROUPS,
  newExisting,
  type Existing,
  type Item,
  type Plan,
  type Report,
  type Scene,
  type Thing,
} from '@tarnpass/core';
import { Plus } from 'lucide-react';
import { lazy, Suspense, useState } from 'react';
import type { Actions } from '../commands/Hotkeys';
import { makeEdit } from '../job/edits';
import { ItemFields } from '../numbers/ItemFields';
import { SumBlock } from '../numbers/SumBlock';
import { useAppDispatch } from '../store';
import { colour, type Sheet } from '../theme/palette';
import { LengthText } from '../ui/LengthText';
import { Swatch } from '../ui/Patterns';
import { Stone } from '../ui/Stone';
import { FindingsList } from './FindingsList';
import { ItemMenu } from './ItemMenu';
import type { Stage } from './stages';
import { selected as select } from './viewSlice';

const MeasureCard = lazy(() => import('../measure/MeasureCard'));
const ClearanceChart = lazy(() => import('../chart/ClearanceChart'));

interface Props {
  readonly plan: Plan;
  readonly scene: Scene;
  readonly report: Report | null;
  readonly stale: boolean;
  readonly stage: Stage;
  readonly item: Item | undefined;
  readonly letters: Readonly<Record<string, string>>;
  readonly actions: Actions;
  readonly sheet: Sheet;
}

/** The one card, for what is selected: its numbers, or in Check what it meets. */
export function Card(props: Props) {
  const { plan, item, stage, letters } = props;
  return (
    <Box
      component="section"
      aria-label={item ? item.name : 'Numbers'}
      sx={{
        borderTop: `2.4px solid ${colour('ink')}`,
        px: 2,
        pb: 2,
        minWidth: 0,
        overflowY: 'auto',
        display: 'flex',
        flexDirection: 'column',
      }}
    >
      {item ? (
        <>
          <Box
            sx={{
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
            }}
          >
            {(item.list === 'parts' || item.list === 'existing') && (
              <svg width={26} height={26} style={{ flex: 'none' }}>
                <Stone x={13} y={13} letter={letters[item.id]!} filled />
              </svg>
            )}
            <Typography variant="h2" noWrap title={item.name} sx={{ flex: 1, minWidth: 0 }}>
              {item.name}
            </Typography>
            <Typography variant="body2" noWrap sx={{ maxWidth: 160 }}>
              {belongsTo(plan, item)}
            </Typography>
            {item.list !== 'space' && <ItemMenu item={item} actions={props.actions} />}
          </Box>
          {stage === 'check' && (item.list === 'parts' || item.list === 'existing') ? (
            <CheckBody {...props} item={item} />
          ) : stage === 'measure' ? (
            <Suspense fallback={null}>
              <MeasureCard
                plan={plan}
                report={props.report}
                item={item}
                numbers={
                  <>
                    <AirWords report={props.report} item={item} />
                    <NumbersBody {...props} item={item} />
                  </>
                }
                add={<AddBar plan={plan} stage={stage} item={item} />}
              />
            </Suspense>
          ) : (
            <NumbersBody {...props} item={item} />
          )}
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
}

function belongsTo(plan: Plan, item: Item): string {
  if (item.list === 'parts') return plan.carcasses.find(({ id }) => id === item.value.carcass)?.name ?? '';
  if ('group' in item.value && item.value.group) return item.value.group;
  return {
    space: 'measured inside',
    things: 'in the space',
    existing: 'moves already',
    carcasses: 'carcass',
  }[item.list];
}

function CheckBody({ plan, scene, report, stale, item, sheet }: Props & { item: Item }) {
  const part = report?.parts.find(({ id }) => id === item.id);
  const mover = scene.movers.find(({ id }) => id === item.id)!;
  return (
    <>
      <ItemFields plan={plan} item={item} only="Opening" />
      {part ? (
        <>
          <Box sx={{ display: 'flex', gap: 1, alignItems: 'baseline', pt: 1 }}>
            <Typography variant="body2" sx={{ flex: 1 }}>
              Leaf to cut
            </Typography>
            {part.sizes.map(({ name, width, height, thickness }) => (
              <Typography key={name} sx={{ fontWeight: 700, fontSize: 18 }}>
                <LengthText mm={width.mm} units={plan.units} /> ×{' '}
                <LengthText mm={height.mm} units={plan.units} /> ×{' '}
                <LengthText mm={thickness} units={plan.units} withUnit />
              </Typography>
            ))}
          </Box>
          <FindingsList findings={part.findings} stale={stale} />
          <Suspense fallback={<Box sx={{ height: 168 }} />}>
            <ClearanceChart mover={mover} report={part} scene={scene} units={plan.units} sheet={sheet} />
          </Suspense>
        </>
      ) : (
        <Typography sx={{ py: 2 }}>Working it out</Typography>
      )}
    </>
  );
}

function NumbersBody({ plan, report, item }: Props & { item: Item }) {
  const part = report?.parts.find(({ id }) => id === item.id);
  return (
    <>
      {part?.sizes.map((piece) => (
        <Box
          key={piece.name}
          sx={{
            display: 'grid',
            gridTemplateColumns: `repeat(auto-fit, minmax(${plan.units.system === 'in' ? 240 : 190}px, 1fr))`,
            columnGap: 3,
            pb: 1,
          }}
        >
          <SumBlock sum={piece.width} units={plan.units} opened />
          <SumBlock sum={piece.height} units={plan.units} opened={plan.units.system === 'mm'} />
        </Box>
      ))}
      <ItemFields plan={plan} item={item} />
    </>
  );
}

function AddBar({ plan, stage, item }: { plan: Plan; stage: Stage; item: Item | undefined }) {
  const dispatch = useAppDispatch();
  const [wrong, setWrong] = useState<string>();
  const add = (list: 'things' | 'existing' | 'carcasses' | 'parts', value: { id: string; name: string }) => {
    const issues = dispatch(
      makeEdit({ name: `Add ${value.name}`, changes: [{ path: [list, plan[list].length], after: value }] }),
    );
    setWrong(issues[0]?.message);
    if (issues.length === 0) dispatch(select(value.id));
  };
  const addBoth = (family: Plan['parts'][number]['family']) => {
    const box = newCarcass(plan);
    const part = newPart(plan, family, box);
    const changes = [
      { path: ['carcasses', plan.carcasses.length], after: box },
      { path: ['parts', plan.parts.length], after: part },
    ];
    const issues = dispatch(makeEdit({ name: `Add ${box.name} with a ${family}`, changes }));
    setWrong(issues[0]?.message);
    if (issues.length === 0) dispatch(select(part.id));
  };
  const carcass =
    item?.list === 'carcasses'
      ? item.value
      : item?.list === 'parts'
        ? itemsOf(plan).find(({ id }) => id === item.value.carcass)?.value
        : undefined;
  const button = (words: string, act: () => void) => (
    <Button
      key={words}
      variant="outlined"
      size="small"
      startIcon={<Plus size={18} strokeWidth={1.8} />}
      onClick={act}
    >
      {words}
    </Button>
  );
  return (
    <Box sx={{ mt: 'auto', pt: 1.5, display: 'flex', flexWrap: 'wrap', gap: 1 }}>
      {stage === 'measure' ? (
        <AddThing
          onAdd={(kind) => add('things', newThing(plan, kind))}
          onAddMover={(kind) => add('existing', newExisting(plan, kind))}
        />
      ) : (
        [
          ...(plan.parts.length === 0 && !carcass
            ? FAMILY_NAMES.map((family) => button(`Add a carcass with a ${family}`, () => addBoth(family)))
            : []),
          button('Add a carcass', () => add('carcasses', newCarcass(plan))),
          ...(carcass
            ? FAMILY_NAMES.map((family) =>
                button(`Hang a ${family} on it`, () =>
                  add('parts', newPart(plan, family, carcass as Plan['carcasses'][number])),
                ),
              )
            : []),
        ]
      )}
      {wrong && (
        <Typography role="alert" variant="body2" sx={{ color: 'error.main', flexBasis: '100%' }}>
          {wrong}
        </Typography>
      )}
    </Box>
  );
}

/** Everything a space may have in it, with usual sizes to start from, kind by kind. */
function AddThing({
  onAdd,
  onAddMover,
}: {
  onAdd(kind: Thing['kind']): void;
  onAddMover(kind: Existing['kind']): void;
}) {
  const [anchor, setAnchor] = useState<HTMLElement>();
  const group = (words: string, kinds: readonly string[], act: (kind: string) => void) => [
    <ListSubheader
      key={words}
      disableSticky
      sx={{ lineHeight: '36px', bgcolor: 'transparent', fontSize: 14 }}
    >
      {words}
    </ListSubheader>,
    ...kinds.map((kind) => (
      <MenuItem
        key={kind}
        onClick={() => {
          setAnchor(undefined);
          act(kind);
        }}
      >
        {kind.charAt(0).toUpperCase() + kind.slice(1)}
      </MenuItem>
    )),
  ];
  return (
    <>
      <Button
        variant="outlined"
        size="small"
        aria-haspopup="menu"
        startIcon={<Plus size={18} strokeWidth={1.8} />}
        onClick={(event) => setAnchor(event.currentTarget)}
      >
        Add a thing
      </Button>
      <Menu
        open={anchor !== undefined}
        anchorEl={anchor ?? null}
        onClose={() => setAnchor(undefined)}
        slotProps={{ paper: { sx: { maxHeight: 560, minWidth: 280 } } }}
      >
        {group('What moves already', EXISTING_KINDS, (kind) => onAddMover(kind as Existing['kind']))}
        {KIND_GROUPS.map(({ words, kinds }) => group(words, kinds, (kind) => onAdd(kind as Thing['kind'])))}
      </Menu>
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
        {found.sentence}
      </Typography>
    </Box>
  );
}
