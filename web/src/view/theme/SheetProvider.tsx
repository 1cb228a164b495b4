import CssBaseline from '@mui/material/CssBaseline';
import { ThemeProvider } from '@mui/material/styles';
import useMediaQuery from '@mui/material/useMediaQuery';
import { createContext, useContext, useMemo, useState } from 'react';
import { browserStore } from '../../browser/browserStore';
import type { Sheet } from './palette';
import { themeOf } from './theme';

const SheetContext = createContext<{ sheet: Sheet; toggle(): void }>({
  sheet: 'light',
  toggle: () => undefined,
});
export const useSheet = () => useContext(SheetContext);

const KEY = 'tarnpass-sheet';

/** The sheet's light: as the computer prefers, until the person says otherwise; this browser remembers. */
export function SheetProvider({ children }: { children: React.ReactNode }) {
  const prefersDark = useMediaQuery('(prefers-color-scheme: dark)');
  const [chosen, setChosen] = useState<Sheet | null>(() => {
    const kept = browserStore.get(KEY);
    return kept === 'light' || kept === 'dark' ? kept : null;
  });
  const sheet = chosen ?? (prefersDark ? 'dark' : 'light');
  const theme = useMemo(() => themeOf(sheet), [sheet]);
  const value = useMemo(
    () => ({
      sheet,
      toggle: () => {
        const next = sheet === 'light' ? 'dark' : 'light';
        browserStore.set(KEY, next);
        setChosen(next);
      },
    }),
    [sheet],
  );
  return (
    <SheetContext.Provider value={value}>
      <ThemeProvider theme={theme}>
        <CssBaseline />
        {children}
      </ThemeProvider>
    </SheetContext.Provider>
  );
}
