import { Dialog, DialogBackdrop, DialogPanel, DialogTitle } from '@headlessui/react';
import { X } from 'lucide-react';
import type { ReactNode } from 'react';

/** A sheet over the station; Escape and the cross close it. */
export const Sheet = ({
  title,
  open,
  onClose,
  wide = false,
  children,
}: {
  readonly title: string;
  readonly open: boolean;
  readonly onClose: () => void;
  readonly wide?: boolean | 'very';
  readonly children: ReactNode;
}) => (
  <Dialog open={open} onClose={onClose} className="relative z-50">
    <DialogBackdrop className="fixed inset-0 bg-ink/40" />
    <div className="fixed inset-0 grid place-items-center overflow-y-auto p-4">
      <DialogPanel
        className={`w-full ${wide === 'very' ? 'max-w-6xl' : wide ? 'max-w-3xl' : 'max-w-xl'} rounded-xl bg-sheet p-5 shadow-2xl`}
      >
        <div className="mb-3 flex items-start justify-between gap-4">
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
        {children}
      </DialogPanel>
    </div>
  </Dialog>
);
