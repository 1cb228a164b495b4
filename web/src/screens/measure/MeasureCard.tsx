import type { Item, Plan, Report } from '@tarnpass/core';
import { lazy, Suspense, useMemo } from 'react';
import { selected as select } from '../../state/slices/viewSlice';
import { InstrumentsPanel } from '../readings/InstrumentsPanel';
import { MissingPanel } from '../readings/MissingPanel';
import { ReadingsPanel } from '../readings/ReadingsPanel';
import { readAbout } from '../../state/slices/readingsSlice';
import { useAppDispatch } from '../../state/slices/app';
import { CardTabs, useTab } from '../../view/ui/CardTabs';
import { OutlineEditor } from './OutlineEditor';
import { WayInPanel } from './WayInPanel';

const FilesPanel = lazy(() => import('./FilesPanel'));

const TABS = {
  numbers: 'Numbers',
  readings: 'Readings',
  missing: 'Missing',
  instruments: 'Tapes',
  wayIn: 'Way in',
  files: 'Files',
} as const;
type TabId = keyof typeof TABS;

/** The card of the stage Measure: the numbers of what is selected, what was read of it, and what is still to be read. */
export default function MeasureCard({
  plan,
  report,
  item,
  numbers,
  add,
}: {
  plan: Plan;
  report: Report | null;
  item: Item;
  numbers: React.ReactNode;
  /** What puts more into the space. */
  add: React.ReactNode;
}) {
  const dispatch = useAppDispatch();
  const [tab, go] = useTab<TabId>('measure', 'numbers');
  const open = report?.missing.filter(({ why }) => why !== undefined).length ?? 0;
  const tabs = useMemo(() => (open > 0 ? { ...TABS, missing: `${TABS.missing} ${open}` } : TABS), [open]);
  return (
    <CardTabs label="Measuring" name="measure" tabs={tabs} shown={tab} onShow={go}>
      {tab === 'numbers' && (
        <>
          {numbers}
          {item.list === 'space' && <OutlineEditor plan={plan} />}
          {add}
        </>
      )}
      {tab === 'readings' && <ReadingsPanel plan={plan} item={item.id} />}
      {tab === 'missing' && (
        <MissingPanel
          missing={report?.missing ?? []}
          onChoose={({ key, item: about }) => {
            dispatch(readAbout(key));
            dispatch(select(about));
            go('readings');
          }}
        />
      )}
      {tab === 'instruments' && <InstrumentsPanel plan={plan} />}
      {tab === 'wayIn' && <WayInPanel plan={plan} />}
      {tab === 'files' && (
        <Suspense fallback={null}>
          <FilesPanel plan={plan} />
        </Suspense>
      )}
    </CardTabs>
  );
}
