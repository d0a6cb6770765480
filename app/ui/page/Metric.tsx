type FactProps = {
  readonly name: string;
  readonly value: string;
  /** What a test or a reader of the page can look the figure up by; the name when it isn't given. */
  readonly figure?: string;
  readonly exact?: number;
  readonly note?: string;
  readonly big?: boolean;
};

/** A figure under its name, in a definition list. */
export const Metric = ({ name, value, figure = name, exact, note, big = false }: FactProps) => (
  <div>
    <dt className="text-[15px] text-quiet">{name}</dt>
    <dd className={`figure ${big ? 'text-4xl' : 'text-2xl'}`} data-figure={figure} data-exact={exact}>
      {value}
    </dd>
    {note !== undefined && <dd className="text-sm text-quiet">{note}</dd>}
  </div>
);
