/** The colours of the interface by name, as the style sheet has them (tested): for what draws on a canvas, where a name of the style sheet says nothing. */
export const COLOURS = {
  page: '#eef0ee',
  sheet: '#f9faf8',
  line: '#c9d0cc',
  track: '#dde2df',
  ink: '#20262a',
  quiet: '#566167',
  act: '#14535a',
  'act-soft': '#d9e6e4',
  hazard: '#b5331c',
  'hazard-soft': '#f7e3dd',
  band: '#a3b8b1',
  now: '#14535a',
  late: '#e2492b',
} as const;
export type ColourName = keyof typeof COLOURS;

/** A colour by its name, for drawings: it follows light and dark. */
export const colour = (name: ColourName): string => `var(--color-${name})`;
