import IconButton from '@mui/material/IconButton';
import { Keyboard, Moon, Printer, Redo2, Search, Sun, Undo2 } from 'lucide-react';
import type { Actions } from '../../view/commands/Hotkeys';
import { useApp } from '../../state/slices/app';
import { useSheet } from '../../view/theme/SheetProvider';
import { UnitsMenu } from './UnitsMenu';

const ICON = { size: 22, strokeWidth: 1.8 };

/** Undo, redo, units and the light of the sheet, at the foot of the pole. */
export function Tools({ actions }: { actions: Actions }) {
  const { sheet } = useSheet();
  const last = useApp(({ job }) => job?.history.done.at(-1)?.name);
  const next = useApp(({ job }) => job?.history.undone.at(-1)?.name);
  return (
    <>
      <IconButton
        aria-label={last ? `Undo: ${last}` : 'Undo'}
        title={last && `Undo: ${last}`}
        disabled={!last}
        onClick={actions.undo}
      >
        <Undo2 {...ICON} />
      </IconButton>
      <IconButton
        aria-label={next ? `Redo: ${next}` : 'Redo'}
        title={next && `Redo: ${next}`}
        disabled={!next}
        onClick={actions.redo}
      >
        <Redo2 {...ICON} />
      </IconButton>
      <IconButton aria-label="Find a command or a thing" title="Find (W)" onClick={actions.find}>
        <Search {...ICON} />
      </IconButton>
      <IconButton aria-label="Print the sheet" title="Print the sheet" onClick={actions.print}>
        <Printer {...ICON} />
      </IconButton>
      <UnitsMenu />
      <IconButton aria-label={sheet === 'light' ? 'Dark sheet' : 'Light sheet'} onClick={actions.light}>
        {sheet === 'light' ? <Moon {...ICON} /> : <Sun {...ICON} />}
      </IconButton>
      <IconButton aria-label="All keys" title="All keys (H)" onClick={actions.keys}>
        <Keyboard {...ICON} />
      </IconButton>
    </>
  );
}
