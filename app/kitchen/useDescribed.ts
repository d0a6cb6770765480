import { useEffect, useState } from 'react';
import type { Kit } from '../../core/kit/index.ts';
import type { Iron } from '../../core/plate/index.ts';
import { PRESET_IRONS } from '../../core/plate/index.ts';
import type { Described } from './described.ts';
import { useDraft } from '../ui/index.ts';
import { describedFrom, figuresOf, ironFrom } from './described.ts';

type Draft = { readonly baseId: string; readonly described: Described };

const draftOf = (text: string): Draft | null => {
  try {
    return text === '' ? null : (JSON.parse(text) as Draft);
  } catch {
    return null;
  }
};

const presetOf = (id: string): Iron => PRESET_IRONS.find((iron) => iron.id === id) ?? PRESET_IRONS[0]!;

/** An iron as it is being described: what is said, the iron that it makes, or why it doesn't. */
export const useDescribed = (kit: Kit) => {
  // What was typed outlives a stray tap beside the sheet.
  const [typed, keep] = useDraft('described iron');
  const [draft] = useState(() => draftOf(typed));
  const [base, setBase] = useState<Iron>(() => presetOf(draft?.baseId ?? 'deep-round'));
  const [described, setDescribed] = useState<Described>(() => draft?.described ?? { ...describedFrom(base), name: 'My iron' });
  useEffect(() => keep(JSON.stringify({ baseId: base.id, described })), [base.id, described, keep]);
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
    /** It is in the kit: the next one begins anew. */
    forget: (): void => keep(''),
    figures: made.ok ? figuresOf(made.value, kit.room_C) : null,
  };
};

export type DescribedState = ReturnType<typeof useDescribed>;
