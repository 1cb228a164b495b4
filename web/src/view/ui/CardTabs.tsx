import Box from '@mui/material/Box';
import Tab from '@mui/material/Tab';
import Tabs from '@mui/material/Tabs';
import { memo, useCallback } from 'react';
import { useApp, useAppDispatch } from '../../state/slices/app';
import { tabShown } from '../../state/slices/viewSlice';
import { colour } from '../theme/palette';

interface HeadProps {
  /** What the tabs are about, for who listens. */
  readonly label: string;
  readonly name: string;
  readonly tabs: Readonly<Record<string, string>>;
  readonly shown: string;
  onShow(id: string): void;
}

/** The tab that a stage's card is at, and the way to another. */
export function useTab<Id extends string>(name: string, first: Id): [Id, (id: Id) => void] {
  const dispatch = useAppDispatch();
  const tab = useApp(({ view }) => view.tabs[name] as Id | undefined) ?? first;
  const go = useCallback((next: Id) => void dispatch(tabShown({ card: name, tab: next })), [dispatch, name]);
  return [tab, go];
}

interface Props<Id extends string> extends Omit<HeadProps, 'shown' | 'onShow'> {
  readonly shown: Id;
  onShow(id: Id): void;
  readonly children: React.ReactNode;
}

/** The tabs of a stage's card, with what the chosen one shows. `tabs` and `onShow` should stay the same objects. */
export function CardTabs<Id extends string>({ children, onShow, ...head }: Props<Id>) {
  return (
    <>
      <Head {...head} onShow={onShow as HeadProps['onShow']} />
      <Box role="tabpanel" id={`${head.name}-panel`} aria-labelledby={`${head.name}-${head.shown}`}>
        {children}
      </Box>
    </>
  );
}

/** Tabs measure themselves whenever they are drawn: that is left out where nothing of them changed. */
const Head = memo(function Head({ label, name, tabs, shown, onShow }: HeadProps) {
  return (
    <Tabs
      value={shown}
      onChange={(_event, next: string) => onShow(next)}
      variant="scrollable"
      scrollButtons={false}
      aria-label={label}
      sx={{
        minHeight: 44,
        flex: 'none',
        borderBottom: `1px solid ${colour('line')}`,
        '& .MuiTab-root': { minHeight: 44, minWidth: 0, px: 0.625, fontSize: 15, color: 'text.primary' },
        '& .Mui-selected': { color: 'primary.main', fontWeight: 720 },
        '& .MuiTabs-indicator': { height: 3 },
      }}
    >
      {Object.entries(tabs).map(([id, words]) => (
        <Tab key={id} value={id} id={`${name}-${id}`} aria-controls={`${name}-panel`} label={words} />
      ))}
    </Tabs>
  );
});
