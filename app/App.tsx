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
      station('begin', async () => (await import('./begin/index.ts')).BeginStation),
      station('run', async () => (await import('./run/index.ts')).RunStation),
      station('formula', async () => (await import('./formula/index.ts')).FormulaStation),
      station('weigh', async () => (await import('./weigh/index.ts')).WeighStation),
      station('lift', async () => (await import('./lift/index.ts')).LiftStation),
      station('iron', async () => (await import('./iron/index.ts')).IronStation),
      station('line', async () => (await import('./line/index.ts')).LineStation),
      station('keep', async () => (await import('./keep/index.ts')).KeepStation),
      station('book', async () => (await import('./book/index.ts')).BookStation),
      station('practice', async () => (await import('./practice/index.ts')).PracticeStation),
      station('kit', async () => (await import('./kit/index.ts')).KitStation),
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
