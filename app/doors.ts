import type { LucideIcon } from 'lucide-react';
import { BookOpenText, Clock, CookingPot, Flame, Grid3x3, NotebookPen, Refrigerator } from 'lucide-react';
import type { DoorPath } from './keys/index.ts';
import { DOOR_KEYS } from './keys/index.ts';

export type Door = {
  readonly path: DoorPath;
  readonly name: string;
  readonly key: string;
  readonly icon: LucideIcon;
};

const WITHOUT_KEYS: readonly Omit<Door, 'key'>[] = [
  { path: '/plan', name: 'Plan', icon: Clock },
  { path: '/recipe', name: 'Recipe', icon: NotebookPen },
  { path: '/iron', name: 'Iron', icon: Grid3x3 },
  { path: '/cook', name: 'Cook', icon: Flame },
  { path: '/larder', name: 'Larder', icon: Refrigerator },
  { path: '/log', name: 'Log', icon: BookOpenText },
  { path: '/kitchen', name: 'Kitchen', icon: CookingPot },
];

/** In the order of the work. */
export const DOORS: readonly Door[] = WITHOUT_KEYS.map((door) => ({ ...door, key: DOOR_KEYS[door.path] }));

/** A phone shows these at its lower edge, and the others under *More*. */
export const PHONE_DOORS = 4;

/** Where each address of earlier versions leads now. */
export const OLD_ADDRESSES: Readonly<Record<string, string>> = {
  run: '/plan',
  formula: '/recipe',
  weigh: '/recipe/weigh',
  lift: '/recipe/mix',
  line: '/cook',
  keep: '/larder',
  book: '/log',
  practice: '/iron/practice',
  kit: '/kitchen',
  begin: '/setup',
};

export const doorOf = (pathname: string): Door | undefined =>
  DOORS.find(({ path }) => pathname === path || pathname.startsWith(`${path}/`));

/** What can be opened over any door. */
export type OpenSheet = 'help' | 'search' | null;
/** Given to every door: opens it. */
export type OpenSheets = (sheet: OpenSheet) => void;
