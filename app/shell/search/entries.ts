import type { Session } from '../../session/index.ts';

/** Something that can be found: what it is, and where it is opened. */
export type SearchEntry = {
  readonly id: string;
  readonly kind: string;
  readonly name: string;
  readonly to: string;
  readonly onOpen?: () => void;
};

/** What stands in the sections of the kitchen, by the words that a cook looks for. */
const SETTINGS: readonly (readonly [string, string])[] = [
  ['place', 'Altitude, room temperature, time zone'],
  ['units', 'Units: grams, degrees, cups, currency'],
  ['tools', 'Scales, scoops, bowls, reheaters'],
  ['circuits', 'Circuits and fuses'],
  ['ingredients', 'Ingredients of your own, prices'],
  ['data', 'Export, import, backup'],
  ['appearance', 'Light and dark'],
];

/** Everything in the kitchen that has a name, and its settings. */
export const entriesOf = ({ formulas, irons, runs, lots, setWorkspace }: Session): readonly SearchEntry[] => [
  ...formulas.map(({ id, name }) => ({
    id: `recipe/${id}`,
    kind: 'Recipe',
    name,
    to: '/recipe',
    onOpen: () => setWorkspace({ formulaId: id }),
  })),
  ...irons.map(({ id, name }) => ({ id: `iron/${id}`, kind: 'Iron', name, to: '/iron', onOpen: () => setWorkspace({ ironId: id }) })),
  ...runs.map(({ id, name }) => ({ id: `plan/${id}`, kind: 'Plan', name, to: '/plan', onOpen: () => setWorkspace({ runId: id }) })),
  ...lots.map(({ id, name }) => ({ id: `bowl/${id}`, kind: 'Bowl', name, to: '/larder' })),
  ...SETTINGS.map(([section, name]) => ({ id: `kitchen/${section}`, kind: 'Kitchen', name, to: `/kitchen?section=${section}` })),
];

/** Without accents and capitals. */
const plain = (text: string): string => text.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase();

/** Those in which every typed word occurs, a name that begins with it first. Nothing typed: none. `most`: as many as fit a screen. */
export const foundIn = (entries: readonly SearchEntry[], typed: string, most = 12): readonly SearchEntry[] => {
  const words = plain(typed).split(/\s+/).filter(Boolean);
  if (words.length === 0) return [];
  const hits = entries.filter(({ name, kind }) => {
    const text = plain(`${name} ${kind}`);
    return words.every((word) => text.includes(word));
  });
  const begins = ({ name }: SearchEntry): number => (plain(name).startsWith(words[0] ?? '') ? 0 : 1);
  return [...hits].sort((a, b) => begins(a) - begins(b)).slice(0, most);
};
