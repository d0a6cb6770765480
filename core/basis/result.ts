/** A finding of the core: a code with its fields. The words are made outside, in `words/`. */
export type Finding = {
  readonly code: string;
  readonly level: 'note' | 'warning' | 'hazard';
  readonly fields: Readonly<Record<string, number | string>>;
};

/** Why something could not be done: a code with its fields, never a sentence. */
export type Failure = {
  readonly code: string;
  readonly fields: Readonly<Record<string, number | string>>;
};

export type Result<T> = { readonly ok: true; readonly value: T } | { readonly ok: false; readonly failure: Failure };

export const success = <T>(value: T): Result<T> => ({ ok: true, value });

export const failure = <T>(code: string, fields: Failure['fields'] = {}): Result<T> => ({
  ok: false,
  failure: { code, fields },
});
