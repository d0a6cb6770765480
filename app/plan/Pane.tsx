import { X } from 'lucide-react';
import type { ReactNode } from 'react';
import { useEffect, useRef } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';

type Props = { readonly title: string; readonly onClose: () => void; readonly children: ReactNode };

/** What is one touch away, over the clock: the sentence and the times beside it stay, and follow. */
export const Pane = ({ title, onClose, children }: Props) => {
  const heading = useRef<HTMLHeadingElement>(null);
  useEffect(() => {
    heading.current?.focus({ preventScroll: true });
    heading.current?.scrollIntoView({ block: 'nearest' });
  }, []);
  useHotkeys('Escape', onClose);
  return (
    <section aria-label={title} className="no-print rounded-2xl border border-line bg-sheet px-6 pt-3 pb-4 max-sm:px-4">
      <div className="mb-2 flex items-center justify-between">
        <h2 ref={heading} tabIndex={-1} className="text-[26px] outline-none">
          {title}
        </h2>
        <button type="button" aria-label="Close" onClick={onClose} className="grid size-11 place-items-center rounded hover:bg-act-soft">
          <X aria-hidden className="size-6" />
        </button>
      </div>
      {children}
    </section>
  );
};
