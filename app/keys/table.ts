import type { Kit } from '../../core/kit/index.ts';

/** Every key that does something on one of the screens: what is listened to, what is announced and what the help shows is this list. */
const KEYS = {
  'line.poured': { key: 'p', where: 'Cook', what: 'poured, on the iron that is next' },
  'line.closed': { key: 'c', where: 'Cook', what: 'closed' },
  'line.opened': { key: 'o', where: 'Cook', what: 'opened' },
  'line.undo': { key: 'u', where: 'Cook', what: 'undo the last touch' },
  'weigh.next': { key: 'space', where: 'Weigh', what: 'what is next: zero, weighed, done' },
  'weigh.undo': { key: 'u', where: 'Weigh', what: 'undo' },
  'weigh.zero': { key: 'z', where: 'Weigh', what: 'zero the scale' },
  'practice.pour': { key: 'c', where: 'Practice', what: 'pour and close' },
  'practice.open': { key: 'o', where: 'Practice', what: 'open' },
  'practice.look': { key: 'e', where: 'Practice', what: 'look' },
} as const;
/** The key that opens each door, by its address: its place on the rail. */
export const DOOR_KEYS = {
  '/plan': '1',
  '/recipe': '2',
  '/iron': '3',
  '/cook': '4',
  '/larder': '5',
  '/log': '6',
  '/kitchen': '7',
} as const;
/** Opens the search of everything in the kitchen. */
export const SEARCH_KEY = '/';

export type DoorPath = keyof typeof DOOR_KEYS;

export type KeyId = keyof typeof KEYS;
export type KeyHelp = { readonly id: KeyId; readonly key: string; readonly where: string; readonly what: string };

/** The touches at Cook whose letters a cook may choose, in the order in which the kitchen keeps them. */
const CHOSEN = ['line.poured', 'line.closed', 'line.opened', 'line.undo'] as const satisfies readonly KeyId[];
type ChosenId = (typeof CHOSEN)[number];
export const USUAL_LINE_KEYS = CHOSEN.map((id) => KEYS[id].key).join('');

/** The key of a touch that no cook can change. */
export const fixedKey = (id: Exclude<KeyId, ChosenId>): string => KEYS[id].key;

/** The key of a touch in this kitchen; null: the cook wants none. */
export const keyOf = (id: KeyId, { lineKeys = USUAL_LINE_KEYS }: Pick<Kit, 'lineKeys'>): string | null => {
  const at = (CHOSEN as readonly KeyId[]).indexOf(id);
  return at < 0 ? KEYS[id].key : (lineKeys[at] ?? null);
};

/** What the help sheet shows: keys that are off aren't there. */
export const keyHelp = (kit: Pick<Kit, 'lineKeys'>): readonly KeyHelp[] =>
  (Object.keys(KEYS) as KeyId[]).flatMap((id) => {
    const key = keyOf(id, kit);
    return key === null ? [] : [{ id, key, where: KEYS[id].where, what: KEYS[id].what }];
  });

/** As `aria-keyshortcuts` writes it. */
export const announced = (key: string | null): string | undefined => (key === null ? undefined : key === 'space' ? 'Space' : key);
