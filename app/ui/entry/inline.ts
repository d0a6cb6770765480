import type { ReactElement } from 'react';

export type Choice<T> = { readonly value: T; readonly label: string; readonly note?: string };

export type InlineSelectProps<T extends string | number | null> = {
  readonly label: string;
  readonly value: T;
  readonly choices: readonly Choice<T>[];
  readonly onChange: (value: T) => void;
};

export const INLINE_LOOK = 'inline-flex min-h-8 items-center gap-1 border-b-2 border-act/40 font-bold hover:border-act';

/** `lazy` would lose the kind of value. */
export type ChoicesComponent = <T extends string | number | null>(props: InlineSelectProps<T>) => ReactElement;
