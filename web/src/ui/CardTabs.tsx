import Box from '@mui/material/Box';
import Tab from '@mui/material/Tab';
import Tabs from '@mui/material/Tabs';
import { colour } from '../theme/palette';

interface Props<Id extends string> {
  /** What the tabs are about, for who listens. */
  readonly label: string;
  readonly name: string;
  readonly tabs: Readonly<Record<Id, string>>;
  readonly shown: Id;
  onShow(id: Id): void;
  readonly children: React.ReactNode;
}

/** The tabs of a stage's card, with what the chosen one shows. */
export function CardTabs<Id extends string>({ label, name, tabs, shown, onShow, children }: Props<Id>) {
  return (
    <>
      <Tabs
        value={shown}
        onChange={(_event, next: Id) => onShow(next)}
        variant="scrollable"
        scrollButtons={false}
        aria-label={label}
        sx={{
          minHeight: 44,
          flex: 'none',
          borderBottom: `1px solid ${colour('line')}`,
          '& .MuiTab-root': { minHeight: 44, minWidth: 0, px: 1, fontSize: 15, color: 'text.primary' },
          '& .Mui-selected': { color: 'primary.main', fontWeight: 720 },
          '& .MuiTabs-indicator': { height: 3 },
        }}
      >
        {(Object.keys(tabs) as Id[]).map((id) => (
          <Tab key={id} value={id} id={`${name}-${id}`} aria-controls={`${name}-panel`} label={tabs[id]} />
        ))}
      </Tabs>
      <Box role="tabpanel" id={`${name}-panel`} aria-labelledby={`${name}-${shown}`}>
        {children}
      </Box>
    </>
  );
}
