import { Listeners } from '../listeners.ts';
import { keepJson, keptJson } from '../webStorage.ts';

/** The wall clock and the monotonic one came apart by `jump_ms` (later is positive); `at` (epoch ms) is on the new clock. */
export type Jump = {
  readonly id: string;
  readonly at: number;
  readonly jump_ms: number;
  /** The cook says that the clock was set. */
  readonly isSet?: true;
};

const KEY = 'tawny-lattice-jumps';
/** Noticed within this time and alike in size, a jump is the same one. */
const SAME_MS = 30_000;
const SAME_SIZE_MS = 2000;

/** Two tabs notice the same jump a moment apart; so it is noticed, pending or in a log once. */
export const isSameJump = (a: Pick<Jump, 'at' | 'jump_ms'>, b: Pick<Jump, 'at' | 'jump_ms'>): boolean =>
  Math.abs(a.at - b.at) < SAME_MS && Math.abs(a.jump_ms - b.jump_ms) < SAME_SIZE_MS;

const isJump = (one: unknown): one is Jump =>
  typeof one === 'object' && one !== null && 'id' in one && 'at' in one && 'jump_ms' in one && Number.isFinite(one.at);

const read = (): readonly Jump[] => {
  const found = keptJson('browser', KEY);
  return Array.isArray(found) ? found.filter(isJump) : [];
};

/**
 * Jumps of the clock that aren't settled yet: not written into the logs, or not answered by the cook. Written down at once and without waiting, so that
 * a page that goes in that moment loses none of them; shared by all tabs.
 */
class PendingJumps {
  private list: readonly Jump[] | null = null;
  private readonly listeners = new Listeners();

  get all(): readonly Jump[] {
    return (this.list ??= read());
  }

  readonly subscribe = this.listeners.subscribe;

  add(jump: Jump): void {
    const before = read();
    const isKnown = before.some((other) => isSameJump(other, jump));
    if (!isKnown) this.write([...before, jump]);
  }

  /** The cook's answer, written down at once: what follows from it may take longer than the page lives. */
  wasSet(id: string): void {
    this.write(read().map((jump) => (jump.id === id ? { ...jump, isSet: true } : jump)));
  }

  settle(id: string): void {
    this.write(read().filter((other) => other.id !== id));
  }

  /** Another tab has noticed or settled one. */
  readonly lookAgain = (): void => {
    this.list = read();
    this.listeners.tell();
  };

  private write(list: readonly Jump[]): void {
    keepJson('browser', KEY, list);
    this.list = list;
    this.listeners.tell();
  }
}

export const pendingJumps = new PendingJumps();
