/** A line or a fill of a chart and what it is called. */
export type ChartKey = {
  readonly name: string;
  readonly colour: string;
  readonly dash?: 'solid' | 'dashed' | 'dotted' | readonly number[];
  /** For bars: what they are filled with; the colour is their rim. */
  readonly fill?: string;
};

/** The same as the chart, in words and figures. */
export type ChartTable = { readonly head: readonly string[]; readonly rows: readonly (readonly string[])[] };
