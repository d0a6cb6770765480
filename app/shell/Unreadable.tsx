import { CircleAlert } from 'lucide-react';
import { useState } from 'react';
import { useProblems } from '../store/index.ts';

const action = 'min-h-11 rounded bg-sheet px-3 font-semibold text-ink';

/** Rows that can't be read are named; they stay where they are and go with every export. */
export const Unreadable = ({ onExport }: { readonly onExport: () => void }) => {
  const problems = useProblems();
  const [seen, setSeen] = useState(0);
  if (problems.size <= seen) return null;
  return (
    <div role="alert" data-unreadable={problems.size} className="no-print bg-ink px-4 py-2 text-page">
      <details>
        <summary className="flex min-h-11 cursor-pointer flex-wrap items-center gap-3">
          <CircleAlert aria-hidden className="size-5" />
          <span>
            {problems.size === 1 ? 'One row' : `${problems.size} rows`} of this kitchen can’t be read and{' '}
            {problems.size === 1 ? 'is' : 'are'} left aside. Everything else works.
          </span>
          <button type="button" className={action} onClick={onExport}>
            Export everything
          </button>
          <button type="button" className={action} onClick={() => setSeen(problems.size)}>
            Good
          </button>
        </summary>
        <ul className="mt-2 text-[15px]">
          {[...problems.values()].slice(0, 20).map(({ table, key, where, why }) => (
            <li key={`${table}/${key}`}>
              {table} {key}
              {where === '' ? '' : `, ${where}`}: {why}
            </li>
          ))}
        </ul>
      </details>
    </div>
  );
};
