import IconButton from '@mui/material/IconButton';
import Menu from '@mui/material/Menu';
import MenuItem from '@mui/material/MenuItem';
import type { Item } from '@tarnpass/core';
import { Ellipsis } from 'lucide-react';
import { useState } from 'react';
import { COMMANDS, type CommandId } from '../../view/commands/commands';
import type { Actions } from '../../view/commands/Hotkeys';
import { useApp } from '../../state/slices/app';

/** What can be done with the item of the card as a whole. */
export function ItemMenu({ item, actions }: { item: Item; actions: Actions }) {
  const also = useApp(({ view }) => view.also.length);
  const [anchor, setAnchor] = useState<HTMLElement>();
  const grouped = 'group' in item.value && item.value.group !== undefined;
  const shown: CommandId[] = [
    'duplicate',
    'duplicateMirrored',
    'mirror',
    'copy',
    'paste',
    ...(also > 0 ? (['group'] as const) : []),
    ...(grouped ? (['ungroup'] as const) : []),
    'takeOut',
  ];
  return (
    <>
      <IconButton
        aria-label={`More for ${item.name}`}
        aria-haspopup="menu"
        onClick={(event) => setAnchor(event.currentTarget)}
      >
        <Ellipsis size={22} strokeWidth={1.8} />
      </IconButton>
      <Menu open={anchor !== undefined} anchorEl={anchor ?? null} onClose={() => setAnchor(undefined)}>
        {shown.map((id) => (
          <MenuItem
            key={id}
            onClick={() => {
              setAnchor(undefined);
              actions[id]?.();
            }}
          >
            {COMMANDS[id].words}
          </MenuItem>
        ))}
      </Menu>
    </>
  );
}
