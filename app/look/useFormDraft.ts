import { useEffect } from 'react';
import type { FieldValues, UseFormReturn } from 'react-hook-form';

const keyOf = (name: string): string => `draft ${name}`;

const kept = <T>(name: string): Partial<T> | null => {
  try {
    const text = sessionStorage.getItem(keyOf(name));
    const found: unknown = text === null ? null : JSON.parse(text);
    return typeof found === 'object' ? found : null;
  } catch {
    return null;
  }
};

export const forgetDraft = (name: string): void => {
  try {
    sessionStorage.removeItem(keyOf(name));
  } catch {
    // Not allowed: then nothing was kept either.
  }
};

/** What is typed into a form: a stray tap beside its sheet or a reload doesn't lose it, until `forgetDraft`. */
export const useFormDraft = <T extends FieldValues, C, O>(name: string, { watch, reset, getValues }: UseFormReturn<T, C, O>): void => {
  useEffect(() => {
    const before = kept<T>(name);
    if (before !== null) reset({ ...getValues(), ...before }, { keepDefaultValues: true });
    const watching = watch((values, { type }) => {
      // Only what a hand has typed.
      if (type !== 'change') return;
      try {
        sessionStorage.setItem(keyOf(name), JSON.stringify(values));
      } catch {
        // No room: it is still on the screen.
      }
    });
    return () => watching.unsubscribe();
  }, [name, watch, reset, getValues]);
};
