import type { ComponentProps } from 'react';
import { lazy, Suspense } from 'react';

const Entry = lazy(async () => ({ default: (await import('./WhenEntry.tsx')).WhenEntry }));

/** A day and a time of day; its room is there before it is. */
export const WhenEntry = (props: ComponentProps<typeof Entry>) => (
  <Suspense fallback={<div className={props.inSentence === true ? 'inline-block h-11 w-64' : 'h-[81px] w-64'} />}>
    <Entry {...props} />
  </Suspense>
);
