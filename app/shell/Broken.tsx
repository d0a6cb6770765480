import { useRouteError } from 'react-router';

/** A station that failed: the data is safe in the store, so starting again is the cure. */
export const Broken = () => {
  const error = useRouteError();
  return (
    <main className="mx-auto max-w-xl p-8" role="alert">
      <h1 className="text-2xl">This station stopped</h1>
      <p className="mt-3">Nothing that was written down is lost. Load the page again; if it stops here again, go to another station.</p>
      <pre className="mt-3 overflow-auto rounded bg-white p-3 text-sm">{error instanceof Error ? error.message : String(error)}</pre>
      <button type="button" className="button-act mt-4" onClick={() => window.location.assign('/run')}>
        Load again
      </button>
    </main>
  );
};
