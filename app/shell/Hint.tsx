import { Lightbulb } from 'lucide-react';

/** What to try first at this door; read once it is gone, and Help has it. */
export const Hint = ({ text, onRead }: { readonly text: string; readonly onRead: () => void }) => (
  <aside aria-label="Hint" className="no-print flex items-center gap-3 bg-act-soft px-8 text-[17px] max-sm:px-5">
    <Lightbulb aria-hidden className="size-5 shrink-0 text-act max-sm:hidden" />
    <p className="min-w-0 flex-1 py-1">{text}</p>
    <button type="button" className="min-h-11 shrink-0 font-semibold text-act underline underline-offset-4" onClick={onRead}>
      Got it
    </button>
  </aside>
);
