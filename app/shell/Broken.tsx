import { useRouteError } from 'react-router';
import { useKitchenChoice } from '../store/index.ts';
import { Rail } from './Rail.tsx';
import { useExport } from '../backup/useExport.ts';

/** A page that failed: the others, the kitchens and the export are still there, and the data is safe in the store. */
export const Broken = () => {
  const error = useRouteError();
  return <Stopped message={error instanceof Error ? error.message : String(error)} />;
};

/** Where even the frame failed: the rail beside it, so that there is a way on. */
export const BrokenFrame = () => (
  <div className="flex h-full max-sm:flex-col">
    <Rail isCook={false} />
    <main className="flex-1">
      <Broken />
    </main>
  </div>
);

const Stopped = ({ message }: { readonly message: string }) => {
  const exportNow = useExport();
  const { isDemo, choose } = useKitchenChoice();
  return (
    <section className="mx-auto max-w-xl p-8" role="alert">
      <h1 className="text-2xl">This page stopped</h1>
      <p className="mt-3">Your data is safe. Load the page again. If it stops again, export everything and open another door.</p>
      <pre className="mt-3 overflow-auto rounded bg-sheet p-3 text-sm">{message}</pre>
      <div className="mt-4 flex flex-wrap gap-3">
        <button type="button" className="button-act" onClick={() => window.location.reload()}>
          Load again
        </button>
        <button type="button" className="button-plain" onClick={() => void exportNow()}>
          Export everything
        </button>
        <button type="button" className="button-plain" onClick={() => choose(!isDemo)}>
          {isDemo ? 'To my kitchen' : 'Back to the example'}
        </button>
      </div>
    </section>
  );
};
