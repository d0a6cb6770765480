export const Choose = <T extends string>({
  label,
  value,
  options,
  onChange,
}: {
  readonly label: string;
  readonly value: T;
  readonly options: Readonly<Record<T, string>>;
  readonly onChange: (value: T) => void;
}) => (
  <label className="flex flex-col gap-1 text-[15px]">
    {label}
    <select className="entry w-full" value={value} onChange={(event) => onChange(event.target.value as T)}>
      {Object.entries<string>(options).map(([key, word]) => (
        <option key={key} value={key}>
          {word}
        </option>
      ))}
    </select>
  </label>
);

export const Tick = ({
  label,
  checked,
  onChange,
}: {
  readonly label: string;
  readonly checked: boolean;
  readonly onChange: (checked: boolean) => void;
}) => (
  <label className="inline-flex min-h-11 items-center gap-2">
    <input type="checkbox" className="size-5 accent-act" checked={checked} onChange={(event) => onChange(event.target.checked)} />
    {label}
  </label>
);
