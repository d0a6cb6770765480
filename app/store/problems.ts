import type { SetAside } from '../../core/kitchen/index.ts';

/** Rows of this kitchen that could not be read, by table and key: named on screen, exported as they are, and out of everything else. */
export class Problems {
  private found: ReadonlyMap<string, SetAside> = new Map();
  private readonly listeners = new Set<() => void>();

  get all(): ReadonlyMap<string, SetAside> {
    return this.found;
  }

  subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  note(aside: SetAside): void {
    const name = `${aside.table}/${aside.key}`;
    if (this.found.get(name)?.raw === aside.raw) return;
    this.found = new Map(this.found).set(name, aside);
    // Found while a screen is being drawn: told afterwards.
    queueMicrotask(() => {
      for (const listener of this.listeners) listener();
    });
  }
}
