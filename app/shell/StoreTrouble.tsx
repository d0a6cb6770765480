import { useState } from 'react';
import { downloadBlob } from '../ui/index.ts';
import type { OpenTrouble } from '../store/index.ts';

type Props = {
  readonly trouble: OpenTrouble;
  readonly isDemo: boolean;
  readonly choose: (demo: boolean) => void;
  readonly inMemory: () => void;
};

const WORDS: Readonly<Record<OpenTrouble['kind'], { readonly title: string; readonly text: string }>> = {
  newer: {
    title: 'This kitchen was written by a newer version',
    text: 'Close every tab of this application and open it again, so that the newer version is loaded. Nothing was changed.',
  },
  blocked: {
    title: 'Another tab holds this kitchen',
    text: 'It runs an older version of this application. Close it, or load it again, then try once more. Nothing was changed.',
  },
  broken: {
    title: 'This kitchen can’t be opened',
    text: 'The browser says why below. Save what can still be read before anything else is tried.',
  },
};

/** A store that can't be opened: named, with every way out. Never replaced in silence. */
export const StoreTrouble = ({ trouble, isDemo, choose, inMemory }: Props) => {
  const { title, text } = WORDS[trouble.kind];
  const [said, setSaid] = useState<string | null>(null);
  const [hasSaved, setSaved] = useState(false);
  const rescue = async (): Promise<void> => {
    const { readWhatCanBeRead } = await import('../store/salvage.ts');
    const found = await readWhatCanBeRead(trouble.name);
    if (found === null) setSaid('Not even one row could be read.');
    else {
      downloadBlob(`${trouble.name}-rescued.json`, found.blob);
      setSaid(
        `${found.rows.toLocaleString('en-GB')} rows saved${found.setAside > 0 ? `, ${found.setAside} of them set aside as they are` : ''}.`,
      );
    }
    setSaved(true);
  };
  const startAgain = async (): Promise<void> => {
    const { forgetStore } = await import('../store/salvage.ts');
    const isGone = await forgetStore(trouble.name);
    if (isGone) window.location.reload();
    else setSaid('Another tab still holds it: close it first.');
  };
  return (
    <main className="mx-auto max-w-xl p-8" role="alert">
      <h1 className="text-3xl">{title}</h1>
      <p className="mt-3 text-lg">{text}</p>
      <pre className="mt-3 overflow-auto rounded bg-sheet p-3 text-sm">{trouble.message}</pre>
      <div className="mt-5 flex flex-wrap gap-3">
        <button type="button" className="button-act" onClick={() => window.location.reload()}>
          Try again
        </button>
        {trouble.kind !== 'newer' && (
          <button type="button" className="button-plain" onClick={inMemory}>
            Work in memory
          </button>
        )}
        {trouble.kind === 'broken' && (
          <>
            <button type="button" className="button-plain" onClick={() => void rescue()}>
              Save what can be read
            </button>
            {hasSaved && (
              <button type="button" className="button-plain" onClick={() => void startAgain()}>
                Start again with an empty kitchen
              </button>
            )}
          </>
        )}
        <button type="button" className="button-plain" onClick={() => choose(!isDemo)}>
          {isDemo ? 'To my kitchen' : 'Back to the example'}
        </button>
      </div>
      {said !== null && (
        <p role="status" className="mt-4">
          {said}
        </p>
      )}
    </main>
  );
};
