import { Dialog, DialogBackdrop, DialogPanel, DialogTitle } from '@headlessui/react';
import { X } from 'lucide-react';
import type { ReactNode } from 'react';

/**
 * A sheet pulled in over the station from the right, from below on a phone; Escape and the cross close it.
 * `foot`: what is touched at the end. It stays at the lower edge: where an answer comes late and the sheet grows, nothing slips away under a finger.
 */
export const Sheet = ({
  title,
  open,
  onClose,
  wide = false,
  foot,
  children,
}: {
  readonly title: string;
  readonly open: boolean;
  readonly onClose: () => void;
  readonly wide?: boolean | 'very';
  readonly foot?: ReactNode;
  readonly children: ReactNode;
}) => (
  <Dialog open={open} onClose={onClose} className="relative z-50">
    <DialogBackdrop className="fixed inset-0 bg-ink/40" />
    <div className="fixed inset-0 flex justify-end overflow-hidden max-sm:items-end">
      <DialogPanel
        transition
        className={`h-full w-full ${wide === 'very' ? 'max-w-6xl' : wide ? 'max-w-3xl' : 'max-w-xl'} overflow-y-auto ${foot === undefined ? 'pb-6' : 'flex flex-col'} border-l-4 border-act bg-sheet px-6 shadow-2xl transition duration-150 ease-out data-closed:translate-x-16 data-closed:opacity-0 motion-reduce:transition-none max-sm:h-[94dvh] max-sm:border-t-4 max-sm:border-l-0 max-sm:px-4 max-sm:data-closed:translate-x-0 max-sm:data-closed:translate-y-16`}
      >
        <div className="sticky top-0 z-10 -mx-6 mb-1 flex items-start justify-between gap-4 bg-sheet px-6 pt-5 pb-2 max-sm:-mx-4 max-sm:px-4">
          <DialogTitle className="text-xl">{title}</DialogTitle>
          <button
            type="button"
            onClick={onClose}
            aria-label="Close"
            className="-mt-2 -mr-2 grid size-11 place-items-center rounded hover:bg-act-soft"
          >
            <X aria-hidden className="size-5" />
          </button>
        </div>
        {foot === undefined ? (
          children
        ) : (
          <>
            <div className="grow pb-3">{children}</div>
            <div className="sticky bottom-0 -mx-6 flex flex-wrap items-center gap-4 border-t border-line bg-sheet px-6 py-3 max-sm:-mx-4 max-sm:px-4">
              {foot}
            </div>
          </>
        )}
      </DialogPanel>
    </div>
  </Dialog>
);
