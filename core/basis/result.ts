import type { Code, Coded, CodeFields, None } from './codes.ts';

/** A finding of the core: a code with its fields. The words are made outside, in `words/`. */
export type Finding<C extends Code = Code> = Coded<C> & { readonly level: 'note' | 'warning' | 'hazard' };

/** Why something could not be done: a code with its fields, never a sentence. */
export type Failure<C extends Code = Code> = Coded<C>;

export type Result<T> = { readonly ok: true; readonly value: T } | { readonly ok: false; readonly failure: Failure };

export const success = <T>(value: T): Result<T> => ({ ok: true, value });

/** The fields of a code as arguments: none where it has none. */
export type FieldsOf<C extends Code> = CodeFields[C] extends None ? [] : [fields: CodeFields[C]];

/** A code with its fields, for where they are made one by one. */
export const coded = <C extends Code>(code: C, ...[fields]: FieldsOf<C>): Coded<C> => ({ code, fields: fields ?? {} }) as Coded<C>;

export const finding = <C extends Code>(level: Finding['level'], code: C, ...fields: FieldsOf<C>): Finding<C> => ({
  ...coded(code, ...fields),
  level,
});

/** A failure as a result. */
export const failure = <C extends Code>(code: C, ...fields: FieldsOf<C>): Result<never> => ({
  ok: false,
  failure: coded(code, ...fields) as Failure,
});
