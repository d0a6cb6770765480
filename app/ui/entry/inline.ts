import type { ReactElement } from 'react';

export type Choice<T> = { readonly value: T; readonly label: string; readonly note?: string };

export type InlineSelectProps<T extends string | number | null> = {
  readonly label: string;
  /** Within a line of text; as a field of a large sentence; as the heading of a page. */
  readonly look?: keyof typeof INLINE_LOOKS;
  readonly value: T;
  readonly choices: readonly Choice<T>[];
  readonly onChange: (value: T) => void;
};

export const INLINE_LOOKS = {
  text: 'inline-flex min-h-8 items-center gap-1 border-b-2 border-act/40 font-bold hover:border-act',
  sentence:
    'inline-flex min-h-11 max-w-full items-center gap-1.5 border-b-3 border-band px-0.5 text-left font-bold hover:border-act disabled:opacity-100',
  heading:
    'inline-flex min-h-11 max-w-full items-center gap-1.5 border-b-3 border-band px-0.5 text-left font-display text-[28px] leading-tight font-bold hover:border-act max-sm:text-2xl',
} as const;

/** A number or a time within a large sentence. */
export const SENTENCE_FIELD =
  'min-h-11 min-w-0 border-0 border-b-3 border-band bg-transparent px-0.5 font-display font-bold hover:border-act aria-invalid:border-hazard';

/** `lazy` would lose the kind of value. */
export type ChoicesComponent = <T extends string | number | null>(props: InlineSelectProps<T>) => ReactElement;
