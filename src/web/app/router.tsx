import { createBrowserRouter, type RouteObject } from 'react-router';
import { QueuePage } from '../features/queue/QueuePage';
import { BrokenDoor } from '../shell/BrokenDoor';
import { BrokenPage } from '../shell/BrokenPage';
import { Doors } from '../shell/Doors';
import { NotFoundPage } from '../shell/NotFoundPage';

/** The queue comes with the first load; the other screens when they are first opened. */
export const router = createBrowserRouter([
  {
    errorElement: <BrokenDoor />,
    children: [
      {
        path: '/set-up',
        lazy: async () => ({ Component: (await import('../shell/doors/SetUpPage')).SetUpPage }),
        HydrateFallback: () => null,
      },
      {
        path: '/owner',
        lazy: async () => ({ Component: (await import('../shell/doors/OwnerPage')).OwnerPage }),
        HydrateFallback: () => null,
      },
      {
        path: '/join',
        lazy: async () => ({ Component: (await import('../shell/doors/InvitationPage')).InvitationPage }),
        HydrateFallback: () => null,
      },
      { element: <Doors />, children: [{ errorElement: <BrokenPage />, children: screens() }] },
    ],
  },
]);

function screens(): RouteObject[] {
  return [
    { path: '/', element: <QueuePage /> },
    ...ofCases(),
    {
      path: '/signals',
      lazy: async () => ({ Component: (await import('../features/signals/SignalsPage')).SignalsPage }),
      HydrateFallback: () => null,
    },
    {
      path: '/power',
      lazy: async () => ({ Component: (await import('../features/power/PowerPage')).PowerPage }),
      HydrateFallback: () => null,
    },
    {
      path: '/firmware',
      lazy: async () => ({ Component: (await import('../features/firmware/FirmwarePage')).FirmwarePage }),
      HydrateFallback: () => null,
    },
    {
      path: '/firmware/batch',
      lazy: async () => ({ Component: (await import('../features/firmware/BatchPage')).BatchPage }),
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
    ...['/shelf', '/shelf/:id'].map((path) => ({
      path,
      lazy: async () => ({ Component: (await import('../features/shelf/ShelfPage')).ShelfPage }),
      HydrateFallback: () => null,
    })),
    {
      path: '/shop',
      lazy: async () => ({ Component: (await import('../features/shop/ShopPage')).ShopPage }),
      HydrateFallback: () => null,
    },
    {
      path: '/account',
      lazy: async () => ({ Component: (await import('../shell/doors/AccountPage')).AccountPage }),
      HydrateFallback: () => null,
    },
    { path: '*', element: <NotFoundPage /> },
  ];
}

function ofCases(): RouteObject[] {
  return [
    {
      path: '/cases/new',
      lazy: async () => ({ Component: (await import('../features/intake/IntakePage')).IntakePage }),
      HydrateFallback: () => null,
    },
    {
      path: '/cases/files',
      lazy: async () => ({ Component: (await import('../features/files/CaseFilesPage')).CaseFilesPage }),
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
      path: '/cases/:id/parts',
      lazy: async () => ({ Component: (await import('../features/parts/CasePartsPage')).CasePartsPage }),
      HydrateFallback: () => null,
    },
    {
      path: '/cases/:id/photos',
      lazy: async () => ({ Component: (await import('../features/photos/CasePhotosPage')).CasePhotosPage }),
      HydrateFallback: () => null,
    },
    {
      path: '/cases/:id/power',
      lazy: async () => ({ Component: (await import('../features/power/CasePowerPage')).CasePowerPage }),
      HydrateFallback: () => null,
    },
    {
      path: '/cases/:id/signals',
      lazy: async () => ({ Component: (await import('../features/signals/CaseSignalsPage')).CaseSignalsPage }),
      HydrateFallback: () => null,
    },
  ];
}
