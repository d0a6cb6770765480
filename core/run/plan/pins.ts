import { earliestPour_s, latestPour_s, tasksOfSlot } from './hands.ts';
import type { HandTask } from './hands.ts';
import { changeOver_s, turnaround_s } from './cycle.ts';
import type { Slot } from './cycle.ts';
import type { Finding } from '../../basis/index.ts';
import { inOrder } from './schedule.ts';

/** A load that somebody put where it is: load `n` (from 1) of this iron is poured so long before the morning is served, s. */
export type Pin = { readonly ironId: string; readonly n: number; readonly beforeServe_s: number };

/** Moments closer than this are one. */
const SAME_S = 1e-6;

const movedTo = (slot: Slot, pour_s: number): Slot => ({ ...slot, pour_s, open_s: pour_s + slot.open_s - slot.pour_s });

/** From this pour to the next on the same iron, s, at the least. */
const apart_s = (before: Slot, next: Slot): number =>
  before.open_s - before.pour_s + turnaround_s(before.iron) + changeOver_s(before.iron, next.iron);

/**
 * The same loads with some of them pinned: what comes before a pin on its iron is moved earlier as far as it has to be, what comes after it later, and no
 * hand is wanted twice at once. `pour_s`: by `Pin`, when it is poured on the clock of the slots. A pin that can't be kept (no hand is there, or the loads
 * between two pins don't fit) is left out, the others are kept: `pin-impossible`. A pin of a load that isn't there any more means nothing.
 */
export const keepPins = (
  slots: readonly Slot[],
  pins: readonly { readonly pin: Pin; readonly pour_s: number }[],
  hands: number,
  blocked: readonly HandTask[],
): Placed & { readonly findings: readonly Finding[] } => {
  // Of one load the newest counts.
  const newest = [...new Map(pins.map((one) => [`${one.pin.ironId}/${one.pin.n}`, one])).values()];
  const kept = newest.flatMap(({ pin, pour_s }) => {
    const slot = slots.find(({ iron, n }) => iron.ironId === pin.ironId && n === pin.n);
    return slot === undefined ? [] : [{ pin, slot: movedTo(slot, pour_s) }];
  });
  const fieldsOf = ({ ironId, n }: Pin) => ({ iron: slots.find(({ iron }) => iron.ironId === ironId)?.iron.name ?? ironId, load: n });
  // Each that can be kept beside those before it.
  let placed: Placed = { slots, pinned: new Set() };
  const together: Slot[] = [];
  const findings: Finding[] = [];
  for (const { pin, slot } of kept) {
    const tried = placedAround(slots, [...together, slot], hands, blocked);
    if (tried === null) findings.push({ code: 'pin-impossible', level: 'warning', fields: fieldsOf(pin) });
    else {
      placed = tried;
      together.push(slot);
    }
  }
  return { ...placed, findings };
};

type Placed = { readonly slots: readonly Slot[]; readonly pinned: ReadonlySet<Slot> };

/** Null: they can't all be kept. */
const placedAround = (slots: readonly Slot[], pinned: readonly Slot[], hands: number, blocked: readonly HandTask[]): Placed | null => {
  const busy: HandTask[] = [...blocked];
  for (const slot of pinned) {
    if (earliestPour_s(slot.iron, slot.n, slot.pour_s, busy, hands) > slot.pour_s + SAME_S) return null;
    busy.push(...tasksOfSlot(slot));
  }
  const done: Slot[] = [...pinned];
  const place = (slot: Slot): void => {
    done.push(slot);
    busy.push(...tasksOfSlot(slot));
  };
  const onIron = ({ index }: Slot): readonly Slot[] => slots.filter((other) => other.index === index);
  const isPinned = (slot: Slot): boolean => pinned.some(({ index, n }) => index === slot.index && n === slot.n);
  const at = (index: number, n: number): Slot | undefined => done.find((other) => other.index === index && other.n === n);
  const isBeforePin = (slot: Slot): boolean => pinned.some(({ index, n }) => index === slot.index && n > slot.n);
  // What comes before a pin, the last first: no later than it was, and in time for what follows it.
  const before = slots.filter((slot) => !isPinned(slot) && isBeforePin(slot)).sort((a, b) => b.pour_s - a.pour_s);
  for (const slot of before) {
    const next = at(slot.index, slot.n + 1);
    if (next === undefined) return null;
    const latest_s = Math.min(slot.pour_s, next.pour_s - apart_s(slot, next));
    const pour_s = latestPour_s(slot.iron, slot.n, latest_s, busy, hands);
    if (pour_s === null) return null;
    const pinBefore = pinned.filter(({ index, n }) => index === slot.index && n < slot.n).at(-1);
    if (pinBefore !== undefined && pour_s < pinBefore.pour_s + apart_s(pinBefore, slot) - SAME_S) return null;
    place(movedTo(slot, pour_s));
  }
  // Two pins of one iron with nothing between them.
  for (const slot of pinned) {
    const next = at(slot.index, slot.n + 1);
    if (next !== undefined && next.pour_s < slot.pour_s + apart_s(slot, next) - SAME_S) return null;
  }
  const after = slots.filter((slot) => !isPinned(slot) && !isBeforePin(slot)).sort((a, b) => a.pour_s - b.pour_s);
  for (const slot of after) {
    const previous = onIron(slot).some(({ n }) => n === slot.n - 1) ? at(slot.index, slot.n - 1) : undefined;
    const free_s = previous === undefined ? slot.pour_s : Math.max(slot.pour_s, previous.pour_s + apart_s(previous, slot));
    place(movedTo(slot, earliestPour_s(slot.iron, slot.n, free_s, busy, hands)));
  }
  return { slots: inOrder(done), pinned: new Set(pinned) };
};
