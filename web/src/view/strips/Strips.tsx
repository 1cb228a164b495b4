import Box from '@mui/material/Box';
import ButtonBase from '@mui/material/ButtonBase';
import Typography from '@mui/material/Typography';
import { carcassIdOf, type Mover, type Plan, type Report, type Scene, type Verdict } from '@tarnpass/core';
import { ChevronDown, ChevronRight } from 'lucide-react';
import { memo, useMemo, useState } from 'react';
import type { Actions } from '../commands/Hotkeys';
import { useApp } from '../../state/slices/app';
import { colour } from '../theme/palette';
import { Swatch } from '../ui/Patterns';
import { Strip } from './Strip';
import { StripsFoot } from './StripsFoot';

interface Props {
  readonly plan: Plan;
  readonly scene: Scene;
  readonly report: Report | null;
  readonly stale: boolean;
  readonly selected: string | null;
  readonly letters: Readonly<Record<string, string>>;
  readonly actions: Actions;
}

/** More strips than this come in groups, and the clear ones folded away. */
const MANY = 8;
/** How many rows show before the strips scroll. */
const ROWS = 4;

/** An old answer is struck through, its patterns withheld: told by the list, so that no strip is drawn anew for it. */
export const ANSWERS = {
  '&[aria-busy="true"] .fresh': { display: 'none' },
  '&[aria-busy="true"] .amount': { textDecoration: 'line-through', opacity: 0.6 },
  '&[aria-busy="false"] .busy': { display: 'none' },
};

const GROUPS: Record<Verdict, string> = {
  hits: 'Stop short',
  tight: 'Tight',
  clear: 'Clear all the way',
};

/** One strip for each part that moves, worst first, in two columns where there is room; many of them in groups. */
export const Strips = memo(function Strips(props: Props) {
  const { plan, scene, report, stale, selected, letters, actions } = props;
  const failed = useApp(({ check }) => check.failure !== null);
  const reports = useMemo(() => new Map(report?.parts.map((part) => [part.id, part])), [report]);
  const movers = useMemo(() => {
    const rank = new Map(report?.parts.map(({ id }, i) => [id, i]));
    const of = ({ id }: Mover) => rank.get(id) ?? rank.size;
    return [...scene.movers].sort((a, b) => of(a) - of(b));
  }, [scene.movers, report]);
  if (movers.length === 0) {
    return (
      <Box sx={{ p: 2 }}>
        <Typography>
          A strip for each part that moves comes here. Hang a door on a carcass to see its first.
        </Typography>
      </Box>
    );
  }
  const rows = { plan, scene, selected, letters, reports };
  return (
    <Box component="section" aria-label="Travel strips" aria-busy={stale} sx={{ pt: 0.5, ...ANSWERS }}>
      <Box
        // Until the first answer has put the worst first, no strip is to be had: it would move away under the hand.
        inert={!report && !failed}
        // A scrolling list is reached by its own strips, so that it needs no stop of its own.
        sx={{ maxHeight: `min(${ROWS * 50 + 6}px, 20vh)`, overflowY: 'auto', overscrollBehavior: 'contain' }}
      >
        {movers.length > MANY ? <Groups {...rows} movers={movers} /> : <Rows {...rows} movers={movers} />}
      </Box>
      <StripsFoot scene={scene} plan={plan} actions={actions} letters={letters} selected={selected} />
    </Box>
  );
});

interface RowsProps extends Pick<Props, 'plan' | 'scene' | 'selected' | 'letters'> {
  readonly reports: ReadonlyMap<string, Report['parts'][number]>;
  readonly movers: readonly Mover[];
}

function Rows({ plan, scene, selected, letters, reports, movers }: RowsProps) {
  const owners = useMemo(() => {
    const names = new Map(plan.carcasses.map(({ id, name }) => [id, name]));
    return new Map([
      ...plan.parts.map((part) => [part.id, names.get(carcassIdOf(part) ?? '') ?? ''] as const),
      ...plan.existing.map(({ id }) => [id, 'moves already'] as const),
    ]);
  }, [plan.carcasses, plan.parts, plan.existing]);
  return (
    <Box
      sx={{ display: 'grid', gridTemplateColumns: 'repeat(auto-fit, minmax(556px, 1fr))', columnGap: 0.5 }}
    >
      {movers.map((mover) => (
        <Strip
          key={mover.id}
          mover={mover}
          report={reports.get(mover.id)}
          {...stripWords(mover, owners.get(mover.item) ?? '', plan)}
          letter={letters[mover.id] ?? ''}
          units={plan.units}
          selected={mover.id === selected}
          scene={scene}
        />
      ))}
    </Box>
  );
}

/** By how they stand: what is clear is folded away until it is asked for. */
function Groups(props: RowsProps) {
  const { movers, reports, selected } = props;
  const [folded, setFolded] = useState<Partial<Record<Verdict, boolean>>>({});
  return (Object.keys(GROUPS) as Verdict[]).map((verdict) => {
    const list = movers.filter(({ id }) => (reports.get(id)?.verdict ?? 'clear') === verdict);
    if (list.length === 0) return null;
    const shut = folded[verdict] ?? verdict === 'clear';
    return (
      <Box key={verdict} component="section" aria-label={GROUPS[verdict]}>
        <GroupHead
          verdict={verdict}
          count={new Set(list.map(({ id }) => reports.get(id)?.thing ?? id)).size}
          shut={shut}
          onPress={() => setFolded({ ...folded, [verdict]: !shut })}
        />
        {/* The selected strip stays in reach in a folded group. */}
        <Rows {...props} movers={shut ? list.filter(({ id }) => id === selected) : list} />
      </Box>
    );
  });
}

/** What a strip is called, and what that belongs to: of a pair the leaf, of a bank the drawer. */
function stripWords({ own, name, item }: Mover, owner: string, plan: Plan): { name: string; owner: string } {
  const part = plan.parts.find(({ id }) => id === item);
  return own && part ? { name: own, owner: part.name } : { name, owner };
}

function GroupHead({
  verdict,
  count,
  shut,
  onPress,
}: {
  verdict: Verdict;
  count: number;
  shut: boolean;
  onPress(): void;
}) {
  const Mark = shut ? ChevronRight : ChevronDown;
  return (
    <ButtonBase
      aria-expanded={!shut}
      onClick={onPress}
      sx={{
        width: 1,
        minHeight: 44,
        px: 1,
        gap: 1,
        justifyContent: 'flex-start',
        borderBottom: `1px solid ${colour('line')}`,
      }}
    >
      <Mark size={20} strokeWidth={1.8} aria-hidden="true" />
      <Swatch verdict={verdict} />
      <Typography variant="h3" component="span">
        {GROUPS[verdict]}
      </Typography>
      <Typography variant="body2" component="span">
        {count} {count === 1 ? 'part' : 'parts'}
      </Typography>
    </ButtonBase>
  );
}
