import { createBrowserRouter, Navigate } from 'react-router';
import { Board } from './Board';
import { Gate } from './Gate';
import { SignIn } from './SignIn';

export const router = createBrowserRouter([
  { path: '/sign-in', element: <SignIn /> },
  {
    element: <Gate />,
    HydrateFallback: () => null,
    children: [
      { path: '/', element: <Navigate to="/board" replace /> },
      { path: '/board', element: <Board /> },
      { path: '/jobs/:id/hub', lazy: async () => ({ Component: (await import('./Hub')).Hub }) },
      { path: '/bench-day', lazy: async () => ({ Component: (await import('./BenchDay')).BenchDay }) },
      { path: '/ahead', lazy: async () => ({ Component: (await import('./Ahead')).Ahead }) },
      { path: '/jobs/:id/tag', lazy: async () => ({ Component: (await import('./Tag')).Tag }) },
      { path: '/jobs/:id/photo/:place', lazy: async () => ({ Component: (await import('./PhonePhoto')).PhonePhoto }) },
      { path: '/jobs/:id/:station?', lazy: async () => ({ Component: (await import('./Job')).Job }) },
      { path: '/machines', lazy: async () => ({ Component: (await import('./Machines')).Machines }) },
      { path: '/machines/:id', lazy: async () => ({ Component: (await import('./Machine')).Machine }) },
      { path: '/finder/:name?', lazy: async () => ({ Component: (await import('./Finder')).Finder }) },
      { path: '/parts/:tab?', lazy: async () => ({ Component: (await import('./Parts')).Parts }) },
      { path: '/shop', lazy: async () => ({ Component: (await import('./Shop')).Shop }) },
      { path: '/tools', lazy: async () => ({ Component: (await import('./ToolWall')).ToolWall }) },
      { path: '*', lazy: async () => ({ Component: (await import('./NotHere')).NotHere }) },
    ],
  },
]);
