import Button from '@mui/material/Button';
import ListSubheader from '@mui/material/ListSubheader';
import Menu from '@mui/material/Menu';
import MenuItem from '@mui/material/MenuItem';
import { formatLength, type Units } from '@tarnpass/core';
import { useState } from 'react';
import { setValue } from '../../state/job/edits';
import { useApp, useAppDispatch } from '../../state/slices/app';

interface Way {
  readonly words: string;
  readonly units: Units;
}

const fractions = (feet: boolean): Way[] =>
  ([16, 32, 64] as const).map((step) => ({
    words: `to 1/${step}`,
    units: { system: 'in', step, ...(feet && { feet }) },
  }));

const WAYS: readonly { readonly words: string; readonly ways: readonly Way[] }[] = [
  {
    words: 'Millimetres',
    ways: ([0.1, 0.5, 1] as const).map((step) => ({ words: `to ${step}`, units: { system: 'mm', step } })),
  },
  { words: 'Inches', ways: fractions(false) },
  { words: 'Feet and inches', ways: fractions(true) },
];

const feetOf = (units: Units): boolean => units.system === 'in' && units.feet === true;
const same = (a: Units, b: Units): boolean =>
  a.system === b.system && a.step === b.step && feetOf(a) === feetOf(b);

/** A length that shows what a step does to it, mm. */
const SAMPLE = 1777.3;

/** What lengths are shown and typed in, and how finely: each way with the same length as it would show it. */
export function UnitsMenu() {
  const dispatch = useAppDispatch();
  const units = useApp(({ job }) => job?.plan.units);
  const [anchor, setAnchor] = useState<HTMLElement>();
  if (!units) return null;
  const words = units.system === 'mm' ? 'mm' : feetOf(units) ? 'ft in' : 'in';
  return (
    <>
      <Button
        aria-label={`Lengths in ${units.system === 'mm' ? 'mm' : feetOf(units) ? 'feet and inches' : 'inches'}: change`}
        aria-haspopup="menu"
        title="Units (U)"
        onClick={(event) => setAnchor(event.currentTarget)}
        sx={{ minWidth: 44, px: 0, color: 'text.primary', whiteSpace: 'nowrap' }}
      >
        {words}
      </Button>
      <Menu open={anchor !== undefined} anchorEl={anchor ?? null} onClose={() => setAnchor(undefined)}>
        {WAYS.flatMap((group) => [
          <ListSubheader
            key={group.words}
            disableSticky
            sx={{ lineHeight: '34px', bgcolor: 'transparent', fontSize: 14 }}
          >
            {group.words}
          </ListSubheader>,
          ...group.ways.map((way) => (
            <MenuItem
              key={`${group.words} ${way.words}`}
              role="menuitemradio"
              aria-checked={same(way.units, units)}
              aria-label={`${group.words} ${way.words}`}
              selected={same(way.units, units)}
              sx={{ display: 'flex', gap: 3, justifyContent: 'space-between' }}
              onClick={() => {
                setAnchor(undefined);
                if (!same(way.units, units)) dispatch(setValue('Units', ['units'], way.units));
              }}
            >
              <span>{way.words}</span>
              <span>{formatLength(SAMPLE, way.units, true)}</span>
            </MenuItem>
          )),
        ])}
      </Menu>
    </>
  );
}
