import { useState } from 'react';
import type { Kit } from '../../core/kit/index.ts';
import type { Iron } from '../../core/plate/index.ts';
import { PRESET_IRONS } from '../../core/plate/index.ts';
import type { Described } from './described.ts';
import { describedFrom, figuresOf, ironFrom } from './described.ts';

/** An iron as it is being described: what is said, the iron that it makes, or why it doesn't. */
export const useDescribed = (kit: Kit) => {
  const [base, setBase] = useState<Iron>(PRESET_IRONS.find((iron) => iron.id === 'deep-round') ?? PRESET_IRONS[0]!);
  const [described, setDescribed] = useState<Described>(() => ({ ...describedFrom(base), name: 'My iron' }));
  const made = ironFrom({ ...base, id: 'new', rev: 1 }, described);
  return {
    base,
    described,
    change: (changes: Partial<Described>): void => setDescribed((before) => ({ ...before, ...changes })),
    measure: (sizes: Partial<Described['ruler']>): void => setDescribed((before) => ({ ...before, ruler: { ...before.ruler, ...sizes } })),
    /** Begin again from a usual iron; the name stays. */
    like: (next: Iron): void => {
      setBase(next);
      setDescribed(({ name }) => ({ ...describedFrom(next), name }));
    },
    made,
    figures: made.ok ? figuresOf(made.value, kit.room_C) : null,
  };
};

export type DescribedState = ReturnType<typeof useDescribed>;
