import type { Coded } from '../../core/basis/index.ts';
import { Listeners } from '../listeners.ts';

/** Something that has to be told once: a write that was refused, a change that was put on top of another tab's. */
export type Notice = { readonly id: number; readonly what: Coded };

/** What is to be told, until somebody has read it. One list for the whole page. */
export class Notices {
  private list: readonly Notice[] = [];
  private count = 0;
  private readonly listeners = new Listeners();

  get all(): readonly Notice[] {
    return this.list;
  }

  readonly subscribe = this.listeners.subscribe;

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
    this.listeners.tell();
  }
}

export const notices = new Notices();
