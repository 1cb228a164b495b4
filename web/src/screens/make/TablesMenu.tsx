import Button from '@mui/material/Button';
import ListItemText from '@mui/material/ListItemText';
import Menu from '@mui/material/Menu';
import MenuItem from '@mui/material/MenuItem';
import { partsRows, pieceRows, workRows, type Plan } from '@tarnpass/core';
import { Download } from 'lucide-react';
import { useState } from 'react';
import { saveCsv } from '../../browser/saveCsv';

/** What can be saved of a job's pieces, for people and for machines. */
const TABLES = [
  { name: 'Parts list', words: 'Pieces alike in one row, in your units', file: 'parts', rows: partsRows },
  {
    name: 'Every piece',
    words: 'Cut and finished size, grain, edges and place, in mm',
    file: 'pieces',
    rows: pieceRows,
  },
  {
    name: 'Every work',
    words: 'Holes, grooves, housings and screws of each piece, in mm',
    file: 'works',
    rows: workRows,
  },
] as const;

export function TablesMenu({ plan, empty }: { plan: Plan; empty: boolean }) {
  const [anchor, setAnchor] = useState<HTMLElement>();
  return (
    <>
      <Button
        variant="outlined"
        aria-haspopup="menu"
        startIcon={<Download size={18} strokeWidth={1.8} />}
        disabled={empty}
        onClick={(event) => setAnchor(event.currentTarget)}
      >
        Save as CSV
      </Button>
      <Menu open={anchor !== undefined} anchorEl={anchor ?? null} onClose={() => setAnchor(undefined)}>
        {TABLES.map(({ name, words, file, rows }) => (
          <MenuItem
            key={name}
            onClick={() => {
              setAnchor(undefined);
              void saveCsv(rows(plan), `${plan.title} ${file}`);
            }}
          >
            <ListItemText primary={name} secondary={words} />
          </MenuItem>
        ))}
      </Menu>
    </>
  );
}
