import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { createBrowserRouter, Navigate, RouterProvider } from 'react-router';
import { Shell } from './shell/Shell.tsx';
import { Broken } from './shell/Broken.tsx';
import { KitchenProvider } from './store/index.ts';

// The answers come from this device: being offline changes nothing.
const queries = new QueryClient({ defaultOptions: { queries: { networkMode: 'always', refetchOnWindowFocus: false } } });

const router = createBrowserRouter([
  {
    path: '/',
    element: <Shell />,
    errorElement: <Broken />,
    hydrateFallbackElement: <p className="p-8">Setting out the bench …</p>,
    children: [
      { index: true, element: <Navigate to="/run" replace /> },
      { path: 'run', lazy: async () => ({ Component: (await import('./run/index.ts')).RunStation }) },
      { path: 'formula', lazy: async () => ({ Component: (await import('./formula/index.ts')).FormulaStation }) },
      { path: 'weigh', lazy: async () => ({ Component: (await import('./weigh/index.ts')).WeighStation }) },
      { path: 'lift', lazy: async () => ({ Component: (await import('./lift/index.ts')).LiftStation }) },
      { path: 'iron', lazy: async () => ({ Component: (await import('./iron/index.ts')).IronStation }) },
      { path: 'line', lazy: async () => ({ Component: (await import('./line/index.ts')).LineStation }) },
      { path: 'keep', lazy: async () => ({ Component: (await import('./keep/index.ts')).KeepStation }) },
      { path: 'book', lazy: async () => ({ Component: (await import('./book/index.ts')).BookStation }) },
      { path: 'practice', lazy: async () => ({ Component: (await import('./practice/index.ts')).PracticeStation }) },
      { path: 'kit', lazy: async () => ({ Component: (await import('./kit/index.ts')).KitStation }) },
      { path: '*', element: <Navigate to="/run" replace /> },
    ],
  },
]);

export const App = () => (
  <QueryClientProvider client={queries}>
    <KitchenProvider waiting={<p className="p-8">Setting out the bench …</p>}>
      <RouterProvider router={router} />
    </KitchenProvider>
  </QueryClientProvider>
);
