import { useHotkeys } from 'react-hotkeys-hook';
import type { Act } from '../../core/line/index.ts';
import { hasLoadIn } from '../../core/line/index.ts';
import { clock } from '../clock/index.ts';
import type { KeyId } from '../keys/index.ts';
import { keyOf, PAGE_KEYS } from '../keys/index.ts';
import { useGuard } from '../ui/index.ts';
import type { LinePlace } from './line/linePlace.ts';
import type { Cook } from './useCook.ts';
import { TOUCHES } from './useCook.ts';

const dueAt = ({ progress, prediction }: LinePlace): number => (progress?.closedAt ?? 0) + (prediction?.cookTime_s.best ?? 0) * 1000;

/** p, c, o and u (or what the cook has put in their place) act on the iron that they make sense for: the first in that phase. A key that is held counts once. */
export const useCookKeys = ({ stateAt, places, held, isReady, kit, pour, touch, note }: Cook): void => {
  // Each key for itself: one after another may come as quickly as fingers are.
  const guards = { p: useGuard(), c: useGuard(), o: useGuard(), u: useGuard() };
  /** What the panel asks for, if it is this. */
  const due = (act: Act): LinePlace | undefined => {
    const { panel } = stateAt(clock.now());
    return panel.kind === 'act' && panel.due.act === act ? places.find(({ iron }) => iron.id === panel.due.ironId) : undefined;
  };
  const letter = (id: KeyId): string => keyOf(id, kit) ?? '';
  const options = { ...PAGE_KEYS, enabled: held && keyOf('line.poured', kit) !== null };
  const onKey = (key: keyof typeof guards, act: () => void) => {
    const guarded = guards[key](act);
    return (event: KeyboardEvent): void => {
      if (!event.repeat) guarded();
    };
  };
  useHotkeys(
    letter('line.poured'),
    onKey('p', () => {
      const place = due('pour') ?? places.find((one) => !hasLoadIn(one) && !one.isRemoved);
      if (place !== undefined && isReady) pour(place);
    }),
    options,
  );
  useHotkeys(
    letter('line.closed'),
    onKey('c', () => {
      const place = places.find(({ progress }) => progress?.phase === 'poured');
      if (place !== undefined) touch(place, TOUCHES.close);
    }),
    options,
  );
  useHotkeys(
    letter('line.opened'),
    onKey('o', () => {
      const cooking = places.filter(({ progress }) => progress?.phase === 'cooking');
      const place = due('open') ?? cooking.sort((a, b) => dueAt(a) - dueAt(b))[0];
      if (place !== undefined) touch(place, TOUCHES.open);
    }),
    options,
  );
  useHotkeys(
    letter('line.undo'),
    onKey('u', () => {
      const touched = places.filter(({ progress }) => progress?.lastUndoable != null);
      const place = touched.sort((a, b) => (b.progress?.lastUndoable?.at ?? 0) - (a.progress?.lastUndoable?.at ?? 0))[0];
      const last = place?.progress?.lastUndoable;
      if (place !== undefined && last != null) note(place, { kind: 'undone', data: { seq: last.seq } });
    }),
    options,
  );
};
