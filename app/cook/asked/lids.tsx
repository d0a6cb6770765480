/** Two plates with batter between them, steaming: the lid is closed. */
export const LidClosed = () => (
  <svg viewBox="0 0 100 76" aria-hidden className="h-16 w-22 shrink-0" fill="none" stroke="currentColor" strokeLinecap="round">
    <path d="M46 22c-4-5 4-7 0-13M62 22c-4-5 4-7 0-13" strokeWidth={5} />
    <path d="M8 38H92M8 64H92" strokeWidth={13} />
    <path d="M20 51H80" strokeWidth={8} opacity={0.45} />
  </svg>
);

/** The upper plate stands up, the piece lies on the lower one. */
export const LidOpen = () => (
  <svg viewBox="0 0 100 76" aria-hidden className="h-16 w-22 shrink-0" fill="none" stroke="currentColor" strokeLinecap="round">
    <path d="M14 50L60 10M8 66H92" strokeWidth={13} />
    <path d="M32 54H82" strokeWidth={8} opacity={0.45} />
  </svg>
);
