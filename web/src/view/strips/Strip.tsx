import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import {
  bodyOf,
  formatLength,
  type Mover,
  type Nearest,
  type PartReport,
  type Scene,
  type Units,
} from '@tarnpass/core';
import { memo } from 'react';
import { useLivePose } from '../live/LivePose';
import { selected as select } from '../../state/slices/viewSlice';
import { useAppDispatch } from '../../state/slices/app';
import { colour } from '../theme/palette';
import { Swatch } from '../ui/Patterns';
import { Stone } from '../ui/Stone';
import { ROW, Well } from './Well';

interface Props {
  readonly mover: Mover;
  readonly report: PartReport | undefined;
  /** As the strip says it, and what that belongs to. */
  readonly name: string;
  readonly owner: string;
  readonly letter: string;
  readonly units: Units;
  readonly scene: Scene;
  readonly selected: boolean;
}

const ONE_LINE = { overflow: 'hidden', textOverflow: 'ellipsis', whiteSpace: 'nowrap' } as const;
/** What is in no carcass has the line for that besides. */
const TWO_LINES = {
  overflow: 'hidden',
  display: '-webkit-box',
  WebkitBoxOrient: 'vertical',
  WebkitLineClamp: 2,
  lineHeight: 1.2,
} as const;

/** One part's travel as a strip: drag the rider along it and the part moves. */
export const Strip = memo(function Strip(props: Props) {
  const { mover, report, name, owner, letter, selected } = props;
  const dispatch = useAppDispatch();
  const choose = () => {
    if (!selected) dispatch(select(mover.id));
  };
  return (
    <Box
      onPointerDown={choose}
      onFocus={choose}
      sx={{
        display: 'grid',
        gridTemplateColumns: '30px minmax(90px, 1fr) 228px minmax(150px, 1fr)',
        columnGap: 1.25,
        alignItems: 'center',
        height: ROW,
        px: 1,
        bgcolor: selected ? 'background.paper' : undefined,
        boxShadow: selected ? `inset 0 0 0 1.25px ${colour('ink')}` : undefined,
      }}
    >
      <svg width={26} height={26}>
        <Stone x={13} y={13} letter={letter} filled={selected} />
      </svg>
      <Box sx={{ minWidth: 0 }}>
        <Typography variant="h3" component="div" title={mover.name} sx={owner ? ONE_LINE : TWO_LINES}>
          {name}
        </Typography>
        {owner && (
          <Typography variant="body2" noWrap title={owner}>
            {owner}
          </Typography>
        )}
      </Box>
      <Well mover={mover} report={report} units={props.units} selected={selected} />
      <Box sx={{ minWidth: 0 }} aria-live={selected ? 'polite' : undefined}>
        {report && <Found {...props} report={report} selected={selected} />}
        <Typography variant="body2" className="busy">
          working it out
        </Typography>
      </Box>
    </Box>
  );
});

/** What was found of it, in a word and a figure; of the selected part also what is nearest where it stands. */
function Found({ report, selected, scene, units }: Props & { report: PartReport; selected: boolean }) {
  return (
    <>
      <Box sx={{ display: 'flex', alignItems: 'center', gap: 0.75 }}>
        <Swatch verdict={report.verdict} />
        <Typography
          noWrap
          className="amount"
          sx={{ color: report.verdict === 'hits' ? 'error.main' : 'text.primary' }}
        >
          <b>{report.short.word}</b> {report.short.amount}
        </Typography>
      </Box>
      <Box className="fresh">
        {selected ? (
          <NowWords {...{ scene, units }} detail={report.short.detail} />
        ) : (
          <Detail words={report.short.detail} />
        )}
      </Box>
    </>
  );
}

function Detail({ words }: { words: string }) {
  return (
    <Typography variant="body2" noWrap title={words}>
      {words}
    </Typography>
  );
}

/** What is nearest to the selected part where it stands, once it is open. */
function NowWords({ scene, units, detail }: Pick<Props, 'scene' | 'units'> & { detail: string }) {
  const { nearest } = useLivePose();
  return <Detail words={nearest ? nowWords(scene, nearest, units) : detail} />;
}

function nowWords(scene: Scene, nearest: Nearest, units: Units): string {
  const still = bodyOf(scene, nearest.still).name;
  const { clearance } = nearest.witness;
  return clearance <= 0 ? `now in ${still}` : `now ${formatLength(clearance, units)} to ${still}`;
}
