import type { ReactNode } from 'react';

const SIZES = { small: 'text-[44px]', large: 'text-[72px] max-sm:text-[52px]', huge: 'text-[134px] max-lg:text-[96px]' } as const;

type Props = {
  readonly label: string;
  /** The number as it is acted on, and what stands beside it smaller. */
  readonly value: string;
  readonly unit?: string;
  readonly note?: ReactNode;
  readonly icon?: ReactNode;
  readonly size?: keyof typeof SIZES;
  /** For tests and for what reads figures: its name, and its exact value. */
  readonly name?: string;
  readonly exact?: number;
};

/** A figure to act on: what it is, the number, one line of why. */
export const Figure = ({ label, value, unit, note, icon, size = 'large', name, exact }: Props) => (
  <div className="min-w-0" data-figure={name} data-exact={exact}>
    <p className="flex items-center gap-2 text-lg font-semibold">
      {icon}
      {label}
    </p>
    <p className={`figure whitespace-nowrap ${SIZES[size]}`}>
      {value}
      {unit !== undefined && <span className="text-[0.45em]">{'\u00a0' + unit}</span>}
    </p>
    {note !== undefined && <p className="mt-1 text-lg text-quiet">{note}</p>}
  </div>
);

/** How much an estimate rests on: a filled dot a load, hollow ones where nothing was cooked yet. */
export const Basis = ({ loads, words }: { readonly loads: number; readonly words: string }) => (
  <p className="flex items-center gap-2 text-lg">
    <span aria-hidden className="flex gap-1.5">
      {[1, 2, 3].map((n) => (
        <span key={n} className={`size-4 rounded-full border-2 border-ink ${loads >= n ? 'bg-ink' : ''}`} />
      ))}
    </span>
    {words.charAt(0).toUpperCase() + words.slice(1)}
  </p>
);
