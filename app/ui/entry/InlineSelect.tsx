import { ChevronDown } from 'lucide-react';
import { lazy, Suspense } from 'react';
import type { ChoicesComponent, InlineSelectProps } from './inline.ts';
import { INLINE_LOOKS } from './inline.ts';

export type { Choice } from './inline.ts';

// The list is on its way at once; the page is painted without waiting for it.
const arriving = import('./InlineChoices.tsx');
const InlineChoices = lazy(() => arriving) as unknown as ChoicesComponent;

/** A choice that reads as part of a sentence. */
export const InlineSelect = <T extends string | number | null>(props: InlineSelectProps<T>) => (
  <Suspense
    fallback={
      <button type="button" disabled className={INLINE_LOOKS[props.look ?? 'text']}>
        {props.choices.find(({ value }) => value === props.value)?.label ?? 'choose'}
        <ChevronDown aria-hidden className="size-4 shrink-0 text-act" />
      </button>
    }
  >
    <InlineChoices {...props} />
  </Suspense>
);
