import { QueryCache, QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { lazy, Suspense } from 'react';
import type { RouteObject } from 'react-router';
import { createBrowserRouter, Navigate, RouterProvider } from 'react-router';
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

/** A station by itself: when one fails, the strip, the rail and the others stay. */
const station = (path: string, load: () => Promise<React.ComponentType>): RouteObject => ({
  path,
  errorElement: <Broken />,
  lazy: async () => ({ Component: await load() }),
});

const router = createBrowserRouter([
  {
    path: '/',
    element: <Shell />,
    errorElement: <BrokenFrame />,
    hydrateFallbackElement: WAITING,
    children: [
      { index: true, element: <Navigate to="/run" replace /> },
      station('begin', async () => (await import('./setup/index.ts')).SetupDoor),
      station('run', async () => (await import('./plan/index.ts')).PlanDoor),
      station('formula', async () => (await import('./recipe/ingredients/index.ts')).Ingredients),
      station('weigh', async () => (await import('./recipe/weigh/index.ts')).Weighing),
      station('lift', async () => (await import('./recipe/mix/index.ts')).Mixing),
      station('iron', async () => (await import('./iron/index.ts')).IronDoor),
      station('line', async () => (await import('./cook/index.ts')).CookDoor),
      station('keep', async () => (await import('./larder/index.ts')).LarderDoor),
      station('book', async () => (await import('./log/index.ts')).LogDoor),
      station('practice', async () => (await import('./iron/practice/index.ts')).Practice),
      station('kit', async () => (await import('./kitchen/index.ts')).KitchenDoor),
      { path: '*', element: <Navigate to="/run" replace /> },
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
