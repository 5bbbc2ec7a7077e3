import { createBrowserRouter, type RouteObject } from 'react-router';
import { QueuePage } from '../features/queue/QueuePage';
import { BrokenPage } from './BrokenPage';
import { NotFoundPage } from './NotFoundPage';

/** The queue comes with the first load; the other screens when they are first opened. */
export const router = createBrowserRouter([
  {
    errorElement: <BrokenPage />,
    children: screens(),
  },
]);

function screens(): RouteObject[] {
  return [
    { path: '/', element: <QueuePage /> },
    {
      path: '/cases/new',
      lazy: async () => ({ Component: (await import('../features/intake/IntakePage')).IntakePage }),
      HydrateFallback: () => null,
    },
    {
      path: '/cases/:id',
      lazy: async () => ({ Component: (await import('../features/case/CasePage')).CasePage }),
      HydrateFallback: () => null,
    },
    {
      path: '/cases/:id/close',
      lazy: async () => ({ Component: (await import('../features/close/ClosePage')).ClosePage }),
      HydrateFallback: () => null,
    },
    {
      path: '/cases/:id/firmware',
      lazy: async () => ({ Component: (await import('../features/firmware/CaseFirmwarePage')).CaseFirmwarePage }),
      HydrateFallback: () => null,
    },
    {
      path: '/firmware',
      lazy: async () => ({ Component: (await import('../features/firmware/FirmwarePage')).FirmwarePage }),
      HydrateFallback: () => null,
    },
    {
      path: '/boards',
      lazy: async () => ({ Component: (await import('../features/boards/BoardsPage')).BoardsPage }),
      HydrateFallback: () => null,
    },
    {
      path: '/boards/:id',
      lazy: async () => ({ Component: (await import('../features/boards/BoardPage')).BoardPage }),
      HydrateFallback: () => null,
    },
    { path: '*', element: <NotFoundPage /> },
  ];
}
