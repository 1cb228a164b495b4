import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import type { Sum } from '@tarnpass/core';
import { sayLengths, capitalised, type Units } from '@tarnpass/core';
import { useState } from 'react';
import { colour } from '../theme/palette';
import { LengthText } from '../ui/LengthText';

/** A computed size, large, that opens to its sum in a column. */
export function SumBlock({ sum, units, opened = false }: { sum: Sum; units: Units; opened?: boolean }) {
  const [open, setOpen] = useState(opened);
  return (
    <Box>
      <Button
        variant="text"
        onClick={() => setOpen(!open)}
        aria-expanded={open}
        aria-label={`${sum.name}, ${open ? 'hide' : 'show'} its sum`}
        sx={{ width: '100%', justifyContent: 'space-between', px: 0, color: 'text.primary' }}
      >
        <Typography component="span">{capitalised(sum.name)} =</Typography>
        <Typography component="span" sx={{ fontSize: 28, fontWeight: 700, lineHeight: '40px' }}>
          <LengthText mm={sum.mm} units={units} />
        </Typography>
      </Button>
      {open && (
        <Box
          component="table"
          sx={{
            width: '100%',
            borderCollapse: 'collapse',
            '& td': { py: 0.25, fontSize: 14.5 },
            '& td:last-of-type': { textAlign: 'right', fontWeight: 620 },
          }}
        >
          <tbody>
            {sum.lines.map(({ words, mm, times, halves }, i) => (
              <tr key={words}>
                <td>
                  {sayLengths(words, units)}
                  {times && (
                    <>
                      {' '}
                      {times[0]} × <LengthText mm={times[1]} units={units} inSum />
                    </>
                  )}
                </td>
                <td>
                  {halves ? '÷ 2' : i > 0 || mm < 0 ? (mm < 0 ? '− ' : '+ ') : ''}
                  {!halves && <LengthText mm={Math.abs(mm)} units={units} inSum />}
                </td>
              </tr>
            ))}
            <tr>
              <td />
              <Box component="td" sx={{ borderTop: `1.2px solid ${colour('ink')}` }}>
                <LengthText mm={sum.mm} units={units} inSum />
              </Box>
            </tr>
          </tbody>
        </Box>
      )}
    </Box>
  );
}
