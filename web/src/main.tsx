import '@fontsource-variable/commissioner/full.css';
import '@fontsource-variable/overpass/index.css';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { Provider } from 'react-redux';
import { createBrowserRouter, RouterProvider } from 'react-router';
import { saveBeforeClose } from './state/job/autosave';
import { losesOnClose } from './state/job/losesOnClose';
import { JobsScreen } from './screens/jobs/JobsScreen';
import { store } from './store';
import { SheetProvider } from './view/theme/SheetProvider';
import { BrokenScreen } from './view/ui/BrokenScreen';
import { Patterns } from './view/ui/Patterns';

/** The first screen is through by then, ms. */
const AFTER = 1500;
// The board comes once the first screen is through, or at once where a job is what was opened.
const board = () => import('./screens/board/Board');
if (location.pathname.startsWith('/jobs/')) void board();
else addEventListener('load', () => setTimeout(() => void board(), AFTER));

const router = createBrowserRouter([
  {
    ErrorBoundary: BrokenScreen,
    children: [
      { path: '/', Component: JobsScreen },
      { path: '/jobs/:id/:stage?', lazy: async () => ({ Component: (await board()).BoardScreen }) },
      {
        path: '/jobs/:id/read',
        lazy: async () => ({ Component: (await import('./screens/readings/ReadScreen')).ReadScreen }),
      },
      {
        path: '/hardware',
        lazy: async () => ({ Component: (await import('./screens/drawer/DrawerScreen')).DrawerScreen }),
      },
      {
        path: '/keys',
        lazy: async () => ({ Component: (await import('./screens/keys/KeysScreen')).KeysScreen }),
      },
      {
        path: '/quick',
        lazy: async () => ({ Component: (await import('./screens/quick/QuickDeck')).QuickDeck }),
      },
      {
        path: '/quick/:card',
        lazy: async () => ({ Component: (await import('./screens/quick/QuickScreen')).QuickScreen }),
      },
      { path: '*', Component: JobsScreen },
    ],
  },
]);

addEventListener('pagehide', () => saveBeforeClose(store.getState()));
addEventListener('beforeunload', (event) => {
  if (losesOnClose(store.getState())) event.preventDefault();
});

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
