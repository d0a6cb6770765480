import { useEffect } from 'react';
import type { FieldValues, UseFormReturn } from 'react-hook-form';
import { keepJson, keepText, keptJson } from '../../webStorage.ts';

const keyOf = (name: string): string => `draft ${name}`;

const kept = <T>(name: string): Partial<T> | null => {
  const found = keptJson('tab', keyOf(name));
  return typeof found === 'object' ? found : null;
};

export const forgetDraft = (name: string): void => keepText('tab', keyOf(name), null);

/** What is typed into a form: a stray tap beside its sheet or a reload doesn't lose it, until `forgetDraft`. */
export const useFormDraft = <T extends FieldValues, C, O>(name: string, { watch, reset, getValues }: UseFormReturn<T, C, O>): void => {
  useEffect(() => {
    const before = kept<T>(name);
    if (before !== null) reset({ ...getValues(), ...before }, { keepDefaultValues: true });
    const watching = watch((values, { type }) => {
      // Only what a hand has typed.
      if (type === 'change') keepJson('tab', keyOf(name), values);
    });
    return () => watching.unsubscribe();
  }, [name, watch, reset, getValues]);
};
