import { QueryCache, QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { lazy, Suspense } from 'react';
import type { RouteObject } from 'react-router';
import { createBrowserRouter, Navigate, RouterProvider, useLocation } from 'react-router';
import { OLD_ADDRESSES } from './doors.ts';
import { Entrance } from './welcome/Entrance.tsx';
import { NotHere } from './shell/NotHere.tsx';
import { Broken, BrokenFrame } from './shell/Broken.tsx';
import { endRehearsal, keptRehearsal } from './rehearsal/kept.ts';
import { Shell } from './shell/Shell.tsx';
import { KitchenProvider, notices } from './store/index.ts';
import type { NoAnswer } from './workers/index.ts';

const StoreTrouble = lazy(async () => ({ default: (await import('./shell/StoreTrouble.tsx')).StoreTrouble }));

// The answers come from this device: being offline changes nothing.
const queries = new QueryClient({
  // Asked again and still no answer: what stands on the screen is the one before, and that is said.
  queryCache: new QueryCache({
    onError: (error) => {
      // By its name: the workers' side isn't loaded with the page.
      if (error.name === 'NoAnswer') notices.tell({ code: (error as NoAnswer).code, fields: {} });
    },
  }),
  defaultOptions: { queries: { networkMode: 'always', refetchOnWindowFocus: false } },
});

/** Told once, when the page begins: a rehearsal begins and ends with a page of its own. */
const REHEARSES = keptRehearsal() !== null;
const leaveRehearsal = (): void => endRehearsal();
const WAITING = <p className="p-8">Opening the kitchen …</p>;

/** A door by itself: when one fails, the next line, the rail and the others stay. */
const door = (path: string, load: () => Promise<React.ComponentType>): RouteObject => ({
  path,
  errorElement: <Broken />,
  lazy: async () => ({ Component: await load() }),
});

/** What came after the old address stays: which iron was asked for. */
const Moved = ({ to }: { readonly to: string }) => <Navigate to={{ pathname: to, search: useLocation().search }} replace />;

const router = createBrowserRouter([
  {
    path: '/',
    element: <Shell />,
    errorElement: <BrokenFrame />,
    hydrateFallbackElement: WAITING,
    children: [
      { index: true, element: <Entrance /> },
      door('welcome', async () => (await import('./welcome/index.ts')).Welcome),
      door('setup', async () => (await import('./setup/index.ts')).SetupDoor),
      door('plan', async () => (await import('./plan/index.ts')).PlanDoor),
      {
        path: 'recipe',
        errorElement: <Broken />,
        lazy: async () => ({ Component: (await import('./recipe/RecipeDoor.tsx')).RecipeDoor }),
        children: [
          { index: true, lazy: async () => ({ Component: (await import('./recipe/ingredients/index.ts')).Ingredients }) },
          door('weigh', async () => (await import('./recipe/weigh/index.ts')).Weighing),
          door('mix', async () => (await import('./recipe/mix/index.ts')).Mixing),
          door('card', async () => (await import('./recipe/card/index.ts')).Card),
        ],
      },
      door('iron', async () => (await import('./iron/index.ts')).IronDoor),
      door('iron/practice', async () => (await import('./iron/practice/index.ts')).Practice),
      door('cook', async () => (await import('./cook/index.ts')).CookDoor),
      door('larder', async () => (await import('./larder/index.ts')).LarderDoor),
      door('log', async () => (await import('./log/index.ts')).LogDoor),
      door('kitchen', async () => (await import('./kitchen/index.ts')).KitchenDoor),
      ...Object.entries(OLD_ADDRESSES).map(([path, to]) => ({ path, element: <Moved to={to} /> })),
      { path: '*', element: <NotHere /> },
    ],
  },
]);

export const App = () => (
  <QueryClientProvider client={queries}>
    <KitchenProvider
      endRehearsal={REHEARSES ? leaveRehearsal : null}
      waiting={WAITING}
      trouble={(trouble, isDemo, choose, inMemory) => (
        <Suspense fallback={WAITING}>
          <StoreTrouble trouble={trouble} isDemo={isDemo} choose={choose} inMemory={inMemory} />
        </Suspense>
      )}
    >
      <RouterProvider router={router} />
    </KitchenProvider>
  </QueryClientProvider>
);
