/** Says that something was removed, and takes that back with a touch. */
export const Removed = ({ name, note, onBack }: { readonly name: string; readonly note: string; readonly onBack: () => void }) => (
  <p role="status" className="no-print flex flex-wrap items-center gap-3 border-l-3 border-act bg-sheet px-3 py-1">
    “{name}” is removed; {note}.
    <button type="button" className="min-h-11 font-semibold text-act underline underline-offset-2" onClick={onBack}>
      Bring it back
    </button>
  </p>
);
