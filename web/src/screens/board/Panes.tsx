import Box from '@mui/material/Box';
import { memo } from 'react';
import type { SheetProps } from '../../view/sheet/FlatView';
import { useApp } from '../../state/slices/app';
import { colour } from '../../view/theme/palette';
import { Pane } from './Pane';

/** The large pane of the sheet, with a fourth one under it where there are so many; `lifted` wants the section large. */
export const MainPanes = memo(function MainPanes({ lifted, ...sheet }: SheetProps & { lifted: boolean }) {
  const panes = useApp(({ view }) => view.panes);
  const count = lifted ? 1 : panes.length;
  const large = lifted ? Math.max(0, panes.indexOf('section')) : 0;
  return (
    <Box
      component="main"
      className="sheet"
      sx={{
        bgcolor: 'background.paper',
        borderTop: `1.4px solid ${colour('ink')}`,
        borderLeft: `1.4px solid ${colour('ink')}`,
        display: 'grid',
        gridTemplateRows: count > 3 ? 'minmax(0, 3fr) minmax(0, 2fr)' : 'minmax(0, 1fr)',
        minHeight: 0,
      }}
    >
      <Pane index={large} large {...sheet} />
      {count > 3 && (
        <Box sx={{ borderTop: `1.4px solid ${colour('ink')}`, minHeight: 0 }}>
          <Pane index={3} {...sheet} />
        </Box>
      )}
    </Box>
  );
});

/** The one or two panes beside the large one. */
export const SmallPanes = memo(function SmallPanes(sheet: SheetProps) {
  const count = useApp(({ view }) => view.panes.length);
  if (count < 2) return null;
  return (
    <Box
      className="aside"
      sx={{
        bgcolor: 'background.paper',
        borderTop: `1.4px solid ${colour('ink')}`,
        borderLeft: `1px solid ${colour('line')}`,
        display: 'grid',
        gridTemplateColumns: count > 2 ? 'minmax(0, 1fr) minmax(0, 1fr)' : 'minmax(0, 1fr)',
        minHeight: 0,
        '& > * + *': { borderLeft: `1px solid ${colour('line')}` },
      }}
    >
      <Pane index={1} {...sheet} />
      {count > 2 && <Pane index={2} {...sheet} />}
    </Box>
  );
});
