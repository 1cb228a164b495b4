import '@fontsource-variable/commissioner/full.css';
import '@fontsource-variable/overpass/index.css';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { Provider } from 'react-redux';
import { createBrowserRouter, RouterProvider } from 'react-router';
import { BoardScreen } from './board/Board';
import { saveBeforeClose } from './job/autosave';
import { KeysScreen } from './commands/KeysScreen';
import { JobsScreen } from './jobs/JobsScreen';
import { store } from './store';
import { QuickDeck } from './quick/QuickDeck';
import { QuickScreen } from './quick/QuickScreen';
import { SheetProvider } from './theme/SheetProvider';
import { Patterns } from './ui/Patterns';

const router = createBrowserRouter([
  { path: '/', Component: JobsScreen },
  { path: '/jobs/:id/:stage?', Component: BoardScreen },
  {
    path: '/jobs/:id/read',
    lazy: async () => ({ Component: (await import('./readings/ReadScreen')).ReadScreen }),
  },
  {
    path: '/hardware',
    lazy: async () => ({ Component: (await import('./drawer/DrawerScreen')).DrawerScreen }),
  },
  { path: '/keys', Component: KeysScreen },
  { path: '/quick', Component: QuickDeck },
  { path: '/quick/:card', Component: QuickScreen },
  { path: '*', Component: JobsScreen },
]);

addEventListener('pagehide', () => saveBeforeClose(store.getState()));

createRoot(document.getElementById('root')!).render(
  <StrictMode>
    <Provider store={store}>
      <SheetProvider>
        <Patterns />
        <RouterProvider router={router} />
      </SheetProvider>
    </Provider>
  </StrictMode>,
);
