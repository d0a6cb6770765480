import type { LucideIcon } from 'lucide-react';
import { BookOpenText, Flame, Grid3x3, Joystick, NotebookPen, Package, Route, Scale, Waves, Wrench } from 'lucide-react';
import type { StationPath } from '../keys/index.ts';
import { STATION_LETTERS } from '../keys/index.ts';

export type Station = {
  readonly path: StationPath;
  readonly name: string;
  readonly key: string;
  readonly icon: LucideIcon;
  readonly group: 'before' | 'hot' | 'after' | 'kit';
};

const WITHOUT_KEYS: readonly Omit<Station, 'key'>[] = [
  { path: '/run', name: 'Run', icon: Route, group: 'before' },
  { path: '/formula', name: 'Formula', icon: NotebookPen, group: 'before' },
  { path: '/weigh', name: 'Weigh', icon: Scale, group: 'before' },
  { path: '/lift', name: 'Lift', icon: Waves, group: 'before' },
  { path: '/iron', name: 'Iron', icon: Grid3x3, group: 'hot' },
  { path: '/line', name: 'Line', icon: Flame, group: 'hot' },
  { path: '/keep', name: 'Keep', icon: Package, group: 'after' },
  { path: '/book', name: 'Book', icon: BookOpenText, group: 'after' },
  { path: '/practice', name: 'Practice', icon: Joystick, group: 'after' },
  { path: '/kit', name: 'Kit', icon: Wrench, group: 'kit' },
];

/** In the order of the work. */
export const STATIONS: readonly Station[] = WITHOUT_KEYS.map((station) => ({ ...station, key: STATION_LETTERS[station.path] }));
