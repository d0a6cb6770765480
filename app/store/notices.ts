import type { Coded } from '../../core/basis/index.ts';

/** Something that has to be told once: a write that was refused, a change that was put on top of another tab's. */
export type Notice = { readonly id: number; readonly what: Coded };

/** What is to be told, until somebody has read it. One list for the whole page. */
export class Notices {
  private list: readonly Notice[] = [];
  private count = 0;
  private readonly listeners = new Set<() => void>();

  get all(): readonly Notice[] {
    return this.list;
  }

  subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  tell(what: Coded): void {
    // The same thing again is the same notice.
    const same = this.list.filter((other) => other.what.code !== what.code);
    this.change([...same, { id: ++this.count, what }]);
  }

  drop(id: number): void {
    this.change(this.list.filter((other) => other.id !== id));
  }

  private change(list: readonly Notice[]): void {
    this.list = list;
    for (const listener of this.listeners) listener();
  }
}

export const notices = new Notices();
