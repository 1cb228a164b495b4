import Button from '@mui/material/Button';
import ListSubheader from '@mui/material/ListSubheader';
import Menu from '@mui/material/Menu';
import MenuItem from '@mui/material/MenuItem';
import { Plus } from 'lucide-react';
import { useState } from 'react';

interface Group {
  readonly words: string;
  readonly choices: readonly { readonly words: string; act(): void }[];
}

/** A button that opens what can be added, group by group. */
export function AddMenu({ words, groups }: { words: string; groups: readonly Group[] }) {
  const [anchor, setAnchor] = useState<HTMLElement>();
  return (
    <>
      <Button
        variant="outlined"
        size="small"
        aria-haspopup="menu"
        startIcon={<Plus size={18} strokeWidth={1.8} />}
        onClick={(event) => setAnchor(event.currentTarget)}
      >
        {words}
      </Button>
      <Menu
        open={anchor !== undefined}
        anchorEl={anchor ?? null}
        onClose={() => setAnchor(undefined)}
        slotProps={{ paper: { sx: { maxHeight: 560, minWidth: 280 } } }}
      >
        {groups.flatMap((group) => [
          <ListSubheader
            key={group.words}
            disableSticky
            sx={{ lineHeight: '36px', bgcolor: 'transparent', fontSize: 14 }}
          >
            {group.words}
          </ListSubheader>,
          ...group.choices.map((choice) => (
            <MenuItem
              key={`${group.words} ${choice.words}`}
              onClick={() => {
                setAnchor(undefined);
                choice.act();
              }}
            >
              {choice.words}
            </MenuItem>
          )),
        ])}
      </Menu>
    </>
  );
}
