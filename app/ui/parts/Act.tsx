import type { ButtonHTMLAttributes, ReactNode } from 'react';

type ButtonProps = ButtonHTMLAttributes<HTMLButtonElement> & { readonly icon?: ReactNode };

type ActProps = ButtonProps & {
  /** Touched with wet hands. */
  readonly bench?: boolean;
  /** Of equal weight with another one beside it. */
  readonly outlined?: boolean;
};

/** The one thing to do on a screen. */
export const ActButton = ({ icon, bench = false, outlined = false, children, className = '', ...button }: ActProps) => (
  <button
    type="button"
    {...button}
    className={`inline-flex items-center justify-center gap-3 rounded-xl border-2 px-8 font-display text-2xl font-bold forced-colors:text-[ButtonText] max-sm:px-5 max-sm:text-xl ${outlined ? 'border-act text-act hover:bg-act-soft' : 'border-transparent bg-act text-page hover:brightness-90 disabled:bg-quiet'} ${bench ? 'min-h-28' : 'min-h-16'} ${className}`}
  >
    {icon}
    {children}
  </button>
);

/** A word with a line under it, also of what leads to another page or opens a menu. */
export const LINK_LOOK =
  'inline-flex min-h-11 items-center gap-2 text-lg font-semibold text-act underline decoration-band decoration-2 underline-offset-4 hover:decoration-act disabled:text-quiet disabled:no-underline';

/** Something else that can be done. */
export const LinkButton = ({ icon, children, className = '', ...button }: ButtonProps) => (
  <button type="button" {...button} className={`${LINK_LOOK} ${className}`}>
    {icon}
    {children}
  </button>
);
