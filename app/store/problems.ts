import type { SetAside } from '../../core/kitchen/index.ts';
import { Listeners } from '../listeners.ts';

/** Rows of this kitchen that could not be read, by table and key: named on screen, exported as they are, and out of everything else. */
export class Problems {
  private found: ReadonlyMap<string, SetAside> = new Map();
  private readonly listeners = new Listeners();

  get all(): ReadonlyMap<string, SetAside> {
    return this.found;
  }

  readonly subscribe = this.listeners.subscribe;

  note(aside: SetAside): void {
    const name = `${aside.table}/${aside.key}`;
    if (this.found.get(name)?.raw === aside.raw) return;
    this.found = new Map(this.found).set(name, aside);
    // Found while a screen is being drawn: told afterwards.
    queueMicrotask(() => this.listeners.tell());
  }
}
