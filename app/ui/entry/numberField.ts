import * as z from 'zod';
import { readNumber } from '../../../core/basis/index.ts';

const inWords = (value: number): string => value.toLocaleString('en-GB', { maximumFractionDigits: 3 }).replace('-', '−');

type Limits = { readonly min: number; readonly max: number; readonly whole?: boolean };

/** Reads what was typed into a form's entry; a cleared entry is no zero, and "1,000" is asked about. */
const typed =
  ({ min, max, whole = false }: Limits, isEmptyFine: boolean) =>
  (input: unknown, context: z.RefinementCtx): number | null => {
    if (typeof input === 'number') return input;
    const fits = (value: number): boolean => value >= min && value <= max && (!whole || Number.isInteger(value));
    const read = readNumber(typeof input === 'string' ? input : '', fits);
    if (read.kind === 'empty' && isEmptyFine) return null;
    if (read.kind === 'number' && fits(read.value)) return read.value;
    const message =
      read.kind === 'ambiguous'
        ? `${read.values.map(inWords).join(' or ')}? Write it without the sign between`
        : read.kind === 'empty'
          ? 'how much?'
          : `${whole ? 'a whole number' : 'a number'} from ${inWords(min)} to ${inWords(max)}`;
    context.addIssue({ code: 'custom', message });
    return z.NEVER;
  };

/** A number of a form with its limits, for the resolver. */
export const numberField = (limits: Limits) => z.unknown().transform((input, context) => typed(limits, false)(input, context)!);

/** The same where it may be left empty: null. */
export const maybeNumberField = (limits: Limits) => z.unknown().transform((input, context) => typed(limits, true)(input, context));
