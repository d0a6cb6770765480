import { wallTime } from '../../core/basis/index.ts';
import { Bookmark, X } from 'lucide-react';
import { useState } from 'react';
import { wallNow } from '../clock/index.ts';
import { commands, useDo, useKit } from '../store/index.ts';
import type { Asked } from './asked.ts';
import { addressOf, askedIn, isAsked } from './asked.ts';
import { usualSpans } from './spans.ts';

const MOST_VIEWS = 20;
const CHIP =
  'min-h-11 rounded-full border-2 border-line px-4 font-semibold aria-pressed:border-act aria-pressed:bg-act aria-pressed:text-page';

const focused = (field: HTMLInputElement | null): void => field?.focus();

type Props = { readonly asked: Asked; readonly onAsk: (asked: Asked) => void };

/** Days that are asked for often, and questions that this kitchen has kept by name. */
export const Views = ({ asked, onAsk }: Props) => {
  const kit = useKit();
  const carryOut = useDo();
  const [name, setName] = useState<string | null>(null);
  const views = kit.views ?? [];
  const address = new URLSearchParams(addressOf(asked)).toString();
  const today = wallTime(wallNow(), kit.zone).slice(0, 10);
  const keep = (): void => {
    const kept = (name ?? '').trim();
    setName(null);
    if (kept === '') return;
    void carryOut(
      commands.changeKit((now) => ({
        ...now,
        views: [...(now.views ?? []).filter((view) => view.name !== kept), { name: kept, address }].slice(-MOST_VIEWS),
      })),
    );
  };
  const forget = (gone: string): void =>
    void carryOut(commands.changeKit((now) => ({ ...now, views: (now.views ?? []).filter((view) => view.name !== gone) })));
  return (
    <div role="group" aria-label="Views" className="flex flex-wrap items-center gap-2 text-[15px]">
      {usualSpans(today).map(({ words, from, to }) => {
        const isOn = asked.from === from && asked.to === to;
        return (
          <button
            key={words}
            type="button"
            aria-pressed={isOn}
            className={CHIP}
            onClick={() => onAsk(isOn ? { ...asked, from: '', to: '' } : { ...asked, from, to })}
          >
            {words}
          </button>
        );
      })}
      {views.map((view) => (
        <span key={view.name} className="inline-flex items-center">
          <button
            type="button"
            aria-pressed={view.address === address}
            className={`${CHIP} inline-flex items-center gap-1.5`}
            onClick={() => onAsk(askedIn(new URLSearchParams(view.address)))}
          >
            <Bookmark aria-hidden className="size-4" /> {view.name}
          </button>
          <button
            type="button"
            aria-label={`Forget the view ${view.name}`}
            className="grid size-11 place-items-center"
            onClick={() => forget(view.name)}
          >
            <X aria-hidden className="size-4" />
          </button>
        </span>
      ))}
      {isAsked(asked) && name === null && !views.some((view) => view.address === address) && (
        <button type="button" className="min-h-11 font-semibold text-act underline underline-offset-2" onClick={() => setName(asked.words)}>
          Keep this view
        </button>
      )}
      {name !== null && (
        <form
          className="flex items-center gap-2"
          onSubmit={(event) => {
            event.preventDefault();
            keep();
          }}
        >
          <input
            ref={focused}
            aria-label="Name of the view"
            className="entry h-11 w-44"
            maxLength={60}
            value={name}
            onChange={(event) => setName(event.target.value)}
          />
          <button type="submit" className="button-plain">
            Keep
          </button>
        </form>
      )}
    </div>
  );
};
