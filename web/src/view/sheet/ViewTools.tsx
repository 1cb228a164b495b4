import Box from '@mui/material/Box';
import IconButton from '@mui/material/IconButton';
import { Maximize2, ZoomIn, ZoomOut } from 'lucide-react';
import { colour } from '../theme/palette';
import type { Zoom } from './frame';

interface Props {
  readonly zoom: Zoom;
  readonly large: boolean;
  enlarge(): void;
  reduce(): void;
  whole(): void;
}

const ICON = { size: 20, strokeWidth: 1.8 };

/** Enlarge, reduce and show the whole, in a corner of a view; the small views get only the way back. */
export function ViewTools({ zoom, large, enlarge, reduce, whole }: Props) {
  const moved = zoom.k !== 1 || zoom.x !== 0 || zoom.y !== 0;
  return (
    <Box
      className="no-print"
      sx={{
        position: 'absolute',
        left: 6,
        bottom: 2,
        display: 'flex',
        '& button': { color: colour('ink2') },
      }}
    >
      {large && (
        <>
          <IconButton aria-label="Enlarge" onClick={enlarge}>
            <ZoomIn {...ICON} />
          </IconButton>
          <IconButton aria-label="Reduce" onClick={reduce}>
            <ZoomOut {...ICON} />
          </IconButton>
        </>
      )}
      {moved && (
        <IconButton aria-label="Show the whole" onClick={whole}>
          <Maximize2 {...ICON} />
        </IconButton>
      )}
    </Box>
  );
}
