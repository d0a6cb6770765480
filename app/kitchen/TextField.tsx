import type { InputHTMLAttributes, Ref } from 'react';
import { useId } from 'react';

type Props = InputHTMLAttributes<HTMLInputElement> & {
  readonly label: string;
  readonly hint?: string;
  readonly error: { readonly message?: string | undefined } | undefined;
  readonly ref?: Ref<HTMLInputElement>;
};

/** A labelled entry of a form; what is wrong stands under it, and what was typed stays. */
export const TextField = ({ label, hint, error, ...input }: Props) => {
  const id = useId();
  return (
    <div className="flex flex-col gap-1 text-[15px]">
      <label htmlFor={id}>{label}</label>
      <input id={id} className="entry" aria-invalid={error !== undefined} aria-describedby={`${id}-more`} {...input} />
      <span
        id={`${id}-more`}
        role={error === undefined ? undefined : 'alert'}
        className={error === undefined ? 'text-quiet' : 'font-semibold text-hazard'}
      >
        {error?.message ?? hint}
      </span>
    </div>
  );
};
