import IconButton from '@mui/material/IconButton';
import Menu from '@mui/material/Menu';
import MenuItem from '@mui/material/MenuItem';
import type { Issue, Item } from '@tarnpass/core';
import { Ellipsis } from 'lucide-react';
import { useState } from 'react';
import { copy, duplicate, group, mirror, paste, takeOut, ungroup } from '../job/itemActions';
import { useApp, useAppDispatch, type AppThunk } from '../store';
import { told } from './viewSlice';

/** What can be done with the item of the card as a whole. */
export function ItemMenu({ item }: { item: Item }) {
  const dispatch = useAppDispatch();
  const also = useApp(({ view }) => view.also.length);
  const [anchor, setAnchor] = useState<HTMLElement>();
  const act = (thunk: AppThunk<readonly Issue[] | Promise<readonly Issue[]>>) => () => {
    setAnchor(undefined);
    void Promise.resolve(dispatch(thunk)).then((issues) => dispatch(told(issues[0]?.message ?? null)));
  };
  const grouped = (item.list === 'things' || item.list === 'carcasses') && item.value.group !== undefined;
  const entry = (words: string, thunk: Parameters<typeof act>[0]) => (
    <MenuItem key={words} onClick={act(thunk)}>
      {words}
    </MenuItem>
  );
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
        {entry('Duplicate', duplicate(false))}
        {entry('Duplicate mirrored', duplicate(true))}
        {entry('Mirror left and right', mirror())}
        {entry('Copy', copy())}
        {entry('Paste', paste())}
        {also > 0 && entry(`Group with ${also} more`, group())}
        {grouped && entry('Take the group apart', ungroup())}
        {entry('Take out', takeOut())}
      </Menu>
    </>
  );
}
