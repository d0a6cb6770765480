import type { LucideIcon } from 'lucide-react';
import { BookOpenText, Flame, Grid3x3, Joystick, NotebookPen, Package, Route, Scale, Waves, Wrench } from 'lucide-react';

export type Station = {
  readonly path: string;
  readonly name: string;
  readonly key: string;
  readonly icon: LucideIcon;
  readonly group: 'before' | 'hot' | 'after' | 'kit';
};

/** In the order of the work. Keys are the letter each is known by. */
export const STATIONS: readonly Station[] = [
  { path: '/run', name: 'Run', key: 'r', icon: Route, group: 'before' },
  { path: '/formula', name: 'Formula', key: 'f', icon: NotebookPen, group: 'before' },
  { path: '/weigh', name: 'Weigh', key: 'w', icon: Scale, group: 'before' },
  { path: '/lift', name: 'Lift', key: 'h', icon: Waves, group: 'before' },
  { path: '/iron', name: 'Iron', key: 'i', icon: Grid3x3, group: 'hot' },
  { path: '/line', name: 'Line', key: 'l', icon: Flame, group: 'hot' },
  { path: '/keep', name: 'Keep', key: 'k', icon: Package, group: 'after' },
  { path: '/book', name: 'Book', key: 'b', icon: BookOpenText, group: 'after' },
  { path: '/practice', name: 'Practice', key: 'x', icon: Joystick, group: 'after' },
  { path: '/kit', name: 'Kit', key: 't', icon: Wrench, group: 'kit' },
];
