/** A row of any version, before it is checked. */
export type RawRow = Readonly<Record<string, unknown>>;
/** A row with the table it lies in; a table that is gone since then has another name. */
export type TabledRow = { readonly table: string; readonly row: RawRow };

const isRecord = (value: unknown): value is RawRow => typeof value === 'object' && value !== null && !Array.isArray(value);

/**
 * What version 2 added to the kit, as a new kitchen had it then. Frozen: a later default doesn't change what an old kitchen becomes.
 */
const KIT_OF_2 = {
  eggMarket: 'us',
  climate: 'usual',
  fillTaste: 'even',
  spoons: [
    { id: 'cup', name: 'Cup', volume_mL: 236.6 },
    { id: 'half-cup', name: 'Half cup', volume_mL: 118.3 },
    { id: 'third-cup', name: 'Third cup', volume_mL: 78.9 },
    { id: 'quarter-cup', name: 'Quarter cup', volume_mL: 59.1 },
    { id: 'tablespoon', name: 'Tablespoon', volume_mL: 14.8 },
    { id: 'teaspoon', name: 'Teaspoon', volume_mL: 4.93 },
    { id: 'half-teaspoon', name: 'Half teaspoon', volume_mL: 2.46 },
    { id: 'quarter-teaspoon', name: 'Quarter teaspoon', volume_mL: 1.23 },
  ],
  scales: [{ id: 'scale', name: 'Kitchen scale', resolution_g: 1, most_g: 5000 }],
  bowls: [
    { id: 'small', name: 'Small bowl', volume_mL: 1200, material: 'glass' },
    { id: 'medium', name: 'Medium bowl', volume_mL: 2800, material: 'metal' },
    { id: 'large', name: 'Large bowl', volume_mL: 5500, material: 'metal' },
    { id: 'jug', name: 'Measuring jug', volume_mL: 1000, material: 'plastic' },
  ],
  pricesPerKg: {},
  currency: '€',
} as const;

/** Version 1 had a smaller kit, lots without weights and runs without preparation. */
const from1 = ({ table, row }: TabledRow): TabledRow[] => {
  if (table === 'kits') return [{ table, row: { ...KIT_OF_2, ...row } }];
  if (table === 'lots') return [{ table, row: { weighed: [], ...row } }];
  return [{ table, row: table === 'runs' ? { prep: [], ...row } : row }];
};

/** The mass of a bowl counted what was stirred in; now the log alone says it. */
const withoutAdded = (header: RawRow, log: readonly unknown[]): RawRow => {
  const added = log.reduce<number>((total, event) => {
    const data = isRecord(event) && event['kind'] === 'added' ? event['data'] : null;
    const grams = isRecord(data) ? data['grams'] : null;
    return typeof grams === 'number' ? total + grams : total;
  }, 0);
  const mass_g = header['mass_g'];
  return added > 0 && typeof mass_g === 'number' ? { ...header, mass_g: Math.max(0.1, mass_g - added) } : header;
};

/** An event's number stands beside it, so that a store can look it up. */
const numbered = (row: RawRow): RawRow => {
  const event = row['event'];
  return 'seq' in row || !isRecord(event) ? row : { ...row, seq: event['seq'] };
};

/**
 * Version 2 kept the events of a lot within it. Its stores were opened from version 1 without preparation and its files numbered events only
 * inside: both are made good here. The bench is called a workspace.
 */
const from2 = ({ table, row }: TabledRow): TabledRow[] => {
  if (table === 'lots') {
    const { events, ...header } = row;
    const log = Array.isArray(events) ? (events as unknown[]) : [];
    return [
      { table, row: withoutAdded(header, log) },
      ...log.map((event, i) => ({ table: 'lotEvents', row: { lotId: row['id'], seq: isRecord(event) ? event['seq'] : i, event } })),
    ];
  }
  if (table === 'loadEvents' || table === 'weighEvents') return [{ table, row: numbered(row) }];
  if (table === 'runs') return [{ table, row: { ...row, prep: row['prep'] ?? [] } }];
  if (table === 'benches') return [{ table: 'workspaces', row: { ...row, id: 'workspace' } }];
  return [{ table, row }];
};

/** Version 3 knew no clock that was set in the log of a bowl: its rows are sound as they are. */
const from3 = (row: TabledRow): TabledRow[] => [row];

/** What a run of version 4 said of its first dish; its other dishes were the same without the last five. */
const DISH_OF_4 = [
  ...['formulaId', 'ironIds', 'people', 'piecesPerPerson', 'batter_g', 'goesTo', 'prep'],
  ...['target', 'batter_C', 'onPlate', 'delay_s', 'turn_s', 'lightness'],
  ...['variants', 'fromKept', 'besides', 'hold', 'holdPlaces'],
] as const;

/** Version 4 laid the first dish of a run flat into it and the others beside: now all are one list. A row that has one already stays as it is. */
const from4 = ({ table, row }: TabledRow): TabledRow[] => {
  if (table !== 'runs' || 'dishes' in row) return [{ table, row }];
  const { otherDishes, ...run } = row;
  const isOfDish = ([key]: [string, unknown]): boolean => (DISH_OF_4 as readonly string[]).includes(key);
  const entries = Object.entries(run);
  const first = { id: 'own', ...Object.fromEntries(entries.filter(isOfDish)) };
  const others: readonly unknown[] = Array.isArray(otherDishes) ? otherDishes : [];
  return [{ table, row: { ...Object.fromEntries(entries.filter((entry) => !isOfDish(entry))), dishes: [first, ...others] } }];
};

/** Version 5 knew neither the light nor that it still steams: its rows are sound as they are. */
const from5 = (row: TabledRow): TabledRow[] => [row];

/** Version 6 had no pictures of loads and no acts of recipes: its rows are sound as they are. */
const from6 = (row: TabledRow): TabledRow[] => [row];

const STEPS: Readonly<Record<number, (row: TabledRow) => TabledRow[]>> = { 1: from1, 2: from2, 3: from3, 4: from4, 5: from5, 6: from6 };

/** The newest version of rows; what is broken in an old one stays so and is found when it is checked. */
export const NEWEST_VERSION = 7;

/** A row of an older version as the newest has it: the same one, changed, or several. Store and file go the same way. */
export const upgradedRows = (row: TabledRow, version: number): TabledRow[] => {
  const step = STEPS[version];
  return step === undefined ? [row] : step(row).flatMap((next) => upgradedRows(next, version + 1));
};
