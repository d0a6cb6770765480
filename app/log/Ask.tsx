import { Download, Search, X } from 'lucide-react';
import { useEffect, useState } from 'react';
import type { Iron } from '../../core/plate/index.ts';
import { DayEntry, download, InlineSelect } from '../ui/index.ts';
import type { Asked } from './asked.ts';
import { isAsked, NOTHING_ASKED, shownAsCsv, shownAsJson, shownAsMarkdown } from './asked.ts';
import type { Entry } from '../../core/book/index.ts';
import { FAULTS } from '../../core/book/index.ts';
import { Views } from './Views.tsx';

type Props = {
  readonly asked: Asked;
  readonly irons: readonly Iron[];
  readonly shown: readonly Entry[];
  readonly onAsk: (asked: Asked) => void;
};

/** Typed words are looked for once the hand rests, ms. */
const RESTS_MS = 250;
const FORMATS = [
  ['CSV', 'csv', 'text/csv', shownAsCsv],
  ['Markdown', 'md', 'text/markdown', shownAsMarkdown],
  ['JSON', 'json', 'application/json', shownAsJson],
] as const;

/** What the book is asked for: words, iron, what went wrong, days; and what is shown, as a file. The address keeps it. */
export const Ask = ({ asked, irons, shown, onAsk }: Props) => {
  const [words, setWords] = useState(asked.words);
  useEffect(() => {
    if (words === asked.words) return;
    const timer = setTimeout(() => onAsk({ ...asked, words }), RESTS_MS);
    return () => clearTimeout(timer);
  }, [words, asked, onAsk]);
  const day = (name: 'from' | 'to') => (
    <DayEntry label={name} value={asked[name]} onChange={(value) => onAsk({ ...asked, [name]: value })} />
  );
  return (
    <search aria-label="Search the log" className="flex flex-col gap-2">
      <div className="flex flex-wrap items-center gap-x-5 gap-y-2 text-[15px]">
        <label className="flex items-center gap-2">
          <Search aria-hidden className="size-5 text-act" />
          <span className="sr-only">Words</span>
          <input
            className="entry h-11 w-56"
            type="search"
            maxLength={100}
            placeholder="batter, iron, note"
            value={words}
            onChange={(event) => setWords(event.target.value)}
          />
        </label>
        <span>
          on{' '}
          <InlineSelect
            label="Iron asked for"
            value={asked.ironId}
            choices={[{ value: null, label: 'any iron' }, ...irons.map(({ id, name }) => ({ value: id, label: name }))]}
            onChange={(ironId) => onAsk({ ...asked, ironId })}
          />
        </span>
        {day('from')}
        {day('to')}
        {isAsked(asked) && (
          <button
            type="button"
            className="inline-flex min-h-11 items-center gap-1 font-semibold text-act underline underline-offset-2"
            onClick={() => {
              setWords('');
              onAsk(NOTHING_ASKED);
            }}
          >
            <X aria-hidden className="size-4" /> Show everything
          </button>
        )}
      </div>
      <div className="flex flex-wrap items-center gap-2 text-[15px]">
        {FAULTS.map((fault) => (
          <button
            key={fault}
            type="button"
            aria-pressed={asked.fault === fault}
            className="min-h-11 rounded-full border-2 border-line px-4 font-semibold aria-pressed:border-act aria-pressed:bg-act aria-pressed:text-page"
            onClick={() => onAsk({ ...asked, fault: asked.fault === fault ? null : fault })}
          >
            {fault}
          </button>
        ))}
        <span className="ml-auto flex items-center gap-3">
          <Download aria-hidden className="size-5 text-quiet" />
          {FORMATS.map(([name, ending, type, make]) => (
            <button
              key={name}
              type="button"
              disabled={shown.length === 0}
              className="min-h-11 font-semibold text-act underline underline-offset-2 disabled:text-quiet disabled:no-underline"
              aria-label={`What is shown, as ${name}`}
              onClick={() => download(`loads.${ending}`, type, make(shown))}
            >
              {name}
            </button>
          ))}
        </span>
      </div>
      <Views
        asked={asked}
        onAsk={(next) => {
          setWords(next.words);
          onAsk(next);
        }}
      />
    </search>
  );
};
