import Typography from '@mui/material/Typography';
import type { Item, Plan } from '@tarnpass/core';
import { ReadingsPanel } from '../readings/ReadingsPanel';
import { CardTabs, useTab } from '../../view/ui/CardTabs';
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
  const [tab, go] = useTab<TabId>('plan', 'numbers');
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
