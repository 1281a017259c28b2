import { createBrowserRouter, type RouteObject, redirect } from 'react-router';
import { lastShown } from '../offline/last';
import { Board } from '../pages/board/Board';
import { Fault } from './Fault';
import { Gate } from './Gate';
import { SignIn } from './SignIn';

/** What whoever is signed in sees, inside the frame. */
const VIEWS: RouteObject[] = [
  { path: '/board', element: <Board /> },
  { path: '/jobs/:id/hub', lazy: async () => ({ Component: (await import('../pages/hub/Hub')).Hub }) },
  { path: '/bench-day', lazy: async () => ({ Component: (await import('../pages/ahead/BenchDay')).BenchDay }) },
  { path: '/ahead', lazy: async () => ({ Component: (await import('../pages/ahead/Ahead')).Ahead }) },
  { path: '/jobs/:id/tag', lazy: async () => ({ Component: (await import('../pages/job/Tag')).Tag }) },
  {
    path: '/jobs/:id/work-sheet',
    lazy: async () => ({ Component: (await import('../pages/job/WorkSheet')).WorkSheet }),
  },
  {
    path: '/jobs/:id/photo/:place',
    lazy: async () => ({ Component: (await import('../pages/job/PhonePhoto')).PhonePhoto }),
  },
  { path: '/jobs/:id/:station?', lazy: async () => ({ Component: (await import('../pages/job/Job')).Job }) },
  { path: '/machines', lazy: async () => ({ Component: (await import('../pages/machines/Machines')).Machines }) },
  { path: '/machines/:id', lazy: async () => ({ Component: (await import('../pages/machines/Machine')).Machine }) },
  { path: '/finder/:name?', lazy: async () => ({ Component: (await import('../pages/finder/Finder')).Finder }) },
  { path: '/parts/:tab?', lazy: async () => ({ Component: (await import('../pages/buying/Parts')).Parts }) },
  { path: '/people', lazy: async () => ({ Component: (await import('../pages/people/People')).People }) },
  { path: '/log', lazy: async () => ({ Component: (await import('../pages/people/Log')).Log }) },
  { path: '/shop', lazy: async () => ({ Component: (await import('../pages/shop/Shop')).Shop }) },
  { path: '/tools', lazy: async () => ({ Component: (await import('../pages/tools/ToolWall')).ToolWall }) },
  { path: '*', lazy: async () => ({ Component: (await import('../pages/NotHere')).NotHere }) },
];

/** Every view. Where one breaks, or cannot be had, that is said in its place. */
export const router = createBrowserRouter([
  {
    errorElement: <Fault />,
    HydrateFallback: () => null,
    children: [
      { path: '/sign-in', element: <SignIn /> },
      { path: '/join', lazy: async () => ({ Component: (await import('../pages/people/Join')).Join }) },
      { path: '/begin/:stage?', lazy: async () => ({ Component: (await import('../pages/begin/Begin')).Begin }) },
      { path: '/', loader: () => redirect(lastShown()) },
      { element: <Gate />, children: [{ errorElement: <Fault />, children: VIEWS }] },
    ],
  },
]);
