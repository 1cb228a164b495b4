import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { hardwareNeeded, hardwareOfPart, planHardware, type Hardware, type Plan } from '@tarnpass/core';
import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import { HardwareNumbers } from '../drawer/HardwareNumbers';
import { useDrawer } from '../../state/hardware/drawer';
import { makeEdit } from '../../state/job/edits';
import { useAppDispatch } from '../../state/slices/app';
import { colour } from '../../view/theme/palette';

/** What the job takes of hardware, how much of it lies in the drawer, and the numbers each answer counts on. */
export function HardwarePanel({ plan, about }: { plan: Plan; about: string }) {
  const dispatch = useAppDispatch();
  const drawer = useDrawer();
  const needed = useMemo(() => hardwareNeeded(plan), [plan]);
  const own = plan.parts.find(({ id }) => id === about);
  const first = (own && hardwareOfPart(plan, own)) ?? needed[0]?.hardware;
  const [chosen, setChosen] = useState(first);
  const item = chosen ? planHardware(plan).named(chosen) : undefined;
  // A generic piece that is changed becomes the plan's own.
  const change = (next: Hardware) => {
    const i = plan.hardware.findIndex(({ id }) => id === next.id);
    return dispatch(
      makeEdit({
        name: `${next.name}: numbers`,
        changes: [
          i >= 0
            ? { path: ['hardware', i], before: plan.hardware[i], after: next }
            : { path: ['hardware', plan.hardware.length], after: next },
        ],
      }),
    );
  };
  return (
    <Box sx={{ py: 1 }}>
      {needed.length === 0 && (
        <Typography>Nothing that hangs here takes hardware yet: hang something first.</Typography>
      )}
      <Box component="ul" aria-label="Hardware the job takes" sx={{ listStyle: 'none', m: 0, p: 0 }}>
        {needed.map(({ hardware, name, count, confirmed }) => {
          const there = drawer.find((one) => one.item.id === hardware)?.count ?? 0;
          return (
            <Box component="li" key={hardware} sx={{ borderBottom: `1px solid ${colour('line')}` }}>
              <Button
                onClick={() => setChosen(hardware)}
                aria-pressed={chosen === hardware}
                sx={{
                  width: 1,
                  justifyContent: 'flex-start',
                  textAlign: 'left',
                  color: 'text.primary',
                  px: 0,
                  minHeight: 48,
                }}
              >
                <Box sx={{ flex: 1, minWidth: 0 }}>
                  <Typography sx={{ fontWeight: chosen === hardware ? 700 : 520 }}>
                    {count} × {name}
                  </Typography>
                  <Typography variant="body2">
                    {there >= count
                      ? `${there} in the drawer`
                      : there > 0
                        ? `${there} in the drawer, ${count - there} to get`
                        : `${count} to get`}
                    {confirmed ? '' : '; numbers not confirmed'}
                  </Typography>
                </Box>
              </Button>
            </Box>
          );
        })}
      </Box>
      {item && <HardwareNumbers key={item.id} item={item} units={plan.units} onChange={change} />}
      <Button component={Link} to="/hardware" sx={{ mt: 1 }}>
        What lies in the drawer
      </Button>
    </Box>
  );
}
