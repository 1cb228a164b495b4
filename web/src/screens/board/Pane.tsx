import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Divider from '@mui/material/Divider';
import Menu from '@mui/material/Menu';
import MenuItem from '@mui/material/MenuItem';
import Typography from '@mui/material/Typography';
import { ChevronDown } from 'lucide-react';
import { lazy, Suspense, useMemo, useState } from 'react';
import { PassView } from '../../view/pass/PassView';
import { FlatView, type SheetProps } from '../../view/sheet/FlatView';
import { cutOf, frontSight, planSight, sectionSight, type FlatSight } from '../../view/sheet/views';
import { useApp, useAppDispatch } from '../../state/slices/app';
import { useSheet } from '../../view/theme/SheetProvider';
import { MOST_PANES, panesSet, sectionCut, VIEWS, type ViewKind } from '../../state/slices/viewSlice';

const SolidView = lazy(() => import('../../view/solid/SolidView'));

interface Props extends SheetProps {
  readonly index: number;
  readonly large?: boolean;
}

/** One pane of the sheet: its view, under a title that opens the choice of views. */
export function Pane({ index, large = false, ...sheet }: Props) {
  const { plan, item, words } = sheet;
  const kind = useApp(({ view }) => view.panes[index]!);
  const chosen = useApp(({ view }) => view.section);
  const shown = useApp(({ view }) => view.panes);
  const { sheet: light } = useSheet();
  const section = useMemo(() => cutOf(plan, item, chosen), [plan, item, chosen]);
  const sight = useMemo(() => sightOf(kind, sheet.plan, item, section), [kind, sheet.plan, item, section]);
  return (
    <Box sx={{ position: 'relative', minWidth: 0, minHeight: 0, overflow: 'hidden', height: 1 }}>
      {sight && (
        <FlatView
          key={sight.kind}
          {...sheet}
          sight={sight}
          large={large}
          section={large && shown.includes('section') ? section : undefined}
        />
      )}
      {kind === 'solid' && (
        <Suspense fallback={<Typography sx={{ pt: '48px', px: 2 }}>Laying out the solids</Typography>}>
          <SolidView
            plan={plan}
            scene={sheet.scene}
            selected={sheet.mover ?? item?.id ?? null}
            sheet={light}
            words={words}
            onSelect={sheet.onSelect}
          />
        </Suspense>
      )}
      {kind === 'pass' && (
        <PassView
          plan={plan}
          scene={sheet.scene}
          letters={sheet.letters}
          selected={sheet.mover ?? item?.id ?? null}
        />
      )}
      <PaneTitle index={index} kind={kind} words={sight?.words} large={large} />
    </Box>
  );
}

function sightOf(
  kind: ViewKind,
  plan: SheetProps['plan'],
  item: SheetProps['item'],
  section: ReturnType<typeof cutOf>,
): FlatSight | undefined {
  if (kind === 'plan') return planSight(plan);
  if (kind === 'front') return frontSight(plan, item);
  if (kind === 'section') return sectionSight(plan, section);
  return undefined;
}

/** The pane's name; pressed, it lists the other views, and puts in or takes out a pane. */
function PaneTitle({
  index,
  kind,
  words,
  large,
}: {
  index: number;
  kind: ViewKind;
  words: string | undefined;
  large: boolean;
}) {
  const dispatch = useAppDispatch();
  const panes = useApp(({ view }) => view.panes);
  const moved = useApp(({ view }) => view.section !== null);
  const [anchor, setAnchor] = useState<HTMLElement>();
  const set = (next: readonly ViewKind[]) => {
    setAnchor(undefined);
    dispatch(panesSet(next));
  };
  const others = (Object.keys(VIEWS) as ViewKind[]).filter((view) => !panes.includes(view));
  return (
    <Box
      className="no-print"
      sx={{ position: 'absolute', left: 4, top: 0, display: 'flex', alignItems: 'baseline', gap: 0.5 }}
    >
      <Button
        aria-haspopup="menu"
        aria-label={`${VIEWS[kind]}: change this pane`}
        onClick={(event) => setAnchor(event.currentTarget)}
        endIcon={<ChevronDown size={18} strokeWidth={1.8} />}
        sx={{ fontSize: 18, fontWeight: 650, color: 'text.primary', '& .MuiButton-endIcon': { ml: 0.5 } }}
      >
        {VIEWS[kind]}
      </Button>
      {words && large && <Typography variant="body2">{words}</Typography>}
      <Menu open={anchor !== undefined} anchorEl={anchor ?? null} onClose={() => setAnchor(undefined)}>
        {(Object.keys(VIEWS) as ViewKind[]).map((view) => (
          <MenuItem key={view} selected={view === kind} onClick={() => set(swapped(panes, index, view))}>
            {VIEWS[view]}
          </MenuItem>
        ))}
        <Divider />
        {kind === 'section' && moved && (
          <MenuItem
            onClick={() => {
              setAnchor(undefined);
              dispatch(sectionCut(null));
            }}
          >
            Cut through what is selected
          </MenuItem>
        )}
        {panes.length < MOST_PANES && others.length > 0 && (
          <MenuItem onClick={() => set([...panes, others[0]!])}>Add a pane</MenuItem>
        )}
        {panes.length > 1 && (
          <MenuItem onClick={() => set(panes.filter((_, i) => i !== index))}>Close this pane</MenuItem>
        )}
      </Menu>
    </Box>
  );
}

/** A pane set to another view; where that view stands in another pane, the two change places. */
function swapped(panes: readonly ViewKind[], index: number, view: ViewKind): ViewKind[] {
  const there = panes.indexOf(view);
  return panes.map((kind, i) => (i === index ? view : i === there ? panes[index]! : kind));
}
