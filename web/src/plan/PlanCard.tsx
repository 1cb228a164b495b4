import Typography from '@mui/material/Typography';
import type { Item, Plan } from '@tarnpass/core';
import { useState } from 'react';
import { ReadingsPanel } from '../readings/ReadingsPanel';
import { CardTabs } from '../ui/CardTabs';
import { HardwarePanel } from './HardwarePanel';
import { MaterialsPanel } from './MaterialsPanel';
import { WaysPanel } from './WaysPanel';

const TABS = {
  numbers: 'Numbers',
  readings: 'Readings',
  materials: 'Materials',
  hardware: 'Hardware',
  ways: 'Ways',
} as const;
type TabId = keyof typeof TABS;

// The card is made anew with what is selected: the tab one was at is not to be lost with it.
let last: TabId = 'numbers';

/** The card of the stage Plan: the numbers of what is selected, and what the whole job is made of and by. */
export default function PlanCard({
  plan,
  item,
  numbers,
}: {
  plan: Plan;
  item: Item;
  numbers: React.ReactNode;
}) {
  const [tab, setTab] = useState<TabId>(last);
  const go = (next: TabId) => {
    last = next;
    setTab(next);
  };
  return (
    <CardTabs label="Planning" name="plan" tabs={TABS} shown={tab} onShow={go}>
      {tab === 'numbers' && numbers}
      {tab === 'readings' &&
        (item.list === 'carcasses' ? (
          <ReadingsPanel plan={plan} item={item.id} />
        ) : (
          <Typography sx={{ py: 2 }}>
            Readings are taken of a carcass’s openings once it stands: select the carcass. Those of the room
            are under Measure.
          </Typography>
        ))}
      {tab === 'materials' && <MaterialsPanel plan={plan} />}
      {tab === 'hardware' && <HardwarePanel plan={plan} about={item.id} />}
      {tab === 'ways' && <WaysPanel plan={plan} />}
    </CardTabs>
  );
}
