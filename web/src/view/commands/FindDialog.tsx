import Autocomplete from '@mui/material/Autocomplete';
import Box from '@mui/material/Box';
import Dialog from '@mui/material/Dialog';
import InputBase from '@mui/material/InputBase';
import Typography from '@mui/material/Typography';
import type { Item } from '@tarnpass/core';
import { colour } from '../theme/palette';
import { COMMAND_IDS, COMMANDS, keyText } from './commands';
import type { Actions } from './Hotkeys';

interface Props {
  readonly actions: Actions;
  readonly items: readonly Item[];
  onSelect(id: string): void;
  onClose(): void;
}

interface Choice {
  readonly words: string;
  readonly keys: string;
  readonly group: string;
  act(): void;
}

const KINDS: Record<Item['list'], string> = {
  space: 'The space',
  things: 'Things in the space',
  existing: 'What moves already',
  carcasses: 'Carcasses',
  parts: 'Moving parts',
};

/** Every command and every item by its words: type a few letters, choose with the arrow keys. */
export default function FindDialog({ actions, items, onSelect, onClose }: Props) {
  const choices: Choice[] = [
    ...items.map(({ id, name, list }) => ({
      words: name,
      keys: '',
      group: KINDS[list],
      act: () => onSelect(id),
    })),
    ...COMMAND_IDS.filter((id) => id !== 'find' && actions[id]).map((id) => ({
      words: COMMANDS[id].words,
      keys: COMMANDS[id].keys,
      group: COMMANDS[id].group,
      act: actions[id]!,
    })),
  ];
  return (
    <Dialog
      open
      onClose={onClose}
      aria-labelledby="find-title"
      fullWidth
      maxWidth="sm"
      sx={{ '& .MuiDialog-container': { alignItems: 'flex-start' } }}
    >
      <Typography id="find-title" variant="body2" sx={{ px: 2, pt: 1 }}>
        Find a command or a thing
      </Typography>
      <Autocomplete
        open
        autoHighlight
        options={choices}
        getOptionLabel={({ words }) => words}
        getOptionKey={({ words, group }) => `${group} ${words}`}
        noOptionsText="Nothing is called that. Try fewer letters."
        onChange={(_event, choice) => {
          onClose();
          choice?.act();
        }}
        onClose={(_event, reason) => reason === 'escape' && onClose()}
        renderInput={({ slotProps }) => (
          <InputBase
            ref={slotProps.input.ref}
            inputProps={{ ...slotProps.htmlInput, 'aria-label': 'What to find' }}
            autoFocus
            placeholder="Type a few letters"
            fullWidth
            sx={{ px: 2, py: 1, borderBottom: `1.2px solid ${colour('ink')}`, fontSize: 18 }}
          />
        )}
        renderOption={({ key, ...props }, { words, keys, group }) => (
          <Box component="li" key={key} {...props} sx={{ '&&': { minHeight: 44 }, display: 'flex', gap: 2 }}>
            <Typography sx={{ flex: 1 }}>{words}</Typography>
            <Typography variant="body2">{keys ? keyText(keys) : group}</Typography>
          </Box>
        )}
        slotProps={{
          popper: {
            disablePortal: true,
            sx: { position: 'static !important', transform: 'none !important', width: '100% !important' },
          },
          paper: { sx: { bgcolor: 'background.paper' } },
          listbox: { sx: { maxHeight: '60vh' } },
        }}
      />
    </Dialog>
  );
}
