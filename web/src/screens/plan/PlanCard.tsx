import Typography from '@mui/material/Typography';
import type { Item, Plan } from '@tarnpass/core';
import { ReadingsPanel } from '../readings/ReadingsPanel';
import { CardTabs, useTab } from '../../view/ui/CardTabs';
import { HardwarePanel } from './HardwarePanel';
import { MaterialsPanel } from './MaterialsPanel';
import { WaysPanel } from './WaysPanel';

const REST = {
  readings: 'Readings',
  materials: 'Materials',
  hardware: 'Hardware',
  ways: 'Ways',
} as const;
const TABS = { numbers: 'Numbers', ...REST } as const;
const WITH_FORCES = { numbers: 'Numbers', forces: 'Forces', ...REST } as const;
type TabId = keyof typeof WITH_FORCES;

/** The card of the stage Plan: the numbers of what is selected, and what the whole job is made of and by. */
export default function PlanCard({
  plan,
  item,
  numbers,
  forces,
}: {
  plan: Plan;
  item: Item;
  numbers: React.ReactNode;
  /** Of what is lifted: what hand and struts do. */
  forces: React.ReactNode | undefined;
}) {
  const [kept, go] = useTab<TabId>('plan', 'numbers');
  // Of what nobody lifts there are none: its card is at its numbers then.
  const tab = kept === 'forces' && forces === undefined ? 'numbers' : kept;
  return (
    <CardTabs
      label="Planning"
      name="plan"
      tabs={forces === undefined ? TABS : WITH_FORCES}
      shown={tab}
      onShow={go as (id: string) => void}
    >
      {tab === 'numbers' && numbers}
      {tab === 'forces' && forces}
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
